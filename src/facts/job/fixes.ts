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
  { job, rig, set, thin, plan }: Pick<JobView, 'job' | 'rig' | 'set' | 'thin' | 'plan'>,
  { bore, passes, opening = 1 }: Fitting,
): readonly NozzleFix[] {
  if (!rig || bore === undefined || (passes && opening >= leastOpening)) return [];
  const { band, choice, law, sheet } = thin;
  const { overlap } = job.approach;
  const applied = appliedNow(job, plan.sheet);
  const density = isRefusal(applied) ? 1000 : applied.density;
  const flow = solveStroke('flow', {
    wetFilm: set.wet,
    transfer: set.transfer,
    speed: rig.handSpeed ?? job.approach.speed,
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
