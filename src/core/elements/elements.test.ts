import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { byOtherWay, otherWays, workingOrder, type OrderedTask } from '.';

const day = { begins: 8 * 3600, ends: 17 * 3600 };
const change = (from: string | undefined, to: string) =>
  from === undefined ? 60 : from[0] === to[0] ? 120 : 300;

describe('the same film by hand', () => {
  const of = (...asked: Parameters<typeof byOtherWay>) => {
    const found = byOtherWay(...asked);
    if (isRefusal(found)) throw new Error(found.says);
    return found;
  };

  it('takes its area and its edges: twenty m² an hour by roller where there are none', () => {
    expect(of('roller', 10, 0, 180e-6)).toMatchObject({ coats: 2, time: 3600 });
    expect(of('roller', 10, 0, 180e-6).paint).toBeCloseTo(1.8e-3 / 0.95, 12);
    expect(of('brush', 2, 3, 80e-6).time).toBeCloseTo(2 * 600 + 3 * 30, 9);
  });

  it('takes less paint than a gun that lands half, and never less than the film itself', () => {
    for (const way of otherWays) {
      const { paint } = of(way, 4, 0, 100e-6);
      expect(paint).toBeGreaterThanOrEqual(4 * 100e-6);
      expect(paint).toBeLessThan((4 * 100e-6) / 0.55);
    }
  });

  it('takes as many coats as hold that film, and refuses none', () => {
    expect(of('brush', 1, 0, 90e-6).coats).toBe(1);
    expect(of('brush', 1, 0, 91e-6).coats).toBe(2);
    expect(isRefusal(byOtherWay('dip', 0, 0, 1e-4))).toBe(true);
    expect(isRefusal(byOtherWay('roller', 1, 0, 0))).toBe(true);
  });
});

describe('a working order', () => {
  const task = (id: string, tool: string, lasts = 600, from?: number): OrderedTask => ({
    id,
    tool,
    lasts,
    ...(from === undefined ? {} : { from }),
  });

  it('does in one go what one tool does, and changes as little as it can', () => {
    const placed = workingOrder(
      [
        task('wall', 'spray 517'),
        task('trim', 'brush'),
        task('gable', 'spray 517'),
        task('post', 'spray 311'),
      ],
      change,
      day.begins,
      day,
    );
    expect(placed.map(({ tool }) => tool)).toEqual(['spray 517', 'spray 517', 'spray 311', 'brush']);
    expect(placed.map((each) => each.change)).toEqual([60, 0, 120, 300]);
    expect(placed[0]).toMatchObject({ begins: day.begins + 60, ends: day.begins + 660 });
  });

  it('waits for what cannot begin yet, with what can first', () => {
    const noon = 12 * 3600;
    const placed = workingOrder(
      [task('shade', 'spray', 600, noon), task('sun', 'spray', 600), task('sill', 'brush', 3600)],
      change,
      day.begins,
      day,
    );
    // The brush fills the wait.
    expect(placed.map(({ id }) => id)).toEqual(['sill', 'sun', 'shade']);
    expect(placed.at(-1)!.begins).toBe(noon);
  });

  it('leaves nothing half done at night', () => {
    const placed = workingOrder([task('a', 'x', 3600), task('b', 'x', 3600)], change, 16 * 3600 - 60, day);
    expect(placed.map(({ begins }) => begins)).toEqual([16 * 3600, 86_400 + day.begins]);
  });

  it('is whole and without overlap, whatever is to be done, and never begins too soon', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            tool: fc.constantFrom('spray 1', 'spray 2', 'roller', 'brush'),
            lasts: fc.integer({ min: 1, max: 20_000 }),
            from: fc.option(fc.integer({ min: 0, max: 80_000 }), { nil: undefined }),
          }),
          { maxLength: 9 },
        ),
        fc.integer({ min: 0, max: 86_399 }),
        (rows, start) => {
          const tasks = rows.map((row, i) => task(String(i), row.tool, row.lasts, row.from));
          const placed = workingOrder(tasks, change, start, day);
          expect(placed.map(({ id }) => id).sort()).toEqual(tasks.map(({ id }) => id).sort());
          placed.forEach((each, i) => {
            const own = tasks.find(({ id }) => id === each.id)!;
            expect(each.ends - each.begins).toBe(own.lasts);
            expect(each.begins).toBeGreaterThanOrEqual(Math.max(start, own.from ?? 0));
            if (i > 0) expect(each.begins).toBeGreaterThanOrEqual(placed[i - 1]!.ends + each.change);
            expect(each.begins % 86_400).toBeGreaterThanOrEqual(day.begins);
          });
        },
      ),
    );
  });
});
