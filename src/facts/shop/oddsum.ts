import type { Coating } from '@/records';

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
