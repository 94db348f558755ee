import { defaultDriving, leastOpening, nozzleFixes, type NozzleFix } from '@/core/airgun';
import { andradeFromSlope } from '@/core/climate';
import { viscosityFromSeconds } from '@/core/cups';
import { solveStroke } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import type { Rig } from '@/records';
import { appliedNow } from './batch';
import type { Fitting } from './set';
import type { JobView } from './view';

/** What pushes harder than a feed does: a cup under pressure for those that only run, a pot for that cup. */
const nextFeed: Partial<Record<Rig['feed'], Rig['feed']>> = {
  gravity: 'pressure-cup',
  suction: 'pressure-cup',
  'pressure-cup': 'pressure-pot',
};

/** What would make a nozzle of this rig work for this film. Not part of the job view: only Set asks. */
export function fixesOf(
  { work, rig, set, thin }: Pick<JobView, 'work' | 'rig' | 'set' | 'thin'>,
  { bore, passes, opening = 1 }: Fitting,
): readonly NozzleFix[] {
  if (!rig || bore === undefined || (passes && opening >= leastOpening)) return [];
  const { band, choice, law, sheet } = thin;
  const { overlap } = work.approach;
  const applied = appliedNow(work, work.layer);
  const density = isRefusal(applied) ? 1000 : applied.density;
  const flow = solveStroke('flow', {
    wetFilm: set.wet,
    transfer: set.transfer,
    speed: rig.handSpeed ?? work.approach.speed,
    fan: rig.fan,
    overlap,
  });
  const temperature = choice?.temperature ?? sheet.times.temperature;
  const thinnest = band && viscosityFromSeconds(band.cup, band.min);
  const next = nextFeed[rig.feed];
  if (isRefusal(flow)) return [];
  const fixes = nozzleFixes({
    bore,
    pressure: rig.driving ?? defaultDriving[rig.feed],
    liquid: { viscosity: set.viscosity, density },
    flow,
    temperature,
    B: law?.B ?? andradeFromSlope(sheet.temperatureSlope ?? 0.03, temperature),
    warmest: sheet.limits.air.max,
    thinnest: thinnest === undefined || isRefusal(thinnest) ? 0 : thinnest * density,
    ...(next ? { nextFeed: defaultDriving[next] } : {}),
  });
  return isRefusal(fixes) ? [] : fixes;
}
