import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import {
  latestStart,
  planCoats,
  type CoatTask,
  type OrderOfWork,
  type Piece,
  type PlanQuestion,
  type RecoatWindow,
} from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const piece = (
  id: string,
  durations: readonly number[],
  then: RecoatWindow,
  more: Partial<Piece> = {},
): Piece => ({
  id,
  coats: durations.map((duration, i) => ({
    id: `${id}${i}`,
    duration,
    coating: 'c',
    ...(i < durations.length - 1 ? { then } : {}),
  })),
  handle: 0,
  ...more,
});

/** What a plan must keep, checked by itself. */
function broken({ pieces, racks, changeover = 0 }: PlanQuestion, { tasks }: OrderOfWork): string[] {
  const bad: string[] = [];
  const inOrder = [...tasks].sort((a, b) => a.start - b.start);
  const coatingOf = (id: string) =>
    pieces.flatMap(({ coats }) => coats).find((coat) => coat.id === id)?.coating;
  inOrder.forEach((task, i) => {
    const last = inOrder[i - 1];
    const change = last && coatingOf(last.id) !== coatingOf(task.id) ? changeover : 0;
    if (last && task.start < last.end + change - 1e-6) bad.push(`${task.id} overlaps ${last.id}`);
  });
  for (const { id, coats } of pieces) {
    const own = inOrder.filter((task) => task.piece === id);
    if (own.length !== coats.length) bad.push(`${id} has ${own.length} coats`);
    own.forEach((task, i) => {
      const then = coats[i - 1]?.then;
      const lag = task.start - (own[i - 1]?.end ?? 0);
      if (then && lag < then.opens - 1e-6) bad.push(`${task.id} early`);
      if (then?.closes !== undefined && lag > then.closes + 1e-6) bad.push(`${task.id} late`);
      if (then?.forbidden && lag > then.forbidden.from + 1e-6 && lag < then.forbidden.to - 1e-6)
        bad.push(`${task.id} forbidden`);
    });
    coats.forEach(({ waits }, i) => {
      const other = waits && inOrder.find((task) => task.piece === waits.piece && task.coat === waits.coat);
      if (other && own[i]!.start < other.end + waits.wait - 1e-6) bad.push(`${id} before it is turned`);
    });
  }
  if (racks !== undefined)
    for (const { start } of inOrder) {
      const wet = pieces.filter(({ id, handle }) => {
        const own = inOrder.filter((task) => task.piece === id);
        return own[0]!.start <= start && own.at(-1)!.end + handle > start;
      });
      if (wet.length > racks) bad.push(`${wet.length} in ${racks} slots`);
    }
  return bad;
}

/** Can any order of the coats keep all windows? By every interleaving, and negative cycles in its differences. */
function feasible(pieces: readonly Piece[]): boolean {
  const orders = (left: readonly number[]): number[][] =>
    left.every((coat, i) => coat === pieces[i]!.coats.length)
      ? [[]]
      : left.flatMap((coat, i) =>
          coat < pieces[i]!.coats.length
            ? orders(left.map((each, k) => (k === i ? each + 1 : each))).map((rest) => [i, ...rest])
            : [],
        );
  return orders(pieces.map(() => 0)).some((order) => {
    const count = pieces.map(() => 0);
    const nodes = order.map((p) => ({ p, k: count[p]!++ }));
    const n = nodes.length;
    const d = Array.from({ length: n }, (_, i) =>
      Array.from({ length: n }, (_, j) => (i === j ? 0 : Infinity)),
    );
    const under = (i: number, j: number, most: number) => (d[i]![j] = Math.min(d[i]![j]!, most));
    nodes.forEach(({ p, k }, i) => {
      const lasts = (at: number) => pieces[nodes[at]!.p]!.coats[nodes[at]!.k]!.duration;
      // start_j − start_i ≥ w is kept as start_i − start_j ≤ −w.
      if (i > 0) under(i, i - 1, -lasts(i - 1));
      const before = nodes.findIndex((each) => each.p === p && each.k === k - 1);
      const then = pieces[p]!.coats[k - 1]?.then;
      if (before >= 0 && then) {
        under(i, before, -(lasts(before) + then.opens));
        if (then.closes !== undefined) under(before, i, lasts(before) + then.closes);
      }
    });
    for (let k = 0; k < n; k += 1)
      for (let i = 0; i < n; i += 1)
        for (let j = 0; j < n; j += 1) d[i]![j] = Math.min(d[i]![j]!, d[i]![k]! + d[k]![j]!);
    return d.every((row, i) => row[i]! >= 0);
  });
}

