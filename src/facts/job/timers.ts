import type { Layer, Shop } from '@/records';
import type { BatchState } from './batch';
import type { CleanView } from './clean';
import { lastOf, liveEntries, moment } from './entries';
import { layerOf } from './layers';
import { holds } from './potleft';
import type { Permission } from './permission';
import { extractionUntil } from './runon';
import type { Worked } from './worked';
import type { SprayView } from './spray';
import type { SupplyView } from './supply';

export interface Timer {
  readonly id:
    | 'flash'
    | 'work'
    | 'recoat-closes'
    | 'induction'
    | 'pot-life'
    | 'stir-on'
    | 'stir'
    | 'retime'
    | 'idle'
    | 'clean-by'
    | 'dwell'
    | 'extraction'
    | 'warm-up';
  /** Whose film, pot or gun it is. */
  readonly layerId: string;
  /** What it is called where a job has several: the layer, or the gun. */
  readonly of?: string;
  /** ms since the epoch. Timers are moments, not counters: a closed tab cannot stop them. */
  readonly due: number;
  /** Amber this long before it is due, ms. */
  readonly warn: number;
  /** What is left of it heats itself when its time is over. */
  readonly heats?: boolean;
  /** It is an idle gun without a cap to wipe: its tip dries in the slot. */
  readonly airless?: boolean;
  /** It ran out by the user’s own hand: nothing calls. */
  readonly quiet?: boolean;
  /** What happens when it runs out: something may begin, must be done, or is lost. */
  readonly then: 'go' | 'do' | 'lost';
}

const minutes = 60_000;
/** A two-part mix is stirred so long past the last streak, ms. A default. */
const stirOn = 2 * minutes;

/** Everything a job is waiting for, soonest first: its film, and every pot and gun by itself. */
export function timersOf(
  job: Worked,
  guns: readonly CleanView[],
  pots: readonly BatchState[],
  shop: Shop,
  spray: SprayView,
  supply: SupplyView,
  now: number,
): Timer[] {
  const sprayed = job.layers.filter(({ coats }) => coats.length > 0);
  const timers = [
    ...filmTimers(job, spray),
    ...pots.flatMap((batch) => {
      const layer = layerOf(job, batch.layerId);
      // What no coat waits for calls nobody to stir or to time it; what the coats used up is not there to be stirred. What of
      // it is left still gels.
      const wanted = spray.coats.some(({ coat, state }) => coat.layerId === layer.id && state !== 'done');
      const empty = holds(batch, { work: job, supply, spray })?.empty === true;
      return potTimers(job, layer, batch, shop)
        .filter(({ id }) => (empty ? id === 'pot-life' : wanted || id !== 'stir-on'))
        .map((timer) => (wanted || timer.id === 'pot-life' ? timer : { ...timer, quiet: true }))
        .map((timer) => named(timer, layer, sprayed));
    }),
    ...guns.flatMap((gun) => gunTimers(gun, guns, spray)),
    ...airTimers(job, shop, spray, now),
    ...warmTimers(job, guns, now),
  ];
  return timers.sort((a, b) => a.due - b.due);
}

/** What was put on and acts its time: until then it is left, and then it is not left any longer. */
export const dwellTimers = (permission: Permission, layerId: string): Timer[] =>
  permission.items.flatMap((item) =>
    item.by === 'hand' && item.acted !== undefined
      ? [
          {
            id: 'dwell' as const,
            layerId,
            of: item.name ?? item.id,
            due: item.acted,
            warn: minutes,
            // What dries on is lost; what dries is only ready.
            then: item.id === 'etch' ? ('do' as const) : ('go' as const),
          },
        ]
      : [],
  );

/** How long a clock that is over and asks for nothing stays, ms. */
export const lingers = 3_600_000;

/** Extraction runs on after the last coat: vapour does not stop with the gun. */
function airTimers(
  job: Worked,
  shop: Shop,
  { next, running }: Pick<SprayView, 'next' | 'running'>,
  now: number,
): Timer[] {
  const until = next || running ? undefined : extractionUntil(job, shop);
  return until === undefined || now > until + lingers
    ? []
    : [{ id: 'extraction', layerId: job.layer.id, due: until, warn: 0, then: 'go' }];
}

/** A turbine is warm and steady after so long, ms. A default. */
const warmAfter = 5 * minutes;

/** ms since the epoch when a turbine switched on for a gun is warm; none where nobody said so, or it was off since. */
export function warmAt(job: Pick<Worked, 'log'>, rigId: string): number | undefined {
  const entries = liveEntries(job);
  const on = lastOf(entries, 'turbine-on', (entry) => (entry.rigId ?? rigId) === rigId);
  // Cleaning begins with the air off.
  const off = lastOf(
    entries,
    'tick',
    (tick) => tick.list === 'clean' && tick.done && (tick.rigId ?? rigId) === rigId,
  );
  return on && !(off && off.counter > on.counter) ? moment(on) + warmAfter : undefined;
}

function warmTimers(job: Worked, guns: readonly CleanView[], now: number): Timer[] {
  return guns.flatMap(({ rig, layerId }): Timer[] => {
    const due = rig?.air === 'turbine' ? warmAt(job, rig.id) : undefined;
    return due === undefined || now > due + minutes
      ? []
      : [{ id: 'warm-up', layerId, due, warn: 0, then: 'go' }];
  });
}

