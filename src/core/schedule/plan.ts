import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';

/** When the next coat may follow, in s from the end of the one before. */
export interface RecoatWindow {
  readonly opens: number;
  /** Undefined: open for good. */
  readonly closes?: number;
  /** From here to there neither wet on wet nor recoatable. */
  readonly forbidden?: { readonly from: number; readonly to: number };
}

/** One coat on one piece. */
export interface CoatTask {
  readonly id: string;
  /** s of spraying. */
  readonly duration: number;
  /** What must pass before the next coat of this piece; of the last coat, nothing. */
  readonly then?: RecoatWindow;
  /** What is in the gun: another coating asks for a change-over. */
  readonly coating: string;
}

/** A face, a side or a group of parts that takes its coats in order. */
export interface Piece {
  readonly id: string;
  readonly coats: readonly CoatTask[];
  /** Its first coat waits for the last of this other piece: sides turned over. */
  readonly after?: { readonly piece: string; readonly coat: number; readonly wait: number };
  /** Earliest and latest start of its first coat, where one is on already. s */
  readonly release?: number;
  readonly due?: number;
  /** s after its last coat until it leaves its rack slot. */
  readonly handle: number;
}

/** Working hours, s since any midnight of the plan: [from, to) in rising order; none for work around the clock. */
export type ShiftHours = readonly [from: number, to: number];

export interface PlanQuestion {
  readonly pieces: readonly Piece[];
  /** s, on the same scale as the shifts. */
  readonly start: number;
  readonly shifts?: readonly ShiftHours[];
  /** Pieces that can lie wet at once. */
  readonly racks?: number;
  /** s to clean the gun and change the coating. */
  readonly changeover?: number;
  /** Orders looked at before the best so far is taken: more for a better plan. */
  readonly patience?: number;
}

export interface PlannedTask {
  readonly id: string;
  readonly piece: string;
  readonly coat: number;
  readonly start: number;
  readonly end: number;
}

/** A window that no order of work meets. */
export interface Missed {
  readonly task: string;
  readonly piece: string;
  readonly coat: number;
  /** s late. */
  readonly late: number;
  /** Past its last time the coat below is abraded first; in the forbidden middle it waits. */
  readonly remedy: 'scuff' | 'wait';
}

export interface OrderOfWork {
  readonly tasks: readonly PlannedTask[];
  readonly end: number;
  /** Empty when every window is met. */
  readonly missed: readonly Missed[];
  /** Every order was tried: what is missed cannot be met. */
  readonly proven: boolean;
}

interface Node {
  readonly task: CoatTask;
  readonly piece: number;
  readonly coat: number;
  /** Lag to the coat before it, s from that one’s end. */
  readonly min: number;
  readonly max: number;
}

/** Nothing is planned further ahead than this, s. */
const horizon = 60 * 86_400;
/** Orders looked at before the best so far is taken. */
const usualPatience = 4000;
/** The latest start is found by trying: each try looks at fewer. */
const quick = 600;

/**
 * Orders the coats of several pieces on one gun so that no recoat window is missed.
 *
 * Searches orders depth first, the most pressing coat first; given an order, the earliest times that keep every
 * window follow from difference constraints. A coat may also be held back so that the next one is not late.
 *
 * @returns the plan that ends first among those looked at; if no order keeps every window, the one that misses least,
 *   with what is missed and what to do. Refuses coats without a duration and windows that never open
 */
export function planCoats(question: PlanQuestion): Outcome<OrderOfWork> {
  const wrong = refusePieces(question);
  if (wrong) return wrong;
  const search = new Search(question);
  search.run();
  if (search.best)
    return { tasks: search.written(search.best), end: search.best.end, missed: [], proven: true };
  const loose = new Search(question, true);
  loose.run();
  const found = loose.best;
  if (!found)
    return refuse(
      'no-plan',
      'These coats do not fit into the working hours given. Lengthen them, or plan fewer pieces.',
    );
  const tasks = loose.written(found);
  return {
    tasks,
    end: found.end,
    missed: missedIn(question, tasks),
    proven: search.looked < (question.patience ?? usualPatience),
  };
}

/**
 * The latest moment the first coat may begin so that the last ends by then, in the order of a plan.
 *
 * @param by s, on the scale of the question
 * @returns s; refuses when even the earliest start ends later
 */
export function latestStart(question: PlanQuestion, by: number): Outcome<number> {
  const first = planCoats(question);
  if ('refused' in first) return first;
  if (first.end > by || first.missed.length > 0)
    return refuse(
      'too-late',
      'The whole stack does not fit before the end of the day. Split it where a window stays open overnight.',
      { quantity: 'duration', value: first.end - question.start },
    );
  const ends = (start: number) => {
    const plan = planCoats({ ...question, start, patience: quick });
    return 'refused' in plan || plan.missed.length > 0 ? Infinity : plan.end;
  };
  let [good, bad] = [question.start, by];
  while (bad - good > 60) {
    const middle = (good + bad) / 2;
    if (ends(middle) <= by) good = middle;
    else bad = middle;
  }
  return good;
}

