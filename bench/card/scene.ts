import { gaussian, seeded, seedFrom, type Random } from '../../src/core/random';

// Picture loops run millions of times: the functions are looked up once.
const { PI, abs, exp, floor, max, min, round, sqrt } = Math;

/**
 * What stands before the camera: a sprayed card, its paper, paint and printed square, as deposits of drops. Written
 * apart from what reads cards and from the simulated camera: it shares only random numbers with them.
 */
export const sceneFaults = [
  'good',
  'heavy-centre',
  'split',
  'one-sided',
  'crescent',
  'spitting',
  'tails',
  'coarse',
] as const;
export type SceneFault = (typeof sceneFaults)[number];

export type Colour = readonly [red: number, green: number, blue: number];

/** Papers with paints that show on them, and what the square is printed with. sRGB, 0–255. */
const stocks: readonly { readonly paper: Colour; readonly paint: Colour; readonly ink: Colour }[] = [
  { paper: [238, 238, 234], paint: [28, 28, 30], ink: [20, 20, 22] },
  { paper: [235, 234, 228], paint: [96, 98, 102], ink: [20, 20, 22] },
  { paper: [236, 236, 236], paint: [150, 26, 30], ink: [24, 22, 24] },
  { paper: [240, 226, 158], paint: [30, 52, 120], ink: [26, 22, 20] },
  { paper: [186, 156, 118], paint: [240, 240, 236], ink: [22, 20, 18] },
  { paper: [186, 156, 118], paint: [40, 44, 46], ink: [22, 20, 18] },
  { paper: [38, 38, 40], paint: [236, 236, 232], ink: [235, 235, 235] },
  { paper: [62, 66, 74], paint: [222, 214, 190], ink: [238, 238, 236] },
  { paper: [176, 204, 222], paint: [120, 20, 40], ink: [20, 22, 28] },
];

export interface Scene {
  readonly fault: SceneFault;
  /** m: the card, along x and y, and what one cell of its film is. */
  readonly card: { readonly width: number; readonly height: number; readonly cell: number };
  readonly columns: number;
  readonly rows: number;
  /** Film in every cell, the top of a smooth fan about 1. */
  readonly film: Float32Array;
  /** Covering: 1 − e^(−hide · film). */
  readonly hide: number;
  readonly stock: (typeof stocks)[number];
  /** Corner of the printed square, m; none where nothing is printed. */
  readonly square?: { readonly x: number; readonly y: number };
  /** Between the places where the smooth fan has a tenth of its top, m. */
  readonly width: number;
  /** Round all that is thicker than a twentieth, m. */
  readonly extent: { readonly x0: number; readonly x1: number; readonly y0: number; readonly y1: number };
}

/** Film along the fan, u from −1 to 1, at a strength of the fault from 0 to 1. */
function along(fault: SceneFault, u: number, strength: number): number {
  const round = max(1 - abs(u) ** 2.4, 0) ** 0.75;
  const hump = (at: number, wide: number) => exp(-(((u - at) / wide) ** 2));
  switch (fault) {
    case 'heavy-centre':
      return max(1 - u * u, 0) ** (2.6 + 1.6 * strength);
    case 'split':
      return round * (1 - (0.5 + 0.35 * strength) * hump(0, 0.34));
    case 'one-sided':
      return round * max(1 + (0.6 + 0.35 * strength) * u, 0);
    case 'tails':
      return 0.7 * round + (0.7 + 0.5 * strength) * (hump(0.85, 0.08) + hump(-0.85, 0.08));
    default:
      return round;
  }
}

const between = (random: Random, from: number, to: number): number => from + (to - from) * random();

export interface SceneWishes {
  readonly fault?: SceneFault;
  readonly square?: boolean;
}

