import type { Random } from '../random';
import { isRefusal, type Outcome } from '../refusal';
import { fieldFacts, filmField, type FieldGun, type FilmField } from './field';
import { erring, perfectHand, type Hand } from './hand';
import { fieldStrokes, surfaceOf, unfolded, type Passes } from './strokes';

export interface Quantiles {
  /** A tenth of the hands does better than `low`, a tenth worse than `high`. */
  readonly low: number;
  readonly middle: number;
  readonly high: number;
}

export interface OverlapBand {
  readonly overlap: number;
  /** Of a hand without error. */
  readonly steady: { readonly peakToValley: number; readonly cv: number };
  readonly peakToValley: Quantiles;
  readonly cv: Quantiles;
  /** m/s that keeps the film of the passes given. */
  readonly speed: number;
}

export interface BandsQuestion {
  readonly gun: FieldGun;
  /** The passes as planned: their speed and spacing say what film is to be kept. */
  readonly passes: Passes;
  readonly hand: Hand;
  readonly overlaps: readonly number[];
  /** Hands tried at each overlap. */
  readonly hands: number;
}

/** Rows a fan: enough that halving them changes nothing that shows. */
const rowsPerFan = 24;
const columns = 24;
const mostRows = 400;

/** (Highest − lowest) ÷ mean and standard deviation ÷ mean over a whole field. */
function unevenness(field: FilmField): Outcome<{ peakToValley: number; cv: number }> {
  const facts = fieldFacts(field, { min: 0, max: Infinity });
  if (isRefusal(facts)) return facts;
  return {
    peakToValley: facts.mean > 0 ? (facts.most.film - facts.least.film) / facts.mean : 0,
    cv: facts.cv,
  };
}

const at = (sorted: readonly number[], share: number) =>
  sorted[Math.min(Math.floor(share * sorted.length), sorted.length - 1)] as number;
const bandOf = (values: readonly number[]): Quantiles => {
  const sorted = [...values].sort((a, b) => a - b);
  return { low: at(sorted, 0.1), middle: at(sorted, 0.5), high: at(sorted, 0.9) };
};

/**
 * How even a hand lays this pattern at each overlap: bands over many hands, on the face itself, with strokes from half
 * a fan outside its edges so that only the overlap and the hand tell.
 *
 * @param onOverlap told after each overlap, with the share that is done
 * @returns refuses what the field refuses
 * Source: superposition of strokes
 */
export function overlapBands(
  { gun, passes, hand, overlaps, hands }: BandsQuestion,
  random: Random,
  onOverlap: (done: number) => void = () => undefined,
): Outcome<OverlapBand[]> {
  const bands: OverlapBand[] = [];
  for (const overlap of overlaps) {
    const spacing = passes.fan * (1 - overlap);
    const speed = (passes.speed * passes.spacing) / spacing;
    // Whole spacings that reach half a fan past both edges: then the overlap is the one asked for.
    const beyond = (Math.ceil((passes.across + passes.fan) / spacing) * spacing - passes.across) / 2;
    const strokes = fieldStrokes({ ...passes, spacing, speed, beyond });
    if (isRefusal(strokes)) return strokes;
    const rows = Math.min(Math.ceil((unfolded(passes) / passes.fan) * rowsPerFan), mostRows);
    const surface = surfaceOf(passes, rows);
    const once = (one: Hand) => {
      const field = filmField({
        surface,
        along: passes.along,
        cols: columns,
        gun,
        strokes: one === perfectHand ? strokes : erring(strokes, one, spacing, random),
      });
      return isRefusal(field) ? field : unevenness(field);
    };
    const steady = once(perfectHand);
    if (isRefusal(steady)) return steady;
    const tried: { peakToValley: number; cv: number }[] = [];
    for (let i = 0; i < hands; i += 1) {
      const one = once(hand);
      if (isRefusal(one)) return one;
      tried.push(one);
    }
    bands.push({
      overlap,
      steady,
      speed,
      peakToValley: bandOf(tried.map(({ peakToValley }) => peakToValley)),
      cv: bandOf(tried.map(({ cv }) => cv)),
    });
    onOverlap(bands.length / overlaps.length);
  }
  return bands;
}

export interface OverlapChoice {
  /** The evenest for a hand without error, and the one whose worse hands still lay evenest. */
  readonly best: OverlapBand;
  readonly forgiving: OverlapBand;
}

/**
 * The best and the most forgiving overlap among those a hand can keep pace with.
 *
 * @param fastest m/s
 * @returns undefined when every one of them wants a quicker hand
 * Source: superposition of strokes
 */
export function overlapChoice(bands: readonly OverlapBand[], fastest: number): OverlapChoice | undefined {
  const [first, ...rest] = bands.filter(({ speed }) => speed <= fastest);
  if (!first) return undefined;
  return {
    best: rest.reduce((a, b) => (b.steady.peakToValley < a.steady.peakToValley ? b : a), first),
    forgiving: rest.reduce((a, b) => (b.peakToValley.high < a.peakToValley.high ? b : a), first),
  };
}
