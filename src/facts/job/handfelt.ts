import type { StrokeDone } from '@/core/evenness';
import type { HandSeen, MotionPlan } from '@/core/motion';
import type { EntryOf, NewEntry } from '@/records';
import { gunPieces } from './atgun';
import { liveEntries, ofType } from './entries';
import { usualLead } from './strokes';
import type { JobView } from './view';

/** What a hand was felt to do over a face, the last time somebody had the phone on the gun. */
export function handFelt({ work }: JobView, coatId: string, faceId: string): EntryOf<'hand'> | undefined {
  return ofType(liveEntries(work), 'hand').findLast(
    (each) => each.coatId === coatId && each.faceId === faceId,
  );
}

/** All of them, the latest first. */
export const handsFelt = ({ work }: JobView): EntryOf<'hand'>[] =>
  [...ofType(liveEntries(work), 'hand')].reverse();

/** Strokes to lay a film by: a stroke nobody is sure of is laid as the others were on the average. */
export function strokesFelt({ strokes }: Pick<EntryOf<'hand'>, 'strokes'>): StrokeDone[] {
  const sure = strokes.filter(({ doubtful }) => !doubtful);
  const mean = (of: (each: (typeof strokes)[number]) => number) =>
    sure.length === 0 ? 0 : sure.reduce((sum, each) => sum + of(each), 0) / sure.length;
  const [speed, tilt] = [mean((each) => each.speed), mean((each) => each.tilt)];
  return strokes.map((each) =>
    each.doubtful && speed > 0 ? { speed, tilt } : { speed: Math.max(each.speed, 1e-3), tilt: each.tilt },
  );
}

/** What was felt over a face as it goes on record. */
export const handEntry = (
  seen: HandSeen,
  of: { readonly coatId: string; readonly faceId: string; readonly side?: 1 | 2; readonly planned: number },
  simulated: boolean,
): NewEntry => ({
  type: 'hand',
  ...of,
  strokes: seen.strokes.slice(0, 400).map(({ seconds, speed, varied, tilt, arc, doubtful }) => ({
    lasts: seconds,
    speed: Math.min(speed, 10),
    varied: Math.min(varied, 10),
    tilt,
    arc,
    ...(doubtful ? { doubtful } : {}),
  })),
  ...(seen.unshown ? { unshown: true as const } : {}),
  ...(seen.coarse ? { coarse: true as const } : {}),
  ...(simulated ? { simulated } : {}),
});

/** The strokes of a face as a hand is held against them: length between turn-rounds, count, pace. */
export function motionPlan(view: JobView, coatId: string, faceId: string): MotionPlan | undefined {
  const piece = gunPieces(view, coatId).find(({ face }) => face.id === faceId);
  if (!piece?.guide) return undefined;
  const { face, guide } = piece;
  const length = Math.max(face.width, face.height) + 2 * (view.work.approach.lead ?? usualLead);
  return { length, strokes: guide.strokes.length, speed: length / guide.stroke, lies: face.lies };
}
