import { isRefusal, refuse, type Outcome } from '../refusal';
import { halved } from './colours';
import { filmOn, quantile } from './film';
import { layFlat, type FlatCard, type Taps } from './flat';
import { smoothed, type CardPhoto, type Field } from './photo';
import type { Point, Quad } from './plane';
import { measure, named, type CardFault } from './signs';
import { softnessOf } from './square';
import { spatterOf, speckleOf } from './texture';
import { upright } from './upright';

// Picture loops run millions of times: the functions are looked up once.
const { abs, ceil, floor, max, min, round } = Math;

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
    /** Round the fan: where it begins on the left, on the right, and where it ends on the right, on the left. */
    readonly fan: Quad;
    readonly square?: Quad;
    readonly card?: Quad;
  };
}

/** Points of a profile. */
const points = 41;
/** An edge of the square this soft is a blurred picture, as a share of its side. */
const blurredFrom = 0.13;
const nothingSeen = 'No pattern stands out from the card. Spray longer, or on a card of another tone.';

/**
 * Reads a sprayed card: width, profile along the fan, what is wrong with it. The card may lie turned and aslant in the
 * picture, be of any colour, and darker or lighter than its film.
 *
 * @param photo the card, a blank margin round the pattern
 * @param taps two places a known way apart; the scale is found from the printed square when left out
 * @returns refuses pictures that cannot be read: no scale, no pattern, no blank margin, blur, glare
 * Source: see the card reader’s decision record
 */
export function readCard(photo: CardPhoto, taps?: Taps): Outcome<CardPattern> {
  if (photo.width < 120 || photo.height < 120)
    return refuse('too-small', 'The picture is too small to read. Take it larger.');
  const flat = layFlat(photo, taps);
  if (isRefusal(flat)) return flat;
  const { colours, scale, square, card, tone, toPicture } = flat;
  if (square && softnessOf(tone, square) > blurredFrom)
    return refuse('blur', 'The picture is blurred. Hold still, or lean the phone on something.');
  const { blank } = flat;
  const rough = filmOn(halved(colours), halfOf(blank, colours.width, colours.height));
  const roughly = turned(rough.film, 2 * scale);
  if (!roughly || rough.contrast < 0.06) return refuse('no-pattern', nothingSeen);
  // Known where the fan lies, the paper beside it is followed more closely: the edge of a shadow is no film.
  const { film, contrast, lighter } = filmOn(
    colours,
    blank,
    coveredBy(roughly, 2 * scale, blank, colours.width),
  );
  const fan = turned(film, scale);
  if (!fan || contrast < 0.09) return refuse('no-pattern', nothingSeen);
  if (!lighter && glareShare(flat) > 0.01)
    return refuse('glare', 'A bright reflection lies on the card. Take it with the light from the side.');
  const { peak, noise } = fan;
  const clean = smoothed(fan.film, max(1, round(0.0012 / scale)));
  const found = extents(fan.film, clean, scale, peak, noise);
  if (!found) return refuse('no-pattern', nothingSeen);
  const { along, across, rows } = found;
  const corners = [
    [across.from, along.from],
    [across.to, along.from],
    [across.to, along.to],
    [across.from, along.to],
  ].map(([x, y]) => fan.toFlat(x as number, y as number));
  const { width: w, height: h } = film;
  const inside = corners.map(({ x, y }) => toPicture(x, y)).every((place) => inPicture(place, photo));
  if (!inside || corners.some(({ x, y }) => x < border || y < border || x > w - border || y > h - border))
    return refuse('no-margin', 'The pattern runs off the picture. Leave a blank margin all round it.');
  const profile = resample(rows, along, points);
  const shape = {
    ...measure(profile),
    bend: bendOf(cut(clean, max(0.04 * peak, 1.2 * noise)), along, across),
    spatter: spatterOf(fan.film, clean, peak, scale),
    speckle: speckleOf(fan.film, clean, peak) * scale,
  };
  return {
    width: (along.to - along.from) * scale,
    height: (across.to - across.from) * scale,
    profile,
    ...shape,
    ...named(shape),
    found: {
      fan: corners.map(({ x, y }) => toPicture(x, y)) as unknown as Quad,
      ...(square ? { square: square.map(({ x, y }) => toPicture(x, y)) as unknown as Quad } : {}),
      ...(card ? { card } : {}),
    },
  };
}

