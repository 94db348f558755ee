import { isRefusal } from '../refusal';
import { seeded } from '../random';
import { halved, shrunk, type Colours } from './colours';
import { filmOn, toneOf } from './film';
import { layFlat } from './flat';
import { outlineIn } from './outline';
import { smoothed, type CardPhoto, type Field } from './photo';
import { softnessOf, squareIn } from './square';
import { speckleOf, spatterOf } from './texture';

type Ink = readonly [number, number, number];
const bench: Ink = [96, 84, 70];
const paper: Ink = [232, 230, 224];
const ink: Ink = [30, 30, 32];
const paint: Ink = [90, 110, 150];

/** A card of 300 × 400 px, a millimetre each half one, on a bench of 400 × 520, with its square and a fan of paint. */
function photo(left = 50, top = 60): CardPhoto {
  const [width, height] = [400, 520];
  const data = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const [cx, cy] = [x - left, y - top];
      const on = cx >= 0 && cx < 300 && cy >= 0 && cy < 400;
      const square = cx >= 20 && cx < 60 && cy >= 20 && cy < 60;
      const fan = Math.max(1 - ((cx - 150) / 35) ** 2 - ((cy - 220) / 120) ** 2, 0);
      const colour = !on ? bench : square ? ink : paper.map((each, k) => each + (paint[k as 0] - each) * fan);
      data.set([...(colour as Ink), 255], 4 * (y * width + x));
    }
  return { width, height, data };
}

const field = (width: number, height: number, of: (x: number, y: number) => number): Field => ({
  width,
  height,
  at: Float32Array.from({ length: width * height }, (_, i) => of(i % width, Math.floor(i / width))),
});

const colours = (width: number, height: number, of: (x: number, y: number) => Ink): Colours => ({
  width,
  height,
  of: [0, 1, 2].map((k) => field(width, height, (x, y) => of(x, y)[k as 0]).at) as unknown as Colours['of'],
});

describe('a picture made smaller', () => {
  it('is the mean of what each pixel stands for', () => {
    const four = colours(4, 2, (x, y) => [x + 10 * y, 0, 0]);
    expect([...halved(four).of[0]]).toEqual([5.5, 7.5]);
    const { width, height, of } = shrunk(photo(), 4);
    expect([width, height]).toEqual([100, 130]);
    expect(of[0][0]).toBeCloseTo(bench[0], 3);
  });
});

describe('the card in its picture', () => {
  it('is found by its edges, wherever it lies', () => {
    for (const [left, top] of [
      [50, 60],
      [30, 90],
    ] as const) {
      const { quad } = outlineIn(photo(left, top));
      const xs = quad!.map(({ x }) => x);
      const ys = quad!.map(({ y }) => y);
      for (const [found, is] of [
        [Math.min(...xs), left],
        [Math.max(...xs), left + 300],
        [Math.min(...ys), top],
        [Math.max(...ys), top + 400],
      ] as const)
        expect(Math.abs(found - is)).toBeLessThan(6);
    }
  });

  it('is laid flat with its scale from the printed square: 20 mm on 40 px', () => {
    const flat = layFlat(photo());
    if (isRefusal(flat)) throw new Error(flat.says);
    const longer = Math.max(flat.light.width, flat.light.height) * flat.scale;
    expect(longer).toBeGreaterThan(0.185);
    expect(longer).toBeLessThan(0.21);
    expect(flat.square).toBeDefined();
  });

  it('without a square asks for two taps, and takes them', () => {
    const bare = photo();
    for (let y = 75; y < 125; y += 1)
      for (let x = 65; x < 115; x += 1) bare.data.set([...paper, 255], 4 * (y * bare.width + x));
    expect(layFlat(bare)).toMatchObject({ refused: 'no-scale' });
    const flat = layFlat(bare, { a: { x: 50, y: 60 }, b: { x: 350, y: 60 }, apart: 0.15 });
    if (isRefusal(flat)) throw new Error(flat.says);
    expect(Math.min(flat.light.width, flat.light.height) * flat.scale).toBeCloseTo(0.15, 2);
  });
});

describe('the printed square', () => {
  const tone = (soft: number) =>
    smoothed(
      field(200, 240, (x, y) => (x >= 15 && x < 45 && y >= 15 && y < 45 ? -2 : 0)),
      soft,
    );

  it('is found in a corner, dark or light, and not in the middle', () => {
    const [corner] = squareIn(tone(0))!;
    expect(corner.x).toBeGreaterThan(12);
    expect(corner.x).toBeLessThan(48);
    expect(squareIn({ ...tone(0), at: tone(0).at.map((each) => -each) })).toBeDefined();
    const middle = field(200, 240, (x, y) => (x >= 85 && x < 115 && y >= 105 && y < 135 ? -2 : 0));
    expect(squareIn(middle)).toBeUndefined();
  });

  it('has edges the softer the more the picture is out of focus', () => {
    const square = squareIn(tone(0))!;
    const softness = [0, 1, 2, 4].map((soft) => softnessOf(tone(soft), square));
    expect(softness).toEqual([...softness].sort((a, b) => a - b));
    expect(softness[3]!).toBeGreaterThan(2 * softness[1]!);
  });
});

describe('the film on a card', () => {
  it('is ln of what it leaves of the paper, and tells light paint from dark', () => {
    const light = field(2, 1, (x) => (x === 0 ? 200 : 50));
    expect([
      ...toneOf(
        light,
        field(2, 1, () => 200),
      ).at,
    ]).toEqual([0, Math.fround(Math.log(0.25))]);
    const fan = (x: number, y: number) => (Math.abs(x - 60) < 12 && Math.abs(y - 80) < 50 ? 1 : 0);
    const none = new Uint8Array(120 * 160);
    const dark = filmOn(
      colours(120, 160, (x, y) => (fan(x, y) ? paint : paper)),
      none,
    );
    const pale = filmOn(
      colours(120, 160, (x, y) => (fan(x, y) ? paper : ink)),
      none,
    );
    expect(dark.lighter).toBe(false);
    expect(pale.lighter).toBe(true);
    for (const { film, contrast } of [dark, pale]) {
      expect(film.at[80 * 120 + 60]!).toBeGreaterThan(5 * Math.abs(film.at[5 * 120 + 5]!));
      expect(contrast).toBeGreaterThan(0.2);
    }
  });

  it('tells drops that stand apart from grain within it', () => {
    const smooth = field(200, 200, () => 1);
    const random = seeded(4);
    const grain = field(200, 200, () => 1 + 0.05 * (random() - 0.5));
    const drops = field(200, 200, (x, y) => (Math.hypot((x % 40) - 20, (y % 40) - 20) < 4 ? 2.2 : 1));
    const perSquare = (film: Field) => spatterOf(film, smooth, 1, 0.0005);
    expect(perSquare(smooth)).toBe(0);
    expect(perSquare(grain)).toBe(0);
    // 25 drops on 10 × 10 cm.
    expect(perSquare(drops)).toBeCloseTo(0.25, 2);
  });

  it('knows coarse grain from fine by how far it is alike', () => {
    const random = seeded(9);
    const fine = field(120, 120, () => 1 + 0.3 * (random() - 0.5));
    const even = field(120, 120, () => 1);
    const reaches = [0, 1, 3].map((r) => speckleOf(smoothed(fine, r), even, 1));
    expect(reaches[0]!).toBeLessThan(reaches[1]!);
    expect(reaches[1]!).toBeLessThan(reaches[2]!);
  });
});
