import type { CardPhoto } from './photo';
import type { Mapping } from './plane';

const { floor, max, min } = Math;

/** A picture of three channels, each a field of its own, row by row. */
export interface Colours {
  readonly width: number;
  readonly height: number;
  readonly of: readonly [Float32Array, Float32Array, Float32Array];
}

const empty = (width: number, height: number): Colours => ({
  width,
  height,
  of: [new Float32Array(width * height), new Float32Array(width * height), new Float32Array(width * height)],
});

/**
 * Half as large along both sides.
 *
 * Source: area means; Beer–Lambert for what the film lets through
 */
export function halved({ width, height, of }: Colours): Colours {
  const out = empty(floor(width / 2), floor(height / 2));
  for (let k = 0; k < 3; k += 1) {
    const [from, to] = [of[k as 0], out.of[k as 0]];
    for (let y = 0, i = 0; y < out.height; y += 1)
      for (let x = 0; x < out.width; x += 1, i += 1) {
        const at = 2 * y * width + 2 * x;
        to[i] =
          ((from[at] as number) +
            (from[at + 1] as number) +
            (from[at + width] as number) +
            (from[at + width + 1] as number)) /
          4;
      }
  }
  return out;
}

/**
 * A picture made smaller by a whole number: means of squares.
 *
 * Source: area means; Beer–Lambert for what the film lets through
 */
export function shrunk({ width, height, data }: CardPhoto, by: number): Colours {
  const out = empty(floor(width / by), floor(height / by));
  const share = 1 / (by * by);
  for (let y = 0; y < out.height * by; y += 1)
    for (let x = 0; x < out.width * by; x += 1) {
      const [from, to] = [4 * (y * width + x), floor(y / by) * out.width + floor(x / by)];
      for (let k = 0; k < 3; k += 1) {
        const channel = out.of[k as 0];
        channel[to] = (channel[to] as number) + share * (data[from + k] as number);
      }
    }
  return out;
}

/**
 * A picture seen through a mapping: for every pixel of the new one the place in the old one, between its pixels. What
 * lies beside the picture is as its rim.
 *
 * Source: area means; Beer–Lambert for what the film lets through
 */
export function through({ width, height, data }: CardPhoto, to: Mapping, w: number, h: number): Colours {
  const out = empty(w, h);
  for (let y = 0; y < h; y += 1)
    for (let x = 0; x < w; x += 1) {
      const place = to(x + 0.5, y + 0.5);
      const px = min(max(place.x - 0.5, 0), width - 1.001);
      const py = min(max(place.y - 0.5, 0), height - 1.001);
      const [i, j] = [floor(px), floor(py)];
      const [a, b] = [px - i, py - j];
      const at = 4 * (j * width + i);
      for (let k = 0; k < 3; k += 1)
        out.of[k as 0][y * w + x] =
          (1 - b) * ((1 - a) * (data[at + k] as number) + a * (data[at + 4 + k] as number)) +
          b * ((1 - a) * (data[at + 4 * width + k] as number) + a * (data[at + 4 * width + 4 + k] as number));
    }
  return out;
}
