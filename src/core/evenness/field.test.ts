import fc from 'fast-check';
import { seeded } from '../random';
import {
  erring,
  fieldFacts,
  fieldStrokes,
  filmField,
  flatSurface,
  parabola,
  perfectHand,
  shapedProfile,
  shapeProfile,
  surfaceOf,
  unfolded,
  usualHand,
  type FieldGun,
  type FieldStroke,
  type FilmField,
  type Passes,
  type Profile,
} from '.';
import { sure, handbookGun as gun, handbookPasses as passes } from '../../../tests/fixtures/gun';

const fieldOf = (of: Partial<Passes> = {}, cell = 0.004, with_: Partial<FieldGun> = {}): FilmField => {
  const whole = { ...passes, ...of };
  const surface = surfaceOf(whole, Math.round(unfolded(whole) / cell));
  return sure(
    filmField({
      surface,
      along: whole.along,
      cols: Math.round(whole.along / cell),
      gun: { ...gun, ...with_ },
      strokes: sure(fieldStrokes(whole)),
    }),
  );
};
const factsOf = (field: FilmField) => sure(fieldFacts(field, { min: 0, max: 1 }));
const middleOf = ({ film, rows, cols }: FilmField, r = 0.5, c = 0.5) =>
  film[Math.floor(r * rows) * cols + Math.floor(c * cols)] as number;

