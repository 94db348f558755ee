import {
  correctedFilm,
  gaugeCorrection,
  judgeFilm,
  spotsWanted,
  type FilmSpec,
  type FilmVerdict,
  type GaugeCorrection,
  type Spot,
} from '@/core/quality';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import type { EntryOf } from '@/records';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { openDefects, type OpenDefects } from './opendefects';
import { filmWanted } from './ledger';
import { areaOf } from './plan';
import { coatStates, type CoatState } from './spray';
import { standardOf, type Standard } from './standard';
import { unprovenOf, type Unproven } from './unproven';
import type { Worked } from './worked';

export interface FaceSpot {
  readonly faceId: string;
  readonly spot: number;
  /** Share of the face's width and height where the spot lies. */
  readonly x: number;
  readonly y: number;
  readonly readings: readonly EntryOf<'film'>[];
  /** The film each stands for, m: the gauge’s error and what lay below taken off. */
  readonly films: readonly number[];
}

export interface CheckView {
  readonly coatsOn: number;
  /** Coats that the readings are of: those over the base reading, where one was taken with coats on already. */
  readonly coatsMeasured: number;
  /** The layers they belong to, where that is not all that is on. */
  readonly layersMeasured?: readonly string[];
  readonly spec: FilmSpec;
  readonly spots: readonly FaceSpot[];
  readonly wanted: number;
  readonly taken: number;
  readonly verdict: Outcome<FilmVerdict>;
  /** What the verdict still wants before it passes anything. */
  readonly unproven: readonly Unproven[];
  /** What it is judged by beside the film, once all coats are on. */
  readonly standard?: Standard;
  /** The last zero and shim, and what they correct; undefined when nobody checked the gauge. */
  readonly gauge?: { readonly entry: EntryOf<'gauge-check'>; readonly correction: Outcome<GaugeCorrection> };
  /** m taken off as what lay below, by face. */
  readonly bases: ReadonlyMap<string, number>;
  readonly defects: OpenDefects;
}

/** Five spots a face: four near the corners, one in the middle. */
const places = [
  [0.5, 0.5],
  [0.18, 0.2],
  [0.82, 0.2],
  [0.82, 0.8],
  [0.18, 0.8],
] as const;
/** Spots past the fifth, spread evenly by the plastic number: each falls where there are fewest. */
const placeOf = (spot: number): readonly [number, number] =>
  places[spot] ?? [
    0.1 + 0.8 * ((0.5 + spot * 0.7548776662) % 1),
    0.1 + 0.8 * ((0.5 + spot * 0.5698402909) % 1),
  ];
/** A face has at most so many spots. */
export const mostSpots = 60;

