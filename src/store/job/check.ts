import { judgeFilm, spotsWanted, type FilmSpec, type FilmVerdict, type Spot } from '@/core/quality';
import { refuse, type Outcome } from '@/core/refusal';
import type { EntryOf, Job } from '@/records';
import { liveEntries, ofType } from './entries';
import { areaOf } from './plan';
import { coatStates } from './spray';

export interface FaceSpot {
  readonly faceId: string;
  readonly spot: number;
  /** Share of the face's width and height where the spot lies. */
  readonly x: number;
  readonly y: number;
  readonly readings: readonly EntryOf<'film'>[];
}

export interface CheckView {
  readonly coatsOn: number;
  readonly spec: FilmSpec;
  readonly spots: readonly FaceSpot[];
  readonly wanted: number;
  readonly taken: number;
  readonly verdict: Outcome<FilmVerdict>;
}

/** Five spots a face: four near the corners, one in the middle. */
const places = [
  [0.5, 0.5],
  [0.18, 0.2],
  [0.82, 0.2],
  [0.82, 0.8],
  [0.18, 0.8],
] as const;

export function checkView(job: Job): CheckView {
  const coats = coatStates(job);
  const on = coats.filter(({ state }) => state === 'done');
  const counted = on.length > 0 ? on : coats;
  const sum = (of: (coat: (typeof coats)[number]) => number) =>
    counted.reduce((total, coat) => total + of(coat), 0);
  const spec = {
    min: sum(({ dry }) => dry.min),
    nominal: sum(({ dry }) => dry.aim),
    max: sum(({ dry }) => dry.max),
  };
  const films = ofType(liveEntries(job), 'film');
  const spots = job.part.faces.flatMap((face) =>
    places.map(([x, y], spot): FaceSpot => ({
      faceId: face.id,
      spot,
      x,
      y,
      readings: films.filter((entry) => entry.faceId === face.id && entry.spot === spot),
    })),
  );
  const judged: Spot[] = spots.map(({ faceId, spot, readings }) => ({
    id: `${faceId}/${spot}`,
    readings: readings.map(({ reading }) => reading),
  }));
  return {
    coatsOn: on.length,
    spec,
    spots,
    wanted: Math.min(spotsWanted(areaOf(job.part.faces)), spots.length),
    taken: spots.filter(({ readings }) => readings.length > 0).length,
    verdict:
      on.length === 0
        ? refuse('no-coat', 'Spray and end a coat first; then there is a film to measure.')
        : judgeFilm(judged, spec, job.approach.acceptance),
  };
}
