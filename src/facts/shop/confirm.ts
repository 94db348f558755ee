import type { Coating } from '@/records';

/** Fields of a sheet that are still defaults after an edit: those that were, and were not touched. */
export function confirmedAfter(before: Coating, after: Coating): string[] {
  return before.assumed.filter((field) => {
    // How heavy the parts are stands with the parts.
    const key = field === 'densities' ? 'components' : (field as keyof Coating);
    return JSON.stringify(before[key]) === JSON.stringify(after[key]);
  });
}