/** @param coats as {@link coatStates} tells them, where that was asked for already */
export function checkView(job: Worked, coats: readonly CoatState[] = coatStates(job)): CheckView {
  const on = coats.filter(({ state }) => state === 'done');
  const entries = liveEntries(job);
  // A base read between coats parts what is above it from what is below; one read when all were on is of a bare spot.
  const began = on.at(-1)?.started ?? 0;
  const base = lastOf(entries, 'base', (entry) => moment(entry) <= began);
  const under = base ? on.filter(({ ended = 0 }) => ended <= moment(base)) : [];
  const above = on.filter((coat) => !under.includes(coat));
  const counted = on.length > 0 ? above : coats;
  const own = job.approach.acceptance === 'own' ? job.approach.ownLimits : undefined;
  const sheets = filmWanted(job, new Set(counted.map(({ coat }) => coat.id)));
  const spec = own ? { ...own, nominal: Math.min(Math.max(sheets.nominal, own.min), own.max) } : sheets;
  const checks = ofType(entries, 'gauge-check');
  // What was read before the coats below went on is of another ground.
  const lain = Math.max(...under.map(({ ended }) => ended ?? 0), 0);
  const bases = new Map<string, number>();
  for (const face of job.part.faces) {
    const below = ofType(entries, 'base').filter(
      (entry) => entry.faceId === face.id && moment(entry) >= lain,
    );
    if (below.length > 0)
      bases.set(face.id, below.reduce((total, { reading }) => total + reading, 0) / below.length);
  }
  // What was measured before the last coat went on says nothing of the film there is now.
  const since = Math.max(...on.map(({ ended }) => ended ?? 0), 0);
  const films = ofType(entries, 'film').filter((entry) => moment(entry) >= since || on.length === 0);
  const correctionAt = (entry: EntryOf<'film'>) => {
    const check = checks.filter((each) => moment(each) <= moment(entry)).at(-1);
    const correction = check && gaugeCorrection(check);
    return correction && !isRefusal(correction) && correction.usable ? correction : undefined;
  };
  const wanted = spotsWanted(areaOf(job.part.faces));
  const perFace = Math.min(Math.max(Math.ceil(wanted / job.part.faces.length), places.length), mostSpots);
  const spots = job.part.faces.flatMap((face) => {
    const own = films.filter(({ faceId }) => faceId === face.id);
    const bySpot = new Map<number, EntryOf<'film'>[]>();
    for (const entry of own) {
      const same = bySpot.get(entry.spot);
      if (same) same.push(entry);
      else bySpot.set(entry.spot, [entry]);
    }
    const n = Math.min(Math.max(perFace, ...own.map(({ spot }) => spot + 1)), mostSpots);
    return Array.from({ length: n }, (_, spot): FaceSpot => {
      const [x, y] = placeOf(spot);
      const readings = bySpot.get(spot) ?? [];
      return {
        faceId: face.id,
        spot,
        x,
        y,
        readings,
        films: readings.map((entry) => correctedFilm(entry.reading, correctionAt(entry), bases.get(face.id))),
      };
    });
  });
  const judged: Spot[] = spots.map(({ faceId, spot, films: found }) => ({
    id: `${faceId}/${spot}`,
    readings: found,
  }));
  const last = lastOf(entries, 'gauge-check');
  const standard = standardOf(job, coats);
  const taken = spots.filter(({ readings }) => readings.length > 0).length;
  return {
    coatsOn: on.length,
    coatsMeasured: counted.length,
    ...(under.length > 0 ? { layersMeasured: namesOf(job, counted) } : {}),
    spec,
    spots,
    wanted: Math.min(wanted, spots.length),
    taken,
    ...(standard ? { standard } : {}),
    unproven: unprovenOf(job, coats, {
      films,
      taken,
      wanted: Math.min(wanted, spots.length),
      checked: (entry) => correctionAt(entry) !== undefined,
    }),
    verdict:
      on.length === 0
        ? refuse('no-coat', 'Spray and end a coat first; then there is a film to measure.')
        : judgeFilm(judged, spec, job.approach.acceptance),
    ...(last ? { gauge: { entry: last, correction: gaugeCorrection(last) } } : {}),
    bases,
    defects: openDefects(job),
  };
}

/** The layers of these coats, from the part up. */
const namesOf = ({ layers }: Worked, coats: readonly CoatState[]): string[] =>
  layers.filter(({ id }) => coats.some(({ coat }) => coat.layerId === id)).map(({ name }) => name);

/** Mean of films, m. */
export const filmOf = (films: readonly number[]): number =>
  films.reduce((sum, each) => sum + each, 0) / films.length;

export interface CoatFound {
  readonly coatId: string;
  /** m dry: all that lay on after this coat, and what this coat added to the stage before it. */
  readonly total: number;
  readonly own?: number;
  readonly count: number;
}

/** What was measured after each coat, and what each coat by itself laid where the one below was measured too. */
export function filmByCoat(job: Worked): CoatFound[] {
  const coats = coatStates(job).filter(({ state }) => state === 'done');
  const films = ofType(liveEntries(job), 'film');
  const found: CoatFound[] = [];
  coats.forEach(({ coat, ended = 0 }, i) => {
    const until = coats[i + 1]?.started ?? Infinity;
    const own = films.filter((entry) => {
      const at = moment(entry);
      return at >= ended && at < until;
    });
    if (own.length === 0) return;
    const total = own.reduce((sum, { reading }) => sum + reading, 0) / own.length;
    const below = i === 0 ? 0 : found.find(({ coatId }) => coatId === coats[i - 1]?.coat.id)?.total;
    found.push({
      coatId: coat.id,
      total,
      count: own.length,
      ...(below === undefined ? {} : { own: total - below }),
    });
  });
  return found;
}
