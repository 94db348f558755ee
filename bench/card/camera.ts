import { gaussian, seeded, seedFrom, type Random } from '../../src/core/random';
import type { Colour, Scene } from './scene';
import { asJpeg } from './jpeg';

// Picture loops run millions of times: the functions are looked up once.
const { PI, cos, exp, floor, hypot, max, min, sin } = Math;

export interface Shot {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** How a picture was taken. Angles in degrees. */
export interface Pose {
  readonly turn: number;
  readonly tiltX: number;
  readonly tiltY: number;
  /** Share of the picture’s height that the card fills; above 1 its edges lie outside. */
  readonly fills: number;
  readonly quality: number;
  readonly noise: number;
  readonly side: readonly [x: number, y: number];
  readonly vignette: number;
  readonly shadow?: {
    readonly at: number;
    readonly angle: number;
    readonly dark: number;
    readonly soft: number;
  };
  readonly blur: number;
  readonly shine?: { readonly x: number; readonly y: number; readonly radius: number };
  readonly bench: Colour;
}

const benches: readonly Colour[] = [
  [126, 92, 60],
  [96, 98, 100],
  [150, 146, 138],
  [44, 46, 50],
  [70, 92, 78],
];

const between = (random: Random, from: number, to: number): number => from + (to - from) * random();

/** A picture as people take them: in the hand, turned, aslant, in whatever light there is. */
export function poseOf(seed: string): Pose {
  const random = seeded(seedFrom(`pose/${seed}`));
  return {
    turn: between(random, -15, 15),
    tiltX: between(random, -12, 12),
    tiltY: between(random, -12, 12),
    fills: random() < 0.25 ? between(random, 0.95, 1.04) : between(random, 0.68, 0.9),
    quality: between(random, 55, 92),
    noise: between(random, 1, 4),
    side: [between(random, -0.2, 0.2), between(random, -0.2, 0.2)],
    vignette: between(random, 0, 0.28),
    ...(random() < 0.3
      ? {
          shadow: {
            at: between(random, -0.6, 0.6),
            angle: between(random, 0, 2 * PI),
            dark: between(random, 0.68, 0.88),
            soft: between(random, 0.06, 0.25),
          },
        }
      : {}),
    blur: 0,
    bench: benches[floor(random() * benches.length)] as Colour,
  };
}

/** Takes the picture: every pixel is followed back to the card through a pinhole. */
export function photograph(scene: Scene, pose: Pose, seed: string, width = 720, height = 960): Shot {
  const random = seeded(seedFrom(`shot/${seed}`));
  const toCard = lens(scene, pose, width, height);
  const linear = new Float32Array(width * height * 3);
  const wood = benchGrain(random);
  const place = new Float64Array(2);
  const colour = new Float64Array(3);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const light = lightAt(pose, x / width - 0.5, y / height - 0.5);
      const at = 3 * (y * width + x);
      // Two rays a pixel, or edges would be stairs.
      for (let ray = 0; ray < 2; ray += 1) {
        toCard(x + 0.25 + 0.5 * ray, y + 0.25 + 0.5 * ray, place);
        const [u, v] = [place[0] as number, place[1] as number];
        if (!colourAt(scene, u, v, colour)) {
          const grain = 1 + wood(u, v);
          for (let k = 0; k < 3; k += 1) colour[k] = (pose.bench[k as 0] as number) * grain;
        }
        for (let k = 0; k < 3; k += 1)
          linear[at + k] = (linear[at + k] as number) + 0.5 * light * (colour[k] as number);
      }
    }
  const seen = pose.blur > 0 ? blurred(linear, width, height, pose.blur) : linear;
  const data = new Uint8ClampedArray(width * height * 4);
  for (let i = 0; i < width * height; i += 1) {
    const [x, y] = [i % width, floor(i / width)];
    const shine =
      pose.shine && hypot(x / height - pose.shine.x, y / height - pose.shine.y) < pose.shine.radius ? 140 : 0;
    for (let k = 0; k < 3; k += 1)
      data[4 * i + k] = (seen[3 * i + k] as number) + shine + pose.noise * gaussian(random);
    data[4 * i + 3] = 255;
  }
  return { width, height, data: asJpeg(data, width, height, pose.quality) };
}

/** Light from one side, darker corners, and the shadow of whoever holds the phone. */
function lightAt({ side, vignette, shadow }: Pose, x: number, y: number): number {
  const from = 0.95 * (1 + side[0] * x + side[1] * y);
  const corner = 1 - vignette * 2 * (x * x + y * y);
  if (!shadow) return from * corner;
  const off = (x * cos(shadow.angle) + y * sin(shadow.angle) - 0.5 * shadow.at) / shadow.soft;
  return from * corner * (1 - (1 - shadow.dark) / (1 + exp(-4 * off)));
}