const someWindow = fc.record({
  opens: fc.integer({ min: 0, max: 6 }),
  wide: fc.option(fc.integer({ min: 0, max: 5 })),
});
const somePieces = fc
  .array(fc.tuple(fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 3 }), someWindow), {
    minLength: 1,
    maxLength: 3,
  })
  .map((all) =>
    all.map(([durations, { opens, wide }], i) =>
      piece(String.fromCharCode(97 + i), durations, {
        opens,
        ...(wide === null ? {} : { closes: opens + wide }),
      }),
    ),
  );

describe('coats of several pieces on one gun', () => {
  it('never overlap, and miss no window when any order exists that keeps them all', () => {
    fc.assert(
      fc.property(somePieces, (pieces) => {
        const plan = value(planCoats({ pieces, start: 0 }));
        const possible = feasible(pieces);
        expect(plan.missed.length === 0).toBe(possible);
        if (possible) expect(broken({ pieces, start: 0 }, plan)).toEqual([]);
        else expect(broken({ pieces, start: 0 }, plan).every((each) => each.endsWith('late'))).toBe(true);
      }),
      { numRuns: 300 },
    );
  });

  it('use the flash of one piece to spray another', () => {
    const pieces = ['a', 'b', 'c'].map((id) => piece(id, [300, 300], { opens: 600 }));
    const { tasks, end } = value(planCoats({ pieces, start: 0 }));
    expect(tasks.map(({ coat }) => coat)).toEqual([0, 0, 0, 1, 1, 1]);
    expect(end).toBe(1800);
  });

  it('hold a coat back rather than let the next one be late', () => {
    // b takes so long that a’s second coat would be late after it, and early before it ends.
    const pieces = [piece('a', [60, 60], { opens: 300, closes: 400 }), piece('b', [900], { opens: 0 })];
    const plan = value(planCoats({ pieces, start: 0 }));
    expect(broken({ pieces, start: 0 }, plan)).toEqual([]);
  });

  it('go round a forbidden middle, on either side of it', () => {
    const then = { opens: 600, forbidden: { from: 3600, to: 36_000 } };
    const soon = [piece('a', [300, 300], then)];
    expect(value(planCoats({ pieces: soon, start: 0 })).end).toBe(1200);
    // The gun is taken until deep in the forbidden middle: it waits for its end.
    const shifts = [[0, 900]] as const;
    const late = value(planCoats({ pieces: [piece('a', [600, 600], then)], start: 0, shifts }));
    expect(late.missed).toEqual([]);
    expect(late.tasks[1]!.start).toBe(86_400);
  });

  it('keep to working hours, and say which window a night closes', () => {
    const shifts = [[8 * 3600, 16 * 3600]] as const;
    const question = {
      pieces: [piece('a', [3600, 3600], { opens: 3600, closes: 4 * 3600 })],
      start: 15 * 3600,
      shifts,
    };
    const plan = value(planCoats(question));
    // Too late today for both: the first is held until tomorrow.
    expect(plan.tasks[0]!.start).toBe(86_400 + 8 * 3600);
    const never = value(
      planCoats({ ...question, pieces: [piece('a', [5 * 3600, 5 * 3600], { opens: 60, closes: 3600 })] }),
    );
    expect(never).toMatchObject({ proven: true, missed: [{ task: 'a1', remedy: 'scuff' }] });
    expect(isRefusal(planCoats({ ...question, pieces: [piece('a', [9 * 3600], { opens: 0 })] }))).toBe(true);
  });

  it('fill no more rack slots than there are', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 0, max: 900 }),
        (racks, count, handle) => {
          const question = {
            pieces: Array.from({ length: count }, (_, i) =>
              piece(`p${i}`, [60, 60], { opens: 300 }, { handle }),
            ),
            start: 0,
            racks,
          };
          expect(broken(question, value(planCoats(question)))).toEqual([]);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('turn a part over only when its first side can be handled, and clean between coatings', () => {
    const front = piece('front', [60, 60], { opens: 300 });
    const plain = piece('back', [60, 60], { opens: 300 });
    const waits = { piece: 'front', coat: 1, wait: 7200 };
    const back = { ...plain, coats: plain.coats.map((coat, i) => (i === 0 ? { ...coat, waits } : coat)) };
    const turned = { pieces: [back, front], start: 0 };
    const plan = value(planCoats(turned));
    expect(broken(turned, plan)).toEqual([]);
    expect(plan.tasks.find(({ id }) => id === 'back0')!.start).toBe(60 + 300 + 60 + 7200);
    const other = { ...piece('x', [60], { opens: 0 }), coats: [{ id: 'x0', duration: 60, coating: 'd' }] };
    const mixed = { pieces: [piece('a', [60, 60], { opens: 300 }), other], start: 0, changeover: 600 };
    expect(broken(mixed, value(planCoats(mixed)))).toEqual([]);
  });

  it('take up pieces in work where they stand: not before their flash, not after their window', () => {
    const pieces = [
      piece('new', [600, 600], { opens: 900 }),
      piece('old', [300], { opens: 0 }, { release: 1200, due: 1500 }),
    ];
    const plan = value(planCoats({ pieces, start: 0 }));
    expect(plan.missed).toEqual([]);
    const old = plan.tasks.find(({ piece: own }) => own === 'old')!;
    expect(old.start).toBeGreaterThanOrEqual(1200);
    expect(old.start).toBeLessThanOrEqual(1500);
    expect(value(planCoats({ pieces, start: 2000 })).missed).toMatchObject([
      { piece: 'old', remedy: 'scuff' },
    ]);
  });

  it('four doors with two sides and two coats of twenty seconds: an hour and a half, not three', () => {
    const half = 1800;
    const door = (id: string, side: string, other: string, first: boolean): Piece => ({
      id: `${id}${side}`,
      handle: half,
      coats: [0, 1].map((coat) => ({
        id: `${id}${side}${coat}`,
        duration: 20,
        coating: 'lacquer',
        ...(coat === 0 ? { then: { opens: half } } : {}),
        ...(first && coat === 0
          ? {}
          : { waits: { piece: `${id}${other}`, coat: first ? 0 : coat, wait: half } }),
      })),
    });
    const pieces = ['a', 'b', 'c', 'd'].flatMap((id) => [
      door(id, 'front', 'back', true),
      door(id, 'back', 'front', false),
    ]);
    const question = { pieces, start: 0 };
    const plan = value(planCoats(question));
    expect(broken(question, plan)).toEqual([]);
    // Front, back, front, back of each, every half hour: three times half an hour and the coats themselves.
    expect(plan.end).toBeGreaterThanOrEqual(3 * half + 4 * 20);
    expect(plan.end).toBeLessThanOrEqual(3 * half + 7 * 20);
    expect(plan.bound).toBeLessThanOrEqual(plan.end);
  });

  it('end as soon as the best of every order does, in small cases', () => {
    const ends = (question: PlanQuestion, order: readonly number[]): number => {
      // One order by itself: the earliest times, pieces after each other.
      const at = question.pieces.map(() => ({ coat: 0, end: 0 }));
      let hands = 0;
      for (const i of order) {
        const { coats } = question.pieces[i]!;
        const own = at[i]!;
        const opens = coats[own.coat - 1]?.then?.opens ?? 0;
        hands = Math.max(hands, own.coat > 0 ? own.end + opens : 0) + coats[own.coat]!.duration;
        own.end = hands;
        own.coat += 1;
      }
      return hands;
    };
    const orders = (left: readonly number[]): number[][] =>
      left.every((many) => many === 0)
        ? [[]]
        : left.flatMap((many, i) =>
            many > 0
              ? orders(left.map((each, k) => (k === i ? each - 1 : each))).map((rest) => [i, ...rest])
              : [],
          );
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 3 }),
            fc.integer({ min: 0, max: 9 }),
          ),
          { minLength: 1, maxLength: 3 },
        ),
        (all) => {
          const pieces = all.map(([durations, opens], i) => piece(`${i}`, durations, { opens }));
          const plan = value(planCoats({ pieces, start: 0 }));
          const shortest = Math.min(
            ...orders(pieces.map(({ coats }) => coats.length)).map((order) =>
              ends({ pieces, start: 0 }, order),
            ),
          );
          expect(plan.end).toBe(shortest);
          expect([plan.proven, plan.bound <= shortest]).toEqual([true, true]);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('five layers, twelve coats and the sanding between them on twenty pieces, over days, within the windows', () => {
    const hour = 3600;
    // Coats a layer, and what is sanded on top of it.
    const layers = [1, 3, 2, 3, 3];
    const pieces = Array.from({ length: 20 }, (_, i): Piece => {
      const coats: CoatTask[] = layers.flatMap((many, layer) => [
        ...Array.from({ length: many }, (_each, coat) => ({
          id: `p${i}-${layer}-${coat}`,
          duration: 90,
          coating: `c${layer}`,
          gun: `g${layer % 2}`,
          then: coat < many - 1 ? { opens: 900, closes: 8 * hour } : { opens: 3 * hour },
        })),
        ...(layer === 1 || layer === 2
          ? [{ id: `p${i}-sand-${layer}`, duration: 300, then: { opens: 0, closes: 24 * hour } }]
          : []),
      ]);
      return { id: `p${i}`, coats, handle: hour };
    });
    const question: PlanQuestion = {
      pieces,
      start: 8 * hour,
      shifts: [[7 * hour, 17 * hour]],
      changeover: 900,
    };
    const plan = value(planCoats(question));
    expect(plan.missed).toEqual([]);
    expect(broken({ ...question, changeover: 0 }, plan)).toEqual([]);
    expect(plan.tasks).toHaveLength(20 * 14);
    // Not further from what nothing can beat than it says.
    expect(plan.end).toBeGreaterThanOrEqual(plan.bound);
    expect(plan.end).toBeLessThan(5 * 24 * hour);
  });

  it('plan a shift of forty coats in no time, every window met', () => {
    const pieces = Array.from({ length: 10 }, (_, i) =>
      piece(`p${i}`, [240, 240, 240, 240], { opens: 900, closes: 4 * 3600 }),
    );
    const question = { pieces, start: 0, racks: 10 };
    const plan = value(planCoats(question));
    expect(plan.missed).toEqual([]);
    expect(broken(question, plan)).toEqual([]);
  });
});

describe('planned backward from the end of the day', () => {
  const question = { pieces: [piece('a', [600, 600], { opens: 1800, closes: 7200 })], start: 8 * 3600 };
  it('the latest start ends on time, half an hour later does not', () => {
    const latest = value(latestStart(question, 16 * 3600));
    // To the minute.
    expect(Math.abs(latest / 60 - (16 * 60 - 50))).toBeLessThanOrEqual(1);
    expect(value(planCoats({ ...question, start: latest })).end).toBeLessThanOrEqual(16 * 3600);
    expect(value(planCoats({ ...question, start: latest + 1800 })).end).toBeGreaterThan(16 * 3600);
  });
  it('says so when the stack does not fit any more', () => {
    expect(latestStart(question, 8.5 * 3600)).toMatchObject({ refused: 'too-late' });
    expect(latestStart({ ...question, pieces: [] }, 16 * 3600)).toMatchObject({ refused: 'no-coats' });
    expect(planCoats({ pieces: [piece('a', [60, 60], { opens: 10, closes: 5 })], start: 0 })).toMatchObject({
      refused: 'window',
    });
    expect(planCoats({ pieces: [piece('a', [0], { opens: 0 })], start: 0 })).toMatchObject({
      refused: 'not-positive',
    });
  });
});
