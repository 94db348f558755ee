import { solve } from './linear';
import type { Field } from './photo';

// Picture loops run millions of times: the functions are looked up once.
const { ceil, floor, max, min } = Math;

/** Blocks across the picture in which the blank paper is looked for. */
const blocks = 16;

/**
 * Brightness of the blank card under every pixel: a surface of second order through the blank blocks, so that light
 * from one side is not taken for film. The card is blank along its rim, whether the film is darker or lighter.
 *
 * @param covered 1 where it is known to be no blank card
 * @param closely the film is among it: the paper’s own shadows are followed
 *
 * Blocks that lie well beside the surface are covered with film and are left out, round by round.
 * Source: a plane fitted to what is bare paper
 */
export function paperUnder({ width, height, at }: Field, covered?: Uint8Array, closely = false): Field {
  const samples: { x: number; y: number; value: number; rim: boolean; i: number; j: number }[] = [];
  const some = new Float32Array((ceil(width / blocks / 3) + 1) * (ceil(height / blocks / 3) + 1));
  for (let j = 0; j < blocks; j += 1)
    for (let i = 0; i < blocks; i += 1) {
      const [x0, x1] = [floor((i * width) / blocks), floor(((i + 1) * width) / blocks)];
      const [y0, y1] = [floor((j * height) / blocks), floor(((j + 1) * height) / blocks)];
      let count = 0;
      for (let y = y0; y < y1; y += 3)
        for (let x = x0; x < x1; x += 3)
          if (!covered?.[y * width + x]) {
            some[count] = at[y * width + x] as number;
            count += 1;
          }
      // A block that is mostly covered says nothing of the paper.
      if (count === 0 || (covered && count < ((x1 - x0) * (y1 - y0)) / 18)) continue;
      const value = some.subarray(0, count).sort()[floor(count * 0.5)] as number;
      const rim = min(i, j, blocks - 1 - i, blocks - 1 - j) < 2;
      samples.push({ x: (x0 + x1) / 2 / width - 0.5, y: (y0 + y1) / 2 / height - 0.5, value, rim, i, j });
    }
  const ring = samples.filter(({ rim }) => rim);
  const sorted = ring.map(({ value }) => value).sort((a, b) => a - b);
  const usual = sorted[floor(sorted.length * 0.5)] ?? 255;
  let kept = ring.filter(({ value }) => value > 0.72 * usual && value < 1.35 * usual);
  let surface = fit(kept);
  for (let round = 0; round < 6; round += 1) {
    const next = samples.filter((each) => {
      const off = each.value / value(surface, each.x, each.y);
      return closely ? off > 0.75 && off < 1.3 : off > 0.94 && off < 1.06;
    });
    if (next.length < 12) break;
    kept = next;
    surface = fit(kept);
  }
  const beside = closely ? shading(kept, surface) : undefined;
  const out = new Float32Array(width * height);
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0] = surface;
  for (let y = 0; y < height; y += 1) {
    // Along a row the surface is a parabola.
    const v = y / height - 0.5;
    const [level, slope] = [a + c * v + f * v * v, b + e * v];
    for (let x = 0; x < width; x += 1) {
      const u = x / width - 0.5;
      const smooth = level + slope * u + d * u * u;
      out[y * width + x] = max(beside ? smooth * beside(x / width, y / height) : smooth, 1);
    }
  }
  return { width, height, at: out };
}

/**
 * What a surface of second order does not follow, as the edge of a shadow: the blocks’ own deviations, and across what
 * is covered whatever joins them most smoothly.
 */
function shading(
  kept: readonly { x: number; y: number; value: number; i: number; j: number }[],
  surface: Surface,
): (x: number, y: number) => number {
  const known = new Float32Array(blocks * blocks);
  const grid = new Float32Array(blocks * blocks).fill(1);
  for (const each of kept) {
    known[each.j * blocks + each.i] = 1;
    grid[each.j * blocks + each.i] = each.value / value(surface, each.x, each.y);
  }
  for (let round = 0; round < 200; round += 1)
    for (let j = 0; j < blocks; j += 1)
      for (let i = 0; i < blocks; i += 1) {
        if (known[j * blocks + i]) continue;
        const [a, b] = [max(i - 1, 0), min(i + 1, blocks - 1)];
        const [c, d] = [max(j - 1, 0), min(j + 1, blocks - 1)];
        grid[j * blocks + i] =
          ((grid[j * blocks + a] as number) +
            (grid[j * blocks + b] as number) +
            (grid[c * blocks + i] as number) +
            (grid[d * blocks + i] as number)) /
          4;
      }
  return (x, y) => {
    const px = min(max(x * blocks - 0.5, 0), blocks - 1.001);
    const py = min(max(y * blocks - 0.5, 0), blocks - 1.001);
    const [i, j] = [floor(px), floor(py)];
    const [s, t, k] = [px - i, py - j, j * blocks + i];
    return (
      (1 - t) * ((1 - s) * (grid[k] as number) + s * (grid[k + 1] as number)) +
      t * ((1 - s) * (grid[k + blocks] as number) + s * (grid[k + blocks + 1] as number))
    );
  };
}

type Surface = readonly number[];

const terms = (x: number, y: number): number[] => [1, x, y, x * x, x * y, y * y];
const value = ([a = 0, b = 0, c = 0, d = 0, e = 0, f = 0]: Surface, x: number, y: number): number =>
  a + b * x + c * y + d * x * x + e * x * y + f * y * y;

/** Least squares; a little ridge keeps few samples from bending the surface. */
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
  return solve(rows);
}
