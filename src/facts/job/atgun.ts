import { paceAt, type HandGuide, type PaceMoment } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import type { Face } from '@/records';
import type { CoatState } from './spray';
import { strokeRun, timesOver } from './strokes';
import type { JobView } from './view';
import { byHand, sprayedFaces } from './byhand';

/** One side of one piece of a face, as it is sprayed in one go. */
export interface GunPiece {
  readonly face: Face;
  readonly side: 1 | 2;
  /** Which of several alike, from 1. */
  readonly nth: number;
  /** Its strokes, all passes of them; none where they cannot be told. */
  readonly guide?: HandGuide;
}

/** What one tap at the gun says has been done, and what comes then. */
export type GunStep =
  | {
      readonly kind: 'face';
      readonly piece: GunPiece;
      readonly at: number;
      readonly of: number;
      readonly turned: boolean;
    }
  | { readonly kind: 'stirred'; readonly batchId: string }
  | { readonly kind: 'end' | 'go-on' | 'start'; readonly coat: CoatState }
  /** The gun is done with the coat, hands are not: faces of theirs that nobody put on record. */
  | { readonly kind: 'by-hand'; readonly coat: CoatState; readonly left: readonly Face[] }
  /** Something keeps the gun down, or a clock has to run out. */
  | { readonly kind: 'held'; readonly coat: CoatState; readonly until?: number; readonly open: number }
  /** Nothing more is sprayed, or something is to be done that a tap does not say. */
  | { readonly kind: 'line' };

/** Every piece of a coat in the order it is sprayed: one side of all that are alike, then the other. */
export function gunPieces({ spray, points, work }: JobView, coatId: string): GunPiece[] {
  const own = points.find(({ coat }) => coat.id === coatId);
  const strokes = own?.strokes ?? spray.strokes;
  const passes = own?.point.passes ?? 1;
  return sprayedFaces(work.part).flatMap((face) => {
    const found = strokes.find((each) => each.face.id === face.id)?.guide;
    const guide = found && !isRefusal(found) ? repeated(found, passes) : undefined;
    return (face.sides === 2 ? ([1, 2] as const) : ([1] as const)).flatMap((side) =>
      Array.from({ length: face.count }, (_, i) => ({ face, side, nth: i + 1, ...(guide ? { guide } : {}) })),
    );
  });
}

const repeated = (guide: HandGuide, passes: number): HandGuide =>
  passes <= 1
    ? guide
    : {
        stroke: guide.stroke,
        total: guide.total * passes,
        strokes: Array.from({ length: passes }, () => guide.strokes).flat(),
      };

/** The pieces of the running coat that have not got it, in order. */
export function piecesLeft(view: JobView, running: CoatState): GunPiece[] {
  return gunPieces(view, running.coat.id).filter(
    ({ face, side, nth }) =>
      running.faces.filter((each) => each.faceId === face.id && each.side === side).length < nth,
  );
}

/**
 * What the next tap at the gun says. A stop stops here as anywhere: a coat that may not start is held.
 *
 * @param begun is the piece in hand being sprayed? Between two pieces an overdue stir comes first
 */
export function gunStep(view: JobView, begun: boolean): GunStep {
  const { spray, permission, timers, now, mix, work } = view;
  const { running, next } = spray;
  if (running?.pausedAt !== undefined) return { kind: 'go-on', coat: running };
  const stir = timers.find(({ id, due, quiet }) => id === 'stir' && due <= now && !quiet);
  if (stir && mix.batch && !begun) return { kind: 'stirred', batchId: mix.batch.id };
  if (running) {
    const [piece] = piecesLeft(view, running);
    if (!piece) {
      const left = work.part.faces.filter(
        (face) =>
          byHand(face) && running.faces.filter(({ faceId }) => faceId === face.id).length < timesOver(face),
      );
      return left.length > 0 ? { kind: 'by-hand', coat: running, left } : { kind: 'end', coat: running };
    }
    const of = sprayedFaces(work.part).reduce((sum, face) => sum + timesOver(face), 0);
    const at = of - piecesLeft(view, running).length + 1;
    const before = gunPieces(view, running.coat.id)[at - 2];
    const turned = before !== undefined && strokeRun(before.face) !== strokeRun(piece.face);
    return { kind: 'face', piece, at, of, turned };
  }
  if (!next || spray.look || spray.due) return { kind: 'line' };
  const wait = timers.find(({ id, due }) => (id === 'flash' || id === 'induction') && due > now);
  if (wait) return { kind: 'held', coat: next, until: wait.due, open: permission.open.length };
  if (next.coat.layerId !== view.work.layer.id) return { kind: 'line' };
  return permission.may
    ? { kind: 'start', coat: next }
    : { kind: 'held', coat: next, open: permission.open.length };
}

/** s before the first stroke of a piece: three beats to lift the gun by. */
export const leadIn = 3;

/** Where the hand should be on a piece that was taken up at a moment, s; below nought it still counts in. */
export const piecePace = ({ guide }: GunPiece, elapsed: number): PaceMoment | undefined =>
  guide && paceAt(guide, elapsed - leadIn);
