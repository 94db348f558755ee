import { strokeCount, strokeSpacing } from '@/core/film';
import { dryingFactor, recoatState, type RecoatState } from '@/core/schedule';
import type { EntryOf, Face, Job, Rig } from '@/records';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { coatPlans, type CoatPlan } from './plan';
import type { SetView } from './set';
import { isRefusal } from '@/core/refusal';

export interface CoatState extends CoatPlan {
  readonly state: 'todo' | 'running' | 'done';
  readonly started?: number;
  readonly ended?: number;
  readonly combs: readonly EntryOf<'comb'>[];
}

/** How to move over one face. */
export interface StrokeGuide {
  readonly face: Face;
  readonly strokes: number;
  /** Length of a stroke with its lead-in and lead-out, m, and its seconds. */
  readonly length: number;
  readonly seconds: number;
}

export interface SprayView {
  readonly coats: readonly CoatState[];
  readonly running?: CoatState;
  readonly next?: CoatState;
  /** The window the last ended coat leaves open. */
  readonly recoat?: RecoatState;
  /** Drying was stretched because the room is colder than the sheet. */
  readonly stretched: boolean;
  readonly spacing: number;
  readonly speed: number;
  readonly distance: number;
  readonly fluid: number;
  readonly strokes: readonly StrokeGuide[];
  /** s of spraying one coat takes, turning the gun not counted. */
  readonly coatTime: number;
  readonly cardWanted: boolean;
}

/** The stroke starts and ends this far off the part, m. A default. */
const lead = 0.1;

export function sprayView(job: Job, rig: Rig | undefined, set: SetView, now: number): SprayView {
  const coats = coatStates(job);
  const { setting } = set;
  const planned = isRefusal(set.proposal) ? undefined : set.proposal;
  const overlap = setting?.overlap ?? job.approach.overlap;
  const fan = setting?.fan ?? planned?.fitting.fan ?? rig?.fan ?? 0.25;
  const spacing = strokeSpacing(fan, overlap);
  const speed = setting?.speed ?? planned?.speed ?? job.approach.speed;
  const strokes = job.part.faces.map((face): StrokeGuide => {
    const length = Math.max(face.width, face.height) + 2 * lead;
    return {
      face,
      strokes: strokeCount(Math.min(face.width, face.height), spacing),
      length,
      seconds: length / speed,
    };
  });
  const lastEnded = coats.filter(({ state }) => state === 'done').at(-1);
  const room = lastOf(liveEntries(job), 'climate');
  const factor = lastEnded && room ? dryingFactor(lastEnded.sheet.times.temperature, room.part) : 1;
  const next = coats.find(({ state }) => state === 'todo');
  const abraded = lastOf(liveEntries(job), 'abraded', ({ coatId }) => coatId === lastEnded?.coat.id);
  return {
    coats,
    running: coats.find(({ state }) => state === 'running'),
    next,
    ...(lastEnded?.ended === undefined || !next
      ? {}
      : {
          // An abraded coat has no window any more: it takes the next one at any time.
          recoat: abraded
            ? { state: 'open' as const, opens: moment(abraded) }
            : recoatState(lastEnded.ended, now, lastEnded.sheet.times, factor),
        }),
    stretched: factor > 1.02,
    spacing,
    speed,
    distance: setting?.distance ?? planned?.distance ?? rig?.distance ?? 0.2,
    fluid: setting?.fluid ?? planned?.fitting.flow ?? 0,
    strokes,
    coatTime: strokes.reduce(
      (sum, each) => sum + each.face.count * (each.face.sides ?? 1) * each.strokes * each.seconds,
      0,
    ),
    cardWanted: set.card?.verdict !== 'good',
  };
}

export function coatStates(job: Job): CoatState[] {
  const entries = liveEntries(job);
  return coatPlans(job).map((plan) => {
    const own = ({ coatId }: { coatId: string }) => coatId === plan.coat.id;
    const start = lastOf(entries, 'coat-start', own);
    const end = lastOf(entries, 'coat-end', own);
    return {
      ...plan,
      state: end ? 'done' : start ? 'running' : 'todo',
      ...(start ? { started: moment(start) } : {}),
      ...(end ? { ended: moment(end) } : {}),
      combs: ofType(entries, 'comb').filter(own),
    };
  });
}
