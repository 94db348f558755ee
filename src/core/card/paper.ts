import type { Field } from './photo';

// Picture loops run millions of times: the functions are looked up once.
const { abs, floor, max } = Math;

/** Blocks across the picture in which the blank paper is looked for. */
const blocks = 16;

/**
 * Brightness of the blank card under every pixel: a surface of second order through the brightest blocks, so that
 * light from one side is not taken for film.
 *
 * Blocks that lie well under the surface are covered with film and are left out, round by round.
 */
export function paperUnder({ width, height, at }: Field): Field {
  const samples: { x: number; y: number; value: number }[] = [];
  for (let j = 0; j < blocks; j += 1)
    for (let i = 0; i < blocks; i += 1) {
      const values: number[] = [];
      const [x0, x1] = [floor((i * width) / blocks), floor(((i + 1) * width) / blocks)];
      const [y0, y1] = [floor((j * height) / blocks), floor(((j + 1) * height) / blocks)];
      for (let y = y0; y < y1; y += 3)
        for (let x = x0; x < x1; x += 3) values.push(at[y * width + x] as number);
      values.sort((a, b) => a - b);
      const value = values[floor(values.length * 0.6)] ?? 0;
      samples.push({ x: (x0 + x1) / 2 / width - 0.5, y: (y0 + y1) / 2 / height - 0.5, value });
    }
  const sorted = samples.map(({ value }) => value).sort((a, b) => a - b);
  const bright = sorted[floor(sorted.length * 0.85)] ?? 255;
  let kept = samples.filter(({ value }) => value > 0.6 * bright);
  let surface = fit(kept);
  for (let round = 0; round < 6; round += 1) {
    const next = samples.filter((each) => {
      const off = each.value / value(surface, each.x, each.y);
      return off > 0.94 && off < 1.06;
    });
    if (next.length < 12) break;
    kept = next;
    surface = fit(kept);
  }
  const out = new Float32Array(width * height);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1)
      out[y * width + x] = max(value(surface, x / width - 0.5, y / height - 0.5), 1);
  return { width, height, at: out };
}

type Surface = readonly number[];

const terms = (x: number, y: number): number[] => [1, x, y, x * x, x * y, y * y];
const value = (surface: Surface, x: number, y: number): number =>
  terms(x, y).reduce((sum, term, i) => sum + term * (surface[i] ?? 0), 0);

/** Least squares by Gaussian elimination; a little ridge keeps few samples from bending the surface. */
function fit(samples: readonly { x: number; y: number; value: number }[]): Surface {
  const n = 6;
  const rows = Array.from({ length: n }, (_, i) =>
    Array.from({ length: n + 1 }, (__, j) => (i === j && i > 0 ? 0.02 * samples.length : 0)),
  );
  for (const sample of samples) {
    const own = terms(sample.x, sample.y);
    for (let i = 0; i < n; i += 1) {
      const row = rows[i] as number[];
      for (let j = 0; j < n; j += 1) row[j] = (row[j] as number) + (own[i] as number) * (own[j] as number);
      row[n] = (row[n] as number) + (own[i] as number) * sample.value;
    }
  }
  for (let i = 0; i < n; i += 1) {
    const pivot = rows[i] as number[];
    const by = pivot[i] as number;
    if (abs(by) < 1e-12) continue;
    for (let k = i + 1; k < n; k += 1) {
      const row = rows[k] as number[];
      const factor = (row[i] as number) / by;
      for (let j = i; j <= n; j += 1) row[j] = (row[j] as number) - factor * (pivot[j] as number);
    }
  }
  const out = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i -= 1) {
    const row = rows[i] as number[];
    let sum = row[n] as number;
    for (let j = i + 1; j < n; j += 1) sum -= (row[j] as number) * (out[j] as number);
    out[i] = abs(row[i] as number) < 1e-12 ? 0 : sum / (row[i] as number);
  }
  return out;
}
