import type { Stage, Timer } from '@/facts/job';

/** What is done about a clock that ran out, and where. */
const done: Record<Timer['id'], { readonly says: string; readonly stage: Stage }> = {
  flash: { says: 'Touch a masked corner: tacky, not wet.', stage: 'spray' },
  work: { says: 'Do what was planned between the coats.', stage: 'spray' },
  'recoat-closes': {
    says: 'No coat on it now: it would not bond. Let it harden, scuff, clean.',
    stage: 'spray',
  },
  induction: { says: 'Stir it again and pour.', stage: 'mix' },
  'pot-life': {
    says: 'Do not thin it back. Discard the pot, and flush what is in the gun.',
    stage: 'clean',
  },
  'stir-on': { says: 'No streak left? Then time the cup.', stage: 'thin' },
  stir: { says: 'Stir the pot, and say so.', stage: 'thin' },
  retime: { says: 'Stir, then time the cup.', stage: 'thin' },
  idle: { says: 'Wipe the cap, cover the cup.', stage: 'clean' },
  'clean-by': { says: 'Let out the pressure, empty it, flush it: before anything else.', stage: 'clean' },
  dwell: { says: 'Go on with the next step of the preparation.', stage: 'plan' },
  'warm-up': { says: 'Purge, and spray the card.', stage: 'set' },
  extraction: { says: 'Filters looked at, then off.', stage: 'clean' },
};

const heats = 'It heats: small lots, outdoors, nothing that burns beside it. Flush the gun now.';
const etched = 'Rinse it off now: what dries on etches unevenly and stays as salt.';

/** What is to be done about it, and the stage where. */
export const timerDone = ({
  id,
  heats: hot,
  then,
  airless,
}: Pick<Timer, 'id' | 'heats' | 'then' | 'airless'>): { readonly says: string; readonly stage: Stage } =>
  hot
    ? { ...done[id], says: heats }
    : id === 'dwell' && then === 'do'
      ? { ...done.dwell, says: etched }
      : airless
        ? { ...done[id], says: 'Lock the trigger; tip and guard into the jar, the pail covered.' }
        : done[id];
