import { isRefusal, refuse, type Outcome } from '../refusal';
import { divide, type Part, type RatioBy } from './parts';

/** One step of the pouring ladder: pour this part until the scale and the pot stand here. */
export interface Rung {
  readonly part: Part;
  /** kg, rounded to the scale. */
  readonly mass: number;
  /** m³ */
  readonly volume: number;
  /** What the scale reads afterwards, kg, the pot tared away. */
  readonly scale: number;
  /** The mark on a graduated pot afterwards, m³. */
  readonly mark: number;
}

/**
 * Cumulative steps in pouring order.
 *
 * Each scale reading, not each part, is rounded to the scale, so that rounding never adds up.
 *
 * @param volume m³ of mix wanted
 * @param scaleStep kg, the smallest step of the scale
 * @returns a rung for each part; refuses a dose smaller than one step of the scale
 */
export function pouringLadder(
  volume: number,
  parts: readonly Part[],
  by: RatioBy,
  scaleStep: number,
): Outcome<Rung[]> {
  const measured = divide(volume, parts, by);
  if (isRefusal(measured)) return measured;
  let exact = 0;
  let scale = 0;
  let mark = 0;
  const rungs: Rung[] = [];
  for (const { part, mass } of measured) {
    exact += mass;
    const rounded = Math.round(exact / scaleStep) * scaleStep;
    const poured = rounded - scale;
    if (poured < scaleStep / 2)
      return refuse(
        'dose-too-small',
        `${part.name}: {value} is less than the scale can weigh ({min}). Mix a larger batch.`,
        {
          quantity: 'mass',
          value: mass,
          min: scaleStep,
        },
      );
    scale = rounded;
    mark += poured / part.density;
    rungs.push({ part, mass: poured, volume: poured / part.density, scale, mark });
  }
  return rungs;
}

/** A batch under way: what is still to pour, given what is in the pot already. */
export interface Pouring {
  /** Rungs still to pour, in pouring order; empty when the ratio is met. */
  readonly rest: readonly Rung[];
  /** m³ of the batch once they are in: larger than planned when something was over-poured. */
  readonly volume: number;
  /** The part of which more was poured than planned, if any. */
  readonly over?: Part;
  /** The largest shortfall from the ratio as it stands, as a share of the part. */
  readonly off: number;
}

/**
 * What is still to pour.
 *
 * The batch is as large as its largest part asks for, so an over-pour is met by more of the others and nothing
 * is ever taken out. Differences smaller than a step of the scale are left alone.
 *
 * @param volume m³ planned
 * @param poured kg of each part in the pot, in the order of parts
 */
export function remainingPours(
  volume: number,
  parts: readonly Part[],
  by: RatioBy,
  scaleStep: number,
  poured: readonly number[],
): Outcome<Pouring> {
  const planned = divide(volume, parts, by);
  if (isRefusal(planned)) return planned;
  if (poured.some((each) => !(each >= 0)))
    return refuse('poured', 'What was poured cannot be below zero.', { quantity: 'mass' });
  // Half a step off each: rounding to the scale is no over-pour and must not move the other parts.
  const sizes = planned.map(({ mass }, i) => ((poured[i] ?? 0) - scaleStep / 2) / mass);
  const size = Math.max(1, ...sizes);
  const over =
    size > 1 + scaleStep / (planned[sizes.indexOf(size)]?.mass ?? 1)
      ? planned[sizes.indexOf(size)]?.part
      : undefined;
  let scale = poured.reduce((sum, each) => sum + each, 0);
  let mark = planned.reduce((sum, { part }, i) => sum + (poured[i] ?? 0) / part.density, 0);
  let off = 0;
  const rest: Rung[] = [];
  planned.forEach(({ part, mass }, i) => {
    const missing = size * mass - (poured[i] ?? 0);
    off = Math.max(off, missing / (size * mass));
    const steps = Math.round(missing / scaleStep);
    if (steps < 1) return;
    const own = steps * scaleStep;
    scale += own;
    mark += own / part.density;
    rest.push({ part, mass: own, volume: own / part.density, scale, mark });
  });
  return { rest, volume: volume * size, ...(over ? { over } : {}), off };
}
