import * as Comlink from 'comlink';
import {
  measuredProfile,
  optimise,
  overlapBands,
  shapedProfile,
  type FanShape,
  type FieldGun,
  type Hand,
  type Optimum,
  type OptimumQuestion,
  type OverlapBand,
  type Passes,
} from '@/core/evenness';
import { seeded } from '@/core/random';
import { isRefusal, type Outcome } from '@/core/refusal';

/** A gun whose pattern can be posted: a card’s film or a shape, from which the worker makes the profile. */
export type PostedGun = Omit<FieldGun, 'profile'> & { readonly film: readonly number[] | FanShape };

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

function gunOf({ film, ...gun }: PostedGun): Outcome<FieldGun> {
  const profile = 'flatness' in film ? shapedProfile(film) : measuredProfile(film);
  return isRefusal(profile) ? profile : { ...gun, profile };
}

const api = {
  bands({ gun, ...rest }: BandsTask, heard: (share: number) => void): Outcome<OverlapBand[]> {
    const whole = gunOf(gun);
    return isRefusal(whole) ? whole : overlapBands({ gun: whole, ...rest }, seeded(seed), heard);
  },

  optimise({ gun, ...rest }: OptimumTask, heard: (share: number) => void): Outcome<Optimum> {
    const whole = gunOf(gun);
    return isRefusal(whole) ? whole : optimise({ gun: whole, ...rest }, heard);
  },
};

export type EvennessWorker = typeof api;

Comlink.expose(api);
