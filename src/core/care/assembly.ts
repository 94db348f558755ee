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
  readonly because: string;
}

/** Which way the pickup tube of a cup below the gun is turned, and why. */
const tubeWords = {
  down: {
    says: 'Turn the pickup tube forward, to the nozzle.',
    because: 'Spraying down, the paint runs to the front of the cup: a tube at the back draws air.',
  },
  up: {
    says: 'Turn the pickup tube back, to the handle.',
    because: 'Spraying up, the paint runs to the back of the cup.',
  },
  level: {
    says: 'Turn the pickup tube forward, to the nozzle.',
    because: 'A gun tips forward at the end of a stroke: the front runs dry last.',
  },
} as const;

/**
 * How a clean gun is put together, in order: the fluid side before the air side, nothing under pressure, and a card
 * at the end.
 */
export function assemblySteps({ atomising, feed, bleeder, sprays }: AssemblyQuestion): AssemblyStep[] {
  if (atomising === 'airless')
    return [
      {
        id: 'relief',
        says: 'Pressure relieved, trigger locked, pump off.',
        because: 'A tip fitted under pressure injects.',
      },
      {
        id: 'filter',
        says: 'Fit a clean gun filter of the mesh the orifice asks for.',
        because: 'Coarser lets through what clogs the tip; finer holds paint back.',
      },
      {
        id: 'flush-first',
        says: 'Prime and run the hose out at the lowest pressure before the tip goes on.',
        because: 'What stands in the hose would clog it.',
      },
      {
        id: 'seat',
        says: 'Seat and seal into the housing, the tip through it, its mark forward.',
        because: 'A seat left out leaks at pressure.',
      },
      {
        id: 'guard',
        says: 'Guard on, its wings across the fan.',
        because: 'It keeps a hand away from the tip, and its wings show how the fan lies.',
      },
      {
        id: 'tighten',
        says: 'Tighten by hand, unlock, and spray a card.',
        because: 'The card shows the tails, the strain on a hand does not.',
      },
    ];
  const below = feed === 'suction' || feed === 'pressure-cup';
  const steps: (AssemblyStep | false)[] = [
    {
      id: 'air-off',
      says: bleeder
        ? 'Air off at the turbine or the wall: a bleeder gun blows all the time.'
        : 'Air off, trigger pulled until it is quiet.',
      because: 'Parts fitted under air fly.',
    },
    {
      id: 'nozzle',
      says: 'Fluid nozzle in by hand, then a quarter turn with its own key.',
      because: 'Overtightened it cracks the seat; loose it draws air and spits.',
    },
    {
      id: 'needle',
      says: 'Needle of the same set, from behind, without force; its spring and the fluid knob after it.',
      because: 'A needle pushed against the nozzle bends, and every pattern after it is crooked.',
    },
    {
      id: 'packing',
      says: 'Packing just tight enough that the needle still closes by itself.',
      because: 'Too tight it lags and drips; too loose it draws air.',
    },
    {
      id: 'cap',
      says: 'Cap of the same set, its horns level: in line with the stroke.',
      because: 'The fan then stands across the stroke. The other way round paint heaps up in a narrow line.',
    },
    below && { id: 'tube', ...tubeWords[sprays] },
    feed === 'gravity' && {
      id: 'vent',
      says: 'Lid on with its vent clear and upward, strainer in.',
      because: 'Without a vent the cup draws a vacuum and the fan surges.',
    },
    feed === 'pressure-cup' && {
      id: 'check',
      says: 'Check valve and small air line clear, gasket seated.',
      because: 'Paint creeps back into them first: then the cup has no pressure.',
    },
    (feed === 'pressure-pot' || feed === 'pump') && {
      id: 'pot',
      says: 'Fluid hose to the lower inlet, air to the other; pot lid even all round.',
      because: 'A crooked lid leaks, and the fan pulses.',
    },
    { id: 'knobs', says: 'Knobs back to the recorded turns.', because: 'Cleaning erases the set-up.' },
    {
      id: 'card',
      says: 'Air on, a card before the part.',
      because: 'No coat without a fresh card since the gun was apart.',
    },
  ];
  return steps.filter((step) => step !== false);
}
