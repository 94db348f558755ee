import { handbookPasses as passes, sure } from '../../../tests/fixtures/gun';
import { canCross, fieldStrokes, surfaceOf, unfolded, type FieldStroke, type Passes } from '.';

const strokesOf = (of: Partial<Passes> = {}) => sure(fieldStrokes({ ...passes, ...of }));
/** Where a stroke is aimed at, in the plane the fan stands in. */
const spotOf = ({ y, z, aim, distance }: FieldStroke) =>
  [y + distance * Math.sin(aim), z - distance * Math.cos(aim)] as const;

describe('strokes over a face', () => {
  it('lie one spacing apart from the near edge till past the far one, or from so far beyond', () => {
    // 0.8 m at 125 mm is six and a half spacings: the seventh passes the edge.
    expect(strokesOf().map(({ y }) => y)).toEqual(
      [0, 1, 2, 3, 4, 5, 6, 7].map((i) => expect.closeTo(i * 0.125, 12)),
    );
    const beyond = strokesOf({ beyond: 0.1 });
    expect(beyond[0]!.y).toBeCloseTo(-0.1, 12);
    expect(beyond.at(-1)!.y).toBeGreaterThanOrEqual(0.9 - 1e-12);
    expect(beyond.at(-2)!.y).toBeLessThan(0.9);
  });

  it('begin and end beyond the part, to and fro', () => {
    const [first, second] = strokesOf();
    expect([first!.from, first!.to]).toEqual([-0.1, 1.3]);
    expect([second!.from, second!.to]).toEqual([1.3, -0.1]);
  });

  it('go both ways in a cross coat, on flat work only', () => {
    const crossed = strokesOf({ cross: true }).filter(({ crosswise }) => crosswise);
    expect(crossed).toHaveLength(Math.ceil(1.2 / 0.125) + 1);
    expect(crossed[0]).toMatchObject({ from: -0.1, to: 0.9 });
    expect(strokesOf({ kind: 'round', cross: true }).some(({ crosswise }) => crosswise)).toBe(false);
    expect(
      (['flat', 'edge', 'open', 'round', 'inside-corner', 'outside-corner'] as const).map(canCross),
    ).toEqual([true, true, true, false, false, false]);
  });

  it('face each wall of a corner, and the corner itself once', () => {
    for (const kind of ['inside-corner', 'outside-corner'] as const) {
      const own = strokesOf({ kind, across: 0.5 });
      const leaning = own.filter(({ aim }) => Math.abs(Math.abs(aim) - Math.PI / 4) < 1e-9);
      expect(leaning).toHaveLength(1);
      const [y, z] = spotOf(leaning[0]!);
      expect(y).toBeCloseTo(0.5, 9);
      expect(z).toBeCloseTo(0, 9);
      const walls = own.filter(({ aim }) => Math.abs(Math.abs(aim) - Math.PI / 2) < 1e-9);
      expect(walls.length).toBeGreaterThan(1);
      for (const wall of walls) expect(spotOf(wall)[0]).toBeCloseTo(0.5, 9);
      // Inside the wall rises toward the gun, outside it falls away.
      for (const wall of walls)
        expect(Math.sign(spotOf(wall)[1] || (kind === 'inside-corner' ? 1 : -1))).toBe(
          kind === 'inside-corner' ? 1 : -1,
        );
    }
  });

  it('stand off a bar all round, aimed at its middle', () => {
    const own = strokesOf({ kind: 'round', across: 0.3 });
    for (const stroke of own) {
      const off = Math.hypot(stroke.y, stroke.z + 0.15);
      expect(off).toBeCloseTo(0.35, 9);
      const [y, z] = spotOf(stroke);
      expect(Math.hypot(y, z + 0.15)).toBeCloseTo(0.15, 9);
    }
    expect(own).toHaveLength(Math.ceil((Math.PI * 0.3) / 0.125));
  });

  it('keep their spot when the gun is leant', () => {
    const straight = strokesOf();
    strokesOf({ tilt: 0.3 }).forEach((stroke, i) => {
      const [there, here] = [spotOf(straight[i]!), spotOf(stroke)];
      expect(here[0]).toBeCloseTo(there[0], 9);
      expect(here[1]).toBeCloseTo(there[1], 9);
      expect(stroke.aim).toBeCloseTo(0.3, 9);
    });
  });

  it('refuse what the hand guide refuses', () => {
    expect(fieldStrokes({ ...passes, spacing: 0 })).toMatchObject({ refused: 'not-positive' });
    expect(fieldStrokes({ ...passes, spacing: 1e-4 })).toMatchObject({ refused: 'too-many-strokes' });
  });
});

describe('a face unfolded', () => {
  it.each([
    ['flat', 0.8],
    ['edge', 0.8],
    ['open', 0.8],
    ['round', Math.PI * 0.8],
    ['inside-corner', 0.8 + 0.375],
    ['outside-corner', 0.8 + 0.375],
  ] as const)('%s is %d m across, in rows that add up to it', (kind, across) => {
    const face = { ...passes, kind };
    expect(unfolded(face)).toBeCloseTo(across, 9);
    const surface = surfaceOf(face, 200);
    expect(surface.step * 200).toBeCloseTo(across, 9);
    // Each row lies a step from the last, along the way the surface goes.
    for (let i = 1; i < 200; i += 1) {
      const gone = Math.hypot(surface.y[i]! - surface.y[i - 1]!, surface.z[i]! - surface.z[i - 1]!);
      expect(gone).toBeLessThanOrEqual(surface.step * 1.0001);
      expect(Math.hypot(surface.ty[i]!, surface.tz[i]!)).toBeCloseTo(1, 9);
    }
  });
});
