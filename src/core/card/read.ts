import { refuse, type Outcome } from '../refusal';
import { blobsAbove, type Blob } from './blobs';
import { paperUnder } from './paper';
import { measure, named, type CardFault } from './signs';
import { spatterOf, speckleOf } from './texture';
import { brightness, smoothed, type Field, type CardPhoto } from './photo';

// Picture loops run millions of times: the functions are looked up once.
const { abs, ceil, floor, log, max, min, round } = Math;

/** Side of the square that is printed on the cards, m. */
export const printedSquare = 0.02;

/** What a card’s photo shows. Lengths in m; the profile runs along the fan, its mean one. */
export interface CardPattern {
  /** Between the places where the film has fallen to a tenth: along the fan, and along the stroke. */
  readonly width: number;
  readonly height: number;
  readonly profile: readonly number[];
  /** Centre of mass beside the middle of the fan, as a share of its width. */
  readonly centre: number;
  /** Film of the first third over that of the last. */
  readonly ends: number;
  /** Mean over peak of the middle seven tenths: 1 is flat. */
  readonly flatness: number;
  /** Film of the middle over that of the flanks. */
  readonly middle: number;
  /** How far the fan bends, as a share of its height. */
  readonly bend: number;
  /** Length over which the ends fall off, as a share of the width. */
  readonly softness: number;
  /** Ridge near both ends over what lies inside of it. */
  readonly tails: number;
  /** Large drops a cm². */
  readonly spatter: number;
  /** Size of the texture, m. */
  readonly speckle: number;
  readonly fault: CardFault;
  /** How surely the fault is named, 0–1. */
  readonly confidence: number;
  /** Where it was found, for drawing over the picture: pixels. */
  readonly found: {
    readonly x0: number;
    readonly x1: number;
    readonly y0: number;
    readonly y1: number;
    readonly square?: Blob;
    readonly turned: boolean;
  };
}

/** Points of a profile. */
const points = 41;

/**
 * Reads a sprayed card: width, profile along the fan, what is wrong with it.
 *
 * @param photo the card filling the picture, a blank margin round the pattern
 * @param metresPerPixel from two taps a known way apart; found from the printed square when left out
 * @returns refuses pictures that cannot be read: no scale, no pattern, no blank margin, blur, glare
 */
export function readCard(photo: CardPhoto, metresPerPixel?: number): Outcome<CardPattern> {
  const light = brightness(photo);
  const { width: w, height: h } = light;
  if (w < 120 || h < 120) return refuse('too-small', 'The picture is too small to read. Take it larger.');
  const paper = paperUnder(light);
  const glare = glareShare(light, paper);
  const film = densityOf(light, paper);
  const square = squareIn(film);
  if (blurred(film, square))
    return refuse('blur', 'The picture is blurred. Hold still, or lean the phone on something.');
  const scale =
    metresPerPixel ?? (square && printedSquare / ((square.x1 - square.x0 + square.y1 - square.y0 + 2) / 2));
  if (!scale)
    return refuse('no-scale', 'There is no printed square on this card. Tap two points a known way apart.');
  if (square) blank(film, square);
  const soft = smoothed(film, max(1, round(0.0012 / scale)));
  const peak = quantile(soft.at, 0.995);
  const noise = noiseOf(film);
  if (peak < max(0.12, 5 * noise))
    return refuse('no-pattern', 'No pattern stands out from the card. Spray longer, or on a lighter card.');
  if (glare > 0.01)
    return refuse('glare', 'A bright reflection lies on the card. Take it with the light from the side.');
  const floor = max(0.04 * peak, 1.2 * noise);
  const clean = cut(soft, floor);
  const roughly = { along: extent(sums(clean, 'rows')), across: extent(sums(clean, 'columns')) };
  if (!roughly.along || !roughly.across)
    return refuse('no-pattern', 'No pattern stands out from the card. Spray longer, or on a lighter card.');
  // Where it roughly is, nothing is cut off: the thin ends count, and noise takes itself away in the sums.
  const rows = sums(film, 'rows', roughly.across);
  const columns = sums(film, 'columns', roughly.along);
  const along = extent(smoothLine(rows, scale));
  const across = extent(smoothLine(columns, scale));
  if (!along || !across)
    return refuse('no-pattern', 'No pattern stands out from the card. Spray longer, or on a lighter card.');
  const border = 3;
  if (along.from < border || along.to > h - border || across.from < border || across.to > w - border)
    return refuse('no-margin', 'The pattern runs off the picture. Leave a blank margin all round it.');
  const turned = across.to - across.from > 1.25 * (along.to - along.from);
  const fan = turned ? across : along;
  const stroke = turned ? along : across;
  const profile = resample(turned ? columns : rows, fan, points);
  const measured = measure(profile);
  const bend = bendOf(clean, fan, stroke, turned);
  const spatter = spatterOf(film, soft, peak, scale);
  const speckle = speckleOf(film, soft, peak) * scale;
  const shape = { ...measured, bend, spatter, speckle };
  return {
    width: (fan.to - fan.from) * scale,
    height: (stroke.to - stroke.from) * scale,
    profile,
    ...shape,
    ...named(shape),
    found: {
      x0: across.from,
      x1: across.to,
      y0: along.from,
      y1: along.to,
      turned,
      ...(square ? { square } : {}),
    },
  };
}

