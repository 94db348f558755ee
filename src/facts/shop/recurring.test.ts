import fc from 'fast-check';
import { recurrences } from './recurring';
import type { Use } from './uses';

const use = (says: Partial<Use>): Use =>
  ({ sheetId: 's', rigId: 'g', people: ['Wren'], cans: [], faults: [], ...says }) as unknown as Use;
const times = (n: number, says: Partial<Use>): Use[] => Array.from({ length: n }, () => use(says));

describe('what a fault comes again with', () => {
  it('points to the gun that always had it', () => {
    const uses = [
      ...times(4, { rigId: 'bay 2', faults: ['runs'] }),
      ...times(1, { rigId: 'bay 2' }),
      ...times(8, { rigId: 'bay 1' }),
      ...times(1, { rigId: 'bay 1', faults: ['runs'] }),
    ];
    const [first] = recurrences(uses, 'runs');
    expect(first).toMatchObject({
      side: 'machine',
      kind: 'gun',
      key: 'bay 2',
      withIt: 4,
      of: 5,
      without: 1,
      ofOthers: 9,
    });
    // 5 · 9 + 1 of the 2002 ways to have five among fourteen.
    expect(first?.chance).toBeCloseTo(46 / 2002, 9);
  });

  it('one job tells nothing, and neither does what was always there', () => {
    expect(recurrences([use({ faults: ['runs'] }), use({ rigId: 'x' })], 'runs')).toEqual([]);
    expect(recurrences(times(6, { faults: ['runs'] }), 'runs')).toEqual([]);
    expect(recurrences(times(6, { faults: ['dust'] }), 'runs')).toEqual([]);
  });

  it('a lot and a person that met in the same jobs are alike', () => {
    const uses = [
      ...times(3, { cans: ['lot 7'], people: ['Rook'], faults: ['fish-eyes'] }),
      ...times(7, { cans: ['lot 6'] }),
    ];
    const found = recurrences(uses, 'fish-eyes');
    expect(found.map(({ kind }) => kind).sort()).toEqual(['lot', 'person']);
    expect(found[0]?.chance).toBe(found[1]?.chance);
  });

  it('the order of the jobs tells nothing, and every chance is one', () => {
    const some = fc.array(
      fc.record({
        rigId: fc.constantFrom('a', 'b', 'c'),
        people: fc.constantFrom(['W'], ['R'], ['W', 'R']),
        faults: fc.constantFrom([], ['runs']),
      }),
      { maxLength: 20 },
    );
    fc.assert(
      fc.property(some, (all) => {
        const uses = all.map((each) => use(each as Partial<Use>));
        const found = recurrences(uses, 'runs');
        found.forEach(({ chance }) => {
          expect(chance).toBeGreaterThanOrEqual(0);
          expect(chance).toBeLessThanOrEqual(1);
        });
        expect(recurrences([...uses].reverse(), 'runs').map(({ chance }) => chance)).toEqual(
          found.map(({ chance }) => chance),
        );
      }),
    );
  });
});
