import type { Atomising, Feed } from '../airgun';

/** What a gun is to someone who cleans it. */
export const gunFamilies = ['gravity', 'suction', 'pressure-cup', 'remote', 'airless'] as const;
export type GunFamily = (typeof gunFamilies)[number];

/** The family by how it atomises and is fed. */
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
