/**
 * Where a part of a record stands: names and keys one after the other, `layers/top/coats/c1/dry`. A part of a record that
 * says where its item stands in a list ends in `#`; `!` says that the record is there.
 */
export type Path = string;

export const here: Path = '!';
export const placeMark = '#';

const escaped = (name: string): string =>
  /[~/]/.test(name) ? name.replaceAll('~', '~0').replaceAll('/', '~1') : name;
const plain = (name: string): string => name.replaceAll('~1', '/').replaceAll('~0', '~');

export const below = (path: Path, name: string): Path =>
  path === '' ? escaped(name) : `${path}/${escaped(name)}`;

export const placeIn = (item: Path): Path => `${item}/${placeMark}`;

export const namesIn = (path: Path): string[] =>
  path.includes('~') ? path.split('/').map(plain) : path.split('/');

/** Is it this part, or one of the parts within it? */
export const within = (path: Path, outer: Path): boolean => path === outer || path.startsWith(`${outer}/`);
