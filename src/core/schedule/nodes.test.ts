import { nodesOf } from './nodes';
import type { PlanQuestion } from './plan';

const hour = 3600;
const question: PlanQuestion = {
  start: 8 * hour,
  pieces: [
    {
      id: 'front',
      handle: hour,
      coats: [
        { id: 'f1', duration: 600, then: { opens: hour, closes: 4 * hour } },
        { id: 'f2', duration: 900 },
      ],
    },
    {
      id: 'back',
      handle: hour,
      coats: [{ id: 'b1', duration: 300, waits: { piece: 'front', coat: 1, wait: 2 * hour } }],
    },
  ],
  shifts: [[8 * hour, 17 * hour]],
};

describe('the nodes of a plan', () => {
  it('are all coats in order, each after the one below it, and after what it waits for elsewhere', () => {
    const { nodes, first } = nodesOf(question, false);
    expect(nodes.map(({ task }) => task.id)).toEqual(['f1', 'f2', 'b1']);
    expect(nodes.map(({ before }) => before)).toEqual([-1, 0, -1]);
    expect(first).toEqual([0, 2]);
    expect(nodes[2]).toMatchObject({ turned: 1, wait: 2 * hour });
    // What is still to come of a piece: its work, and the waits between.
    expect(nodes[0]!.tail).toBeGreaterThanOrEqual(600 + hour + 900);
    expect(nodes[1]!.tail).toBeLessThan(nodes[0]!.tail);
  });

  it('a night closes a window shorter than it, unless last times are let go', () => {
    expect(nodesOf(question, false).closesOvernight({ opens: hour, closes: 4 * hour })).toBe(true);
    expect(nodesOf(question, false).closesOvernight({ opens: hour, closes: 20 * hour })).toBe(false);
    expect(nodesOf(question, true).closesOvernight({ opens: hour, closes: 4 * hour })).toBe(false);
  });
});
