import type { Weight } from './causes';

/** One thing that is asked before the gun is lifted. */
export interface Asked {
  readonly id: string;
  readonly weight: Weight;
  readonly waivable: boolean;
  /** It is so: nothing is open. */
  readonly met: boolean;
  /** What it said of the number that is out, SI. */
  readonly found?: number;
}

/** Somebody goes on without it, and says why; of a number, of that number alone. */
export interface Waiver {
  readonly id: string;
  readonly why: string;
  readonly found?: number;
}

export interface Grant<T extends Asked> {
  readonly may: boolean;
  /** What is open, worst first in the order it was asked: stops, then cares. */
  readonly open: readonly T[];
  readonly waived: readonly { readonly item: T; readonly why: string }[];
}

const same = (a: number | undefined, b: number | undefined): boolean =>
  a === b || (a !== undefined && b !== undefined && Math.abs(a - b) <= 1e-6 * Math.max(Math.abs(a), 1e-9));

/**
 * Does a waiver hold for what is asked? Never for what cannot be waived, and not for a number that has moved since.
 *
 * Source: safety first: a stop stops
 * @example holds({ id: 'c', weight: 'care', waivable: true, met: false }, { id: 'a', why: '' }) → false
 */
export const holds = ({ id, waivable, found }: Asked, waiver: Waiver): boolean =>
  waivable && waiver.id === id && waiver.why.trim() !== '' && same(waiver.found, found);

/**
 * May the coat be started? Only with no stop open: a stop is met, or waived where that is allowed.
 *
 * Source: safety first: a stop stops
 * @example grant([], []) → { may: true, open: [], waived: [] }
 */
export function grant<T extends Asked>(asked: readonly T[], waivers: readonly Waiver[]): Grant<T> {
  const open: T[] = [];
  const waived: { item: T; why: string }[] = [];
  for (const item of asked) {
    if (item.met) continue;
    const waiver = waivers.findLast((each) => holds(item, each));
    if (waiver) waived.push({ item, why: waiver.why });
    else open.push(item);
  }
  open.sort((a, b) => Number(b.weight === 'stop') - Number(a.weight === 'stop'));
  return { may: open.every(({ weight }) => weight !== 'stop'), open, waived };
}
