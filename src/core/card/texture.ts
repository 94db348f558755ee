import { blobsAbove } from './blobs';
import type { Field } from './photo';

const { exp, max } = Math;

/**
 * Large drops a cm²: patches that stand well over the film round them.
 *
 * Source: first principles: drops apart from the field, grain within it
 */
export function spatterOf(film: Field, soft: Field, peak: number, scale: number): number {
  // By what it hides: where the film is thick a little more of it changes nothing that is seen.
  const hidden = (value: number) => 1 - exp(-max(value, 0));
  const rough = { ...film, at: film.at.map((each, i) => hidden(each) - hidden(soft.at[i] as number)) };
  const small = max(4, (0.0009 / scale) ** 2);
  const drops = blobsAbove(rough, max(0.22 * hidden(peak), 0.08), small).filter(
    ({ area, x0, x1, y0, y1 }) => area / ((x1 - x0 + 1) * (y1 - y0 + 1)) > 0.45,
  );
  const covered = soft.at.reduce((sum, each) => sum + (each > 0.1 * peak ? 1 : 0), 0) * (scale * 100) ** 2;
  return covered > 0 ? drops.length / covered : 0;
}

/**
 * Pixels over which the texture is alike: where its correlation with itself has fallen to a half.
 *
 * Source: first principles: drops apart from the field, grain within it
 */
export function speckleOf(film: Field, soft: Field, peak: number): number {
  const { width, height } = film;
  let zero = 0;
  const lags = new Float64Array(13);
  for (let y = 0; y < height; y += 2)
    for (let x = 0; x < width - 13; x += 2) {
      const i = y * width + x;
      if ((soft.at[i] as number) < 0.25 * peak) continue;
      const here = (film.at[i] as number) - (soft.at[i] as number);
      zero += here * here;
      for (let lag = 1; lag <= 12; lag += 1)
        lags[lag] =
          (lags[lag] as number) + here * ((film.at[i + lag] as number) - (soft.at[i + lag] as number));
    }
  if (zero <= 0) return 1;
  for (let lag = 1; lag <= 12; lag += 1) {
    const now = (lags[lag] as number) / zero;
    if (now < 0.5) {
      const before = lag === 1 ? 1 : (lags[lag - 1] as number) / zero;
      return lag - 1 + (before - 0.5) / max(before - now, 1e-6);
    }
  }
  return 12;
}
