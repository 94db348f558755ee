import { defaultDriving, thickestFor } from '@/core/airgun';
import { flowCup, secondsFromViscosity, viscosityFromSeconds } from '@/core/cups';
import { solveStroke } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import { bandByFlow, type Band } from '@/core/thinning';
import type { Coating, Cup, Rig } from '@/records';
import { adviceFor } from './advice';
import { cupBehind } from './cups';
import { lastOf, liveEntries } from './entries';
import type { PlanBasis } from './plan';
import { coatsInHand, nextCoat } from './layers';
import type { Worked } from './worked';

export type BandSource = 'sheet' | 'maker' | 'physics' | 'own';

/** One band that could be thinned to, whose it is, and the temperature it is for. */
export interface BandChoice {
  readonly from: BandSource;
  readonly band: Band;
  /** K */
  readonly temperature: number;
  /** Viscosity of its middle, m²/s. */
  readonly middle: number;
}

export function bandOf(sheet: Coating): Band | undefined {
  const cup = sheet.target && flowCup(sheet.target.cupId);
  return cup && sheet.target && { cup, min: sheet.target.min, max: sheet.target.max };
}

export const middleOf = ({ cup, min, max }: Band): number => {
  const nu = viscosityFromSeconds(cup, (min + max) / 2);
  return isRefusal(nu) ? 50e-6 : nu;
};

/** Every band there is for this coating, gun and film. The sheet comes first; what was chosen wins. */
export function bandChoices(
  job: Worked,
  sheet: Coating,
  rig: Rig | undefined,
  plan: PlanBasis,
  cups: readonly Cup[],
): BandChoice[] {
  const choices: BandChoice[] = [];
  const temperature = sheet.target?.temperature ?? sheet.times.temperature;
  const note = (from: BandSource, band: Band | undefined, at = temperature) => {
    if (band && band.min < band.max) choices.push({ from, band, temperature: at, middle: middleOf(band) });
  };
  note('sheet', bandOf(sheet));
  const makers = rig?.viscosity && cupBehind(rig.viscosity.cupId, cups);
  if (makers && rig.viscosity) note('maker', { cup: makers, min: rig.viscosity.min, max: rig.viscosity.max });
  note('physics', physicsBand(job, sheet, rig, plan));
  const { ownBand } = job.approach;
  const own = ownBand && cupBehind(ownBand.cupId, cups);
  if (own && ownBand) note('own', { cup: own, min: ownBand.min, max: ownBand.max }, ownBand.temperature);
  return choices;
}

/** The band in use: the one chosen, else the sheet's, else the gun maker's. Physics alone is never chosen for you. */
export function chosenBand(job: Worked, choices: readonly BandChoice[]): BandChoice | undefined {
  const of = (from: BandSource) => choices.find((choice) => choice.from === from);
  return (job.approach.target && of(job.approach.target)) ?? of('sheet') ?? of('own') ?? of('maker');
}

/** What the fitted nozzle passes at the flow the film needs, in the sheet's cup or one that reads it. */
function physicsBand(job: Worked, sheet: Coating, rig: Rig | undefined, plan: PlanBasis): Band | undefined {
  if (!rig || rig.sets.length === 0) return undefined;
  const set = lastOf(liveEntries(job), 'setting', ({ layerId }) => layerId === job.layer.id)?.bore;
  const advised = adviceFor(sheet, rig)?.bore;
  const wanted = set ?? (advised ? (advised.min + advised.max) / 2 : undefined);
  const bores = rig.sets.map(({ bore }) => bore);
  const bore =
    wanted === undefined
      ? bores[0]
      : bores.reduce((a, b) => (Math.abs(b - wanted) < Math.abs(a - wanted) ? b : a));
  const coat = nextCoat(job) ?? coatsInHand(job).at(-1);
  const wet = plan.coats.find((each) => each.coat.id === coat?.id)?.wet ?? 0;
  const flow = solveStroke('flow', {
    wetFilm: wet,
    transfer: plan.transfer,
    speed: rig.handSpeed ?? job.approach.speed,
    fan: rig.fan,
    overlap: job.approach.overlap,
  });
  if (bore === undefined || isRefusal(flow) || isRefusal(plan.asMixed)) return undefined;
  const { density } = plan.asMixed;
  const limit = thickestFor(bore, rig.driving ?? defaultDriving[rig.feed], flow, density);
  if (isRefusal(limit) || limit <= 0) return undefined;
  const nu = limit / density;
  const cup = bandOf(sheet)?.cup ?? flowCup('iso-4');
  const seconds = cup && secondsFromViscosity(cup, nu);
  const band = cup && bandByFlow(cup, nu);
  return cup && band && !isRefusal(band) && !isRefusal(seconds) ? { cup, ...band } : undefined;
}
