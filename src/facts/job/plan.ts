import { defaultTransfer } from '@/core/airgun';
import { dewMargin } from '@/core/climate';
import { dewWanted } from './dewwanted';
import { coverage, wetFromDry } from '@/core/film';
import { abrades, type CoatFilm, type FilmLedger } from '@/core/system';
import { mixNeeded, type AppliedMix, type Needed } from '@/core/mixing';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { Coating, EntryOf, Face, Layer, Rig } from '@/records';
import { appliedNow, sheetAsMixed } from './batch';
import { sandedByPlan } from './between';
import { blendOf } from './blend';
import { lastOf, liveEntries, ofType } from './entries';
import type { CoatPoint } from './coatpoints';
import { layerOf } from './layers';
import { filmOfCoat, ledgerOf } from './ledger';
import { slowness, timesOver } from './recoat';
import type { LaidCoat, Worked } from './worked';
import { areaOfFace, keptOver, sprayedFaces } from './byhand';

export interface CoatPlan {
  readonly coat: LaidCoat;
  readonly sheet: Coating;
  readonly solids: number;
  /** Wet film that dries to the coat's aim, m. */
  readonly wet: number;
  /** The most its sheet lets lie wet, where that is less, m. */
  readonly wetPast?: number;
  /** What it is judged by; `outside` where its own aim is not inside. */
  readonly dry: {
    readonly min: number;
    readonly aim: number;
    readonly max: number;
    readonly outside: boolean;
  };
}

/** One thing that must be right before spraying, and whether it is. */
export interface Fitness {
  readonly id: 'air' | 'part' | 'humidity' | 'dew' | 'film' | 'layer' | 'window' | 'blend';
  readonly state: 'good' | 'stop' | 'unknown';
  readonly found?: number;
  readonly min?: number;
  readonly max?: number;
}

export interface PlanView {
  readonly sheet: Coating;
  readonly area: number;
  /** The sheet's parts in their ratio, unthinned. */
  readonly asMixed: Outcome<AppliedMix>;
  readonly coats: readonly CoatPlan[];
  readonly transfer: number;
  /** Is the transfer efficiency a class default rather than the rig's or the job's own? */
  readonly transferAssumed: boolean;
  readonly needed: Outcome<Needed>;
  /** m² a m³ of mix covers in one coat, losses counted. */
  readonly coverage: Outcome<number>;
  readonly climate?: EntryOf<'climate'>;
  readonly dew?: number;
  readonly fitness: readonly Fitness[];
  /** The one ledger of its film. */
  readonly film: FilmLedger;
}

/** What a card costs in mix, m³: ten seconds at a middling flow. */
export const cardVolume = 30e-6;
const usualCards = 3;

export const areaOf = (
  faces: readonly Pick<Face, 'width' | 'height' | 'count' | 'sides' | 'shape'>[],
): number => faces.reduce((sum, face) => sum + areaOfFace(face), 0);

export const transferOf = (job: Worked, rig: Rig | undefined): number =>
  job.approach.transfer ?? rig?.transfer ?? defaultTransfer[rig?.atomising ?? 'hvlp'];

/** Wet and dry film of every coat, by the solids it is sprayed at. */
export function coatPlans(job: Worked): CoatPlan[] {
  return job.coats.map((coat) => {
    const layer = layerOf(job, coat.layerId);
    const { sheet } = layer;
    const applied = appliedNow(job, layer);
    const solids = isRefusal(applied) ? 0 : applied.volumeSolids;
    const found = wetFromDry(coat.dry, solids);
    const wet = isRefusal(found) ? 0 : found;
    const most = sheet.wetFilm?.max;
    return {
      coat,
      sheet,
      solids,
      wet,
      ...(most !== undefined && wet > most ? { wetPast: most } : {}),
      dry: dryOf(filmOfCoat(job, coat.id), coat.dry),
    };
  });
}

/** Mix that the layer in hand needs in all: what its strokes take, what stays in the gun, cards and a reserve. */
export function neededOf(
  job: Worked,
  rig: Rig | undefined,
  { coats, transfer, area }: PlanBasis,
  points: readonly Pick<CoatPoint, 'paint'>[],
): Outcome<Needed> {
  const { id, approach } = job.layer;
  const wetFilms = coats.filter(({ coat }) => coat.layerId === id).map(({ wet }) => wet);
  const landing = (areaOf(sprayedFaces(job.part)) * wetFilms.reduce((sum, wet) => sum + wet, 0)) / transfer;
  return mixNeeded({
    area,
    wetFilms,
    transfer: keptOver(job.part, transfer),
    past: Math.max(points.reduce((sum, { paint }) => sum + paint, 0) - landing, 0),
    dead: rig?.dead ?? 0,
    cards: cardVolume * (approach.cards ?? usualCards),
    reserve: approach.reserve,
    absorption: drinksFrom(job, id) ? job.part.absorption : 0,
  });
}

