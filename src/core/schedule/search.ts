import { inShift, shiftEnd } from './hours';
import { nodesOf, type Node } from './nodes';
import type { Piece, PlannedTask, PlanQuestion } from './plan';

/** Orders looked at before the best so far is taken. */
const usualPatience = 4000;

/** Nothing is planned further ahead than this, s. */
const horizon = 60 * 86_400;
const dayLong = 86_400;
const hair = 1e-6;
/** Starts that may be pushed for each order looked at. */
const pushes = 250;

/** One way to keep the window below: lag from the end of the task before, s. */
interface Lag {
  readonly min: number;
  readonly max: number;
}

const free: Lag = { min: 0, max: Infinity };

export interface Found {
  readonly tasks?: readonly PlannedTask[];
  readonly end: number;
  /** Every order was tried, or the bound is reached. */
  readonly proven: boolean;
}

/**
 * Looks for the order that ends first.
 *
 * @param bound what none can end before, s
 * @param loose keeps no last times: for finding the least bad plan
 * Source: branch and bound
 * @example searchOrders({ pieces: [{ id: 'a', coats: [{ id: 'a0', duration: 1, coating: 'c' }], handle: 0 }], start: 0 }, 1) → { tasks: [{ id: 'a0', piece: 'a', coat: 0, start: 0, end: 1 }], end: 1, proven: true }
 */
