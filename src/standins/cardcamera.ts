import { gaussian, seeded, seedFrom, type Random } from '@/core/random';

// Picture loops run millions of times: the functions are looked up once.
const { abs, ceil, cos, exp, floor, max, min, round, sin, sqrt } = Math;

/** What is wrong with the gun that sprays the simulated card. */
export type SprayedFault =
  'good' | 'heavy-centre' | 'split' | 'one-sided' | 'crescent' | 'spitting' | 'tails' | 'coarse';

/** How a gun is set, each beside what would be right: 1 for right, 2 for twice as much. */
export interface GunState {
  readonly pressure: number;
  readonly viscosity: number;
  readonly distance: number;
}

const right: GunState = { pressure: 1, viscosity: 1, distance: 1 };

/** Air for the paint there is: above zero too much, below too little; thick paint wants more. */
const balanceOf = ({ pressure, viscosity }: GunState): number =>
  Math.log(pressure) - 0.6 * Math.log(viscosity);

export interface SprayedCard {
  readonly seed: string;
  readonly fault: SprayedFault;
  /** Fan at the usual distance, m: it widens in proportion. */
  readonly fan: number;
  readonly gun?: GunState;
  /** Heavy at the other end: what turned with the cap. */
  readonly mirrored?: boolean;
  /** Pixels of the picture; the card fills it. */
  readonly width?: number;
  readonly height?: number;
  /** What is wrong with the picture. */
  readonly trouble?: 'blur' | 'glare' | 'no-margin' | 'no-square';
}

export interface CardPicture {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
  /** What was truly sprayed: film along the fan at evenly spaced places, its width at a tenth of the top, m. */
  readonly truth: { readonly film: readonly number[]; readonly width: number; readonly centre: number };
}

/** Film along the fan, u from −1 to 1. */
function filmAlong(fault: SprayedFault, u: number, how: number, balance = 0): number {
  const edge = max(1 - u * u, 0);
  const starved = max(-balance - 0.12, 0);
  const blown = min(1.7 * max(balance - 0.15, 0), 0.9);
  const flat = edge ** (0.55 + 0.25 * how + 4 * starved) * (1 - blown * exp(-((u / 0.32) ** 2)));
  if (fault === 'heavy-centre') return edge ** (2.2 + how);
  if (fault === 'split') return flat * (1 - (0.55 + 0.25 * how) * exp(-((u / 0.32) ** 2)));
  if (fault === 'one-sided') return flat * (1 + (0.62 + 0.3 * how) * u);
  if (fault === 'tails')
    return (
      0.75 * edge ** 0.8 +
      (0.75 + 0.35 * how) * (exp(-(((u - 0.86) / 0.075) ** 2)) + exp(-(((u + 0.86) / 0.075) ** 2)))
    );
  return flat;
}

/**
 * The simulated card camera: a card sprayed by a gun with a fault, photographed at a bench with its light from one
 * side. It shares nothing with what reads cards.
 */
export function photographCard({
  seed,
  fault,
  fan: usualFan,
  gun = right,
  mirrored,
  width = 720,
  height = 960,
  trouble,
}: SprayedCard): CardPicture {
  const balance = balanceOf(gun);
  const fan = usualFan * gun.distance;
  const random = seeded(seedFrom(`${seed}/${fault}`));
  const how = random();
  const tall = trouble === 'no-margin' ? fan * 0.85 : fan * (1.35 + 0.25 * random());
  const metres = tall / height;
  const turn = 0.05 * gaussian(random);
  const [along, aside] = [cos(turn), sin(turn)];
  const [cx, cy] = [width * (0.54 + 0.03 * gaussian(random)), height * (0.5 + 0.02 * gaussian(random))];
  const half = fan / 2;
  const thick = fan * (0.085 + 0.03 * random());
  const bend =
    fault === 'crescent'
      ? (random() < 0.5 ? -1 : 1) * thick * (0.9 + 0.6 * how)
      : thick * 0.05 * gaussian(random);
  // Further off the same paint lies on more card, and less of it arrives.
  const dark = (0.9 + 0.7 * random()) / gun.distance ** 1.3;
  // Too little air for the paint leaves the drops large.
  const coarse = min(max(-balance - 0.3, 0), 1);
  const grain = grainOf(
    width,
    height,
    (fault === 'coarse' ? 0.0016 + 0.0008 * how : 0.0004 * exp(2 * coarse)) / metres,
    random,
  );
  const rough = fault === 'coarse' ? 0.42 : 0.14 + 0.3 * coarse;
  const film = new Float32Array(width * height);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const [dx, dy] = [(x - cx) * metres, (y - cy) * metres];
      const u = ((mirrored ? -1 : 1) * (-aside * dx + along * dy)) / half;
      if (abs(u) >= 1.05) continue;
      const across = (along * dx + aside * dy - bend * (u * u - 0.33)) / thick;
      const own = filmAlong(fault, u, how, balance) * exp(-across * across);
      if (own > 1e-4) film[y * width + x] = dark * own * max(1 + rough * (grain[y * width + x] as number), 0);
    }
  if (fault === 'spitting')
    splash(film, width, height, { cx, cy, half: half / metres, thick: thick / metres, metres }, dark, random);
  const data = develop(film, width, height, metres, random, trouble);
  const steps = Array.from({ length: 401 }, (_, i) => filmAlong(fault, (i - 200) / 200, how, balance));
  return { width, height, data, truth: { film: steps, ...truthOf(steps, fan) } };
}

