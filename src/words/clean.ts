import type { CleaningStepId } from '@/core/care';
import { clockTo } from './clock';
import { lastRecorded, setAgain, type JobView } from '@/facts/job';
import type { Units } from './units';
import type { EntryOf } from '@/records';
import { focus, go, log, type Fact, type NextLine } from './line';
import { clockTime } from './spray';

/** Steps by which the knobs are back where they were: the setting is on record again. */
const knobSteps: readonly CleaningStepId[] = ['fit-knobs', 'fit-tighten'];

export function cleanLine({ clean, now, rig, job, done, spray }: JobView, units: Units): NextLine {
  const { steps, midway, doneCount, cleanBy, liquid, assumed, state, sequence, refusal, gelled } = clean;
  const because: Fact[] = [
    { label: 'Gun', value: rig?.name ?? '–' },
    { label: sequence?.assumed ? 'Flush with, a default' : 'Flush with', value: liquid },
    ...(cleanBy
      ? [{ label: assumed ? 'Clean by, class default' : 'Clean by', value: clockTime(cleanBy, now) }]
      : []),
    ...(clean.idle && spray.next ? [{ label: 'Idle since', value: clockTime(clean.idle.since, now) }] : []),
    ...(sequence
      ? [
          { label: 'Takes, an estimate', value: units.show('duration', sequence.takes, { digits: 0 }) },
          { label: 'Liquid, an estimate', value: units.show('volume', sequence.volume) },
        ]
      : []),
    { label: 'Steps done', value: `${doneCount} of ${steps.length}` },
  ];
  const due = cleanBy ?? now;
  const clock = { number: clockTo(due, now), unit: due < now ? 'late' : 'left' };
  if (refusal && steps.length === 0)
    return {
      big: cleanBy ? clock : { number: '–', unit: '' },
      says: 'Name what this coating is cleaned with.',
      detail: units.says(refusal),
      tone: state === 'nothing-in-it' ? 'plain' : 'stop',
      because,
      tap: focus('cleaner', 'Name its cleaner'),
    };
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
      says:
        sequence?.approach === 'store'
          ? 'The gun stands full of solvent. Drain and flush it, then spray a card before the next coat.'
          : 'The gun is clean. Its settings were opened: spray a card before the next coat.',
      tone: 'good',
      because,
      ...(done.has('check') ? {} : { tap: go('check', 'Go to Check') }),
    };
  // Between coats the short way comes first, as long as nothing of the long one has been begun.
  const short =
    spray.next && !spray.running && doneCount === 0 && !gelled
      ? midway.find((each) => !each.done)
      : undefined;
  if (short)
    return {
      big: clock,
      says: short.says,
      tone: due < now ? 'stop' : due < now + 900_000 ? 'care' : 'act',
      because,
      tap: log('Done', 'wiped between coats', { type: 'tick', list: 'midway', step: short.id, done: true }),
      otherwise: focus('clean-list', 'To the whole list'),
    };
  const recorded = knobSteps.includes(step.id) ? lastRecorded(job) : undefined;
  const knobs = recorded?.knobs;
  return {
    big: cleanBy ? clock : { number: `${doneCount}/${steps.length}`, unit: '' },
    says: step.says,
    ...(knobs ? { detail: `Recorded: ${knobWords(knobs)}.` } : {}),
    tone: gelled || due < now ? 'stop' : due < now + 900_000 ? 'care' : 'act',
    because,
    tap: log(
      recorded ? 'Back as recorded' : 'Done',
      'cleaning step',
      { type: 'tick', list: 'clean', step: step.id, done: true },
      ...(recorded ? [setAgain(recorded)] : []),
    ),
  };
}

/** Turns from closed: `fluid 1.5, fan 3 turns`. */
export function knobWords(knobs: NonNullable<EntryOf<'setting'>['knobs']>): string {
  const said = (['fluid', 'fan', 'air'] as const).flatMap((each) =>
    knobs[each] === undefined ? [] : [`${each} ${knobs[each]}`],
  );
  return said.length ? `${said.join(', ')} turns` : 'no turns';
}
