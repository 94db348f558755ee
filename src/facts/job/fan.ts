import { fanAtTurns, turnsForFan, type KnobFan } from '@/core/card';
import type { EntryOf, Rig } from '@/records';

/** A fan as it was seen, and from how far. */
export interface FanSeen {
  readonly width: number;
  readonly distance: number;
  readonly from: 'card' | 'rig';
}

/** A fan widens in proportion, but only between half and double the distance it was seen from. */
const reach = { least: 0.5, most: 2 };

/** How wide a fan is at a distance, m. */
export const fanFrom = ({ width, distance }: Pick<FanSeen, 'width' | 'distance'>, at: number): number =>
  width * Math.min(Math.max(at / distance, reach.least), reach.most);

/** Is a distance outside what the fan seen says anything of? */
export const beyondFan = ({ distance }: Pick<FanSeen, 'distance'>, at: number): boolean =>
  at < distance * reach.least * (1 - 1e-9) || at > distance * reach.most * (1 + 1e-9);

/** Fans of this product that cards showed at known turns of the fan knob. */
const knobFans = (
  { patterns = [], distance }: Pick<Rig, 'patterns' | 'distance'>,
  sheetId: string,
): KnobFan[] =>
  patterns.flatMap((each) =>
    each.sheetId === sheetId && each.turns !== undefined
      ? [{ turns: each.turns, width: each.pattern.width, distance: each.distance ?? distance }]
      : [],
  );

/** Turns of the fan knob for a fan so wide from so far, where two cards of this product tell. */
export const turnsFor = (
  rig: Pick<Rig, 'patterns' | 'distance'>,
  sheetId: string,
  width: number,
  distance: number,
): number | undefined => turnsForFan(knobFans(rig, sheetId), width, distance);

/** How wide the fan is at some turns of its knob, m, where two cards of this product tell. */
export const fanOfKnob = (
  rig: Pick<Rig, 'patterns' | 'distance'>,
  sheetId: string,
  turns: number,
  distance: number,
): number | undefined => fanAtTurns(knobFans(rig, sheetId), turns, distance);

/** The narrowest and the widest fan that cards of this product showed, m from so far; none with less than two. */
export function fansKnown(
  rig: Pick<Rig, 'patterns' | 'distance'>,
  sheetId: string,
  distance: number,
): { readonly min: number; readonly max: number } | undefined {
  const known = knobFans(rig, sheetId);
  const widths = known
    .map(({ turns }) => fanAtTurns(known, turns, distance))
    .filter((each) => each !== undefined);
  return widths.length > 1 ? { min: Math.min(...widths), max: Math.max(...widths) } : undefined;
}

/**
 * The fan of a gun: from the last card of this product, else as its rig says. A card outranks what was expected; where the
 * knob stands at known turns and two cards tell its fans, it is the fan between them.
 *
 * @param turns of the fan knob as the gun is set
 */
export function fanSeen(
  rig: Pick<Rig, 'fan' | 'distance' | 'patterns'>,
  sheetId: string,
  card: EntryOf<'card'> | undefined,
  cardDistance: number | undefined,
  turns?: number,
): FanSeen {
  if (card?.pattern)
    return { width: card.pattern.width, distance: cardDistance ?? rig.distance, from: 'card' };
  const turned = turns === undefined ? undefined : fanAtTurns(knobFans(rig, sheetId), turns, rig.distance);
  if (turned !== undefined) return { width: turned, distance: rig.distance, from: 'card' };
  const kept = rig.patterns?.findLast((each) => each.sheetId === sheetId);
  return kept
    ? { width: kept.pattern.width, distance: kept.distance ?? rig.distance, from: 'card' }
    : { width: rig.fan, distance: rig.distance, from: 'rig' };
}
