import { defects, type DefectId } from '@/core/diagnosis';

/** What to look for, as part of a sentence. */
export const lookWords = (ids: readonly DefectId[]): string =>
  ids.map((id) => defects[id].name.toLowerCase()).join(', ');
