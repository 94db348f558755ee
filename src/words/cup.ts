import { flowCup } from '@/core/cups';
import type { Cup } from '@/records';
import { cupOf } from '@/facts/job';

/** A standard’s cup as it is called; a cup nobody knows by the name it was written with. */
export const cupName = (id: string): string => flowCup(id)?.name ?? id;

/** What kind of cup it is, in a few words. */
export function cupKind(cup: Cup): string {
  if (cup.standardId) return flowCup(cup.standardId)?.standard ?? cup.standardId;
  return cupOf(cup)?.relative ? 'own, compares only with itself' : 'own, calibrated';
}

/** The name somebody gave it, and which cup it is where that is not the same. */
export function cupLabel(cup: Cup): string {
  const kind = cup.standardId
    ? cupName(cup.standardId)
    : cupOf(cup)?.relative
      ? 'own, relative'
      : 'own, calibrated';
  return cup.name === kind ? kind : `${cup.name} (${kind})`;
}
