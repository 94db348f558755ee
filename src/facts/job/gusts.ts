import type { Outdoors } from '@/records';

/** Wind where nobody said, and how much stronger its gusts are than it. Defaults. m/s */
export const usualWind = 2;
const [usualGusts, gustier] = [3, 1.6] as const;

/** The strongest gusts of a forecast, m/s: as entered, else by the wind. */
export const gustsOf = ({ wind, gusts }: Pick<Outdoors, 'wind' | 'gusts'>): number =>
  gusts ?? (wind === undefined ? usualGusts : wind * gustier);
