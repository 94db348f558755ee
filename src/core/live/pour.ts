import { pouredWithin } from '../mixing';
import type { ScaleSeen } from './settling';

/** s between the word stop and the last drop, where nobody knows the hand. A default. */
export const usualLag = 0.6;
/** No hand is quicker or slower than this, s. */
const [quickest, slowest] = [0.1, 3];
/** s before the stop at which the hand is told to slow down. */
const slowAhead = 2.5;

/** A pour that was seen: what stood on the scale as stop was said, how fast it ran, and what came of it. kg, kg/s */
export interface PourSeen {
  readonly stopAt: number;
  readonly rate: number;
  readonly took: number;
}

/** Pours a hand is judged by, and how many make one. */
const [latest, enough] = [8, 3];

/**
 * How long a hand goes on pouring after it was told to stop, from its own pours: the middle of the last eight.
 *
 * @returns s; the usual where fewer than three are known
 * Source: mean of what still falls after Stop
 * @example lagOf([]) → { lag: 0.6, from: 0 }
 */
export function lagOf(pours: readonly PourSeen[]): { readonly lag: number; readonly from: number } {
  const own = pours
    .filter(({ rate }) => rate > 1e-5)
    .slice(-latest)
    .map(({ stopAt, rate, took }) => Math.min(Math.max((took - stopAt) / rate, quickest), slowest))
    .sort((a, b) => a - b);
  if (own.length < enough) return { lag: usualLag, from: 0 };
  return { lag: own[Math.floor(own.length / 2)] ?? usualLag, from: own.length };
}

/** `off`: the pot was lifted. */
export type PourPhase = 'off' | 'empty' | 'pour' | 'slow' | 'stop' | 'settling' | 'done' | 'short' | 'over';

export interface PourState {
  readonly phase: PourPhase;
  /** kg on since the pour began, and still to go; below zero it is over. */
  readonly added: number;
  readonly left: number;
  /** s until stop is to be said, at the rate it runs now. */
  readonly stopIn?: number;
}

/**
 * Follows one pour to its mark: says when to slow down and when to stop, so that what is still on its way lands on it.
 *
 * Once stop was said it stands: a hand that goes on is told it is over, not that it may pour again, until the scale rests.
 */
export class PourGuide {
  private stopped: { readonly at: number; readonly rate: number } | undefined;
  private peak = 0;

  /**
   * @param aim kg to come
   * @param base kg that stood on the scale before
   * @param lag s of the hand
   * @param step kg, of the scale
   */
  constructor(
    readonly aim: number,
    readonly base: number,
    private readonly lag: number,
    private readonly step: number,
  ) {}

  /** kg that it may be off and is as right as it can be: what the ladder lets stand as well. */
  get within(): number {
    return pouredWithin(this.aim, this.step);
  }

  /** As stop was said: kg that stood on the scale and kg/s it ran, for the record of the hand. */
  get said(): { readonly stopAt: number; readonly rate: number } | undefined {
    return this.stopped && { stopAt: this.stopped.at, rate: this.stopped.rate };
  }

  feed({ value, rate, steady }: ScaleSeen): PourState {
    const added = value - this.base;
    const left = this.aim - added;
    this.peak = Math.max(this.peak, added);
    const state = (phase: PourPhase, stopIn?: number): PourState => ({
      phase,
      added,
      left,
      ...(stopIn === undefined ? {} : { stopIn }),
    });
    if (added < -Math.max(5 * this.step, this.within)) return state('off');
    const begun = this.peak > 2 * this.step;
    if (!begun) return state('empty');
    if (steady) {
      if (left < -this.within) return state('over');
      if (left <= this.within) return state('done');
      // It came to rest before the mark: what was said before holds no longer.
      this.stopped = undefined;
      return state('short');
    }
    if (this.stopped)
      return state(added > this.aim + this.within ? 'over' : rate > this.step ? 'stop' : 'settling');
    if (rate <= this.step / 2) return state(left < -this.within ? 'over' : 'settling');
    const stopIn = (left - rate * this.lag) / rate;
    if (stopIn <= 0) {
      this.stopped = { at: added, rate };
      return state('stop', 0);
    }
    return state(stopIn < slowAhead ? 'slow' : 'pour', stopIn);
  }
}