export function searchOrders(question: PlanQuestion, bound: number, loose = false): Found {
  const { pieces, start, shifts, racks, changeover = 0 } = question;
  const { nodes, first, closesOvernight } = nodesOf(question, loose);
  const alike = pieces.map((piece, i) => (waitsOrIsWaitedFor(pieces, piece) ? `${i}` : signature(piece)));

  // The order so far, with what was chosen for each.
  const order: number[] = [];
  const starts = new Float64Array(nodes.length);
  const placed = new Uint8Array(nodes.length);
  const lags: Lag[] = nodes.map(() => free);
  const done = pieces.map(() => 0);
  const totals = pieces.map(({ coats }) => coats.length);
  const hands = {
    pending: 0,
    free: start,
    left: nodes.reduce((sum, { task }) => sum + task.duration, 0),
    end: start,
  };
  const held = new Map<string, string>();

  const patience = question.patience ?? usualPatience;
  let looked = 0;
  /** Times looked at while pushing: what a try costs. */
  let effort = 0;
  let best: { order: number[]; starts: Float64Array; end: number } | undefined;
  let whole = true;

  const endOf = (n: number) => (starts[n] as number) + (nodes[n] as Node).task.duration;

  /** The ways to keep the window below a node. */
  function waysFor(n: number): readonly Lag[] {
    const { before } = nodes[n] as Node;
    const then = before < 0 ? undefined : (nodes[before] as Node).task.then;
    if (!then) return [free];
    const closes = loose ? Infinity : (then.closes ?? Infinity);
    if (!then.forbidden) return [{ min: then.opens, max: closes }];
    const { from, to } = then.forbidden;
    return [
      ...(from >= then.opens ? [{ min: then.opens, max: Math.min(from, closes) }] : []),
      { min: Math.max(to, then.opens), max: closes },
    ].filter(({ min, max }) => min <= max);
  }

  /** For a first coat that finds all rack slots taken: the node after which one comes free, or -1 for never. */
  function rackFor(upTo: readonly number[]): Map<number, number> {
    const waits = new Map<number, number>();
    if (racks === undefined) return waits;
    const slots: { piece: number; last?: number }[] = [];
    for (const n of upTo) {
      const { piece, coat } = nodes[n] as Node;
      if (coat === 0) {
        if (slots.length >= racks) {
          const out = slots.findIndex(({ last }) => last !== undefined);
          waits.set(n, slots[out]?.last ?? -1);
          if (out >= 0) slots.splice(out, 1);
        }
        slots.push({ piece });
      }
      const own = slots.find((each) => each.piece === piece);
      if (own && coat === (totals[piece] as number) - 1) own.last = n;
    }
    return waits;
  }

  /** s to make the gun ready for a node, after those before it. */
  function changeBefore(n: number, inGun: ReadonlyMap<string, string>): number {
    const { coating, gun = '' } = (nodes[n] as Node).task;
    const before = coating === undefined ? undefined : inGun.get(gun);
    return before === undefined || before === coating ? 0 : changeover;
  }

  const fillGun = (n: number, inGun: Map<string, string>) => {
    const { coating, gun = '' } = (nodes[n] as Node).task;
    if (coating !== undefined) inGun.set(gun, coating);
  };

  /** The earliest a node may begin at the end of the order as its times stand. */
  function earliestLast(n: number, lag: Lag, rack: number | undefined): number {
    const { task, piece, coat, before, turned, wait } = nodes[n] as Node;
    const { release } = pieces[piece] as Piece;
    let at = hands.free + changeBefore(n, held);
    if (before >= 0) at = Math.max(at, endOf(before) + lag.min);
    if (turned >= 0) at = Math.max(at, endOf(turned) + wait);
    if (coat === 0 && release !== undefined) at = Math.max(at, release);
    if (rack !== undefined)
      at = Math.max(at, endOf(rack) + (pieces[(nodes[rack] as Node).piece] as Piece).handle);
    return inShift(at, task.duration, shifts);
  }

  /** Pushes starts later until all hold; false when they cannot. Earlier coats are held back for later ones. */
  function pushed(times: Float64Array, upTo: readonly number[]): boolean {
    const limit = start + horizon;
    const racked = rackFor(upTo);
    if ([...racked.values()].includes(-1)) return false;
    const end = (n: number) => (times[n] as number) + (nodes[n] as Node).task.duration;
    const raise = (n: number, to: number): boolean => {
      const at = inShift(to, (nodes[n] as Node).task.duration, shifts);
      if (at <= (times[n] as number) + 1e-9) return false;
      times[n] = at;
      return true;
    };
    for (let changed = true, rounds = 0; changed; rounds += 1) {
      if (rounds > 4 * upTo.length + 200) return false;
      effort += upTo.length;
      changed = false;
      const inGun = new Map<string, string>();
      for (const [i, n] of upTo.entries()) {
        const { piece, coat, before, turned, wait, task } = nodes[n] as Node;
        const { min, max } = lags[n] as Lag;
        const { release, due } = pieces[piece] as Piece;
        let at = times[n] as number;
        if (i > 0) at = Math.max(at, end(upTo[i - 1] as number) + changeBefore(n, inGun));
        fillGun(n, inGun);
        if (before >= 0) at = Math.max(at, end(before) + min);
        if (turned >= 0) at = Math.max(at, end(turned) + wait);
        if (coat === 0 && release !== undefined) at = Math.max(at, release);
        const rack = racked.get(n);
        if (rack !== undefined)
          at = Math.max(at, end(rack) + (pieces[(nodes[rack] as Node).piece] as Piece).handle);
        if (raise(n, at)) changed = true;
        // The one before is held back when this one would come too late for it.
        if (before >= 0 && Number.isFinite(max)) {
          const held = (times[n] as number) - max - (nodes[before] as Node).task.duration;
          if (raise(before, held)) changed = true;
        }
        if ((times[n] as number) > limit) return false;
        if (coat === 0 && due !== undefined && !loose && (times[n] as number) > due + hair) return false;
        if (task.duration > 0 && !Number.isFinite(times[n] as number)) return false;
      }
    }
    return true;
  }

  interface Choice {
    readonly node: number;
    readonly lag: Lag;
    readonly at: number;
    /** All times anew, where those before it had to move. */
    readonly times?: Float64Array;
    readonly urgency: number;
  }

  function choiceOf(n: number, lag: Lag): Choice | undefined {
    looked += 1;
    const { task, piece, coat, before, turned } = nodes[n] as Node;
    if (turned >= 0 && !placed[turned]) return undefined;
    const { due } = pieces[piece] as Piece;
    const rack = coat === 0 && racks !== undefined ? rackFor([...order, n]).get(n) : undefined;
    if (rack === -1) return undefined;
    const at = earliestLast(n, lag, rack);
    const late = before >= 0 && at > endOf(before) + lag.max + hair;
    // Coats after which the window closes soon come first.
    const slack = task.then && !inBlock(n) ? Math.min(task.then.closes ?? dayLong, dayLong) * 0.01 : 0;
    if (!late) {
      if (at > start + horizon) return undefined;
      if (coat === 0 && due !== undefined && !loose && at > due + hair) return undefined;
      return { node: n, lag, at, urgency: at + slack };
    }
    if (before >= 0 && !loose && effort > patience * pushes) return undefined;
    const times = starts.slice();
    times[n] = start;
    lags[n] = lag;
    if (!pushed(times, [...order, n])) return undefined;
    return { node: n, lag, at: times[n], times, urgency: times[n] + slack };
  }

  /** When the blocks that have been begun can be through at the soonest. */
  function begunThrough(at: number): number {
    let through = at + hands.pending;
    for (let piece = 0; piece < pieces.length; piece += 1) {
      const coat = done[piece] as number;
      if (coat === 0 || coat >= (totals[piece] as number)) continue;
      const n = (first[piece] as number) + coat;
      const { before, block } = nodes[n] as Node;
      if (!inBlock(n)) continue;
      const opens = (nodes[before] as Node).task.then?.opens ?? 0;
      through = Math.max(through, Math.max(endOf(before) + opens, at) + block);
    }
    return through;
  }

  /**
   * What a night must not interrupt is begun the next day when it cannot end today, and nothing else comes before what has
   * been begun already when that would be too late for it.
   */
  function heldOver({ node: n, lag, at, times }: Choice): Choice | undefined {
    const { opensBlock, block, blockHands, piece, coat, task } = nodes[n] as Node;
    if (times || inBlock(n) || (!opensBlock && hands.pending <= 0)) return undefined;
    const end = shiftEnd(at, shifts);
    if (end === undefined) return undefined;
    const own = opensBlock ? blockHands : task.duration;
    const through = Math.max(hands.pending > 0 ? begunThrough(at) + own : 0, opensBlock ? at + block : 0);
    if (through <= end + hair) return undefined;
    const next = inShift(end, opensBlock ? block : task.duration, shifts);
    const { due } = pieces[piece] as Piece;
    if (!Number.isFinite(next) || next <= at + hair || (coat === 0 && due !== undefined && next > due))
      return undefined;
    const { before } = nodes[n] as Node;
    if (before >= 0 && next > endOf(before) + lag.max + hair) return undefined;
    return { node: n, lag, at: next, urgency: next };
  }

  /** Guns that what has been begun still goes on with: filled with something else meanwhile, they are changed twice. */
  function gunsAtWork(): Set<string> {
    const guns = new Set<string>();
    for (let piece = 0; piece < pieces.length; piece += 1) {
      const coat = done[piece] as number;
      if (coat === 0 || coat >= (totals[piece] as number)) continue;
      const n = (first[piece] as number) + coat;
      if (inBlock(n)) guns.add((nodes[n] as Node).task.gun ?? '');
    }
    return guns;
  }

  function choices(): Choice[] {
    const atWork = changeover > 0 && hands.pending > 0 ? gunsAtWork() : undefined;
    const found: Choice[] = [];
    const seen = new Set<string>();
    for (let piece = 0; piece < pieces.length; piece += 1) {
      const coat = done[piece] as number;
      if (coat >= (totals[piece] as number)) continue;
      // Pieces that are alike in everything need not be tried in every order.
      if (coat === 0) {
        const kind = alike[piece] as string;
        if (seen.has(kind)) continue;
        seen.add(kind);
      }
      const n = (first[piece] as number) + coat;
      for (const lag of waysFor(n)) {
        const choice = choiceOf(n, lag);
        if (!choice) continue;
        const { gun = '' } = (nodes[n] as Node).task;
        const disturbs = atWork?.has(gun) === true && !inBlock(n) && changeBefore(n, held) > 0;
        if (disturbs) {
          found.push({ ...choice, urgency: choice.urgency + horizon });
          continue;
        }
        const tomorrow = heldOver(choice);
        if (tomorrow) found.push(tomorrow);
        found.push(tomorrow ? { ...choice, urgency: choice.urgency + horizon } : choice);
      }
    }
    return found.sort((a, b) => a.urgency - b.urgency);
  }

  /** Can what is left still end before the best? */
  function hopeless(): boolean {
    if (!best) return false;
    if (hands.end >= best.end - hair || hands.free + hands.left >= best.end - hair) return true;
    return pieces.some((_, piece) => {
      const coat = done[piece] as number;
      if (coat >= (totals[piece] as number)) return false;
      const n = (first[piece] as number) + coat;
      const { before, tail } = nodes[n] as Node;
      const from = before < 0 ? start : endOf(before) + ((nodes[before] as Node).task.then?.opens ?? 0);
      return Math.max(from, hands.free) + tail >= (best?.end ?? Infinity) - hair;
    });
  }

  /** Nothing shorter can come, or it was looked at long enough: without a plan twice as long, and at least one way down. */
  const enough = () =>
    best === undefined
      ? looked >= Math.max(patience * 2, nodes.length * pieces.length * 4)
      : looked >= patience || effort >= patience * pushes || best.end <= bound + hair;

  /** Follows the most pressing first, straying from it so many times at most. */
  function dive(stray: number): void {
    if (order.length === nodes.length) {
      if (!best || hands.end < best.end) best = { order: [...order], starts: starts.slice(), end: hands.end };
      return;
    }
    if (hopeless()) return;
    const found = choices();
    for (const [i, choice] of found.entries()) {
      if (i > stray) {
        whole = false;
        return;
      }
      if (enough()) {
        whole = false;
        return;
      }
      place(choice, () => dive(stray - i));
    }
  }

  const inBlock = (n: number): boolean => {
    const { before } = nodes[n] as Node;
    return before >= 0 && closesOvernight((nodes[before] as Node).task.then);
  };

  function place({ node: n, lag, at, times }: Choice, go: () => void): void {
    const { piece, task } = nodes[n] as Node;
    const { coating, gun = '' } = task;
    const before = { ...hands, starts: times ? starts.slice() : undefined, in: held.get(gun), lag: lags[n] };
    if (times) starts.set(times);
    else starts[n] = at;
    lags[n] = lag;
    order.push(n);
    placed[n] = 1;
    done[piece] = (done[piece] as number) + 1;
    hands.left -= task.duration;
    const { opensBlock, blockHands } = nodes[n] as Node;
    if (opensBlock) hands.pending += blockHands - task.duration;
    else if (before.pending > 0 && inBlock(n)) hands.pending -= task.duration;
    hands.free = endOf(n);
    hands.end = Math.max(before.end, hands.free);
    fillGun(n, held);
    go();
    order.pop();
    placed[n] = 0;
    done[piece] = (done[piece] as number) - 1;
    if (before.starts) starts.set(before.starts);
    lags[n] = before.lag ?? free;
    if (coating !== undefined) {
      if (before.in === undefined) held.delete(gun);
      else held.set(gun, before.in);
    }
    Object.assign(hands, {
      free: before.free,
      left: before.left,
      end: before.end,
      pending: before.pending,
    });
  }

  for (let stray = 0; ; stray = stray * 2 + 1) {
    whole = true;
    dive(stray);
    if (whole || enough()) break;
  }
  if (!best) return { end: Infinity, proven: whole };
  const tasks = best.order.map((n): PlannedTask => {
    const { task, piece, coat } = nodes[n] as Node;
    const from = best?.starts[n] as number;
    return { id: task.id, piece: pieces[piece]?.id ?? '', coat, start: from, end: from + task.duration };
  });
  return { tasks, end: best.end, proven: whole || best.end <= bound + hair };
}

const waitsOrIsWaitedFor = (pieces: readonly Piece[], piece: Piece): boolean =>
  piece.coats.some(({ waits }) => waits !== undefined) ||
  pieces.some(({ coats }) => coats.some(({ waits }) => waits?.piece === piece.id));

const signature = ({ coats, handle, release, due }: Piece): string =>
  JSON.stringify([
    coats.map(({ duration, then, coating, gun }) => [duration, then, coating, gun]),
    handle,
    release,
    due,
  ]);
