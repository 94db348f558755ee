import {
  asDone,
  erring,
  fieldStrokes,
  filmField,
  surfaceOf,
  unfolded,
  type FilmField,
  type Hand,
  type PostedGun,
  type StrokeDone,
} from '@/core/evenness';
import { seeded } from '@/core/random';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import { evenSetup, type EvenSetup } from './even';
import { filmWanted } from './ledger';
import type { JobView } from './view';

/** The finest cell that tells anything, and how many cells a map has at most: it is laid anew at every change. */
const finest = 2e-3;
const mostCells = 90_000;

/** Whose strokes: a hand that errs, drawn from its number, or those that were felt. */
export type HandLaid =
  { readonly spread: Hand; readonly number: number } | { readonly done: readonly StrokeDone[] };

/** Lays a coat on a map that recomputes within a frame; an erring hand is drawn from its number. */
export function layField({ gun, passes, openings }: EvenSetup, hand?: HandLaid): Outcome<FilmField> {
  const strokes = fieldStrokes(passes);
  if (isRefusal(strokes)) return strokes;
  const across = unfolded(passes);
  const cell = Math.max(Math.sqrt((across * passes.along) / mostCells), finest);
  const rows = Math.max(Math.round(across / cell), 2);
  const cols = Math.max(Math.round(passes.along / cell), 2);
  const done = !hand
    ? strokes
    : 'done' in hand
      ? asDone(strokes, hand.done)
      : erring(strokes, hand.spread, passes.spacing, seeded(hand.number));
  return filmField({
    surface: surfaceOf(passes, rows),
    along: passes.along,
    cols,
    gun,
    strokes: done,
    openings,
  });
}

/** Coats on top of each other, each by its own weight: dry ÷ wet. Maps of one face laid alike. */
function stacked(
  fields: readonly { readonly field: FilmField; readonly weight: number }[],
): FilmField | undefined {
  const [first] = fields;
  if (!first) return undefined;
  const film = new Float64Array(first.field.film.length);
  for (const { field, weight } of fields) {
    // A coat sprayed the short way lies turned: its map is read across.
    const turned = field.cols !== first.field.cols || field.rows !== first.field.rows;
    for (let r = 0; r < first.field.rows; r += 1)
      for (let c = 0; c < first.field.cols; c += 1) {
        const i = r * first.field.cols + c;
        const from = turned
          ? Math.floor(((c + 0.5) / first.field.cols) * field.rows) * field.cols +
            Math.floor(((r + 0.5) / first.field.rows) * field.cols)
          : i;
        film[i] = (film[i] as number) + weight * (field.film[from] ?? 0);
      }
  }
  const sum = (of: (field: FilmField) => number) => fields.reduce((total, { field }) => total + of(field), 0);
  return {
    ...first.field,
    film,
    sprayed: sum(({ sprayed }) => sprayed),
    onPart: sum(({ onPart }) => onPart),
    mist: sum(({ mist }) => mist),
    past: sum(({ past }) => past),
  };
}

/** The gun of a coat as a worker can take it: functions do not travel. */
export const postedGun = ({
  gun: { fan, distance, footprint, flow, transfer },
  film,
}: EvenSetup): PostedGun => ({ fan, distance, footprint, flow, transfer, film });

export interface FilmOnFace {
  readonly field: FilmField;
  /** m: wet of one coat, dry of several. */
  readonly limits: { readonly min: number; readonly max: number };
}

/** One coat wet as it was set up, or the coats named on top of each other, dry. */
export function filmOnFace(
  view: JobView,
  setup: EvenSetup,
  coatIds?: readonly string[],
  hand?: HandLaid,
): Outcome<FilmOnFace> {
  if (!coatIds) {
    const field = layField(setup, hand);
    return isRefusal(field) ? field : { field, limits: setup.limits };
  }
  const fields: { field: FilmField; weight: number }[] = [];
  for (const [i, id] of coatIds.entries()) {
    const own = evenSetup(view, setup.face.id, id);
    if (isRefusal(own)) return own;
    // Felt over one coat, they say nothing of the others.
    const field = layField(
      own,
      hand && 'spread' in hand ? { ...hand, number: hand.number * 100 + i } : undefined,
    );
    if (isRefusal(field)) return field;
    fields.push({ field, weight: own.solids });
  }
  const field = stacked(fields);
  const { min, max } = filmWanted(view.work, new Set(coatIds));
  return field ? { field, limits: { min, max } } : refuse('no-coat', 'No coat is on yet.');
}
