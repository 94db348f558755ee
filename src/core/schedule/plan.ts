import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import { soonestEnd } from './bound';
import { searchOrders } from './search';

/** When the next coat may follow, in s from the end of the one before. */
export interface RecoatWindow {
  readonly opens: number;
  /** Undefined: open for good. */
  readonly closes?: number;
  /** From here to there neither wet on wet nor recoatable. */
  readonly forbidden?: { readonly from: number; readonly to: number };
}

/** One coat on one piece, or work between two of them. */
export interface CoatTask {
  readonly id: string;
  /** s of hands on it. */
  readonly duration: number;
  /** s of those that are other work, done right before it: wiping, masking. */
  readonly before?: number;
  /** What must pass before the next one of this piece; of the last, nothing. */
  readonly then?: RecoatWindow;
  /** What is in the gun: another coating in the same gun asks for a change-over. None for work without one. */
  readonly coating?: string;
  readonly gun?: string;
  /** It also waits for one of another piece: s after its end. The other side of a part that is turned over. */
  readonly waits?: { readonly piece: string; readonly coat: number; readonly wait: number };
}

/** A face, a side or a group of parts that takes its coats, and the work between them, in order. */
export interface Piece {
  readonly id: string;
  readonly coats: readonly CoatTask[];
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
  /** Every order was tried, or nothing can be shorter: what is missed cannot be met, and no plan ends sooner. */
  readonly proven: boolean;
  /** s on the scale of the question: no plan that keeps the windows ends before this. */
  readonly bound: number;
}

/** The latest start is found by trying: each try looks at fewer. */
const quick = 600;

/**
 * Orders the coats of several pieces, and the work between them, on one pair of hands so that no recoat window is missed.
 *
 * Searches orders depth first, the most pressing first, straying from that a step further each time; given an order, the
 * earliest times that keep every window follow from difference constraints. A coat may also be held back so that the
 * next one is not late.
 *
 * @returns the plan that ends first among those looked at, and what none can end before; if no order keeps every window,
 *   the one that misses least, with what is missed and what to do. Refuses coats without a duration and windows that
 *   never open
 * Source: branch and bound over orders
 * @example planCoats({ pieces: [{ id: 'a', coats: [{ id: 'a0', duration: 1, coating: 'c' }], handle: 0 }], start: 0 }) → { tasks: [{ id: 'a0', piece: 'a', coat: 0, start: 0, end: 1 }], end: 1, missed: [], proven: true, bound: 1 }
 */
export function planCoats(question: PlanQuestion): Outcome<OrderOfWork> {
  const wrong = refusePieces(question);
  if (wrong) return wrong;
  const bound = soonestEnd(question);
  const strict = searchOrders(question, bound);
  if (strict.tasks) return { tasks: strict.tasks, end: strict.end, missed: [], proven: strict.proven, bound };
  const loose = searchOrders(question, bound, true);
  if (!loose.tasks)
    return refuse(
      'no-plan',
      'These coats do not fit into the working hours given. Lengthen them, or plan fewer pieces.',
    );
  const missed = missedIn(question, loose.tasks);
  return { tasks: loose.tasks, end: loose.end, missed, proven: strict.proven, bound };
}

/**
 * s of work in a plan.
 *
 * Source: branch and bound over orders
 * @example handsOn({ tasks: [{ start: 0, end: 600 }, { start: 900, end: 1200 }] }) → 900
 */
export const handsOn = ({ tasks }: Pick<OrderOfWork, 'tasks'>): number =>
  tasks.reduce((sum, { start, end }) => sum + end - start, 0);

/**
 * When its first task begins: what is closed before that is not of the work.
 *
 * Source: branch and bound over orders
 * @example beginning({ tasks: [{ start: 900, end: 1200 }, { start: 300, end: 600 }], end: 3600 }) → 300
 */
export const beginning = ({ tasks, end }: Pick<OrderOfWork, 'tasks' | 'end'>): number =>
  tasks.reduce((first, { start }) => Math.min(first, start), end);

/**
 * The latest moment the first coat may begin so that the last ends by then, in the order of a plan.
 *
 * @param by s, on the scale of the question
 * @returns s; refuses when even the earliest start ends later
 * Source: branch and bound over orders
 * @example latestStart({ pieces: [{ id: 'a', coats: [{ id: 'a0', duration: 600, coating: 'c', then: { opens: 1800, closes: 7200 } }, { id: 'a1', duration: 600, coating: 'c' }], handle: 0 }], start: 28800 }, 57600) → 54562.5
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
