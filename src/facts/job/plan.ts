import { defaultTransfer } from '@/core/airgun';
import { dewMargin, dewMarginLimit } from '@/core/climate';
import { coverage, wetFromDry } from '@/core/film';
import { layingOf } from '@/core/system';
import { mixNeeded, type AsApplied, type Needed } from '@/core/mixing';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { Coating, EntryOf, Face, Rig } from '@/records';
import { appliedNow, sheetAsMixed } from './batch';
import { lastOf, liveEntries } from './entries';
import { layerOf } from './layers';
import type { LaidCoat, Worked } from './worked';

export interface CoatPlan {
  readonly coat: LaidCoat;
  readonly sheet: Coating;
  readonly solids: number;
  /** Wet film that dries to the coat's aim, m. */
  readonly wet: number;
  readonly dry: { readonly min: number; readonly aim: number; readonly max: number };
}

/** One thing that must be right before spraying, and whether it is. */
export interface Fitness {
  readonly id: 'air' | 'part' | 'humidity' | 'dew' | 'film';
  readonly state: 'good' | 'stop' | 'unknown';
  readonly found?: number;
  readonly min?: number;
  readonly max?: number;
}

export interface PlanView {
  readonly sheet: Coating;
  readonly area: number;
  /** The sheet's parts in their ratio, unthinned. */
  readonly asMixed: Outcome<AsApplied>;
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
}

/** What a card costs in mix, m³: ten seconds at a middling flow. */
const cardVolume = 30e-6;
const usualCards = 3;

export const areaOf = (
  faces: readonly Pick<Face, 'width' | 'height' | 'count' | 'sides' | 'shape'>[],
): number =>
  faces.reduce(
    (sum, { width, height, count, sides = 1, shape = 1 }) => sum + width * height * count * sides * shape,
    0,
  );

export const transferOf = (job: Worked, rig: Rig | undefined): number =>
  job.approach.transfer ?? rig?.transfer ?? defaultTransfer[rig?.atomising ?? 'hvlp'];

/** Wet and dry film of every coat, by the solids it is sprayed at. */
export function coatPlans(job: Worked): CoatPlan[] {
  return job.coats.map((coat) => {
    const layer = layerOf(job, coat.layerId);
    const { sheet } = layer;
    const applied = appliedNow(job, layer);
    const solids = isRefusal(applied) ? 0 : applied.volumeSolids;
    const wet = wetFromDry(coat.dry, solids);
    return {
      coat,
      sheet,
      solids,
      wet: isRefusal(wet) ? 0 : wet,
      dry: { min: sheet.film.min, aim: coat.dry, max: sheet.film.max },
    };
  });
}

export function planView(job: Worked, rig: Rig | undefined): PlanView {
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
    needed: mixNeeded({
      area,
      wetFilms: own.map(({ wet }) => wet),
      transfer,
      dead: rig?.dead ?? 0,
      cards: cardVolume * (job.approach.cards ?? usualCards),
      reserve: job.approach.reserve,
      absorption: job.part.absorption,
    }),
    coverage: coverageOf(own[0], transfer),
    climate,
    dew,
    fitness: [...roomFitness(sheet, climate, dew), ...filmFitness(coats)],
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
      state: dew === undefined ? 'unknown' : dew >= dewMarginLimit ? 'good' : 'stop',
      found: dew,
      min: dewMarginLimit,
    },
  ];
}

function filmFitness(coats: readonly CoatPlan[]): Fitness[] {
  // A bed or a drop coat is meant to be lighter than the sheet’s full coat.
  const off = coats.find(
    ({ dry, coat }) =>
      (layingOf(coat.role).film >= 1 && dry.aim < dry.min * (1 - 1e-9)) || dry.aim > dry.max * (1 + 1e-9),
  );
  return off ? [{ id: 'film', state: 'stop', found: off.dry.aim, min: off.dry.min, max: off.dry.max }] : [];
}
