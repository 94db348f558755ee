import { showClock } from '@/core/quantity';
import type { JobView } from '@/store/job';
import { go, log, type Fact, type NextLine } from './line';
import { clockTime } from './spray';

export function cleanLine({ clean, now, rig, done }: JobView): NextLine {
  const { steps, doneCount, cleanBy, liquid, assumed, state } = clean;
  const because: Fact[] = [
    { label: 'Gun', value: rig?.name ?? '–' },
    { label: 'Flush with', value: liquid },
    ...(cleanBy
      ? [{ label: assumed ? 'Clean by, class default' : 'Clean by', value: clockTime(cleanBy) }]
      : []),
    { label: 'Steps done', value: `${doneCount} of ${steps.length}` },
  ];
  if (state === 'nothing-in-it')
    return {
      big: { number: '0', unit: 'steps due' },
      says: 'Nothing is in the gun yet.',
      detail: 'The list below is what cleaning will take after this coating.',
      tone: 'plain',
      because,
    };
  const step = steps.find((each) => !each.done);
  if (!step)
    return {
      big: { number: 'Clean', unit: '' },
      says: 'The gun is clean. Its settings were opened: spray a card before the next coat.',
      tone: 'good',
      because,
      ...(done.has('check') ? {} : { tap: go('check', 'Go to Check') }),
    };
  const left = ((cleanBy ?? now) - now) / 1000;
  return {
    big: cleanBy
      ? { number: showClock(left), unit: left < 0 ? 'late' : 'left' }
      : { number: `${doneCount}/${steps.length}`, unit: '' },
    says: step.says,
    detail: step.because,
    tone: left < 0 ? 'stop' : left < 900 ? 'care' : 'act',
    because,
    tap: log('Done', 'cleaning step', { type: 'tick', list: 'clean', step: step.id, done: true }),
  };
}
