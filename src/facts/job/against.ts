import { handTraces, type FilmField, type HandTraces, type Laid } from '@/core/evenness';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import { evenSetup, type EvenSetup } from './even';
import { filmOnFace, type FilmOnFace } from './layfield';
import type { JobView } from './view';

/** The readings of one face laid over the film its coats should have left. */
export interface LaidReadings extends FilmOnFace {
  readonly setup: EvenSetup;
  /** The map lies with its strokes: its left is the face’s top. */
  readonly turned: boolean;
  /** m along and across the map, measured and foretold, dry. */
  readonly places: readonly {
    readonly x: number;
    readonly y: number;
    readonly film: number;
    readonly foretold: number;
  }[];
  readonly traces: Outcome<HandTraces>;
}

const at = ({ film, cols, rows, dx, dy }: FilmField, x: number, y: number) =>
  film[Math.min(Math.floor(y / dy), rows - 1) * cols + Math.min(Math.floor(x / dx), cols - 1)] ?? 0;

/**
 * What was measured on a face beside what the strokes should have laid there, and what that says of the hand.
 *
 * @returns refuses a face without a coat on it and one that nobody measured
 */
export function laidReadings(view: JobView, faceId: string): Outcome<LaidReadings> {
  const on = view.spray.coats.filter(({ state }) => state === 'done').map(({ coat }) => coat.id);
  const setup = evenSetup(view, faceId, on.at(-1));
  if (isRefusal(setup)) return setup;
  const laid = filmOnFace(view, setup, on);
  if (isRefusal(laid)) return laid;
  const { field } = laid;
  const turned = setup.passes.along !== setup.face.width;
  const spots = view.check.spots.filter((spot) => spot.faceId === setup.face.id && spot.readings.length > 0);
  if (spots.length === 0) return refuse('no-readings', 'Nothing is measured on this face yet.');
  const [wide, tall] = [field.dx * field.cols, setup.passes.across];
  const places = spots.map(({ x, y, films }) => {
    const [u, v] = turned ? [y, x] : [x, y];
    const film = films.reduce((sum, each) => sum + each, 0) / films.length;
    return { x: u * wide, y: v * tall, film, foretold: at(field, u * wide, v * tall) };
  });
  const compared = places.map(({ x, y, film, foretold }): Laid => ({
    x: (2 * x) / wide - 1,
    y: (2 * y) / tall - 1,
    predicted: foretold,
    measured: film,
  }));
  return { ...laid, setup, turned, places, traces: handTraces(compared) };
}