/** A film turned upright, with its top and its noise; nothing where none stands out of the noise. */
function turned(film: Field, scale: number) {
  const noise = noiseOf(film);
  const soft = smoothed(film, max(1, round(0.0012 / scale)));
  const peak = quantile(soft.at, 0.995);
  const found = peak < 5 * noise ? undefined : upright(film, soft, peak, noise);
  return found && { ...found, peak, noise };
}

/** Where film may lie: somewhat beyond where it was found, and never beyond what its mass allows. */
function coveredBy(
  fan: NonNullable<ReturnType<typeof turned>>,
  scale: number,
  blank: Uint8Array,
  width: number,
): Uint8Array {
  const { film, reach, fromFlat, peak, noise } = fan;
  const found = extents(film, smoothed(film, max(1, round(0.0012 / scale))), scale, peak, noise);
  const about = (extent: Extent | undefined, middle: number, most: number, more: number): Extent => {
    const half = extent ? more * (extent.to - extent.from) : most;
    const at = extent ? (extent.from + extent.to) / 2 : middle;
    return { from: max(at - half, middle - most), to: min(at + half, middle + most) };
  };
  const along = about(found?.along, reach.y, reach.along, 0.68);
  const across = about(found?.across, reach.x, reach.across, 0.75);
  const out = new Uint8Array(blank);
  for (let i = 0; i < out.length; i += 1) {
    const x = i % width;
    // It was found at half the size.
    const place = fromFlat(x / 2, (i - x) / width / 2);
    if (place.x > across.from && place.x < across.to && place.y > along.from && place.y < along.to)
      out[i] = 1;
  }
  return out;
}

/** A mask at half the size. */
function halfOf(mask: Uint8Array, width: number, height: number): Uint8Array {
  const [w, h] = [floor(width / 2), floor(height / 2)];
  return new Uint8Array(w * h).map((_, i) => mask[2 * floor(i / w) * width + 2 * (i % w)] as number);
}

/** px of blank card that is wanted round a pattern. */
const border = 3;

const inPicture = ({ x, y }: Point, { width, height }: CardPhoto): boolean =>
  x > border && y > border && x < width - border && y < height - border;

/** Where the fan begins and ends, along and across, and its film along it. */
function extents(film: Field, soft: Field, scale: number, peak: number, noise: number) {
  const clean = cut(soft, max(0.04 * peak, 1.2 * noise));
  const roughly = { along: extent(sums(clean, 'rows')), across: extent(sums(clean, 'columns')) };
  if (!roughly.along || !roughly.across) return undefined;
  // Where it roughly is, nothing is cut off: the thin ends count, and noise takes itself away in the sums.
  const rows = sums(film, 'rows', roughly.across);
  const along = extent(smoothLine(rows, scale));
  const across = extent(smoothLine(sums(film, 'columns', roughly.along), scale));
  return along && across && { along, across, rows };
}

const cut = ({ width, height, at }: Field, floor: number): Field => ({
  width,
  height,
  at: at.map((each) => max(each - floor, 0)),
});

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
function glareShare({ light, paper, blank }: FlatCard): number {
  let count = 0;
  for (let i = 0; i < light.at.length; i += 3)
    if (
      (light.at[i] as number) > 1.13 * (paper.at[i] as number) &&
      (light.at[i] as number) > 235 &&
      !blank[i]
    )
      count += 1;
  return (3 * count) / light.at.length;
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
  // Humps of a split may stand apart; a drop beside the fan is too short to be one of them.
  const [short, high] = [max(4, round(profile.length * 0.025)), 0.3 * top];
  const humps: Extent[] = [];
  for (let i = 0, from = -1, most = 0; i <= profile.length; i += 1) {
    const value = i < profile.length ? (profile[i] as number) : 0;
    if (value >= level) {
      if (from < 0) [from, most] = [i, value];
      most = max(most, value);
    } else if (from >= 0) {
      if (i - from >= short && most >= high) humps.push({ from, to: i - 1 });
      from = -1;
    }
  }
  const [first, last] = [humps[0]?.from ?? peak, humps.at(-1)?.to ?? peak];
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
function bendOf({ width, at }: Field, fan: Extent, stroke: Extent): number {
  const us: number[] = [];
  const xs: number[] = [];
  const ws: number[] = [];
  const middle = (fan.from + fan.to) / 2;
  const half = (fan.to - fan.from) / 2;
  for (let k = ceil(fan.from); k <= floor(fan.to); k += 1) {
    let mass = 0;
    let moment = 0;
    for (let j = max(floor(stroke.from), 0); j <= ceil(stroke.to); j += 1) {
      const value = at[k * width + j] ?? 0;
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
