import type { Coating, GunAdvice, Rig } from '@/records';

/** How each feed of a gun is named on a sheet; a pump feeds as a pot does. */
const namedAs: Record<Rig['feed'], NonNullable<GunAdvice['feed']>> = {
  gravity: 'gravity',
  suction: 'suction',
  'pressure-cup': 'pressure',
  'pressure-pot': 'pressure',
  pump: 'pressure',
};

/**
 * What a sheet advises for a gun: of its kind, and where a sheet tells feeds apart, of its feed.
 *
 * @returns none where it names no such gun
 */
export function adviceFor(
  { guns }: Pick<Coating, 'guns'>,
  rig: Pick<Rig, 'atomising' | 'feed'> | undefined,
): GunAdvice | undefined {
  if (!rig) return undefined;
  const own = guns.filter(({ atomising }) => atomising === rig.atomising);
  return (
    own.find(({ feed }) => feed === namedAs[rig.feed]) ?? own.find(({ feed }) => feed === undefined) ?? own[0]
  );
}
