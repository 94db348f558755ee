import { usualHand, type Hand } from '@/core/evenness';
import type { Job, PracticeTry, Shop } from '@/records';

/** Tries a hand’s spread is taken from, and how many make one. */
const latest = 8;
const enough = 2;

const rms = (values: readonly number[]) =>
  Math.sqrt(values.reduce((sum, each) => sum + each * each, 0) / values.length);

export interface MeasuredHand {
  readonly name: string;
  readonly tries: number;
  readonly hand: Hand;
}

/**
 * What practice says of each person’s hand: from their last tries on a panel. Distance and tilt keep the usual spread,
 * since a pointer says nothing of them.
 */
export function measuredHands(tries: readonly PracticeTry[]): MeasuredHand[] {
  const people = [...new Set(tries.map(({ name }) => name))].sort();
  return people.flatMap((name) => {
    const own = tries
      .filter((each) => each.name === name && each.hand !== undefined)
      .sort((a, b) => a.at.localeCompare(b.at))
      .slice(-latest)
      .flatMap(({ hand }) => (hand && hand.strokes > 2 ? [hand] : []));
    if (own.length < enough) return [];
    const hand: Hand = {
      ...usualHand,
      spacing: Math.min(rms(own.map(({ spacingSpread }) => spacingSpread)), 1),
      speed: Math.min(rms(own.map(({ speedSpread }) => speedSpread)), 1),
      lead: Math.min(rms(own.map(({ leadSpread }) => leadSpread)), 0.5),
    };
    return [{ name, tries: own.length, hand }];
  });
}

/** The hand a job is reckoned with, and where it comes from. */
export function handFor(
  job: Job,
  shop: Shop,
  measured: readonly MeasuredHand[],
): { readonly hand: Hand; readonly from: 'usual' | 'own' | 'person' } {
  const chosen = job.approach.hand;
  if (chosen?.kind === 'own' && shop.hand) return { hand: shop.hand, from: 'own' };
  const person = chosen?.kind === 'person' && measured.find(({ name }) => name === chosen.name);
  return person ? { hand: person.hand, from: 'person' } : { hand: usualHand, from: 'usual' };
}
