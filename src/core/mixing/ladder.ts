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

/** How far a poured part may stray from the ratio before it must be put right. */
export const ratioTolerance = 0.05;

/** What it takes to put a batch right in which parts were over- or under-poured. */
export interface Repair {
  /** kg still to add of each part, in order; nothing is ever taken out. */
  readonly add: readonly number[];
  /** kg of the whole batch afterwards. */
  readonly mass: number;
  /** The largest deviation from the ratio as poured, as a share of the part. */
  readonly off: number;
}

/**
 * Rescales a batch to the part of which too much was poured.
 *
 * @param poured kg of each part, in the order of parts
 * @returns what to add of the others so that the ratio holds; mass only ever grows
 */
export function repairBatch(poured: readonly number[], parts: readonly Part[], by: RatioBy): Outcome<Repair> {
  if (poured.length !== parts.length)
    return refuse('poured', 'Enter what was poured of every part.', { value: poured.length });
  const shares = divide(1, parts, by);
  if (isRefusal(shares)) return shares;
  const sizes = shares.map(({ mass }, i) => (poured[i] ?? 0) / mass);
  const size = Math.max(...sizes);
  const least = Math.min(...sizes);
  if (!(size > 0)) return refuse('nothing-poured', 'Nothing has been poured yet.');
  const add = shares.map(({ mass }, i) => Math.max(size * mass - (poured[i] ?? 0), 0));
  return { add, mass: add.reduce((sum, each, i) => sum + each + (poured[i] ?? 0), 0), off: 1 - least / size };
}