/** A thirsty surface drinks from the layer that lies on it, and from no other. */
export const drinksFrom = ({ layers }: Pick<Worked, 'layers'>, layerId: string): boolean =>
  layers.find(({ coats }) => coats.length > 0)?.id === layerId;

const dryOf = (film: CoatFilm | undefined, aim: number): CoatPlan['dry'] => ({
  aim,
  min: film?.min ?? 0,
  max: film?.max ?? 0,
  outside: film?.outside ?? false,
});

/** The plan before anybody knows what the gun takes for it. */
export type PlanBasis = Omit<PlanView, 'needed'>;

export function planBasis(job: Worked, rig: Rig | undefined): PlanBasis {
  const { sheet } = job.layer;
  const coats = coatPlans(job);
  const own = coats.filter(({ coat }) => coat.layerId === job.layer.id);
  const transfer = transferOf(job, rig);
  const area = areaOf(job.part.faces);
  const climate = lastOf(liveEntries(job), 'climate');
  const margin = climate && dewMargin(climate.air, climate.humidity, climate.part);
  const dew = isRefusal(margin) ? undefined : margin;
  return {
    sheet,
    area,
    asMixed: sheetAsMixed(sheet),
    coats,
    transfer,
    transferAssumed: job.approach.transfer === undefined && rig?.transfer === undefined,
    coverage: coverageOf(own[0], transfer),
    climate,
    dew,
    fitness: [
      ...roomFitness(sheet, climate, dew),
      ...filmFitness(coats),
      ...blendFitness(job, coats),
      ...layerFitness(ledgerOf(job)),
      ...windowFitness(job, climate),
    ],
    film: ledgerOf(job),
  };
}

const coverageOf = (coat: CoatPlan | undefined, transfer: number): Outcome<number> =>
  coverage(coat?.solids ?? 0, coat?.dry.aim ?? 0, transfer);

function roomFitness(
  sheet: Coating,
  climate: EntryOf<'climate'> | undefined,
  dew: number | undefined,
): Fitness[] {
  const { air, part, humidity } = sheet.limits;
  const inside = (
    id: Fitness['id'],
    found: number | undefined,
    limits: { min: number; max: number },
  ): Fitness => ({
    id,
    state: found === undefined ? 'unknown' : found >= limits.min && found <= limits.max ? 'good' : 'stop',
    found,
    ...limits,
  });
  return [
    inside('air', climate?.air, air),
    inside('part', climate?.part, part),
    inside('humidity', climate?.humidity, humidity),
    {
      id: 'dew',
      state: dew === undefined ? 'unknown' : dew >= dewWanted(sheet) ? 'good' : 'stop',
      found: dew,
      min: dewWanted(sheet),
    },
  ];
}

function filmFitness(coats: readonly CoatPlan[]): Fitness[] {
  const off = coats.find(({ dry }) => dry.outside)?.dry;
  return off ? [{ id: 'film', state: 'stop', found: off.aim, min: off.min, max: off.max }] : [];
}

/** A colour faded past the edge that is to keep its own is wrong there for good. */
function blendFitness(job: Worked, coats: readonly CoatPlan[]): Fitness[] {
  const view = blendOf(job, coats);
  if (!view?.said || isRefusal(view.found) || !view.found.warnings.includes('keep-out')) return [];
  return [{ id: 'blend', state: 'stop', found: view.found.ends, max: view.blend.keepOut }];
}

/** Coats that each lie in their range may still not add up to what the sheet asks of all of them. */
function layerFitness({ layers }: FilmLedger): Fitness[] {
  const off = layers.find(({ verdict }) => verdict !== 'inside');
  return off ? [{ id: 'layer', state: 'stop', found: off.stays, min: off.min, max: off.max }] : [];
}

/** A window that closes in this room before it opens does not exist: nothing is to go on that another coat must follow. */
function windowFitness(job: Worked, climate: EntryOf<'climate'> | undefined): Fitness[] {
  if (!climate) return [];
  const ended = new Set(ofType(liveEntries(job), 'coat-end').map(({ coatId }) => coatId));
  return job.coats
    .flatMap((coat, i): Fitness[] => {
      const above = job.coats[i + 1];
      if (!above || ended.has(coat.id)) return [];
      const layer = layerOf(job, coat.layerId);
      const over = layerOf(job, above.layerId);
      const times = timesOver(layer, over);
      const { recoatFirst, recoatLast } = times;
      const opens = recoatFirst * slowness(layer.sheet, climate);
      if (recoatLast === undefined || opens < recoatLast || sandedBefore(layer, coat)) return [];
      return [{ id: 'window', state: 'stop', found: opens, max: recoatLast }];
    })
    .slice(0, 1);
}

/** Is it sanded before the next coat, by plan? Then its window does not matter. */
const sandedBefore = (layer: Layer, coat: LaidCoat): boolean =>
  sandedByPlan(coat) > 0 ||
  (layer.coats.at(-1)?.id === coat.id && (layer.work ?? []).some(({ what }) => abrades(what)));
