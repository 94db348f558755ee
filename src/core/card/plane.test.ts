import fc from 'fast-check';
import { areaOf, hullOf, mapping, quadBeyond, quadOf, rectangle, type Point, type Quad } from './plane';

const corner = (x: number, y: number) =>
  fc.record({
    x: fc.double({ min: x - 40, max: x + 40, noNaN: true }),
    y: fc.double({ min: y - 40, max: y + 40, noNaN: true }),
  });
const quad = fc.tuple(corner(100, 100), corner(400, 100), corner(400, 600), corner(100, 600));
/** Places along the sides, as a picture’s rows and columns would meet them. */
const along = (corners: Quad, each = 80): Point[] =>
  corners.flatMap((a, i) => {
    const b = corners[((i + 1) % 4) as 0];
    return Array.from({ length: each }, (_, k) => ({
      x: a.x + ((b.x - a.x) * k) / each,
      y: a.y + ((b.y - a.y) * k) / each,
    }));
  });
const far = (a: Quad, b: Quad): number =>
  Math.max(...a.map(({ x, y }, i) => Math.hypot(x - b[i as 0].x, y - b[i as 0].y)));

describe('a plane seen aslant', () => {
  it('takes the corners to the corners, and back again', () => {
    fc.assert(
      fc.property(quad, (to) => {
        const from = rectangle(300, 500);
        const there = mapping(from, to);
        const back = mapping(to, from);
        from.forEach(({ x, y }, i) => {
          const seen = there(x, y);
          expect(Math.hypot(seen.x - to[i]!.x, seen.y - to[i]!.y)).toBeLessThan(1e-6);
          const again = back(seen.x, seen.y);
          expect(Math.hypot(again.x - x, again.y - y)).toBeLessThan(1e-6);
        });
      }),
    );
  });

  it('straight lines stay straight', () => {
    fc.assert(
      fc.property(quad, (to) => {
        const there = mapping(rectangle(300, 500), to);
        const [a, b, c] = [there(10, 20), there(150, 250), there(290, 480)];
        const off = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
        expect(Math.abs(off) / Math.hypot(c.x - a.x, c.y - a.y)).toBeLessThan(1e-6);
      }),
    );
  });
});

describe('four-sided shapes', () => {
  it('are found by places along their sides, to half a pixel', () => {
    fc.assert(
      fc.property(quad, (of) => {
        const found = quadOf(along(of));
        expect(found && far(found, of)).toBeLessThan(0.5);
      }),
    );
  });

  it('a disc is none', () => {
    const disc = Array.from({ length: 90 }, (_, i) => ({
      x: 200 + 100 * Math.cos(i / 14.3),
      y: 200 + 100 * Math.sin(i / 14.3),
    }));
    expect(quadOf(disc)).toBeUndefined();
  });

  it('whose corners lie outside of the picture are met there', () => {
    const card: Quad = [
      { x: 20, y: -12 },
      { x: 170, y: 6 },
      { x: 178, y: 250 },
      { x: 14, y: 236 },
    ];
    const [width, height] = [180, 240];
    const seen = along(card, 300).map(({ x, y }) => ({
      x: Math.min(Math.max(x, 0), width),
      y: Math.min(Math.max(y, 0), height),
    }));
    const found = quadBeyond(seen, width, height);
    expect(found && far(found, card)).toBeLessThan(6);
  });

  it('a hull holds every place, and is no larger than the box round them', () => {
    const places = fc.array(corner(200, 200), { minLength: 4, maxLength: 40 });
    fc.assert(
      fc.property(places, (some) => {
        const hull = hullOf(some);
        expect(areaOf(hull)).toBeLessThanOrEqual(80 * 80 + 1e-6);
        for (const { x, y } of some)
          hull.forEach((a, i) => {
            const b = hull[(i + 1) % hull.length]!;
            expect((b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x)).toBeGreaterThan(-1e-6);
          });
      }),
    );
  });
});
