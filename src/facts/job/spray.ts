import { hardAt, recoatState, type FilmBelow, type RecoatState } from '@/core/schedule';
import type { EntryOf, LogEntry } from '@/records';
import { clockMoved } from './batch';
import { abradedTooSoon, sandingAhead, workBetween, workDue, type WorkItem } from './between';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { layerOf } from './layers';
import { lookDue, type LookDue } from './looked';
import { coatPlans, type CoatPlan } from './plan';
import { filmBelow, neverDries, slowness, touchOf, type CoatOn } from './recoat';
import type { CoatPoint } from './coatpoints';
import type { SetView } from './set';
import { secondsOf, strokesOver, type StrokeGuide } from './strokes';
import type { LaidCoat, Worked } from './worked';
import { byHandSeconds, handPaintOf } from './byhand';

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

export interface SprayView {
  readonly coats: readonly CoatState[];
  readonly running?: CoatState;
  readonly next?: CoatState;
  /** Are all coats of the layer in hand on? */
  readonly layerOn: boolean;
  /** The window the last ended coat leaves open. */
  readonly recoat?: RecoatState;
  /** The touch test that stands instead of the clock. */
  readonly touch?: EntryOf<'touch'>;
  /** The film below as its window is worked out. */
  readonly film?: FilmBelow;
  /** All work between coats, and what of it comes now. */
  readonly work: readonly WorkItem[];
  readonly due?: WorkItem;
  /** What is to be judged under a strong light before anything else goes on. */
  readonly look?: LookDue;
  /** When it was sanded or scuffed while too soft: that opened nothing. ms */
  readonly abradedTooSoon?: number;
  /** How the last coat lies, as somebody saw it, and whether it was flatted since. */
  readonly texture?: { readonly found: EntryOf<'texture'>['found']; readonly flatted: boolean };
  /** An additive moves the clocks and nobody says by how much: only a finger knows. */
  readonly unverified: boolean;
  /** In the room as read the coat below does not dry, and no finger found otherwise. */
  readonly stuck?: true;
  /** Drying was stretched because the room is colder than the sheet. */
  readonly stretched: boolean;
  readonly spacing: number;
  readonly speed: number;
  readonly distance: number;
  readonly fluid: number;
  readonly strokes: readonly StrokeGuide[];
  /** s one coat takes: of spraying, turning the gun not counted, and of what is laid by hand. */
  readonly coatTime: number;
  /** s of it that the gun sprays. */
  readonly gunTime: number;
  /** m³ that hands lay in it, what brush and roller keep with it. */
  readonly handPaint: number;
  readonly cardWanted: boolean;
}

