import { nightOf } from './hours';
import type { CoatTask, Piece, PlanQuestion, RecoatWindow } from './plan';

/** One task as the search knows it; others by their numbers. */
export interface Node {
  readonly task: CoatTask;
  readonly piece: number;
  readonly coat: number;
  /** The one before it on its piece, and what it waits for on another; -1 for none. */
  readonly before: number;
  readonly turned: number;
  readonly wait: number;
  /** s of work on this piece from here on, lags counted. */
  readonly tail: number;
  /** The same to the last that a night would come between, and what of it is hands-on; it begins such a block itself. */
  readonly block: number;
  readonly blockHands: number;
  readonly opensBlock: boolean;
}

/** All tasks of a question by number. */
export interface Nodes {
  readonly nodes: readonly Node[];
  /** The first of each piece. */
  readonly first: readonly number[];
  /** Does a night between two tasks close the window of the second? */
  readonly closesOvernight: (then: RecoatWindow | undefined) => boolean;
}

/**
 * Every coat of every part as a node of the plan.
 *
 * @param loose keeps no last times: no night closes anything
 * Source: definition
 */
export function nodesOf({ pieces, shifts }: PlanQuestion, loose: boolean): Nodes {
  const nodes: Node[] = [];
  const first: number[] = [];
  for (const [piece, { coats }] of pieces.entries()) {
    first.push(nodes.length);
    coats.forEach((task, coat) => {
      const before = coat === 0 ? -1 : nodes.length - 1;
      nodes.push({
        ...{ task, piece, coat, before, turned: -1, wait: 0, tail: 0 },
        ...{ block: 0, blockHands: 0, opensBlock: false },
      });
    });
  }
  const night = nightOf(shifts);
  const closesOvernight = (then: RecoatWindow | undefined): boolean =>
    !loose && then?.closes !== undefined && then.closes < night;
  const nodeOf = (id: string, coat: number) => {
    const piece = pieces.findIndex((each) => each.id === id);
    return piece >= 0 && coat < (pieces[piece] as Piece).coats.length ? (first[piece] as number) + coat : -1;
  };
  for (let n = nodes.length - 1; n >= 0; n -= 1) {
    const node = nodes[n] as Node;
    const { waits } = node.task;
    const next = nodes[n + 1];
    const { then } = node.task;
    const follows = next?.before === n ? next : undefined;
    const after = follows ? follows.tail + (then?.opens ?? 0) : 0;
    const bound = follows && closesOvernight(then);
    const before = node.before < 0 ? undefined : nodes[node.before]?.task.then;
    nodes[n] = {
      ...node,
      tail: node.task.duration + after,
      block: node.task.duration + (bound ? (then?.opens ?? 0) + follows.block : 0),
      blockHands: node.task.duration + (bound ? follows.blockHands : 0),
      opensBlock: bound === true && !closesOvernight(before),
      ...(waits ? { turned: nodeOf(waits.piece, waits.coat), wait: waits.wait } : {}),
    };
  }
  return { nodes, first, closesOvernight };
}
