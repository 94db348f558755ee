import { refuse, type Outcome } from '../refusal';

/** One spot: the gauge readings taken there, dry film in m. */
export interface Spot {
  readonly id: string;
  readonly readings: readonly number[];
}

/** The specified dry film, m. */
export interface FilmSpec {
  readonly min: number;
  readonly nominal: number;
  readonly max: number;
}

/**
 * `spot-mean`: set mean inside the range, every spot mean between 80 % of the minimum and 120 % of the maximum.
 * `nominal`: mean at least nominal, nothing under 80 % of it, fewer than 20 % of readings between 80 and 100 %.
 * `own`: every reading between the user’s own limits.
 */
export type AcceptanceRule = 'spot-mean' | 'nominal' | 'own';

export interface SpotVerdict {
  readonly id: string;
  readonly mean: number;
  readonly count: number;
  readonly state: 'inside' | 'low' | 'high';
}

export interface FilmVerdict {
  readonly passes: boolean;
  readonly mean: number;
  readonly least: number;
  readonly most: number;
  /** Coefficient of variation of the readings. */
  readonly variation: number;
  readonly spots: readonly SpotVerdict[];
  /** Each condition of the rule, whether it holds, and what was found. */
  readonly conditions: readonly Condition[];
}

export interface Condition {
  readonly id:
    | 'mean-in-range'
    | 'spots-in-range'
    | 'mean-at-nominal'
    | 'nothing-far-under'
    | 'few-under'
    | 'below-maximum'
    | 'none-under'
    | 'none-over';
  readonly holds: boolean;
  readonly found: number;
  readonly limit: number;
}

/** Readings a spot should have before its mean is worth judging. */
export const readingsPerSpot = 3;

/**
 * Spots wanted for an area under the spot-mean rule: five to each 10 m², at least five.
 *
 * Source: as SSPC-PA 2 and ISO 19840
 * @example spotsWanted(4) → 5
 */
export const spotsWanted = (area: number): number => Math.max(Math.ceil(area / 10), 1) * 5;

/** A reading that equals a limit passes it, whatever binary fractions make of the two. */
const atLeast = (found: number, limit: number) => found >= limit * (1 - 1e-9);
const atMost = (found: number, limit: number) => found <= limit * (1 + 1e-9);

const mean = (values: readonly number[]) => values.reduce((sum, each) => sum + each, 0) / values.length;

/**
 * Judges dry film readings by a rule.
 *
 * @returns refuses when there is no reading, a reading is not above zero, or the range is upside down
 * Source: spot means and 80/120 % as in SSPC-PA 2, level 3; nominal film as in ISO 19840.
 * Formula: set mean in range, spots 80–120 %; or mean ≥ nominal, none < 80 %, fewer than 20 % between 80 and 100 %
 * @example means 34, 50, 60 in 40–60 pass
 */
export function judgeFilm(
  spots: readonly Spot[],
  spec: FilmSpec,
  rule: AcceptanceRule,
): Outcome<FilmVerdict> {
  const filled = spots.filter(({ readings }) => readings.length > 0);
  const all = filled.flatMap(({ readings }) => readings);
  if (all.length === 0) return refuse('no-readings', 'Take dry film readings first.');
  if (!all.every((each) => Number.isFinite(each) && each > 0))
    return refuse('reading', 'Every film reading must be above zero.', { quantity: 'film' });
  if (!(spec.min > 0 && spec.min <= spec.nominal && spec.nominal <= spec.max))
    return refuse('spec', 'The film range must run from its minimum over its aim to its maximum.', {
      quantity: 'film',
      min: spec.min,
      max: spec.max,
    });

  const average = mean(all);
  const deviation = Math.sqrt(
    all.reduce((sum, each) => sum + (each - average) ** 2, 0) / Math.max(all.length - 1, 1),
  );
  const [floor, ceiling] =
    rule === 'spot-mean'
      ? [0.8 * spec.min, 1.2 * spec.max]
      : rule === 'own'
        ? [spec.min, spec.max]
        : [0.8 * spec.nominal, spec.max];
  const verdicts = filled.map(({ id, readings }): SpotVerdict => {
    const own = mean(readings);
    return {
      id,
      mean: own,
      count: readings.length,
      state: !atLeast(own, floor) ? 'low' : !atMost(own, ceiling) ? 'high' : 'inside',
    };
  });
  const least = Math.min(...all);
  const most = Math.max(...all);
  const conditions =
    rule === 'spot-mean'
      ? spotMeanConditions(average, verdicts, spec)
      : rule === 'own'
        ? ownConditions(least, most, spec)
        : nominalConditions(average, all, least, most, spec);
  return {
    passes: conditions.every(({ holds }) => holds),
    mean: average,
    least,
    most,
    variation: deviation / average,
    spots: verdicts,
    conditions,
  };
}

function spotMeanConditions(
  average: number,
  spots: readonly SpotVerdict[],
  { min, max }: FilmSpec,
): Condition[] {
  const means = spots.map((spot) => spot.mean);
  const lowest = Math.min(...means);
  const highest = Math.max(...means);
  return [
    {
      id: 'mean-in-range',
      holds: atLeast(average, min) && atMost(average, max),
      found: average,
      limit: atLeast(average, min) ? max : min,
    },
    { id: 'nothing-far-under', holds: atLeast(lowest, 0.8 * min), found: lowest, limit: 0.8 * min },
    { id: 'spots-in-range', holds: atMost(highest, 1.2 * max), found: highest, limit: 1.2 * max },
  ];
}

function nominalConditions(
  average: number,
  all: readonly number[],
  least: number,
  most: number,
  { nominal, max }: FilmSpec,
): Condition[] {
  const under =
    all.filter((each) => atLeast(each, 0.8 * nominal) && !atLeast(each, nominal)).length / all.length;
  return [
    { id: 'mean-at-nominal', holds: atLeast(average, nominal), found: average, limit: nominal },
    { id: 'nothing-far-under', holds: atLeast(least, 0.8 * nominal), found: least, limit: 0.8 * nominal },
    { id: 'few-under', holds: under < 0.2, found: under, limit: 0.2 },
    { id: 'below-maximum', holds: atMost(most, max), found: most, limit: max },
  ];
}

const ownConditions = (least: number, most: number, { min, max }: FilmSpec): Condition[] => [
  { id: 'none-under', holds: atLeast(least, min), found: least, limit: min },
  { id: 'none-over', holds: atMost(most, max), found: most, limit: max },
];
