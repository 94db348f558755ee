import type { CleaningStep } from './step';

/** What a cleaning takes of solvent, m³: water is not in it. */
export interface FluidNeed {
  /** For the first rinse: settled fluid does, for what follows rinses it out. */
  readonly first: number;
  /** What must be fresh: it runs through the gun last. */
  readonly fresh: number;
}

const isWater = (liquid: string): boolean => /\bwater\b/i.test(liquid);

/**
 * Solvent of a list of cleaning steps, parted by what may be used a second time.
 *
 * Source: handbook, section 16: dirty for the first rinse, clean for the last.
 */
export function fluidNeed(steps: readonly CleaningStep[]): FluidNeed {
  const solvent = steps.filter(({ liquid, volume = 0 }) => liquid && volume > 0 && !isWater(liquid));
  const sum = (of: readonly CleaningStep[]) => of.reduce((all, { volume = 0 }) => all + volume, 0);
  return {
    first: sum(solvent.filter(({ id }) => id === 'rinse')),
    fresh: sum(solvent.filter(({ id }) => id !== 'rinse')),
  };
}
