import type { PourPhase, PourState, ScaleSeen } from '@/core/live';
import { amount, written } from './figures';
import type { Units } from './units';

export interface PourWords {
  readonly big: string;
  readonly says: string;
  readonly tone: 'plain' | 'good' | 'care' | 'stop';
  /** What a voice says as it becomes so; nothing where there is nothing to say. */
  readonly spoken: string;
}

/** What a pour under way says: short enough to be read out of the corner of an eye. */
export function pourWords(
  { phase, left }: PourState,
  name: string,
  units: Units,
  digits: { readonly digits?: number },
  /** What follows of a pour that went over. */
  follows = 'The rest follows it.',
): PourWords {
  const grams = written(amount('mass', Math.abs(left)), units, digits);
  const words: Record<PourPhase, PourWords> = {
    off: {
      big: 'Lifted',
      says: 'Set the pot back on the scale.',
      tone: 'care',
      spoken: 'The pot is off the scale.',
    },
    empty: { big: grams, says: `Pour ${name}.`, tone: 'plain', spoken: `${grams} of ${name}.` },
    pour: { big: grams, says: 'to go', tone: 'plain', spoken: '' },
    slow: { big: grams, says: 'to go. Slow down.', tone: 'care', spoken: 'Slow.' },
    stop: { big: 'Stop', says: 'What is on its way lands on the mark.', tone: 'stop', spoken: 'Stop.' },
    settling: { big: grams, says: 'Let it settle.', tone: 'plain', spoken: '' },
    done: {
      big: 'On the mark',
      says: 'It rests; it is taken as it stands.',
      tone: 'good',
      spoken: 'On the mark.',
    },
    short: { big: grams, says: 'short. Pour on, drop by drop.', tone: 'care', spoken: `${grams} short.` },
    over: {
      big: grams,
      says: `over. It is taken as it stands. ${follows}`,
      tone: 'care',
      spoken: `${grams} over. ${follows}`,
    },
  };
  return words[phase];
}

/** What is wrong with the scale itself. */
export function scaleDoubt({ restless, creeps }: ScaleSeen): string | undefined {
  if (restless)
    return 'It does not come to rest: out of the draught, onto something firm, nothing touching the pot.';
  if (creeps !== undefined)
    return 'It creeps while nothing is poured. Let it warm up, level it, set it to zero.';
  return undefined;
}
