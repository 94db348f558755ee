import type { AssemblyQuestion } from './assembly';
import type { AssemblyStepId } from './stepids';

/** Why the pickup tube is turned that way. */
const tube: Record<AssemblyQuestion['sprays'], string> = {
  down: 'Spraying down, the paint runs to the front of the cup: a tube at the back draws air.',
  up: 'Spraying up, the paint runs to the back of the cup.',
  level: 'A gun tips forward at the end of a stroke: the front runs dry last.',
};

const reasons: Partial<Record<AssemblyStepId, string>> = {
  relief: 'A tip fitted under pressure injects.',
  filter: 'Coarser lets through what clogs the tip; finer holds paint back.',
  'flush-first': 'What stands in the hose would clog it.',
  seat: 'A seat left out leaks at pressure.',
  guard: 'It keeps a hand away from the tip, and its wings show how the fan lies.',
  tighten: 'The card shows the tails, the strain on a hand does not.',
  'air-off': 'Parts fitted under air fly.',
  nozzle: 'Overtightened it cracks the seat; loose it draws air and spits.',
  needle: 'A needle pushed against the nozzle bends, and every pattern after it is crooked.',
  packing: 'Too tight it lags and drips; too loose it draws air.',
  cap: 'The fan then stands across the stroke. The other way round paint heaps up in a narrow line.',
  vent: 'Without a vent the cup draws a vacuum and the fan surges.',
  check: 'Paint creeps back into them first: then the cup has no pressure.',
  pot: 'A crooked lid leaks, and the fan pulses.',
  knobs: 'Cleaning erases the set-up.',
  card: 'No coat without a fresh card since the gun was apart.',
};

/**
 * Why a step of putting a gun together is done. Apart from the steps: only who is about to do one reads it.
 *
 * Source: shop practice, defaults
 * @example assemblyReason('knobs') → 'Cleaning erases the set-up.'
 */
export const assemblyReason = (id: AssemblyStepId, sprays: AssemblyQuestion['sprays'] = 'level'): string =>
  id === 'tube' ? tube[sprays] : (reasons[id] ?? '');
