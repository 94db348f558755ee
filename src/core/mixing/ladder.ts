import { isRefusal, refuse, type Outcome } from '../refusal';
import { divide, type RatioBy } from './parts';
import { doseMeasure, stepsToWeighWell, type DoseMeasure } from './instrument';
import { doseShare, type RecipePart } from './recipe';

/** One step of the pouring ladder: pour this part until the scale and the pot stand here. */
export interface Rung {
  readonly part: RecipePart;
  /** kg, rounded to the scale. */
  readonly mass: number;
  /** m³ */
  readonly volume: number;
  /** What the scale reads afterwards, kg, the pot tared away. */
  readonly scale: number;
  /** The mark on a graduated pot afterwards, m³. */
  readonly mark: number;
  /** What rounding does to the part: poured ÷ exact − 1. */
  readonly off: number;
  /** The share a dose truly has after rounding. */
  readonly share?: number;
  /** What measures a dose that the scale weighs badly. */
  readonly measure?: DoseMeasure;
}

/**
 * Cumulative steps in pouring order.
 *
 * Each scale reading, not each part, is rounded to the scale, so that rounding never adds up. A dose with a cap
 * is rounded down until its true share, after all rounding, is within the cap; one that is too small for the scale is
 * measured with what measures it.
 *
 * @param volume m³ of mix wanted
 * @param scaleStep kg, the smallest step of the scale
 * @returns a rung for each part; refuses what neither the scale nor a syringe measures
 * Source: m = ρV
 * @example 24.7 in 260 g on a 1 g scale: 24 g, 9.2 %
 */
export function pouringLadder(
  volume: number,
  parts: readonly RecipePart[],
  by: RatioBy,
  scaleStep: number,
): Outcome<Rung[]> {
  const measured = divide(volume, parts, by);
  if (isRefusal(measured)) return measured;
  const whole = measured.map(({ mass }) => mass);
  const small = parts.map((part, i) => smallMeasure(part, whole[i] ?? 0, parts, whole, scaleStep));
  let exact = 0;
  let before = 0;
  const steps = measured.map(({ mass }, i) => {
    if (small[i]) return 0;
    exact += mass;
    const at = Math.round(exact / scaleStep);
    const own = at - before;
    before = at;
    return own;
  });
  const massesOf = () => steps.map((each, i) => small[i]?.mass ?? each * scaleStep);
  // The cap is judged on what is really poured of every part, so all of them are rounded first.
  for (let i = 0; i < parts.length; i += 1) {
    const part = parts[i] as RecipePart;
    const share = () => doseShare(part, massesOf()[i] ?? 0, parts, massesOf());
    const held = small[i];
    if (part.cap && held) {
      const most = (held.mass * part.cap.maximum) / share();
      if (most < held.mass * (1 - 1e-12))
        small[i] = doseMeasure(Math.min(whole[i] ?? 0, most), most, part.density, scaleStep);
    }
    while (part.cap && (steps[i] as number) > 0 && share() > part.cap.maximum + 1e-12)
      steps[i] = (steps[i] as number) - 1;
  }
  let scale = 0;
  let mark = 0;
  const masses = massesOf();
  const rungs: Rung[] = [];
  for (const [i, { part, mass }] of (measured as { part: RecipePart; mass: number }[]).entries()) {
    const poured = masses[i] as number;
    const measure = small[i];
    if (!measure && poured < scaleStep / 2)
      return refuse(
        'dose-too-small',
        `${part.name}: {value} is less than the scale can weigh ({min}). Mix a larger batch.`,
        { quantity: 'mass', value: mass, min: scaleStep },
      );
    scale += poured;
    // A pot is filled to the batch that is wanted: only the scale is read in its steps.
    mark += (Math.abs(poured - mass) < scaleStep ? mass : poured) / part.density;
    rungs.push({
      part,
      mass: poured,
      volume: poured / part.density,
      scale,
      mark,
      off: poured / mass - 1,
      ...(part.cap ? { share: doseShare(part, poured, parts, masses) } : {}),
      ...(measure ? { measure } : {}),
    });
  }
  return rungs;
}

/** What measures a dose that the scale weighs badly; nothing for what it weighs well, or where nothing else does. */
function smallMeasure(
  part: RecipePart,
  mass: number,
  parts: readonly RecipePart[],
  masses: readonly number[],
  scaleStep: number,
): DoseMeasure | undefined {
  if (!part.cap) return undefined;
  const share = doseShare(part, mass, parts, masses);
  const most = share > 0 ? (mass * part.cap.maximum) / share : mass;
  const measure = doseMeasure(mass, most, part.density, scaleStep);
  return measure?.kind === 'scale' ? undefined : measure;
}

