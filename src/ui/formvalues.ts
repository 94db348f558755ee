type Raw = Record<string, unknown>;

/** Parts of a record that may be left out whole: when nothing in them is filled, they are not there. */
const leftOut = [
  'wetFilm',
  'totalFilm',
  'shelf',
  'vocLimit',
  'vapour',
  'target',
  'air',
  'bore',
  'orifice',
  'viscosity',
  'airHose',
  'fluidHose',
  'compressor',
  'pump',
  'turbine',
  'forbidden',
  'forced',
];
/** Lists that are not there when they are empty. */
const optionalLists = ['partsAt', 'additives'];
/** Choices that alone do not make a part filled. An unmade choice is an empty text in a form. */
const choices = ['counts', 'cupId', 'speed', 'since'];

/**
 * What a form holds, as a record is kept: optional parts with no amount in them are left out.
 */
export function withoutEmpty(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withoutEmpty);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value as Raw)
    .map(([key, part]) => [key, withoutEmpty(part)] as const)
    .filter(([key, part]) => part !== undefined && !(part === '' && choices.includes(key)))
    .filter(([key, part]) => !(optionalLists.includes(key) && Array.isArray(part) && part.length === 0))
    .filter(([key, part]) => !(leftOut.includes(key) && isEmpty(part)));
  return Object.fromEntries(entries);
}

const isEmpty = (part: unknown): boolean =>
  typeof part === 'object' &&
  part !== null &&
  Object.entries(part as Raw).every(([key, each]) => each === undefined || choices.includes(key));
