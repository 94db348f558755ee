/** m³ a drop, about: what a dropper gives depends on it. A default. */
export const usualDrop = 0.05e-6;

/** A dose weighs well from this many steps of the scale on: half a step is then at most 5 % of it. */
export const stepsToWeighWell = 10;

/** What a small dose is measured with, and how much of it that gives. */
export type DoseMeasure =
  | { readonly kind: 'scale'; readonly mass: number }
  /** m³ the syringe holds, and the mark to fill it to. */
  | { readonly kind: 'syringe'; readonly holds: number; readonly to: number; readonly mass: number }
  | { readonly kind: 'drops'; readonly count: number; readonly mass: number };

/** Syringes of a shop: what they hold and their marks, m³. A default. */
const syringes: readonly { readonly holds: number; readonly marks: number }[] = [
  { holds: 2.5e-6, marks: 0.1e-6 },
  { holds: 5e-6, marks: 0.2e-6 },
  { holds: 10e-6, marks: 0.5e-6 },
  { holds: 20e-6, marks: 1e-6 },
  { holds: 60e-6, marks: 1e-6 },
];

/** A dose is measured well if it misses by no more than this share of itself. */
const measuredWell = 0.5 / stepsToWeighWell + 1e-9;

/**
 * What measures a dose well: the scale where it is ten of its steps, else a syringe, else drops. What is measured is
 * never more than may go in.
 *
 * @param wanted kg
 * @param most kg, the cap of its sheet; the same as wanted where there is none
 * @param density kg/m³
 * @param scaleStep kg
 * @returns undefined where nothing here measures it: a larger batch does
 * @example 2 g of 950 kg/m³ beside a scale of 1 g is 2.1 mL in a syringe of 2.5 mL, 0.35 g of 1000 are 7 drops
 * Formula: dose ÷ step
 * Source: half a step is at most a share of the dose
 * @example doseMeasure(0.010000000000000002, 0.04, 1000, 0.001) → { kind: 'scale', mass: 0.01 }
 */
export function doseMeasure(
  wanted: number,
  most: number,
  density: number,
  scaleStep: number,
): DoseMeasure | undefined {
  if (!(wanted > 0) || !(density > 0) || !(scaleStep > 0)) return undefined;
  const near = (step: number, size: number, cap: number): number => {
    const up = Math.round(size / step + 1e-9);
    return up * step > cap * (1 + 1e-9) ? Math.floor(cap / step + 1e-9) * step : up * step;
  };
  if (wanted >= stepsToWeighWell * scaleStep * (1 - 1e-9))
    return { kind: 'scale', mass: near(scaleStep, wanted, most) };
  const size = wanted / density;
  for (const { holds, marks } of syringes) {
    if (size > holds * (1 + 1e-9)) continue;
    const to = near(marks, size, most / density);
    if (to > 0 && Math.abs(to / size - 1) <= measuredWell)
      return { kind: 'syringe', holds, to, mass: to * density };
  }
  const count = Math.floor(most / density / usualDrop + 1e-9);
  const drops = Math.min(Math.round(size / usualDrop), count);
  return drops > 0 && Math.abs((drops * usualDrop) / size - 1) <= measuredWell
    ? { kind: 'drops', count: drops, mass: drops * usualDrop * density }
    : undefined;
}
