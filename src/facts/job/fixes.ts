import { defaultDriving, nozzleFixes, type NozzleFix } from '@/core/airgun';
import { andradeFromSlope } from '@/core/climate';
import { viscosityFromSeconds } from '@/core/cups';
import { solveStroke } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import type { Rig } from '@/records';
import type { Fitting } from './fittings';
import type { JobView } from './view';

/** What pushes harder than a feed does: a cup under pressure for those that only run, a pot for that cup. */
const nextFeed: Partial<Record<Rig['feed'], Rig['feed']>> = {
  gravity: 'pressure-cup',
  suction: 'pressure-cup',
  'pressure-cup': 'pressure-pot',
};

/** Pa a feed with a knob can be turned up to. Usual ends, defaults: its own maker’s plate outranks them. */
const turnedUp: Partial<Record<Rig['feed'], number>> = {
  'pressure-cup': 35e3,
  'pressure-pot': 200e3,
  pump: 300e3,
};

/** What would make a nozzle of this rig work for this film. Not part of the job view: only Set asks. */
export function fixesOf(
  { rig, set, thin }: Pick<JobView, 'rig' | 'set' | 'thin'>,
  { bore, verdict }: Fitting,
): readonly NozzleFix[] {
  // What fits wants no remedy; what is only slow or off the sheet is told so by its cost.
  if (!rig || bore === undefined || verdict.grade === 'first' || verdict.grade === 'usable') return [];
  const { band, law, sheet } = thin;
  const { liquid, hand, point, transfer } = set;
  const flow = solveStroke('flow', {
    wetFilm: set.wet,
    transfer,
    speed: hand.slow,
    fan: point.fan,
    overlap: point.overlap,
  });
  const thinnest = band && viscosityFromSeconds(band.cup, band.min);
  const next = nextFeed[rig.feed];
  if (isRefusal(flow)) return [];
  const fixes = nozzleFixes({
    bore,
    pressure: rig.driving ?? defaultDriving[rig.feed],
    liquid,
    flow,
    temperature: liquid.temperature,
    B: law?.B ?? andradeFromSlope(sheet.temperatureSlope ?? 0.03, liquid.temperature),
    warmest: sheet.limits.air.max,
    ...(thinnest === undefined || isRefusal(thinnest) ? {} : { thinnest: thinnest * liquid.density }),
    ...(next ? { nextFeed: defaultDriving[next] } : {}),
    ...(turnedUp[rig.feed] === undefined ? {} : { feedMost: turnedUp[rig.feed] }),
  });
  return isRefusal(fixes) ? [] : fixes;
}