/** Do the printed square and the pattern with its margin lie in the picture? Otherwise nobody could read it. */
export function readable(scene: Scene, pose: Pose, width = 720, height = 960): boolean {
  const toCard = lens(scene, pose, width, height);
  const place = new Float64Array(2);
  const { card, square, extent } = scene;
  // The rim of the picture, in the card's plane: a polygon that what matters must lie within.
  const rim = [
    [8, 8],
    [width - 8, 8],
    [width - 8, height - 8],
    [8, height - 8],
  ].map(([x, y]) => {
    toCard(x as number, y as number, place);
    return [place[0] as number, place[1] as number] as const;
  });
  const seenAt = (u: number, v: number) =>
    rim.every(([x0, y0], i) => {
      const [x1, y1] = rim[(i + 1) % 4] as readonly [number, number];
      return (x1 - x0) * (v - y0) - (y1 - y0) * (u - x0) > 0;
    });
  const corners = square
    ? [0, 0.02].flatMap((dx) => [0, 0.02].map((dy) => [square.x + dx, square.y + dy] as const))
    : [];
  const fan = [extent.x0, extent.x1].flatMap((x) => [extent.y0, extent.y1].map((y) => [x, y] as const));
  return extent.x0 > 0 && extent.x1 < card.width && [...corners, ...fan].every(([u, v]) => seenAt(u, v));
}

/** From a pixel to the card’s own plane, m from its upper left corner. */
function lens({ card }: Scene, { turn, tiltX, tiltY, fills }: Pose, width: number, height: number) {
  const rad = PI / 180;
  const [ca, sa] = [cos(turn * rad), sin(turn * rad)];
  const [cx, sx] = [cos(tiltX * rad), sin(tiltX * rad)];
  const [cy, sy] = [cos(tiltY * rad), sin(tiltY * rad)];
  // The card’s axes in the camera’s: turned, then tilted about both of its own axes.
  const right = [ca * cy, sa * cy, -sy] as const;
  const down = [-sa * cx + ca * sy * sx, ca * cx + sa * sy * sx, cy * sx] as const;
  const away = 0.45;
  const focal = (fills * height * away) / card.height;
  const normal = [
    right[1] * down[2] - right[2] * down[1],
    right[2] * down[0] - right[0] * down[2],
    right[0] * down[1] - right[1] * down[0],
  ] as const;
  return (px: number, py: number, to: Float64Array): void => {
    const [rx, ry] = [(px - width / 2) / focal, (py - height / 2) / focal];
    const far = (away * normal[2]) / (rx * normal[0] + ry * normal[1] + normal[2]);
    const [x, y, z] = [rx * far, ry * far, far - away];
    to[0] = x * right[0] + y * right[1] + z * right[2] + card.width / 2;
    to[1] = x * down[0] + y * down[1] + z * down[2] + card.height / 2;
  };
}

/** Colour of the card at a place, m; false beside it. */
function colourAt(scene: Scene, u: number, v: number, to: Float64Array): boolean {
  const { card, columns, rows, film, hide, stock, square } = scene;
  if (u < 0 || v < 0 || u > card.width || v > card.height) return false;
  const printed = square && u >= square.x && u < square.x + 0.02 && v >= square.y && v < square.y + 0.02;
  const [fx, fy] = [min(u / card.cell, columns - 1.001), min(v / card.cell, rows - 1.001)];
  const [i, j] = [floor(fx), floor(fy)];
  const [a, b] = [fx - i, fy - j];
  const at = j * columns + i;
  const upper = (1 - a) * (film[at] as number) + a * (film[at + 1] as number);
  const lower = (1 - a) * (film[at + columns] as number) + a * (film[at + columns + 1] as number);
  const cover = 1 - exp(-hide * ((1 - b) * upper + b * lower));
  for (let k = 0; k < 3; k += 1)
    to[k] = printed
      ? (stock.ink[k as 0] as number)
      : (stock.paper[k as 0] as number) * (1 - cover) + (stock.paint[k as 0] as number) * cover;
  return true;
}

/** The bench under the card is not of one colour either. */
function benchGrain(random: Random): (u: number, v: number) => number {
  const waves = Array.from(
    { length: 5 },
    () => [between(random, 20, 160), between(random, 0, 7), 0.03 * random()] as const,
  );
  return (u, v) => waves.reduce((sum, [k, phase, size]) => sum + size * sin(k * (u + 0.2 * v) + phase), 0);
}

function blurred(from: Float32Array, width: number, height: number, r: number): Float32Array {
  let now = from;
  for (let pass = 0; pass < 2; pass += 1)
    for (const [stepX, stepY] of [
      [1, 0],
      [0, 1],
    ] as const) {
      const out = new Float32Array(now.length);
      for (let y = 0; y < height; y += 1)
        for (let x = 0; x < width; x += 1)
          for (let k = 0; k < 3; k += 1) {
            let sum = 0;
            for (let t = -r; t <= r; t += 1) {
              const [xx, yy] = [
                min(max(x + t * stepX, 0), width - 1),
                min(max(y + t * stepY, 0), height - 1),
              ];
              sum += now[3 * (yy * width + xx) + k] as number;
            }
            out[3 * (y * width + x) + k] = sum / (2 * r + 1);
          }
      now = out;
    }
  return now;
}