/** A sprayed card, by its seed. */
export function sceneOf(seed: string, wishes: SceneWishes = {}): Scene {
  const random = seeded(seedFrom(`scene/${seed}`));
  const fault = wishes.fault ?? (sceneFaults[floor(random() * sceneFaults.length)] as SceneFault);
  const strength = random();
  const fan = between(random, 0.12, 0.26);
  const [width, height] = [fan * between(random, 0.85, 1.1), fan * between(random, 1.35, 1.6)];
  const cell = height / 900;
  const [columns, rows] = [round(width / cell), round(height / cell)];
  const thick = fan * between(random, 0.09, 0.14);
  const bend = fault === 'crescent' ? (random() < 0.5 ? -1 : 1) * thick * between(random, 0.9, 1.6) : 0;
  const lean = 0.06 * gaussian(random);
  const [cx, cy] = [width * between(random, 0.5, 0.6), height * between(random, 0.47, 0.53)];
  const smooth = (x: number, y: number): number => {
    const u = (y - cy + lean * (x - cx)) / (fan / 2);
    if (abs(u) >= 1) return 0;
    const across = (x - cx - lean * (y - cy) - bend * (u * u - 0.33)) / thick;
    return along(fault, u, strength) * exp(-(across ** 2));
  };
  const film = new Float32Array(columns * rows);
  const mist = mistOf(random, columns, rows, between(random, 0.00022, 0.0004) / cell);
  const fineness = fault === 'coarse' ? 0.35 : 1;
  const rough = between(random, 0.12, 0.22);
  for (let j = 0; j < rows; j += 1)
    for (let i = 0; i < columns; i += 1) {
      const own = smooth(i * cell, j * cell);
      film[j * columns + i] = own * fineness * max(1 + rough * (mist[j * columns + i] as number), 0);
    }
  const drop = (x: number, y: number, radius: number, more: number) => {
    const r = radius / cell;
    const [ci, cj] = [x / cell, y / cell];
    for (let j = max(floor(cj - r), 0); j <= min(cj + r, rows - 1); j += 1)
      for (let i = max(floor(ci - r), 0); i <= min(ci + r, columns - 1); i += 1) {
        const off = ((i - ci) ** 2 + (j - cj) ** 2) / (r * r);
        if (off < 1) film[j * columns + i] = (film[j * columns + i] as number) + more * sqrt(1 - off);
      }
  };
  if (fault === 'coarse') {
    // The rest of the paint arrives as drops: as many where the fan is thick as film wants there.
    const radius = between(random, 0.0006, 0.0011);
    const count = round((0.65 * fan * thick * 1.8) / (0.67 * PI * radius ** 2 * 1.1));
    for (let k = 0, tries = 0; k < count && tries < 40 * count; tries += 1) {
      const [x, y] = [cx + thick * 2.2 * gaussian(random), cy + (random() * 2 - 1) * (fan / 2 + bend)];
      if (random() > smooth(x, y)) continue;
      drop(x, y, radius * between(random, 0.5, 1.5), 1.1);
      k += 1;
    }
  }
  if (fault === 'spitting') {
    const count = 25 + floor(45 * random());
    for (let k = 0; k < count; k += 1)
      drop(
        cx + thick * 1.3 * gaussian(random),
        cy + (random() * 2 - 1) * (fan / 2) * 1.02,
        between(random, 0.0009, 0.0022),
        between(random, 0.9, 1.6),
      );
  }
  const printed = wishes.square ?? random() < 0.9;
  const right = random() < 0.3;
  const inset = between(random, 0.004, 0.009);
  return {
    fault,
    card: { width, height, cell },
    columns,
    rows,
    film,
    hide: between(random, 1.1, 2.4),
    stock: stocks[floor(random() * stocks.length)] as (typeof stocks)[number],
    ...(printed ? { square: { x: right ? width - inset - 0.02 : inset, y: inset } } : {}),
    width: fan * tenth(fault, strength),
    extent: {
      x0: cx - 1.75 * thick - abs(bend) * 0.67,
      x1: cx + 1.75 * thick + abs(bend) * 0.67,
      y0: cy - fan / 2,
      y1: cy + fan / 2,
    },
  };
}

/** Share of the fan between the places where it has a tenth of its top. */
function tenth(fault: SceneFault, strength: number): number {
  const n = 2000;
  const values = Array.from({ length: n + 1 }, (_, i) => along(fault, (2 * i) / n - 1, strength));
  const level = max(...values) / 10;
  return (values.findLastIndex((each) => each >= level) - values.findIndex((each) => each >= level)) / n;
}

/** Fine mist: white noise averaged over about its drops, mean 0 and spread 1. */
function mistOf(random: Random, columns: number, rows: number, size: number): Float32Array {
  const noise = new Float32Array(columns * rows).map(() => gaussian(random));
  const r = max(round(size / 2), 0);
  if (r === 0) return noise;
  const out = new Float32Array(columns * rows);
  for (let j = 0; j < rows; j += 1)
    for (let i = 0; i < columns; i += 1) {
      let sum = 0;
      for (let b = -r; b <= r; b += 1)
        for (let a = -r; a <= r; a += 1)
          sum += noise[min(max(j + b, 0), rows - 1) * columns + min(max(i + a, 0), columns - 1)] as number;
      out[j * columns + i] = sum / (2 * r + 1);
    }
  return out;
}