/** Parts of a ladder that the scale cannot weigh well, and the batch that would make them weigh well. */
export interface SmallDose {
  readonly part: RecipePart;
  readonly mass: number;
  /** Half a step of the scale as a share of the dose. */
  readonly error: number;
  /** m³ of mix in which the dose weighs well. */
  readonly enough: number;
}

/**
 * The doses of a batch that are too small to be weighed well on this scale.
 *
 * Source: m = ρV
 * @example 2.5 g on a 1 g scale: four times the batch
 */
export function smallDoses(
  volume: number,
  parts: readonly RecipePart[],
  by: RatioBy,
  scaleStep: number,
): SmallDose[] {
  const measured = divide(volume, parts, by);
  if (isRefusal(measured)) return [];
  return measured
    .filter(({ mass }) => mass < stepsToWeighWell * scaleStep * (1 - 1e-9))
    .map(({ part, mass }) => ({
      part,
      mass,
      error: scaleStep / 2 / mass,
      enough: (volume * stepsToWeighWell * scaleStep) / mass,
    }));
}

/** A batch under way: what is still to pour, given what is in the pot already. */
export interface Pouring {
  /** Rungs still to pour, in pouring order; empty when the ratio is met. */
  readonly rest: readonly Rung[];
  /** m³ of the batch once they are in: larger than planned when something was over-poured. */
  readonly volume: number;
  /** The part of which more was poured than planned, if any. */
  readonly over?: RecipePart;
  /** The largest shortfall from the ratio as it stands, as a share of the part. */
  readonly off: number;
}

/** A part that is in is right within this share of it; however coarse the scale, never further off than the second. Defaults. */
const poursWithin = { usual: 0.005, most: 0.02 } as const;

/**
 * How far off a part of a mix may be poured and stand as it is, kg: a step of the scale, or half a percent of a large one;
 * of a small one, where a step is much, only what the scale cannot show.
 *
 * @param aim kg of the part
 * @param scaleStep kg
 * @returns kg, either way
 * Source: shop practice, defaults
 * @example pouredWithin(0.458, 0.001) → 0.00229
 */
export const pouredWithin = (aim: number, scaleStep: number): number =>
  Math.min(Math.max(scaleStep, poursWithin.usual * aim), Math.max(scaleStep / 2, poursWithin.most * aim));

/**
 * What is still to pour.
 *
 * The batch is as large as its largest part asks for, so an over-pour is met by more of the others and nothing
 * is ever taken out. A part that is in within {@link pouredWithin} stands as it is. A dose with a cap is rounded
 * down.
 *
 * @param volume m³ planned
 * @param poured kg of each part in the pot, in the order of parts
 * Source: m = ρV
 * @example remainingPours(0.002, [{ id: 'p0', name: 'p0', parts: 2.802644802411257, density: 1800, volumeSolids: 0.5, voc: 400, water: 0, exempt: 0 }], 'volume', 0.001, [3.6]) → { rest: [], volume: 0.002, off: 0 }
 */
export function remainingPours(
  volume: number,
  parts: readonly RecipePart[],
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
  (planned as { part: RecipePart; mass: number }[]).forEach(({ part, mass }, i) => {
    const missing = size * mass - (poured[i] ?? 0);
    off = Math.max(off, missing / (size * mass));
    const none = (poured[i] ?? 0) === 0;
    // A cap counts what is really in: a part that was poured stands as it stands.
    const sized = planned.map((each, at) => poured[at] || size * each.mass);
    const measure = none ? smallMeasure(part, size * mass, parts, sized, scaleStep) : undefined;
    const steps = part.cap ? Math.floor(missing / scaleStep + 1e-6) : Math.round(missing / scaleStep);
    if (!measure && (steps < 1 || (!none && missing <= pouredWithin(size * mass, scaleStep) + 1e-12))) return;
    const own = measure?.mass ?? steps * scaleStep;
    scale += own;
    mark += own / part.density;
    rest.push({
      part,
      mass: own,
      volume: own / part.density,
      scale,
      mark,
      off: (own + (poured[i] ?? 0)) / (size * mass) - 1,
      ...(measure ? { measure } : {}),
    });
  });
  return { rest, volume: volume * size, ...(over ? { over } : {}), off };
}
