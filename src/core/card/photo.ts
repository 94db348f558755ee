// Picture loops run millions of times: the functions are looked up once.
const { max, min } = Math;
/** A picture as it comes from a canvas: four bytes a pixel, row by row. */
export interface CardPhoto {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
}

/** A field of numbers over a picture, row by row. */
export interface Field {
  readonly width: number;
  readonly height: number;
  readonly at: Float32Array;
}

/**
 * Brightness of a picture, 0–255: ITU-R BT.601 weights.
 *
 * Source: ITU-R BT.601 luma
 */
export function brightness({ width, height, data }: CardPhoto): Field {
  const at = new Float32Array(width * height);
  for (let i = 0; i < at.length; i += 1)
    at[i] =
      0.299 * (data[4 * i] as number) +
      0.587 * (data[4 * i + 1] as number) +
      0.114 * (data[4 * i + 2] as number);
  return { width, height, at };
}

/**
 * Mean over a square of 2r + 1 pixels, by running sums along rows and then columns.
 *
 * Source: running sums, textbook
 */
export function smoothed({ width, height, at }: Field, r: number): Field {
  if (r < 1) return { width, height, at };
  const rows = new Float32Array(at.length);
  const out = new Float32Array(at.length);
  for (let y = 0; y < height; y += 1) {
    let sum = 0;
    const row = y * width;
    for (let x = -r; x < width; x += 1) {
      if (x + r < width) sum += at[row + x + r] as number;
      if (x - r - 1 >= 0) sum -= at[row + x - r - 1] as number;
      if (x >= 0) rows[row + x] = sum / (min(x + r, width - 1) - max(x - r, 0) + 1);
    }
  }
  // All columns abreast: the picture lies row by row in memory.
  const sums = new Float64Array(width);
  for (let y = -r; y < height; y += 1) {
    const [enters, leaves] = [(y + r) * width, (y - r - 1) * width];
    if (y + r < height)
      for (let x = 0; x < width; x += 1) sums[x] = (sums[x] as number) + (rows[enters + x] as number);
    if (leaves >= 0)
      for (let x = 0; x < width; x += 1) sums[x] = (sums[x] as number) - (rows[leaves + x] as number);
    if (y < 0) continue;
    const count = min(y + r, height - 1) - max(y - r, 0) + 1;
    for (let x = 0; x < width; x += 1) out[y * width + x] = (sums[x] as number) / count;
  }
  return { width, height, at: out };
}
