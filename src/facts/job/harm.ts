import type { Timer } from './timers';

/** What a clock that runs out costs, the worst first: people, the part, the gun, the mix; then what is late, then what may begin. */
const order: readonly (Timer['id'] | 'heats')[] = [
  'heats',
  'extraction',
  'recoat-closes',
  'clean-by',
  'pot-life',
  'dwell',
  'idle',
  'stir',
  'retime',
  'induction',
  'stir-on',
  'flash',
  'warm-up',
  'work',
];

/** Where a clock stands among those that call at once: the less, the worse. */
export const harmOf = ({ id, heats }: Pick<Timer, 'id' | 'heats'>): number =>
  order.indexOf(heats ? 'heats' : id);
