import { canonical } from '../canonical';

const isPlain = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Do two values say the same? What is undefined is not said at all. */
export const sameValue = (a: unknown, b: unknown): boolean =>
  Object.is(a, b) || (typeof a === 'object' && typeof b === 'object' && canonical(a) === canonical(b));

/**
 * A changed value with what this version does not know of the old one still in it: an older device erases nothing that a
 * newer one wrote.
 *
 * @param stored the value as it is stored
 * @param before what this version read of it
 * @param after what it is to be
 */
export function carried(stored: unknown, before: unknown, after: unknown): unknown {
  if (!isPlain(stored) || !isPlain(after)) return after;
  const read = isPlain(before) ? before : {};
  const unknown = Object.entries(stored).filter(([name]) => !(name in read) && !(name in after));
  const known = Object.entries(after).map(
    ([name, value]) => [name, carried(stored[name], read[name], value)] as const,
  );
  return Object.fromEntries([...known, ...unknown]);
}

export { isPlain };
