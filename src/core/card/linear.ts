const { abs } = Math;

/**
 * Solves a square system by Gaussian elimination with pivots.
 *
 * @param rows each with its right side at the end; they are changed
 * @returns the unknowns; nothing of what does not depend on the equations: 0
 * Source: Gaussian elimination with pivots
 * @example solve([[2, 1, 5], [1, 3, 10]]) → [1, 3]
 */
export function solve(rows: number[][]): number[] {
  const n = rows.length;
  for (let i = 0; i < n; i += 1) {
    let best = i;
    for (let k = i + 1; k < n; k += 1)
      if (abs((rows[k] as number[])[i] as number) > abs((rows[best] as number[])[i] as number)) best = k;
    [rows[i], rows[best]] = [rows[best] as number[], rows[i] as number[]];
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
