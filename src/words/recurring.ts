import { tellingBelow, type Recurrence, type Side } from '@/facts/shop/recurring';
import { plural } from './line';

export const sideWords: Record<Side, string> = {
  material: 'the material',
  machine: 'the machine',
  hand: 'the hand',
};

/** `1 in 40`; what happens more often than not by accident is said so. */
export const oddsWords = (chance: number): string =>
  chance > 0.5 ? 'more often than not' : `once in ${Math.max(Math.round(1 / chance), 2)}`;

/** `4 of 5 jobs with Bay 2 gun, 1 of 9 with others: by accident once in 60.` */
export const recursWords = ({ withIt, of, without, ofOthers, chance }: Recurrence, name: string): string =>
  `${withIt} of ${plural(of, 'job')} with ${name}, ${without} of ${ofOthers} with others: by accident ${oddsWords(chance)}.`;

/** What the first of them points to, or that it points nowhere yet. */
export const pointsTo = (all: readonly Recurrence[]): string => {
  const [first, second] = all;
  if (!first || first.chance >= tellingBelow)
    return 'That may all be accident: too few jobs, or it comes with everything.';
  if (second && second.side !== first.side && second.chance < first.chance * 2)
    return `It may lie with ${sideWords[first.side]} or with ${sideWords[second.side]}: they always met in the same jobs.`;
  return `It points to ${sideWords[first.side]}.`;
};
