import { dustFrom, lightFor, ripeFor, type DustMatch, type DustSigns, type Light } from '@/core/inspection';
import type { Face } from '@/records';
import { liveEntries, ofType, moment } from './entries';
import { evidenceOf } from './evidence';
import { lookedOver, type LookedOver, type Stop } from './lookedover';
import { slowness } from './recoat';
import { ripeAt } from './ripe';
import { substrateOf } from './substrate';
import type { JobView } from './view';

export interface WalkStop extends Stop {
  readonly light: Light;
  /** ms since the epoch before which it is too early; none where it may be looked at now. */
  readonly from?: number;
}

export interface Walk extends Omit<LookedOver, 'stops' | 'faults'> {
  readonly stops: readonly WalkStop[];
  readonly faults: readonly WalkStop[];
  /** Where one stands: the first stop that is open and ripe. */
  readonly next?: WalkStop;
  /** Everything ripe is walked; more is when this comes, ms since the epoch. */
  readonly waits?: number;
  readonly walked: number;
  /** Where the dust came from, the likeliest first. */
  readonly sources: readonly DustMatch[];
  /** When each face may be touched: with a finger, and handled. */
  readonly touch: readonly FaceTouch[];
}

export interface FaceTouch {
  readonly face: Face;
  /** ms since the epoch; an estimate by sheet and room. */
  readonly finger: number;
  readonly handle: number;
  /** The sheet does not say when it is dry to touch. */
  readonly assumed: boolean;
}

/** The round as it is walked now: what may be looked at already, with which light, and what the dust says. */
export function walkOf(view: JobView): Walk {
  const over = lookedOver(view.work, view.spray.coats);
  const touch = touchesOf(view);
  const stops = over.stops.map((stop): WalkStop => {
    const own = touch.find(({ face }) => face.id === stop.face.id);
    const ripe = ripeFor[stop.asks];
    const from = ripe === 'on' || !own ? undefined : ripe === 'touch' ? own.finger : own.handle;
    return {
      ...stop,
      light: lightFor(stop.asks, stop.zone),
      ...(from !== undefined && from > view.now ? { from } : {}),
    };
  });
  const open = stops.filter(({ state }) => state === 'open' || state === 'again');
  const next = open.find(({ from }) => from === undefined);
  const waits = Math.min(...open.map(({ from = Infinity }) => from));
  return {
    ...over,
    stops,
    faults: stops.filter(({ state }) => state === 'fault'),
    ...(next ? { next } : Number.isFinite(waits) ? { waits } : {}),
    walked: stops.length - open.length,
    sources: dustFrom(over.counts, signsOf(view)),
    touch,
  };
}

/** When each face may be touched: counted from when that face had its last coat, where that was said. */
function touchesOf({ spray, work, plan }: JobView): FaceTouch[] {
  const last = spray.coats.findLast(({ ended }) => ended !== undefined);
  if (last?.ended === undefined) return [];
  const done = ofType(liveEntries(work), 'face-done').filter(({ coatId }) => coatId === last.coat.id);
  const { ended, sheet } = last;
  return work.part.faces.map((face) => {
    const own = done.filter(({ faceId }) => faceId === face.id).map(moment);
    const { touch, handle, assumed } = ripeAt(sheet, own.length > 0 ? Math.max(...own) : ended, plan.climate);
    return { face, finger: touch, handle, assumed: assumed.touch };
  });
}

/** What the job knows that bears on dust. What nobody recorded is left out. */
function signsOf(view: JobView): DustSigns {
  const found = new Map(evidenceOf(view).map(({ finding }) => finding.split(':') as [string, string]));
  const last = view.spray.coats.findLast(({ ended }) => ended !== undefined);
  const ground = substrateOf(view.job.part);
  const { climate } = view.plan;
  const [wipe, tack, charged] = [found.get('prep'), found.get('tack'), found.get('charged')];
  return {
    ...(wipe ? { wipe: wipe === 'ok' ? 'ok' : 'skipped' } : {}),
    ...(tack ? { tack: tack === 'ok' ? 'ok' : 'late' } : {}),
    ...(charged ? { antistatic: charged === 'ok' ? 'ok' : 'skipped' } : {}),
    charges: ground === 'plastic' || ground === 'composite',
    ...(climate ? { humidity: climate.humidity } : {}),
    ...(last
      ? { open: (last.sheet.times.touch ?? last.sheet.times.flash * 2) * slowness(last.sheet, climate) }
      : {}),
  };
}
