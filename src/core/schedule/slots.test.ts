import fc from 'fast-check';
import { orderOfFaces, startsIn, type Quarter } from '.';

const hour = 3600;
const day = (fits: (h: number) => boolean, dry: (h: number) => boolean = () => true): Quarter[] =>
  Array.from({ length: 96 }, (_, i) => ({ at: i * 900, fits: fits(i / 4), dry: dry(i / 4) }));

describe('when a face may be begun', () => {
  it('is while the whole of it fits, and the film is safe before the dew', () => {
    const nine = day(
      (h) => h >= 9 && h < 17,
      (h) => h >= 8 && h < 19,
    );
    expect(startsIn(nine, hour, 0)).toEqual([{ from: 9 * hour, to: 16 * hour + 900 }]);
    expect(startsIn(nine, hour, 4 * hour)).toEqual([{ from: 9 * hour, to: 14 * hour + 900 }]);
    expect(startsIn(nine, 9 * hour, 0)).toEqual([]);
    expect(startsIn(nine, hour, 30 * hour)).toEqual([]);
    expect(startsIn([], hour, 0)).toEqual([]);
  });

  it('never lies outside the limits', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ fits: fc.boolean(), dry: fc.boolean() }), { minLength: 96, maxLength: 96 }),
        fc.integer({ min: 1, max: 4 * hour }),
        fc.integer({ min: 0, max: 4 * hour }),
        (rows, lasts, safe) => {
          const quarters = rows.map((row, i) => ({ at: i * 900, ...row }));
          for (const { from, to } of startsIn(quarters, lasts, safe))
            for (let at = from; at < to; at += 900) {
              for (let t = at; t < at + lasts; t += 900) expect(quarters[(t / 900) % 96]!.fits).toBe(true);
              for (let t = at; t < at + lasts + safe; t += 900)
                expect(quarters[(t / 900) % 96]!.dry).toBe(true);
            }
        },
      ),
    );
  });
});

describe('the order of the faces', () => {
  it('goes to the one whose chance is over first, and leaves out what finds no time', () => {
    const spans = (from: number, to: number) => [{ from: from * hour, to: to * hour }];
    const order = orderOfFaces(
      [
        { id: 'north', spans: spans(8, 18), lasts: hour },
        { id: 'east', spans: spans(8, 9), lasts: hour },
        { id: 'west', spans: spans(8, 10), lasts: hour },
        { id: 'roof', spans: [], lasts: hour },
      ],
      8 * hour,
    );
    expect(order).toEqual([
      { id: 'east', start: 8 * hour },
      { id: 'west', start: 9 * hour },
      { id: 'north', start: 10 * hour },
    ]);
  });

  it('begins nothing outside its own time, and no two at once', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            from: fc.integer({ min: 0, max: 20 }),
            long: fc.integer({ min: 1, max: 6 }),
            lasts: fc.integer({ min: 1, max: 3 }),
          }),
          { maxLength: 6 },
        ),
        (all) => {
          const faces = all.map(({ from, long, lasts }, i) => ({
            id: String(i),
            spans: [{ from: from * hour, to: (from + long) * hour }],
            lasts: lasts * hour,
          }));
          const order = orderOfFaces(faces, 0);
          order.forEach(({ id, start }, i) => {
            const face = faces.find((each) => each.id === id)!;
            expect(start).toBeGreaterThanOrEqual(face.spans[0]!.from);
            expect(start).toBeLessThan(face.spans[0]!.to);
            const before = order[i - 1];
            if (before)
              expect(start).toBeGreaterThanOrEqual(
                before.start + faces.find((each) => each.id === before.id)!.lasts,
              );
          });
        },
      ),
    );
  });
});
