import { isRefusal, type Outcome } from '../refusal';
import type { FieldGun } from './field';
import { measuredProfile, shapedProfile, type FanShape } from './profile';

/** A gun whose pattern can be posted to a worker: a card’s film or a shape, from which the profile is made anew. */
export type PostedGun = Omit<FieldGun, 'profile'> & { readonly film: readonly number[] | FanShape };

/**
 * The gun again, with its profile; refuses what no profile can be made of.
 *
 * Source: definition
 */
export function unposted({ film, ...gun }: PostedGun): Outcome<FieldGun> {
  const profile = 'flatness' in film ? shapedProfile(film) : measuredProfile(film);
  return isRefusal(profile) ? profile : { ...gun, profile };
}