/** −ln of how much darker than the blank card: goes with the film for films that light passes. */
function densityOf(light: Field, paper: Field): Field {
  const at = new Float32Array(light.at.length);
  for (let i = 0; i < at.length; i += 1)
    at[i] = max(-log(max(light.at[i] as number, 2) / (paper.at[i] as number)), -0.2);
  return { ...light, at };
}

/** The printed square: very dark, square, filled, and in a corner. */
function squareIn(film: Field): Blob | undefined {
  return blobsAbove(film, 1.25, 60).find((blob) => {
    const { area, x0, x1, y0, y1 } = blob;
    const [bw, bh] = [x1 - x0 + 1, y1 - y0 + 1];
    return inCorner(blob, film) && bw / bh > 0.85 && bw / bh < 1.18 && area / (bw * bh) > 0.9 && bw > 12;
  });
}

function blank({ width, height, at }: Field, { x0, x1, y0, y1 }: Blob): void {
  const more = ceil((x1 - x0) * 0.15) + 2;
  for (let y = max(y0 - more, 0); y <= min(y1 + more, height - 1); y += 1)
    for (let x = max(x0 - more, 0); x <= min(x1 + more, width - 1); x += 1) at[y * width + x] = 0;
}

const cut = ({ width, height, at }: Field, floor: number): Field => ({
  width,
  height,
  at: at.map((each) => max(each - floor, 0)),
});

function quantile(values: Float32Array, p: number): number {
  const some: number[] = [];
  const step = max(1, floor(values.length / 40_000));
  for (let i = 0; i < values.length; i += step) some.push(values[i] as number);
  some.sort((a, b) => a - b);
  return some[min(floor(p * some.length), some.length - 1)] ?? 0;
}

/** Noise of the blank card: from differences of neighbours, in the lighter half of the picture. */
function noiseOf({ width, at }: Field): number {
  const steps: number[] = [];
  for (let i = 0; i < at.length - 1; i += 7)
    if ((i + 1) % width !== 0 && (at[i] as number) < 0.1)
      steps.push(abs((at[i + 1] as number) - (at[i] as number)));
  steps.sort((a, b) => a - b);
  return (steps[floor(steps.length / 2)] ?? 0) * 1.05;
}

/** Share of the picture that is clearly brighter than the card can be. */
function glareShare(light: Field, paper: Field): number {
  let count = 0;
  for (let i = 0; i < light.at.length; i += 3)
    if ((light.at[i] as number) > 1.1 * (paper.at[i] as number) && (light.at[i] as number) > 235) count += 1;
  return (3 * count) / light.at.length;
}

/** Something dark and about square in a corner: the printed square, sharp or not. */
const inCorner = ({ x0, x1, y0, y1 }: Blob, { width, height }: Field): boolean => {
  const [cx, cy] = [(x0 + x1) / 2 / width, (y0 + y1) / 2 / height];
  return (cx < 0.3 || cx > 0.7) && (cy < 0.3 || cy > 0.7);
};

/** Is the picture soft? The edge of the printed square tells: how far it takes from light to dark. */
function blurred(film: Field, square: Blob | undefined): boolean {
  const { width, at } = film;
  if (!square)
    return blobsAbove(film, 0.6, 200).some((blob) => {
      const [bw, bh] = [blob.x1 - blob.x0 + 1, blob.y1 - blob.y0 + 1];
      return inCorner(blob, film) && bw / bh > 0.7 && bw / bh < 1.4;
    });
  const row = round((square.y0 + square.y1) / 2) * width;
  let ramp = 0;
  for (let x = square.x1; x < min(square.x1 + width / 4, width - 1); x += 1) {
    if ((at[row + x] as number) < 0.25) break;
    ramp += 1;
  }
  return ramp > max(4, 0.09 * (square.x1 - square.x0));
}

