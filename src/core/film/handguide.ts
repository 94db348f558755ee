import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import { strokeCount } from './stroke';

/** What is under the gun. */
export const surfaceKinds = ['flat', 'edge', 'inside-corner', 'outside-corner', 'round', 'open'] as const;
export type SurfaceKind = (typeof surfaceKinds)[number];

export interface GuideQuestion {
  readonly kind: SurfaceKind;
  /** m along the strokes and across them; of round work its length and its diameter. */
  readonly along: number;
  readonly across: number;
  /** m from stroke to stroke, m/s, m of fan. */
  readonly spacing: number;
  readonly speed: number;
  readonly fan: number;
  /** m the gun starts and ends beyond the part. */
  readonly lead: number;
  /** m the first stroke lies outside the near edge and the last at least outside the far one; none where nothing is said. */
  readonly beyond?: number;
}

/** One stroke in the plane of the part, m; x along, y across, from the part’s corner. Triggered between the two. */
export interface GuideStroke {
  readonly from: readonly [x: number, y: number];
  readonly to: readonly [x: number, y: number];
  /** Which way it is aimed when not square to the face. */
  readonly aim?: 'into-corner' | 'onto-edge' | 'round';
}

export interface HandGuide {
  readonly strokes: readonly GuideStroke[];
  /** s of the longest stroke, and of all with the trigger pulled. */
  readonly stroke: number;
  readonly total: number;
}

/** A face is sprayed at most this finely: past it the drawing and the count mean nothing. */
const most = 400;

/**
 * The strokes over one face, as a hand follows them: to and fro, the first centred on the near edge or so far beyond it,
 * each one spacing on from the one before, the last on the far edge or past it, starting and ending beyond the part.
 * They are never drawn together to end on the edge: closer strokes at the same pace would lay more than the coat wants.
 * Only round work shares its girth between whole strokes.
 *
 * An edge gets a stroke along each of its long sides first. An inside corner is taken face by face, each ending half a
 * fan short of the corner, and one light stroke down it last. An outside corner gets one stroke square onto it
 * first. Round work is sprayed along its length, turned by one spacing of its girth. Open work is sprayed from two
 * sides with half the strokes each, so that no stroke is laid on air twice.
 *
 * @returns refuses lengths that are not above zero and strokes too many to count
 * Source: conservation of volume
 * @example handGuide({ kind: 'flat', along: 2, across: 0.1, spacing: 0.1, speed: 0.20229885057471264, fan: 0.2, lead: 0.1 }) → { strokes: [{ from: [-0.1, 0], to: [2.1, 0] }, { from: [2.1, 0.1], to: [-0.1, 0.1] }], stroke: 10.875, total: 21.75 }
 */
export function handGuide({
  kind,
  along,
  across,
  spacing,
  speed,
  fan,
  lead,
  beyond = 0,
}: GuideQuestion): Outcome<HandGuide> {
  const wrong = refuseUnlessPositive({
    'length along the strokes': along,
    'length across them': across,
    'stroke spacing': spacing,
    'gun speed': speed,
    'fan width': fan,
  });
  if (wrong) return wrong;
  const width = kind === 'round' ? Math.PI * across : across + 2 * beyond;
  const count = strokeCount(width, spacing) - (kind === 'round' ? 1 : 0);
  if (count > most)
    return refuse(
      'too-many-strokes',
      `That would be more than ${most} strokes. Widen the fan or lessen the overlap.`,
    );
  const row = (y: number, i: number, aim?: GuideStroke['aim']): GuideStroke => {
    const ends = [-lead, along + lead] as const;
    const [a, b] = i % 2 === 0 ? ends : [ends[1], ends[0]];
    return { from: [a, y], to: [b, y], ...(aim ? { aim } : {}) };
  };
  const rows = (width: number) => strokeCount(width, spacing);
  const strokes: GuideStroke[] = [];
  if (kind === 'edge') for (const y of [0, across]) strokes.push(row(y, strokes.length, 'onto-edge'));
  if (kind === 'outside-corner') strokes.push(row(0, 0, 'onto-edge'));
  if (kind === 'round')
    for (let i = 0; i < count; i += 1) strokes.push(row((i + 0.5) * (width / count), i, 'round'));
  else if (kind === 'inside-corner') {
    const short = Math.max(across - fan / 2, spacing);
    for (let i = rows(short) - 1; i >= 0; i -= 1) strokes.push(row(short - i * spacing, strokes.length));
    strokes.push(row(across, strokes.length, 'into-corner'));
  } else if (kind === 'open') {
    // Every second stroke from the front, the others between them from the back.
    for (const half of [0, 1])
      for (let i = half; i < count; i += 2) strokes.push(row(i * spacing, strokes.length));
  } else {
    for (let i = 0; i < rows(across + 2 * beyond); i += 1)
      strokes.push(row(i * spacing - beyond, strokes.length));
  }
  const length = along + 2 * lead;
  return { strokes, stroke: length / speed, total: (strokes.length * length) / speed };
}

/**
 * The speed that brings the wet film to its aim, from what a comb read at the speed held.
 *
 * @param read m, the middle of the comb’s interval
 * @returns m/s: film goes with the inverse of speed
 * Formula: v·read ÷ wanted
 * Source: conservation of volume
 * @example 60 for 50 µm at 0.40: 0.48 m/s
 * @example speedFor(0.4, 0.00006, 0.00005) → 0.48
 */
export const speedFor = (speed: number, read: number, aim: number): Outcome<number> =>
  refuseUnlessPositive({ 'gun speed': speed, 'film read': read, 'film wanted': aim }) ?? (speed * read) / aim;