export function sprayView(job: Worked, set: SetView, points: readonly CoatPoint[], now: number): SprayView {
  const coats = coatStates(job);
  const { point } = set;
  const { spacing, speed } = point;
  const own = points.find(({ coat }) => coat.id === set.coat?.id);
  const strokes = own?.strokes ?? strokesOver(job, point);
  const films = coats.filter(({ coat }) => coat.layerId === job.layer.id).map(({ wet }) => wet);
  const lastEnded = coats.filter(({ state }) => state === 'done').at(-1);
  const entries = liveEntries(job);
  const next = coats.find(({ state }) => state === 'todo');
  const running = coats.find(({ state }) => state === 'running');
  const below =
    lastEnded?.ended === undefined
      ? undefined
      : { coat: lastEnded.coat, sheet: lastEnded.sheet, ended: lastEnded.ended };
  const touch = below && touchOf(entries, below);
  const factor = below ? slowness(below.sheet, lastOf(entries, 'climate')) : 1;
  const work = workBetween(job, coats, now);
  const soon = abradedTooSoon(job, lastEnded, next?.coat);
  const moved = below && clockMoved(layerOf(job, below.coat.layerId));
  const lies = lastEnded && textureSeen(entries, lastEnded.coat.id);
  const gunTime = own?.time ?? secondsOf(strokes) * point.passes;
  return {
    coats,
    ...(running ? { running } : {}),
    ...(next ? { next } : {}),
    layerOn: job.layer.coats.every(({ id }) =>
      coats.some(({ coat, state }) => coat.id === id && state === 'done'),
    ),
    ...(below && next ? { recoat: waitsFor(job, below, next, work, now), ...(touch ? { touch } : {}) } : {}),
    ...(below && next ? { film: filmBelow(job, entries, below, next.coat) } : {}),
    work,
    ...(running ? {} : { due: next && workDue(work), look: lookDue(job, coats) }),
    ...(soon === undefined || !next ? {} : { abradedTooSoon: soon }),
    ...(lies ? { texture: lies } : {}),
    unverified: next !== undefined && moved?.unknown === true && !touch,
    ...(next && below && !touch && neverDries(below.sheet, lastOf(entries, 'climate'))
      ? { stuck: true as const }
      : {}),
    stretched: factor > 1.02,
    spacing,
    speed,
    distance: point.distance,
    fluid: point.fluid ?? 0,
    strokes,
    coatTime: gunTime + byHandSeconds(job.part, films) / Math.max(films.length, 1),
    gunTime,
    handPaint: handPaintOf(job.part, set.wet),
    cardWanted: set.card?.verdict !== 'good',
  };
}

/** How a coat lies: the last that was said of it, and whether it was sanded after that. */
function textureSeen(entries: readonly LogEntry[], coatId: string): SprayView['texture'] {
  const seen = lastOf(entries, 'texture', (entry) => entry.coatId === coatId);
  if (!seen) return undefined;
  const flatted = entries.some(
    (entry) =>
      entry.counter > seen.counter &&
      ((entry.type === 'abraded' && entry.coatId === coatId) ||
        (entry.type === 'worked' && (entry.what === 'sand' || entry.what === 'scuff'))),
  );
  return { found: seen.found, flatted };
}

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

/** What the next coat waits for. Where sanding is planned before it, that it is hard enough to be sanded. */
function waitsFor(
  job: Worked,
  below: CoatOn,
  next: CoatState,
  work: readonly WorkItem[],
  now: number,
): RecoatState {
  const film = filmBelow(job, liveEntries(job), below, next.coat);
  if (!sandingAhead(work, below.coat.id)) return recoatState(film, now);
  const opens = hardAt(film);
  return { state: now < opens ? 'flashing' : 'open', opens };
}

/** How the coats of a job stand, worked out once for it: check, clocks, guns and plan all ask. */
const states = new WeakMap<Worked, readonly CoatState[]>();

export function coatStates(job: Worked): readonly CoatState[] {
  const known = states.get(job) ?? statesOf(job);
  states.set(job, known);
  return known;
}

function statesOf(job: Worked): CoatState[] {
  const entries = liveEntries(job);
  let below: CoatOn | undefined;
  return coatPlans(job).map((plan): CoatState => {
    const own = ({ coatId }: { coatId: string }) => coatId === plan.coat.id;
    const start = lastOf(entries, 'coat-start', own);
    const end = lastOf(entries, 'coat-end', own);
    const off = start && below ? startedOff(job, entries, moment(start), below, plan.coat) : undefined;
    below = end ? { ended: moment(end), sheet: plan.sheet, coat: plan.coat } : undefined;
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

/** Did a coat begin outside the window of the one below? Abrading it hard in between forgives lateness. */
function startedOff(
  job: Worked,
  entries: readonly LogEntry[],
  started: number,
  below: CoatOn,
  above: LaidCoat,
): CoatState['off'] {
  const before = entries.filter((entry) => moment(entry) <= started);
  const window = recoatState(filmBelow(job, before, below, above), started);
  if (window.state === 'closed' || window.state === 'never')
    return { kind: 'late', by: Math.max(started - window.closes, 0) };
  return window.state === 'open' ? undefined : { kind: 'early', by: window.opens - started };
}