describe('the film on a face', () => {
  it('lays 43.3 µm between strokes of the handbook’s gun at 0.40 m/s and half an overlap', () => {
    const field = fieldOf({ beyond: 0.1625 });
    expect(factsOf(field).mean * 1e6).toBeCloseTo(43.33, 0);
    // Over one spacing in the middle of the face.
    const rows = Math.round(0.125 / field.dy);
    let sum = 0;
    for (let i = 0; i < rows; i += 1) sum += middleOf(field, (0.375 + i * field.dy) / 0.8);
    expect((sum / rows) * 1e6).toBeCloseTo(43.33, 0);
  });

  it('puts all that is transferred on a face that is large enough, whatever the pattern and the way', () => {
    const shapes = fc.record({
      flatness: fc.double({ min: 0, max: 0.9, noNaN: true }),
      softness: fc.double({ min: 0.5, max: 3, noNaN: true }),
      skew: fc.double({ min: -0.9, max: 0.9, noNaN: true }),
      split: fc.double({ min: 0, max: 0.9, noNaN: true }),
    });
    fc.assert(
      fc.property(
        shapes,
        fc.double({ min: 0.15, max: 0.3, noNaN: true }),
        fc.boolean(),
        (shape, distance, crosswise) => {
          const profile = sure(shapedProfile(shape));
          const ratio = distance / gun.distance;
          const strokes: FieldStroke[] = [0.3, 0.42, 0.5].map((y, i) => ({
            from: 0.2,
            to: 0.8 - 0.1 * i,
            y,
            z: distance,
            aim: 0,
            distance,
            speed: 0.3,
            ...(crosswise ? { crosswise } : {}),
          }));
          const field = sure(
            filmField({
              surface: flatSurface(1, 250),
              along: 1,
              cols: 250,
              gun: { ...gun, profile },
              strokes,
            }),
          );
          const transfer = (field.sprayed - field.mist) / field.sprayed;
          if (ratio > 1) expect(transfer).toBeLessThan(0.65);
          // Hard edges are caught by 4 mm cells to a hundredth or two.
          expect(Math.abs(field.onPart / (field.sprayed * transfer) - 1)).toBeLessThan(0.02);
          expect(Math.abs((field.onPart + field.mist + field.past) / field.sprayed - 1)).toBeLessThan(0.02);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('keeps the volume on bent surfaces too: what leaves the gun lands somewhere', () => {
    // A fan that lies wholly on the two walls of a corner, or on a bar thicker than the fan.
    const corner: FieldStroke = {
      from: 0.2,
      to: 0.8,
      y: 0.6 - 0.14,
      z: 0.14,
      aim: Math.PI / 4,
      distance: 0.2,
      speed: 0.4,
    };
    const inside: Passes = { ...passes, kind: 'inside-corner', along: 1, across: 0.6 };
    const field = sure(
      filmField({ surface: surfaceOf(inside, 800), along: 1, cols: 100, gun, strokes: [corner] }),
    );
    const steady = field.onPart / field.sprayed;
    // Off the middle the wall is nearer than the corner, so a little more of it lands than of the same fan on a flat.
    expect(steady).toBeGreaterThan(0.65);
    expect(steady).toBeLessThan(0.72);
    const bar = fieldOf({ kind: 'round', across: 1.2, spacing: 0.1, lead: 0.1 }, 0.01);
    expect(factsOf(bar).cv).toBeLessThan(0.2);
  });

  it('is the same mirrored, from either end and in any order', () => {
    // Six whole spacings: the strokes lie alike at both edges.
    const even = { across: 0.75 };
    const { film, rows, cols } = fieldOf(even);
    for (let r = 0; r < rows; r += 7)
      for (let c = 0; c < cols; c += 7) {
        const here = film[r * cols + c] as number;
        expect(film[(rows - 1 - r) * cols + c] as number).toBeCloseTo(here, 12);
        expect(film[r * cols + (cols - 1 - c)] as number).toBeCloseTo(here, 12);
      }
    const strokes = sure(fieldStrokes({ ...passes, ...even }));
    const lay = (some: FieldStroke[]) =>
      sure(filmField({ surface: flatSurface(0.75, 80), along: 1.2, cols: 60, gun, strokes: some }));
    const [one, other] = [
      lay(strokes),
      lay(strokes.map((stroke) => ({ ...stroke, from: stroke.to, to: stroke.from })).reverse()),
    ];
    one.film.forEach((each, i) => expect(other.film[i]).toBeCloseTo(each, 12));
  });

  it('lays the aim on a face narrower than the fan', () => {
    const { spacing, speed } = passes;
    for (const across of [0.03, 0.15, 0.2, 0.31]) {
      const field = fieldOf({ across });
      // Between half and one and a half overlaps of a parabola: its ripple, never the strokes drawn together.
      const aim = (gun.flow * gun.transfer) / (speed * spacing);
      expect(factsOf(field).mean / aim).toBeGreaterThan(0.8);
      expect(factsOf(field).mean / aim).toBeLessThan(1.15);
    }
  });

  it('hardly changes when the cells are halved', () => {
    for (const n of [1, 2, 0.5]) {
      const cv = (cell: number) => factsOf(fieldOf({ lead: 0.02 }, cell, { profile: shapeProfile(n) })).cv;
      expect(Math.abs(cv(0.004) / cv(0.002) - 1)).toBeLessThan(0.01);
    }
  });

  it('agrees with stamping the spot along each stroke by brute force', () => {
    const profile: Profile = sure(shapedProfile({ ...parabola, skew: 0.4, split: 0.3 }));
    const strokes = [
      { from: -0.02, to: 0.3, y: 0.1, z: 0.2, aim: 0, distance: 0.2, speed: 0.4 },
      { from: 0.31, to: 0.05, y: 0.21, z: 0.25, aim: 0, distance: 0.25, speed: 0.3 },
    ];
    const closed = sure(
      filmField({ surface: flatSurface(0.3, 60), along: 0.3, cols: 60, gun: { ...gun, profile }, strokes }),
    );
    const mass = Array.from({ length: 4000 }, (_, i) => profile((i + 0.5) / 2000 - 1)).reduce(
      (sum, each) => sum + each / 2000,
      0,
    );
    const film = new Float64Array(3600);
    for (const { from, to, y, distance, speed } of strokes) {
      const n = 2000;
      const [half, reach] = [(0.125 * distance) / 0.2, (0.03 * distance) / 0.2];
      const volume = (gun.flow * 0.65 * (distance / 0.2) ** -0.35 * Math.abs(to - from)) / speed / n;
      for (let k = 0; k < n; k += 1) {
        const x = from + ((to - from) * (k + 0.5)) / n;
        for (let r = 0; r < 60; r += 1)
          for (let c = 0; c < 60; c += 1) {
            const [u, v] = [((r + 0.5) * 0.005 - y) / half, ((c + 0.5) * 0.005 - x) / reach];
            if (Math.abs(u) >= 1 || Math.abs(v) >= 1) continue;
            film[r * 60 + c]! +=
              ((volume * profile(u)) / mass / half) * ((0.9375 * (1 - v * v) ** 2) / reach);
          }
      }
    }
    const top = Math.max(...film);
    film.forEach((each, i) => expect(Math.abs((closed.film[i] as number) - each) / top).toBeLessThan(1e-3));
  });

  it('thins ends that are sprayed without a lead, and edges sprayed only by the outermost stroke', () => {
    const short = fieldOf({ lead: 0 });
    expect(middleOf(short, 0.5, 0.002)).toBeLessThan(0.6 * middleOf(short));
    const long = fieldOf();
    expect(middleOf(long, 0.5, 0.002)).toBeCloseTo(middleOf(long), 9);
    expect(middleOf(long, 0.001)).toBeLessThan(0.85 * factsOf(long).mean);
    // Strokes along the edges first make up for it, and more.
    expect(middleOf(fieldOf({ kind: 'edge' }), 0.001)).toBeGreaterThan(middleOf(long, 0.001) * 1.5);
  });

  it('heaps up in an inside corner when both faces are sprayed into it, and spares what is cut out', () => {
    const inside: Passes = { ...passes, kind: 'inside-corner', across: 0.5 };
    const at = ({ film }: FilmField, t: number) => film[Math.floor((t / 0.875) * 400) * 10 + 5] as number;
    const lay = (strokes: FieldStroke[]) =>
      sure(filmField({ surface: surfaceOf(inside, 400), along: 1.2, cols: 10, gun, strokes }));
    // Each face sprayed as if the other were not there.
    const rows = [0, 0.125, 0.25, 0.375, 0.5];
    const stroke = { from: -0.1, to: 1.3, distance: 0.2, speed: 0.4 };
    const heaped = lay([
      ...rows.map((y) => ({ ...stroke, y, z: 0.2, aim: 0 })),
      ...rows.slice(0, 4).map((z) => ({ ...stroke, y: 0.3, z, aim: Math.PI / 2 })),
    ]);
    expect(at(heaped, 0.49)).toBeGreaterThan(1.15 * at(heaped, 0.25));
    const guided = lay(sure(fieldStrokes(inside)));
    expect(at(guided, 0.49)).toBeLessThan(at(heaped, 0.49));
    const outside = fieldOf({ kind: 'outside-corner', across: 0.5 });
    expect(middleOf(outside, 0.6 / 0.875)).toBeGreaterThan(0);
    const strokes = sure(fieldStrokes(passes));
    const cut = (round: boolean) =>
      sure(
        filmField({
          surface: flatSurface(0.8, 200),
          along: 1.2,
          cols: 300,
          gun,
          strokes,
          openings: [{ x: 0.3, y: 0.2, width: 0.4, height: 0.4, round }],
        }),
      );
    const whole = fieldOf();
    expect(cut(false).onPart).toBeLessThan(whole.onPart * 0.86);
    const lost = (field: FilmField) => whole.onPart - field.onPart;
    expect(lost(cut(true)) / lost(cut(false))).toBeCloseTo(Math.PI / 4, 1);
  });

  it('lays twice as much and evener with a cross coat', () => {
    const cross = fieldOf({ cross: true, beyond: 0.125 });
    const plain = fieldOf({ beyond: 0.125 });
    expect(factsOf(cross).mean / factsOf(plain).mean).toBeCloseTo(2, 1);
    expect(factsOf(cross).cv).toBeLessThan(factsOf(plain).cv);
  });

  it('turns heavier toward the side a tilted gun is nearer to', () => {
    const tilted = sure(
      filmField({
        surface: flatSurface(1, 400),
        along: 0.4,
        cols: 10,
        gun,
        strokes: [{ from: -1, to: 2, y: 0.4, z: 0.2, aim: 0.3, distance: 0.21, speed: 0.4 }],
      }),
    );
    const spot = 0.4 + 0.2 * Math.tan(0.3);
    const sideOf = (way: number) => middleOf(tilted, spot + way * 0.09);
    expect(sideOf(-1)).toBeGreaterThan(sideOf(1) * 1.1);
  });

  it('counts shares under, inside and over, and finds the thinnest and thickest places', () => {
    const field = fieldOf({ spacing: 0.8 / 7 });
    const { mean, least, most, under, inside, over } = sure(fieldFacts(field, { min: 40e-6, max: 50e-6 }));
    expect(under + inside + over).toBeCloseTo(1, 12);
    expect(least.film).toBeLessThan(mean);
    expect(most.film).toBeGreaterThan(mean);
    expect(Math.min(least.y, 0.8 - least.y)).toBeLessThan(0.01);
  });

  it('an unerring hand changes nothing; an erring one makes it uneven, the same for the same seed', () => {
    const strokes = sure(fieldStrokes({ ...passes, spacing: 0.8 / 7 }));
    const straight = erring(strokes, perfectHand, 0.8 / 7, seeded(1));
    straight.forEach((stroke, i) => {
      for (const term of ['from', 'to', 'y', 'z', 'speed', 'distance'] as const)
        expect(stroke[term]).toBeCloseTo(strokes[i]![term], 12);
    });
    const lay = (seed: number) =>
      sure(
        filmField({
          surface: flatSurface(0.8, 80),
          along: 1.2,
          cols: 60,
          gun,
          strokes: erring(strokes, usualHand, 0.8 / 7, seeded(seed)),
        }),
      );
    expect(lay(3).film).toEqual(lay(3).film);
    expect(factsOf(lay(3)).cv).toBeGreaterThan(factsOf(fieldOf({ spacing: 0.8 / 7 })).cv);
  });

  it('refuses what cannot be laid, in words', () => {
    const ask = (part: object) =>
      filmField({ surface: flatSurface(0.8, 20), along: 1.2, cols: 20, gun, strokes: [], ...part });
    expect(ask({ gun: { ...gun, flow: 0 } })).toMatchObject({
      refused: 'not-positive',
      says: expect.stringContaining('fluid flow'),
    });
    expect(ask({ cols: 500_000 })).toMatchObject({ refused: 'too-fine' });
    expect(ask({ gun: { ...gun, profile: () => 0 } })).toMatchObject({ refused: 'no-film' });
    expect(
      ask({ strokes: [{ from: 0, to: 1, y: 0, z: 0.2, aim: 0, distance: 0.2, speed: 0 }] }),
    ).toMatchObject({ refused: 'stroke' });
    expect(shapedProfile({ ...parabola, skew: 2 })).toMatchObject({ refused: 'shape' });
    const gone = sure(
      filmField({
        surface: flatSurface(0.8, 20),
        along: 1.2,
        cols: 20,
        gun,
        strokes: [],
        openings: [{ x: -1, y: -1, width: 9, height: 9 }],
      }),
    );
    expect(fieldFacts(gone, { min: 0, max: 1 })).toMatchObject({ refused: 'no-face' });
  });
});
