import type { GunFamily } from './families';

/** What wears on a gun, and by what it is counted. */
export const wearingParts = [
  'nozzle',
  'needle',
  'packing',
  'gasket',
  'check-valve',
  'gun-filter',
  'tip',
  'pump-packing',
] as const;
export type WearingPart = (typeof wearingParts)[number];
export type WearCount = 'hours' | 'days' | 'litres';

interface PartFacts {
  readonly counts: WearCount;
  /** Usual life, s for hours and days, m³ for litres of a coating of middling abrasiveness. A default of ours. */
  readonly life: number;
  readonly families: readonly GunFamily[];
}

const hour = 3600;
const day = 86_400;
const air = ['gravity', 'suction', 'pressure-cup', 'remote'] as const;

// prettier-ignore
export const partFacts: Record<WearingPart, PartFacts> = {
  nozzle: { counts: 'hours', life: 400 * hour, families: air },
  needle: { counts: 'hours', life: 500 * hour, families: air },
  packing: { counts: 'days', life: 180 * day, families: air },
  gasket: { counts: 'days', life: 120 * day, families: ['gravity', 'suction', 'pressure-cup', 'remote'] },
  'check-valve': { counts: 'days', life: 90 * day, families: ['pressure-cup'] },
  'gun-filter': { counts: 'litres', life: 0.25, families: ['airless'] },
  tip: { counts: 'litres', life: 0.5, families: ['airless'] },
  'pump-packing': { counts: 'litres', life: 4, families: ['airless'] },
};

/** How much a coating wears a tip, against one of middling abrasiveness. Defaults by what is in it. */
export const abrasiveness = { mild: 0.5, middling: 1, harsh: 2.5 } as const;
export type Abrasiveness = keyof typeof abrasiveness;
