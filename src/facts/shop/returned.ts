import { sheetShare } from '@/core/thinning';
import type { Coating, Thinner } from '@/records';
import { binderOf } from '../job/diluents';
import type { ShelfCan } from './shelf';

/** Why nothing of a paint goes back into its cans. */
export type NoReturn = 'two-part' | 'moisture-curing';

/** What was mixed or met the air’s damp ruins a can, or bursts it. */
export const noReturn = (sheet: Coating): NoReturn | undefined =>
  binderOf(sheet) === 'moisture-curing'
    ? 'moisture-curing'
    : sheet.components.length > 1
      ? 'two-part'
      : undefined;

/** What would be poured back. */
export interface PouredBack {
  /** kg, and how much of it is thinner. */
  readonly mass: number;
  readonly thinner: number;
}

/** What a can would be after something was poured back into it. */
export interface ReturnEffect {
  readonly can: ShelfCan['can'];
  /** m³ in it then. */
  readonly left: number;
  /** Thinner in it then, in the sheet’s own percent, and as a share of the most it allows. */
  readonly share: number;
  readonly ofMost: number;
}

/**
 * What pouring back does to each can, before it is done.
 *
 * @example 14 g of rinsings into 1 L of 1000 kg/m³ that may take 10 % by mass is 14 % of that; into 20 L it is 0.7 %
 */
export function returnEffects(
  cans: readonly ShelfCan[],
  sheet: Coating,
  { mass, thinner }: PouredBack,
  liquid: Pick<Thinner, 'density'>,
): ReturnEffect[] {
  const { maximum } = sheet.thinning;
  return cans.map(({ can, left, mass: held, thinned }) => {
    const density = sheet.components.find(({ id }) => id === can.componentId)?.density ?? liquid.density;
    const inIt = thinned * held + thinner;
    const paint = held + mass - inIt;
    const batch = { mass: paint, density, base: { mass: paint, density } };
    const share = paint > 0 ? sheetShare(inIt, liquid.density, batch, sheet.thinning) : Infinity;
    return {
      can,
      left: left + thinner / liquid.density + (mass - thinner) / density,
      share,
      ofMost: maximum > 0 ? share / maximum : share > 0 ? Infinity : 0,
    };
  });
}
