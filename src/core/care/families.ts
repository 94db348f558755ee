import type { Atomising, Feed } from '../airgun';

/** What a gun is to someone who cleans it. */
export const gunFamilies = ['gravity', 'suction', 'pressure-cup', 'remote', 'airless'] as const;
export type GunFamily = (typeof gunFamilies)[number];

/**
 * The family by how it atomises and is fed.
 *
 * Source: definition
 * @example gunFamily({ atomising: 'airless', feed: 'pump', dead: 0.0009, chemistry: 'two-part', gelled: true }) → 'airless'
 */
export function gunFamily({
  atomising,
  feed,
}: {
  readonly atomising: Atomising;
  readonly feed: Feed;
}): GunFamily {
  if (atomising === 'airless') return 'airless';
  return feed === 'pressure-pot' || feed === 'pump' ? 'remote' : feed;
}