/** Sums along rows or columns, between some places across them; a little more on both sides is taken along. */
function sums({ width, height, at }: Field, which: 'rows' | 'columns', between?: Extent): Float32Array {
  const out = new Float32Array(which === 'rows' ? height : width);
  const long = which === 'rows' ? width : height;
  const more = between ? 0.15 * (between.to - between.from) : 0;
  const from = between ? max(floor(between.from - more), 0) : 0;
  const to = between ? min(ceil(between.to + more), long - 1) : long - 1;
  for (let i = 0; i < out.length; i += 1)
    for (let j = from; j <= to; j += 1)
      out[i] = (out[i] as number) + (at[which === 'rows' ? i * width + j : j * width + i] as number);
  return out;
}

/** A line smoothed over a millimetre, so that one row of grain is no edge. */
function smoothLine(line: Float32Array, scale: number): Float32Array {
  const r = max(1, round(0.0006 / scale));
  return line.map((_, i) => {
    let sum = 0;
    for (let k = i - r; k <= i + r; k += 1) sum += line[min(max(k, 0), line.length - 1)] as number;
    return sum / (2 * r + 1);
  });
}

interface Extent {
  readonly from: number;
  readonly to: number;
}

/** Where a profile has fallen to a tenth of its top, to a fraction of a pixel. */
function extent(profile: Float32Array): Extent | undefined {
  let peak = 0;
  for (let i = 1; i < profile.length; i += 1)
    if ((profile[i] as number) > (profile[peak] as number)) peak = i;
  const top = profile[peak] as number;
  if (!(top > 0)) return undefined;
  const level = 0.1 * top;
  const edge = (step: number) => {
    // A gap of a few pixels inside a pattern is no end of it.
    const gap = max(4, round(profile.length * 0.02));
    let last = peak;
    for (let i = peak, low = 0; i >= 0 && i < profile.length && low < gap; i += step)
      if ((profile[i] as number) >= level) {
        last = i;
        low = 0;
      } else low += 1;
    return last;
  };
  const first = edge(-1);
  const last = edge(1);
  if (last - first < 8) return undefined;
  const between = (inside: number, outside: number) => {
    const [a, b] = [profile[inside] as number, (profile[outside] as number | undefined) ?? 0];
    return a > b ? (a - level) / (a - b) : 0;
  };
  return { from: first - between(first, first - 1), to: last + between(last, last + 1) };
}

/** A profile at evenly spaced points over its extent, its mean one. */
function resample(profile: Float32Array, { from, to }: Extent, n: number): number[] {
  const out = Array.from({ length: n }, (_, i) => {
    const [a, b] = [from + ((to - from) * i) / n, from + ((to - from) * (i + 1)) / n];
    let sum = 0;
    let count = 0;
    for (let k = max(floor(a), 0); k <= min(ceil(b), profile.length - 1); k += 1) {
      sum += profile[k] as number;
      count += 1;
    }
    return count > 0 ? sum / count : 0;
  });
  const mean = out.reduce((sum, each) => sum + each, 0) / n;
  return out.map((each) => (mean > 0 ? each / mean : 0));
}

/** How far the line through the middles of the rows bends, as a share of the pattern’s height. */
function bendOf({ width, at }: Field, fan: Extent, stroke: Extent, turned: boolean): number {
  const us: number[] = [];
  const xs: number[] = [];
  const ws: number[] = [];
  const middle = (fan.from + fan.to) / 2;
  const half = (fan.to - fan.from) / 2;
  for (let k = ceil(fan.from); k <= floor(fan.to); k += 1) {
    let mass = 0;
    let moment = 0;
    for (let j = max(floor(stroke.from), 0); j <= ceil(stroke.to); j += 1) {
      const value = (turned ? at[j * width + k] : at[k * width + j]) ?? 0;
      mass += value;
      moment += value * j;
    }
    if (mass <= 0) continue;
    us.push((k - middle) / half);
    xs.push(moment / mass);
    ws.push(mass);
  }
  // Weighted fit of x = a + bu + cu²: c tells the bend.
  const s = (f: (u: number, x: number) => number) =>
    us.reduce((sum, u, i) => sum + (ws[i] as number) * f(u, xs[i] as number), 0);
  const [s0, s1, s2, s3, s4] = [s(() => 1), s((u) => u), s((u) => u * u), s((u) => u ** 3), s((u) => u ** 4)];
  const [t0, t1, t2] = [s((_, x) => x), s((u, x) => u * x), s((u, x) => u * u * x)];
  const determinant = s0 * (s2 * s4 - s3 * s3) - s1 * (s1 * s4 - s3 * s2) + s2 * (s1 * s3 - s2 * s2);
  if (abs(determinant) < 1e-9) return 0;
  const c = (s0 * (s2 * t2 - s3 * t1) - s1 * (s1 * t2 - s3 * t0) + s2 * (s1 * t1 - s2 * t0)) / determinant;
  return c / max(stroke.to - stroke.from, 1);
}
