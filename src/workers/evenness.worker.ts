import * as Comlink from 'comlink';
import {
  optimise,
  overlapBands,
  unposted,
  type Hand,
  type Optimum,
  type OptimumQuestion,
  type OverlapBand,
  type Passes,
  type PostedGun,
} from '@/core/evenness';
import { seeded } from '@/core/random';
import { isRefusal, type Outcome } from '@/core/refusal';

export interface BandsTask {
  readonly gun: PostedGun;
  readonly passes: Passes;
  readonly hand: Hand;
  readonly overlaps: readonly number[];
  readonly hands: number;
}

export type OptimumTask = Omit<OptimumQuestion, 'gun'> & { readonly gun: PostedGun };

/** The same hands every time, so that a chart does not tremble when it is drawn again. */
const seed = 7;

const api = {
  bands({ gun, ...rest }: BandsTask, heard: (share: number) => void): Outcome<OverlapBand[]> {
    const whole = unposted(gun);
    return isRefusal(whole) ? whole : overlapBands({ gun: whole, ...rest }, seeded(seed), heard);
  },

  optimise({ gun, ...rest }: OptimumTask, heard: (share: number) => void): Outcome<Optimum> {
    const whole = unposted(gun);
    return isRefusal(whole) ? whole : optimise({ gun: whole, ...rest }, heard);
  },
};

export type EvennessWorker = typeof api;

Comlink.expose(api);
