import { flowCup } from '@/core/cups';
import type { Cup } from '@/records';
import { cupOf } from '@/facts/job';

/** A standard’s cup as it is called; a cup nobody knows by the name it was written with. */
export const cupName = (id: string): string => flowCup(id)?.name ?? id;

/** What kind of cup it is, in a few words. */
export function cupKind(cup: Cup): string {
  if (cup.standardId) return `${cup.standardId}, ${flowCup(cup.standardId)?.standard ?? ''}`;
  return cupOf(cup)?.relative ? 'own, compares only with itself' : 'own, calibrated';
}

export const cupLabel = (cup: Cup): string =>
  `${cup.name} (${cup.standardId ?? (cupOf(cup)?.relative ? 'own, relative' : 'own, calibrated')})`;
