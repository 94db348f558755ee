import { canonical } from '../canonical';
import { byStamp, type Stamp } from './stamp';

/** One value written, and when; without a value, what was there was taken out. */
export interface Dot {
  readonly by: Stamp;
  readonly value?: unknown;
}

/** What a part of a record holds: one value, or several that did not replace each other. */
export type Register = readonly Dot[];

const says = ({ value }: Dot): string => (value === undefined ? '' : canonical(value));

/** The values a register holds, each once, the one that counts first: a value before none, the youngest before others. */
export function valuesOf(register: Register): readonly Dot[] {
  if (register.length < 2) return register;
  const sorted = [...register].sort(
    (a, b) => Number(b.value !== undefined) - Number(a.value !== undefined) || byStamp(b.by, a.by),
  );
  const said = new Set<string>();
  return sorted.filter((dot) => {
    const words = says(dot);
    return said.has(words) ? false : said.add(words);
  });
}

/** The value that counts until somebody decides, the same on every device. */
export const valueOf = (register: Register | undefined): unknown =>
  register && (register.length === 1 ? register[0] : valuesOf(register)[0])?.value;
