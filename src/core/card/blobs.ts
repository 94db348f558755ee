import type { Field } from './photo';

/** A connected patch of pixels above a threshold. */
export interface Blob {
  readonly area: number;
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
}

/**
 * Patches above a threshold, joined over edges, the largest first.
 *
 * Source: connected regions, four neighbours
 */
export function blobsAbove({ width, height, at }: Field, threshold: number, least = 1): Blob[] {
  const seen = new Uint8Array(at.length);
  const stack: number[] = [];
  const blobs: Blob[] = [];
  const visit = (i: number) => {
    if (seen[i] || (at[i] as number) <= threshold) return;
    seen[i] = 1;
    stack.push(i);
  };
  for (let start = 0; start < at.length; start += 1) {
    if (seen[start] || (at[start] as number) <= threshold) continue;
    let area = 0;
    let [x0, x1, y0, y1] = [width, 0, height, 0];
    seen[start] = 1;
    stack.push(start);
    while (stack.length > 0) {
      const i = stack.pop() as number;
      const x = i % width;
      const y = (i - x) / width;
      area += 1;
      if (x < x0) x0 = x;
      if (x > x1) x1 = x;
      if (y < y0) y0 = y;
      if (y > y1) y1 = y;
      // Written out: this runs for every pixel of every patch.
      if (x > 0) visit(i - 1);
      if (x < width - 1) visit(i + 1);
      if (y > 0) visit(i - width);
      if (y < height - 1) visit(i + width);
    }
    if (area >= least) blobs.push({ area, x0, x1, y0, y1 });
  }
  return blobs.sort((a, b) => b.area - a.area);
}