function refusePieces({ pieces }: PlanQuestion) {
  for (const { coats } of pieces)
    for (const { id, duration, then } of coats) {
      const wrong = refuseUnlessPositive({ [`time of ${id}`]: duration });
      if (wrong) return wrong;
      if (then && !(then.closes === undefined || then.closes >= then.opens))
        return refuse('window', `The recoat window of ${id} closes before it opens.`, {
          quantity: 'duration',
          min: then.opens,
          value: then.closes,
        });
    }
  return pieces.some(({ coats }) => coats.length > 0)
    ? undefined
    : refuse('no-coats', 'There is no coat left to plan.');
}

/** A state of the search: nodes in the order they are sprayed, with their times. */
interface State {
  readonly order: readonly Node[];
  readonly starts: readonly number[];
  readonly end: number;
}

class Search {
  best: State | undefined;
  looked = 0;

  /** @param loose keeps no last times: for finding the least bad plan */
  constructor(
    private readonly question: PlanQuestion,
    private readonly loose = false,
  ) {}

  run(): void {
    this.extend(
      { order: [], starts: [], end: this.question.start },
      this.question.pieces.map(() => 0),
    );
  }

  written({ order, starts }: State): PlannedTask[] {
    return order.map(({ task, piece, coat }, i) => {
      const start = starts[i] as number;
      return {
        id: task.id,
        piece: this.question.pieces[piece]?.id ?? '',
        coat,
        start,
        end: start + task.duration,
      };
    });
  }

  private extend(state: State, done: readonly number[]): void {
    const { patience = usualPatience } = this.question;
    if (this.looked >= patience && this.best) return;
    if (this.looked >= patience * 2) return;
    if (this.best && state.end >= this.best.end) return;
    const { pieces } = this.question;
    const choices: { state: State; piece: number; urgency: number }[] = [];
    const seen = new Set<string>();
    for (const [piece, { coats, after }] of pieces.entries()) {
      const coat = done[piece] as number;
      const task = coats[coat];
      if (!task) continue;
      if (coat === 0 && after && !this.turned(after, done)) continue;
      // Pieces that are alike in everything need not be tried in every order.
      const alike = coat === 0 && !after ? signature(pieces[piece] as Piece) : `${piece}`;
      if (seen.has(alike)) continue;
      seen.add(alike);
      for (const { min, max } of this.modes(coats[coat - 1]?.then, coat)) {
        this.looked += 1;
        const next = this.append(state, { task, piece, coat, min, max });
        if (next)
          choices.push({ state: next, piece, urgency: (next.starts.at(-1) as number) + this.slackOf(task) });
      }
    }
    choices.sort((a, b) => a.urgency - b.urgency || a.state.end - b.state.end);
    if (choices.length === 0) {
      if (
        done.every((coat, i) => coat === pieces[i]?.coats.length) &&
        (!this.best || state.end < this.best.end)
      )
        this.best = state;
      return;
    }
    for (const { state: next, piece } of choices)
      this.extend(
        next,
        done.map((coat, i) => (i === piece ? coat + 1 : coat)),
      );
  }

  private turned({ piece, coat }: NonNullable<Piece['after']>, done: readonly number[]): boolean {
    const at = this.question.pieces.findIndex(({ id }) => id === piece);
    return at < 0 || (done[at] ?? 0) > coat;
  }

  private modes(then: RecoatWindow | undefined, coat: number): { min: number; max: number }[] {
    if (coat === 0 || !then) return [{ min: 0, max: Infinity }];
    const closes = this.loose ? Infinity : (then.closes ?? Infinity);
    if (!then.forbidden) return [{ min: then.opens, max: closes }];
    const { from, to } = then.forbidden;
    return [
      ...(from >= then.opens ? [{ min: then.opens, max: Math.min(from, closes) }] : []),
      { min: Math.max(to, then.opens), max: closes },
    ].filter(({ min, max }) => min <= max);
  }

  /** Coats after which the window closes soon come first. */
  private slackOf({ then }: CoatTask): number {
    return then ? Math.min(then.closes ?? horizon, horizon) * 0.01 : 0;
  }

