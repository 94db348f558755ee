import type { Coating } from '@/records';

type Raw = Record<string, unknown>;

/** Parts of a sheet that may be left out whole: when nothing in them is filled, they are not there. */
const leftOut = ['wetFilm', 'shelf', 'vocLimit', 'vapour', 'target', 'air', 'bore', 'orifice'];
/** Choices that alone do not make a part filled. An unmade choice is an empty text in a form. */
const choices = ['counts', 'cupId', 'speed'];

/**
 * What a form holds, as a sheet is kept: optional parts with no amount in them are left out.
 */
export function withoutEmpty(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withoutEmpty);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value as Raw)
    .map(([key, part]) => [key, withoutEmpty(part)] as const)
    .filter(([key, part]) => part !== undefined && !(part === '' && choices.includes(key)))
    .filter(([key, part]) => !(leftOut.includes(key) && isEmpty(part)));
  return Object.fromEntries(entries);
}

const isEmpty = (part: unknown): boolean =>
  typeof part === 'object' &&
  part !== null &&
  Object.entries(part as Raw).every(([key, each]) => each === undefined || choices.includes(key));

/**
 * A ratio that looks like percent and does not add up to 100.
 *
 * @returns the sum, when it should be asked about
 */
export function oddSum(
  components: readonly Pick<Coating['components'][number], 'parts'>[],
): number | undefined {
  const sum = components.reduce((total, { parts }) => total + parts, 0);
  const likePercent = components.length > 1 && sum > 85 && sum < 115;
  const likeHundredTo = components.some(({ parts }) => parts === 100);
  return likePercent && !likeHundredTo && Math.abs(sum - 100) > 1e-9 ? sum : undefined;
}
