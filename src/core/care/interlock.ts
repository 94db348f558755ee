import type { CleaningStep } from './step';

/**
 * The steps that may not be done yet: they open what may hold pressure, and the last step before them that lets it out is
 * not on record.
 *
 * @param steps in their order, each with whether it is on record
 * @returns by index, the step that comes first
 * Source: local codes and trade practice: solvent and heat, lids and static
 */
export function heldBack(
  steps: readonly (Pick<CleaningStep, 'opens' | 'pressurises' | 'relieves'> & { readonly done: boolean })[],
): ReadonlyMap<number, number> {
  const held = new Map<number, number>();
  let relief: number | undefined;
  steps.forEach((step, i) => {
    if (step.relieves) relief = i;
    if (step.opens && !step.done && relief !== undefined && !steps[relief]?.done) held.set(i, relief);
  });
  return held;
}
