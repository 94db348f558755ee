import { handGuide, strokeCount } from '@/core/film';
import {
  dryingIn,
  dryingOf,
  opensByClock,
  recoatState,
  type RecoatState,
  type SheetTimes,
} from '@/core/schedule';
import type { Coating, EntryOf, Face, LogEntry } from '@/records';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { coatPlans, type CoatPlan } from './plan';
import type { SetView } from './set';
import type { Worked } from './worked';
import { isRefusal } from '@/core/refusal';

export interface CoatState extends CoatPlan {
  readonly state: 'todo' | 'running' | 'done';
  readonly started?: number;
  readonly ended?: number;
  readonly combs: readonly EntryOf<'comb'>[];
  /** ms it was paused in all, and since when it is paused now. */
  readonly rested: number;
  readonly pausedAt?: number;
  /** Faces and sides that have this coat. */
  readonly faces: readonly { readonly faceId: string; readonly side: 1 | 2 }[];
  /** Begun outside the window of the coat below it, and by how many ms. */
  readonly off?: { readonly kind: 'early' | 'late'; readonly by: number };
}

/** The time a coat has been sprayed, its pauses left out, as two moments a clock runs between, ms. */
export const spraying = (
  { started, ended, rested, pausedAt }: Pick<CoatState, 'started' | 'ended' | 'rested' | 'pausedAt'>,
  now: number,
): { readonly from: number; readonly to: number } => {
  const from = (started ?? now) + rested;
  return { from, to: ended ?? Math.max(pausedAt ?? now, from) };
};

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
  /** The touch test that stands instead of the clock. */
  readonly touch?: EntryOf<'touch'>;
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
export const usualLead = 0.1;

export function sprayView(job: Worked, set: SetView, now: number): SprayView {
  const coats = coatStates(job);
  const { point } = set;
  const { spacing, speed, fan } = point;
  const strokes = job.part.faces.map((face): StrokeGuide => {
    const lead = job.approach.lead ?? usualLead;
    const [along, across] = [Math.max(face.width, face.height), Math.min(face.width, face.height)];
    const length = along + 2 * lead;
    const guide = handGuide({ kind: face.surface ?? 'flat', along, across, spacing, speed, fan, lead });
    return {
      face,
      strokes: isRefusal(guide) ? strokeCount(across, spacing) : guide.strokes.length,
      length,
      seconds: length / speed,
    };
  });
  const lastEnded = coats.filter(({ state }) => state === 'done').at(-1);
  const entries = liveEntries(job);
  const room = lastOf(entries, 'climate');
  const factor = lastEnded ? slowness(lastEnded.sheet, room) : 1;
  const touch = lastOf(
    entries,
    'touch',
    (entry) => entry.coatId === lastEnded?.coat.id && moment(entry) >= (lastEnded.ended ?? 0),
  );
  const next = coats.find(({ state }) => state === 'todo');
  const abraded = lastOf(entries, 'abraded', ({ coatId }) => coatId === lastEnded?.coat.id);
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
            : windowOf(lastEnded.ended, now, lastEnded.sheet.times, factor, touch),
          ...(touch ? { touch } : {}),
        }),
    stretched: factor > 1.02,
    spacing,
    speed,
    distance: point.distance,
    fluid: point.fluid ?? 0,
    strokes,
    coatTime: strokes.reduce(
      (sum, each) => sum + each.face.count * (each.face.sides ?? 1) * each.strokes * each.seconds,
      0,
    ),
    cardWanted: set.card?.verdict !== 'good',
  };
}

/** A film cannot be slower than this many times its sheet and still be worth waiting for. */
const slowest = 12;

/** How much longer than its sheet says a film takes in the room as last read. */
export const slowness = (sheet: Coating, room: EntryOf<'climate'> | undefined): number =>
  room ? Math.min(dryingIn(dryingOf(sheet.chemistry), sheet.times.temperature, room), slowest) : 1;

/** A film found wet is asked again after this, ms. */
const askAgain = 5 * 60_000;

/** When a coat takes the next one by what a finger found of it: that outranks the clock, but never a window that has closed. */
export function opensByTouch(
  ended: number,
  times: SheetTimes,
  factor: number,
  touch: EntryOf<'touch'> | undefined,
): number | undefined {
  const closes = times.recoatLast === undefined ? Infinity : ended + times.recoatLast * 1000;
  if (!touch || moment(touch) > closes) return undefined;
  const clock = opensByClock(ended, times, factor);
  return touch.found === 'wet' ? Math.max(clock, moment(touch) + askAgain) : Math.min(clock, moment(touch));
}

const windowOf = (
  ended: number,
  now: number,
  times: SheetTimes,
  factor: number,
  touch: EntryOf<'touch'> | undefined,
): RecoatState => recoatState(ended, now, times, factor, opensByTouch(ended, times, factor, touch));

function pausesOf(entries: readonly LogEntry[], coatId: string, end: number | undefined) {
  let rested = 0;
  let pausedAt: number | undefined;
  for (const entry of entries) {
    if ((entry.type !== 'pause' && entry.type !== 'resume') || entry.coatId !== coatId) continue;
    if (entry.type === 'pause') pausedAt ??= moment(entry);
    else if (pausedAt !== undefined) {
      rested += moment(entry) - pausedAt;
      pausedAt = undefined;
    }
  }
  // A coat ended while it was paused rested until its end.
  if (pausedAt !== undefined && end !== undefined) return { rested: rested + end - pausedAt };
  return { rested, ...(pausedAt === undefined ? {} : { pausedAt }) };
}

export function coatStates(job: Worked): CoatState[] {
  const entries = liveEntries(job);
  let below: { readonly ended: number; readonly sheet: Coating; readonly coatId: string } | undefined;
  return coatPlans(job).map((plan): CoatState => {
    const own = ({ coatId }: { coatId: string }) => coatId === plan.coat.id;
    const start = lastOf(entries, 'coat-start', own);
    const end = lastOf(entries, 'coat-end', own);
    const off = start && below ? startedOff(entries, moment(start), below) : undefined;
    below = end ? { ended: moment(end), sheet: plan.sheet, coatId: plan.coat.id } : undefined;
    return {
      ...plan,
      ...pausesOf(entries, plan.coat.id, end && moment(end)),
      ...(off ? { off } : {}),
      faces: ofType(entries, 'face-done')
        .filter(own)
        .map(({ faceId, side = 1 }) => ({ faceId, side })),
      state: end ? 'done' : start ? 'running' : 'todo',
      ...(start ? { started: moment(start) } : {}),
      ...(end ? { ended: moment(end) } : {}),
      combs: ofType(entries, 'comb').filter(own),
    };
  });
}

/** Did a coat begin outside the window of the one below? Scuffing in between forgives lateness. */
function startedOff(
  entries: readonly LogEntry[],
  started: number,
  { ended, sheet, coatId }: { readonly ended: number; readonly sheet: Coating; readonly coatId: string },
): CoatState['off'] {
  const before = entries.filter((entry) => moment(entry) <= started);
  if (lastOf(before, 'abraded', (entry) => entry.coatId === coatId)) return undefined;
  const room = lastOf(before, 'climate');
  const touch = lastOf(before, 'touch', (entry) => entry.coatId === coatId && moment(entry) >= ended);
  const window = windowOf(ended, started, sheet.times, slowness(sheet, room), touch);
  if (window.state === 'closed' || window.state === 'never')
    return { kind: 'late', by: Math.max(started - window.closes, 0) };
  return window.state === 'open' ? undefined : { kind: 'early', by: window.opens - started };
}