const named = <T extends Timer>(timer: T, { name }: Layer, sprayed: readonly Layer[]): T =>
  sprayed.length > 1 ? { ...timer, of: name } : timer;

function filmTimers(
  job: Worked,
  {
    recoat,
    running,
    touch,
    coats,
    due,
    stuck,
  }: Pick<SprayView, 'recoat' | 'running' | 'touch' | 'coats' | 'due' | 'stuck'>,
): Timer[] {
  if (!recoat || running) return [];
  const below = coats.filter(({ state }) => state === 'done').at(-1);
  const layerId = below?.coat.layerId ?? job.layer.id;
  const timers: Timer[] = [];
  if (due) {
    if (due.state === 'waiting' && due.until !== undefined)
      timers.push({ id: 'work', layerId, due: due.until, warn: 0, then: 'go' });
  } else if (recoat.state !== 'closed' && recoat.state !== 'never' && !stuck)
    timers.push({
      id: 'flash',
      layerId,
      due: recoat.opens,
      warn: 0,
      then: 'go',
      ...(touch && touch.found !== 'wet' ? { quiet: true } : {}),
    });
  if (recoat.closes !== undefined)
    timers.push({ id: 'recoat-closes', layerId, due: recoat.closes, warn: 20 * minutes, then: 'lost' });
  return timers;
}

function potTimers(job: Worked, layer: Layer, batch: BatchState, shop: Shop): Timer[] {
  const { id: layerId, sheet, coats } = layer;
  const entries = liveEntries(job);
  const timers: Timer[] = [];
  const { induction } = sheet.times;
  // Once it is being sprayed, nobody waits for it any more.
  const started = lastOf(
    entries,
    'coat-start',
    (entry) => moment(entry) >= batch.mixedAt && coats.some(({ id }) => id === entry.coatId),
  );
  if (induction && !started)
    timers.push({ id: 'induction', layerId, due: batch.mixedAt + induction * 1000, warn: 0, then: 'go' });
  if (batch.useBefore)
    timers.push({
      id: 'pot-life',
      layerId,
      due: batch.useBefore,
      warn: 20 * minutes,
      then: 'lost',
      ...(sheet.hazards.includes('peroxide') ? { heats: true } : {}),
    });
  const last = lastOf(entries, 'reading', (entry) => moment(entry) >= batch.mixedAt);
  if (sheet.components.length > 1 && !started && !last)
    timers.push({ id: 'stir-on', layerId, due: batch.mixedAt + stirOn, warn: 0, then: 'go' });
  // The sheet's own intervals, else the shift rule of the shop.
  const { stir = shop.intervals?.stir, retime = shop.intervals?.retime } = sheet.intervals;
  const stirred = lastOf(entries, 'stir', ({ batchId }) => batchId === undefined || batchId === batch.id);
  const timed = lastOf(entries, 'reading', ({ batchId }) => batchId === batch.id);
  if (stir)
    timers.push({
      id: 'stir',
      layerId,
      due: Math.max(batch.mixedAt, stirred ? moment(stirred) : 0) + stir * 1000,
      warn: 2 * minutes,
      then: 'do',
    });
  // Thinned by stick, no cup is timed again.
  if (retime && timed && layer.approach.endPoint === undefined)
    timers.push({ id: 'retime', layerId, due: moment(timed) + retime * 1000, warn: 5 * minutes, then: 'do' });
  return timers;
}

function gunTimers(
  { cleanBy, idle, layerId, rig }: CleanView,
  guns: readonly CleanView[],
  { recoat, next, running, coats }: Pick<SprayView, 'recoat' | 'next' | 'running' | 'coats'>,
): Timer[] {
  const timers: Timer[] = [];
  const of = guns.length > 1 ? { of: rig?.name ?? 'a gun no longer here' } : {};
  // A gun whose layer is on is cleaned, not wiped.
  const wanted =
    next !== undefined && coats.some(({ coat, state }) => coat.layerId === layerId && state !== 'done');
  if (idle && wanted && !running)
    timers.push({
      ...{ id: 'idle', layerId, due: idle.until, warn: 2 * minutes, then: 'do', ...of },
      ...(rig?.atomising === 'airless' ? { airless: true } : {}),
      // Once the next coat may go on, it is sprayed rather than wiped: the flash calls, and once is enough.
      ...(recoat && idle.until > recoat.opens - 2 * minutes ? { quiet: true } : {}),
    });
  if (cleanBy !== undefined && Number.isFinite(cleanBy))
    timers.push({ id: 'clean-by', layerId, due: cleanBy, warn: 15 * minutes, then: 'lost', ...of });
  return timers;
}

/**
 * How a clock stands: running, soon, ready (what may begin), late (what is lost or to be done), or over where it asks nobody
 * for anything.
 */
export function clockState(
  { due, warn, then, quiet }: Pick<Timer, 'due' | 'warn' | 'then' | 'quiet'>,
  now: number,
): 'running' | 'soon' | 'ready' | 'late' | 'over' {
  if (due <= now) return then === 'go' ? 'ready' : quiet ? 'over' : 'late';
  return due - now < warn && !quiet ? 'soon' : 'running';
}

/**
 * The clock that presses most: what is lost or must be done first, what may merely begin or asks for nothing only where nothing
 * else runs.
 */
export const nearestOf = (timers: readonly Timer[], now: number): Timer | undefined =>
  timers.find((timer) => ['running', 'soon', 'late'].includes(clockState(timer, now))) ?? timers[0];