/** Grain with a size: white noise, blurred along and across. */
function grainOf(width: number, height: number, size: number, random: Random): Float32Array {
  const r = max(1, round(size / 2));
  const noise = new Float32Array(width * height).map(() => random() - 0.5);
  const blurred = boxed(boxed(noise, width, height, r), width, height, max(1, round(r / 2)));
  let power = 0;
  for (const each of blurred) power += each * each;
  const sd = sqrt(power / blurred.length) || 1;
  return blurred.map((each) => each / sd);
}

function boxed(from: Float32Array, width: number, height: number, r: number): Float32Array {
  const pass = (source: Float32Array, lines: number, length: number, step: number, line: number) => {
    const out = new Float32Array(source.length);
    for (let l = 0; l < lines; l += 1) {
      let sum = 0;
      for (let i = 0; i < length + r; i += 1) {
        if (i < length) sum += source[l * line + i * step] as number;
        if (i - 2 * r - 1 >= 0) sum -= source[l * line + (i - 2 * r - 1) * step] as number;
        if (i - r >= 0) out[l * line + (i - r) * step] = sum / (min(i, length - 1) - max(i - 2 * r, 0) + 1);
      }
    }
    return out;
  };
  return pass(pass(from, height, width, 1, width), width, height, width, 1);
}

interface Place {
  readonly cx: number;
  readonly cy: number;
  readonly half: number;
  readonly thick: number;
  readonly metres: number;
}

function splash(
  film: Float32Array,
  width: number,
  height: number,
  { cx, cy, half, thick, metres }: Place,
  dark: number,
  random: Random,
): void {
  const drops = 45 + floor(35 * random());
  for (let k = 0; k < drops; k += 1) {
    const r = (0.0009 + 0.0013 * random()) / metres;
    const x0 = cx + (random() * 2 - 1) * thick * 1.7;
    const y0 = cy + (random() * 2 - 1) * half * 0.95;
    for (let y = max(floor(y0 - r), 0); y <= min(ceil(y0 + r), height - 1); y += 1)
      for (let x = max(floor(x0 - r), 0); x <= min(ceil(x0 + r), width - 1); x += 1)
        if ((x - x0) ** 2 + (y - y0) ** 2 < r * r) {
          const i = y * width + x;
          film[i] = max(film[i] as number, dark * (1.1 + 0.4 * random()) + (film[i] as number) * 0.5);
        }
  }
}

/** Light from one side, the printed square, noise of the sensor, and what went wrong with the picture. */
function develop(
  film: Float32Array,
  width: number,
  height: number,
  metres: number,
  random: Random,
  trouble: SprayedCard['trouble'],
): Uint8ClampedArray {
  const [gx, gy] = [0.16 * (random() - 0.5), 0.16 * (random() - 0.5)];
  const white = 205 + 22 * random();
  let light = new Float32Array(width * height);
  const side = 0.02 / metres;
  const inset = 0.006 / metres;
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const paper = white * (1 + gx * (x / width - 0.5) + gy * (y / height - 0.5));
      const printed =
        trouble !== 'no-square' && x >= inset && x < inset + side && y >= inset && y < inset + side;
      light[y * width + x] = printed ? 14 : paper * exp(-(film[y * width + x] as number));
    }
  if (trouble === 'blur')
    for (let i = 0; i < 3; i += 1) light = boxed(light, width, height, 9) as Float32Array<ArrayBuffer>;
  const data = new Uint8ClampedArray(width * height * 4);
  const [sx, sy, sr] = [width * 0.6, height * 0.4, width * 0.13];
  for (let i = 0; i < light.length; i += 1) {
    const x = i % width;
    const y = (i - x) / width;
    const shine = trouble === 'glare' && (x - sx) ** 2 + (y - sy) ** 2 < sr * sr ? 90 : 0;
    const value = (light[i] as number) + shine * 1.4 + 2.2 * gaussian(random);
    data[4 * i] = value * 1.0;
    data[4 * i + 1] = value * 0.995;
    data[4 * i + 2] = value * 0.97;
    data[4 * i + 3] = 255;
  }
  return data;
}

function truthOf(film: readonly number[], fan: number): { width: number; centre: number } {
  const top = max(...film);
  const inside = film.map((each, i) => ({ each, i })).filter(({ each }) => each >= 0.1 * top);
  const [from, to] = [inside[0]?.i ?? 0, inside.at(-1)?.i ?? film.length - 1];
  const middle = (from + to) / 2;
  let mass = 0;
  let moment = 0;
  for (let i = from; i <= to; i += 1) {
    mass += film[i] as number;
    moment += (film[i] as number) * (i - middle);
  }
  return { width: ((to - from) / (film.length - 1)) * fan, centre: moment / mass / (to - from) };
}
