import type { Atomising, Feed } from '../airgun';
import type { AssemblyStepId } from './stepids';

export interface AssemblyQuestion {
  readonly atomising: Atomising;
  readonly feed: Feed;
  readonly bleeder?: boolean;
  /** Which way the gun mostly points at this part. */
  readonly sprays: 'level' | 'down' | 'up';
}

export interface AssemblyStep {
  readonly id: AssemblyStepId;
  readonly says: string;
}

/** Which way the pickup tube of a cup below the gun is turned. */
const tubeWords = {
  down: {
    says: 'Turn the pickup tube forward, to the nozzle.',
  },
  up: {
    says: 'Turn the pickup tube back, to the handle.',
  },
  level: {
    says: 'Turn the pickup tube forward, to the nozzle.',
  },
} as const;

/**
 * How a clean gun is put together, in order: the fluid side before the air side, nothing under pressure, and a card
 * at the end.
 *
 * Source: shop practice, defaults
 */
export function assemblySteps({ atomising, feed, bleeder, sprays }: AssemblyQuestion): AssemblyStep[] {
  if (atomising === 'airless')
    return [
      {
        id: 'relief',
        says: 'Pressure relieved, trigger locked, pump off.',
      },
      {
        id: 'filter',
        says: 'Fit a clean gun filter of the mesh the orifice asks for.',
      },
      {
        id: 'flush-first',
        says: 'Prime and run the hose out at the lowest pressure before the tip goes on.',
      },
      {
        id: 'seat',
        says: 'Seat and seal into the housing, the tip through it, its mark forward.',
      },
      {
        id: 'guard',
        says: 'Guard on, its wings across the fan.',
      },
      {
        id: 'tighten',
        says: 'Tighten by hand, unlock, and spray a card.',
      },
    ];
  const below = feed === 'suction' || feed === 'pressure-cup';
  const steps: (AssemblyStep | false)[] = [
    {
      id: 'air-off',
      says: bleeder
        ? 'Air off at the turbine or the wall: a bleeder gun blows all the time.'
        : 'Air off, trigger pulled until it is quiet.',
    },
    {
      id: 'nozzle',
      says: 'Fluid nozzle in by hand, then a quarter turn with its own key.',
    },
    {
      id: 'needle',
      says: 'Needle of the same set, from behind, without force; its spring and the fluid knob after it.',
    },
    {
      id: 'packing',
      says: 'Packing just tight enough that the needle still closes by itself.',
    },
    {
      id: 'cap',
      says: 'Cap of the same set, its horns level: in line with the stroke.',
    },
    below && { id: 'tube', ...tubeWords[sprays] },
    feed === 'gravity' && {
      id: 'vent',
      says: 'Lid on with its vent clear and upward, strainer in.',
    },
    feed === 'pressure-cup' && {
      id: 'check',
      says: 'Check valve and small air line clear, gasket seated.',
    },
    (feed === 'pressure-pot' || feed === 'pump') && {
      id: 'pot',
      says: 'Fluid hose to the lower inlet, air to the other; pot lid even all round.',
    },
    { id: 'knobs', says: 'Knobs back to the recorded turns.' },
    {
      id: 'card',
      says: 'Air on, a card before the part.',
    },
  ];
  return steps.filter((step) => step !== false);
}