  /** The state with one more coat, all times as early as the windows allow; undefined when they cannot be kept. */
  private append({ order, starts }: State, node: Node): State | undefined {
    const all = [...order, node];
    const times = [...starts, this.question.start];
    const { changeover = 0, racks, pieces } = this.question;
    const limit = this.question.start + horizon;
    const indexOf = new Map(all.map(({ piece, coat }, i) => [`${piece}/${coat}`, i] as const));
    const waits = this.rackWaits(all, racks);
    const endOf = (i: number) => (times[i] as number) + (all[i] as Node).task.duration;
    const raise = (i: number, to: number): boolean => {
      const at = this.inShift(to, (all[i] as Node).task.duration);
      if (at <= (times[i] as number) + 1e-9) return false;
      times[i] = at;
      return true;
    };
    raise(all.length - 1, this.question.start);
    for (let changed = true, rounds = 0; changed; rounds += 1) {
      if (rounds > 4 * all.length + 200) return undefined;
      changed = false;
      for (let i = 0; i < all.length; i += 1) {
        const { task, piece, coat, min, max } = all[i] as Node;
        let earliest = times[i] as number;
        if (i > 0) {
          const change = (all[i - 1] as Node).task.coating === task.coating ? 0 : changeover;
          earliest = Math.max(earliest, endOf(i - 1) + change);
        }
        const before = indexOf.get(`${piece}/${coat - 1}`);
        if (before !== undefined) earliest = Math.max(earliest, endOf(before) + min);
        const { after, release, due } = pieces[piece] as Piece;
        if (coat === 0 && release !== undefined) earliest = Math.max(earliest, release);
        if (coat === 0 && after) {
          const turned = indexOf.get(`${pieces.findIndex(({ id }) => id === after.piece)}/${after.coat}`);
          if (turned !== undefined) earliest = Math.max(earliest, endOf(turned) + after.wait);
        }
        const free = waits.get(i);
        if (free !== undefined)
          earliest = Math.max(earliest, endOf(free) + (pieces[(all[free] as Node).piece] as Piece).handle);
        if (raise(i, earliest)) changed = true;
        // The coat before is held back when this one would come too late for it.
        if (before !== undefined && Number.isFinite(max)) {
          const held = (times[i] as number) - max - (all[before] as Node).task.duration;
          if (raise(before, held)) changed = true;
        }
        if ((times[i] as number) > limit) return undefined;
        if (coat === 0 && due !== undefined && !this.loose && (times[i] as number) > due + 1e-6)
          return undefined;
      }
    }
    return { order: all, starts: times, end: Math.max(...times.map((_, i) => endOf(i))) };
  }

  /** For each first coat that finds all rack slots taken: the coat after which one comes free. */
  private rackWaits(all: readonly Node[], racks: number | undefined): Map<number, number> {
    const waits = new Map<number, number>();
    if (racks === undefined) return waits;
    const held: { piece: number; last?: number }[] = [];
    for (const [i, { piece, coat }] of all.entries()) {
      if (coat === 0) {
        if (held.length >= racks) {
          const out = held.findIndex(({ last }) => last !== undefined);
          const free = held[out]?.last;
          // Nobody is done yet: it waits for ever.
          if (free === undefined) return new Map([[i, i]]);
          waits.set(i, free);
          held.splice(out, 1);
        }
        held.push({ piece });
      }
      const own = held.find((each) => each.piece === piece);
      if (own && coat === (this.question.pieces[piece]?.coats.length ?? 0) - 1) own.last = i;
    }
    return waits;
  }

  private inShift(at: number, duration: number): number {
    const { shifts } = this.question;
    if (!shifts || shifts.length === 0) return at;
    const day = 86_400;
    const longest = Math.max(...shifts.map(([from, to]) => to - from));
    if (duration > longest) return Infinity;
    for (let base = Math.floor(at / day) * day; base <= at + 3 * day; base += day)
      for (const [from, to] of shifts) {
        const start = Math.max(at, base + from);
        if (start + duration <= base + to + 1e-6) return start;
      }
    return Infinity;
  }
}

const signature = ({ coats, handle, release, due }: Piece): string =>
  JSON.stringify([
    coats.map(({ duration, then, coating }) => [duration, then, coating]),
    handle,
    release,
    due,
  ]);

function missedIn({ pieces }: PlanQuestion, tasks: readonly PlannedTask[]): Missed[] {
  return tasks.flatMap(({ id, piece, coat, start }): Missed[] => {
    const own = pieces.find((each) => each.id === piece);
    if (coat === 0 && own?.due !== undefined && start > own.due + 1e-6)
      return [{ task: id, piece, coat, late: start - own.due, remedy: 'scuff' }];
    const then = own?.coats[coat - 1]?.then;
    const before = tasks.find((each) => each.piece === piece && each.coat === coat - 1);
    if (!then || !before) return [];
    const lag = start - before.end;
    if (then.closes !== undefined && lag > then.closes + 1e-6)
      return [{ task: id, piece, coat, late: lag - then.closes, remedy: 'scuff' }];
    return [];
  });
}
