import type { Colours } from './colours';
import { paperUnder } from './paper';
import { smoothed, type Field } from './photo';

const { floor, log, max, min, sqrt } = Math;

/** Share of the paper that the thickest film is taken to hide, when nothing says how much it is. */
const hides = 0.76;
/** A film of no colour that leaves less than this of the paper’s light is black: nothing shines back from it. */
const black = 0.45;

/**
 * ln of brightness over the blank card’s, by which the printed square is found.
 *
 * Source: Beer–Lambert
 */
export function toneOf(light: Field, paper: Field): Field {
  const at = new Float32Array(light.at.length);
  for (let i = 0; i < at.length; i += 1) at[i] = log(max(light.at[i] as number, 2) / (paper.at[i] as number));
  return { ...light, at };
}

/**
 * The film on a card of any colour, −ln of the share of the paper that it leaves: how far every pixel has gone from the
 * paper’s colour to the paint’s.
 *
 * @param colours the card
 * @param blank 1 where it cannot be film: printed, or beside the card
 * @param covered 1 where film may be, or cannot, when that is known: the paper is then followed more closely beside it
 * @returns also how far off the paper’s colour the thickest of it is, as a share of the paper’s light, and whether it
 * is lighter than its paper
 * Source: Beer–Lambert
 */
export function filmOn(
  { width, height, of }: Colours,
  blank: Uint8Array,
  covered?: Uint8Array,
): { readonly film: Field; readonly contrast: number; readonly lighter: boolean } {
  const off = of.map((at) => {
    const paper = paperUnder({ width, height, at }, covered ?? blank, covered !== undefined);
    const share = new Float32Array(at.length);
    for (let i = 0; i < share.length; i += 1)
      share[i] = blank[i] ? 0 : (at[i] as number) / (paper.at[i] as number) - 1;
    return share;
  });
  const [r, g, b] = off as [Float32Array, Float32Array, Float32Array];
  const calm = off.map((at) => smoothed({ width, height, at }, 3).at);
  const size = new Float32Array(width * height);
  for (const at of calm)
    for (let i = 0; i < size.length; i += 1)
      size[i] = (size[i] as number) + (at[i] as number) * (at[i] as number);
  const from = quantile(size, 0.985);
  const paint = [0, 0, 0];
  let count = 0;
  for (let i = 0; i < size.length; i += 1) {
    if ((size[i] as number) < from) continue;
    count += 1;
    for (let k = 0; k < 3; k += 1) paint[k] = (paint[k] as number) + ((calm[k] as Float32Array)[i] as number);
  }
  const [pr, pg, pb] = paint.map((each) => each / max(count, 1)) as [number, number, number];
  const square = max(pr * pr + pg * pg + pb * pb, 1e-9);
  const lighter = pr + pg + pb > 0;
  const left = 1 + max(pr, pg, pb);
  const neutral = max(pr, pg, pb) - min(pr, pg, pb) < 0.12;
  const most = !lighter && neutral && left < black ? 1 - left : max(hides, lighter ? 0 : -min(pr, pg, pb));
  const at = new Float32Array(width * height);
  for (let i = 0; i < at.length; i += 1) {
    const share = (most * ((r[i] as number) * pr + (g[i] as number) * pg + (b[i] as number) * pb)) / square;
    at[i] = max(-log(1 - min(share, 0.97)), -0.2);
  }
  return { film: { width, height, at }, contrast: sqrt(square / 3), lighter };
}

/**
 * A quantile of a field, by some forty thousand of its pixels.
 *
 * Source: Beer–Lambert
 * @example quantile(Float32Array.of(0.4, 0.1, 0.3, 0.2), 0.5) → 0.3
 */
export function quantile(values: Float32Array, p: number): number {
  const step = max(1, floor(values.length / 40_000));
  const some = new Float32Array(floor((values.length - 1) / step) + 1).map(
    (_, i) => values[i * step] as number,
  );
  some.sort();
  return some[min(floor(p * some.length), some.length - 1)] ?? 0;
}
