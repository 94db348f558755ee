import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { chemistries, cleaningApproaches, cleaningSequence } from '.';
import { heldBack } from './interlock';

const sequences = fc
  .record({
    chemistry: fc.constantFrom(...chemistries),
    atomising: fc.constantFrom('hvlp', 'conventional', 'airless' as const),
    feed: fc.constantFrom('gravity', 'pressure-cup', 'pressure-pot', 'pump' as const),
    approach: fc.constantFrom(...cleaningApproaches),
    cleaner: fc.constant('C cleaning solvent'),
    dead: fc.constant(1e-3),
  })
  .map((question) => cleaningSequence(question));

describe('steps held back until the pressure is out', () => {
  it('nothing is opened while the relief before it is not on record, whatever else is', () => {
    fc.assert(
      fc.property(sequences, fc.infiniteStream(fc.boolean()), (found, done) => {
        if (isRefusal(found)) return;
        const steps = found.steps.map((step) => ({ ...step, done: done.next().value }));
        const held = heldBack(steps);
        steps.forEach((step, i) => {
          const before = steps.slice(0, i).findLast(({ relieves }) => relieves);
          expect(held.has(i)).toBe(!!step.opens && !step.done && before !== undefined && !before.done);
        });
      }),
    );
  });

  it('in the order of the list nothing is ever held back at its turn', () => {
    fc.assert(
      fc.property(sequences, (found) => {
        if (isRefusal(found)) return;
        found.steps.forEach((_, at) => {
          const held = heldBack(found.steps.map((step, i) => ({ ...step, done: i < at })));
          expect(held.has(at)).toBe(false);
        });
      }),
    );
  });

  it('an airless keeps its tip and filters on until its pressure is out', () => {
    const found = cleaningSequence({
      chemistry: 'water-borne',
      atomising: 'airless',
      feed: 'pump',
      approach: 'strip',
      cleaner: 'clean water',
      dead: 1e-3,
    });
    if (isRefusal(found)) throw new Error(found.says);
    const held = heldBack(found.steps.map((step) => ({ ...step, done: false })));
    const ids = [...held.keys()].map((i) => found.steps[i]?.id);
    expect(ids).toContain('tip-off');
    expect(ids.length).toBeGreaterThan(1);
  });
});
