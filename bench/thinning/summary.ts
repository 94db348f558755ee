import { seeded, type Random } from '../../src/core/random';
import { anyPaint, paintKinds, steepPaint, type HardPaint, type PaintKind } from './paints';
import { bandAbout, thin, type Hardship, type Pot, type Thinner } from './pots';

/** Many pots, summed up: shares of them, and of the readings foretold. */
export interface Summary {
  readonly pots: number;
  readonly inBand: number;
  readonly wentUnder: number;
  /** In the band within so many additions. */
  readonly within: (additions: number) => number;
  /** Of the readings foretold, how many lay within their 90 %. */
  readonly held: number;
  /** Of the pots called done that were told a chance between these, how many were told, what they were told, how many were in. */
  readonly told: (from: number, to: number) => { pots: number; said: number; were: number };
}

function summed(pots: readonly Pot[]): Summary {
  const share = (holds: (pot: Pot) => boolean, of: readonly Pot[] = pots) =>
    of.filter(holds).length / of.length;
  const foretold = pots.reduce((sum, pot) => sum + pot.foretold, 0);
  return {
    pots: pots.length,
    inBand: share(({ inBand }) => inBand),
    wentUnder: share(({ wentUnder }) => wentUnder),
    within: (additions) => share((pot) => pot.inBand && pot.additions <= additions),
    held: pots.reduce((sum, pot) => sum + pot.held, 0) / foretold,
    told: (from, to) => {
      const those = pots.filter(({ shown }) => shown !== undefined && shown >= from && shown < to);
      return {
        pots: those.length,
        said: those.reduce((sum, { shown = 0 }) => sum + shown, 0) / those.length,
        were: share(({ inBand }) => inBand, those),
      };
    },
  };
}

/** Middles of the bands that paints are thinned to, mm²/s. */
const middles = [45, 80, 55, 65, 95, 120, 350, 95, 60, 220, 57];

/** Thins so many pots, each of another paint, to a band of ± a tenth of its seconds. */
export function thinned(
  count: number,
  hardship: Hardship,
  by: Thinner,
  seed: number,
  paints: { readonly kinds?: readonly PaintKind[]; readonly steepness?: number } = {},
): Summary {
  const random = seeded(seed);
  const pots: Pot[] = [];
  for (let i = 0; pots.length < count; i += 1) {
    const middle = middles[i % middles.length] as number;
    const band = bandAbout(middle, 0.1);
    if (band) pots.push(thin(paintFor(middle, random, paints), band, hardship, by, random));
  }
  return summed(pots);
}

const paintFor = (
  middle: number,
  random: Random,
  { kinds = paintKinds, steepness }: { readonly kinds?: readonly PaintKind[]; readonly steepness?: number },
): HardPaint =>
  steepness === undefined ? anyPaint(middle, random, kinds) : steepPaint(middle, steepness, random);
