import { pressureAt } from '@/core/climate';
import type { Shop } from '@/records';
import { lastOf, liveEntries } from './entries';
import type { Worked } from './worked';

/** Under this height the air is as at the sea, m. */
const lowland = 300;

/** How much thinner the air is up here, as a share; undefined in the lowland and where nobody said how high it is. */
export function thinAir(
  job: Pick<Worked, 'log'>,
  shop: Shop,
): { readonly altitude: number; readonly share: number } | undefined {
  const altitude = lastOf(liveEntries(job), 'climate')?.altitude ?? shop.altitude;
  return altitude === undefined || altitude <= lowland
    ? undefined
    : { altitude, share: 1 - pressureAt(altitude) / pressureAt(0) };
}

/** Share of the sea’s air that there is here: what turbine and compressor give falls with it. */
export const airLeft = (job: Pick<Worked, 'log'>, shop: Shop): number => 1 - (thinAir(job, shop)?.share ?? 0);
