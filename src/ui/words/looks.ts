import { defects, type DefectId } from '@/core/diagnosis';

/** What to look for, as part of a sentence. */
export function lookWords(ids: readonly DefectId[]): string {
  const names = ids.map((id) => defects[id].name.toLowerCase());
  const last = names.at(-1) ?? '';
  return names.length < 2 ? last : `${names.slice(0, -1).join(', ')} or ${last}`;
}
