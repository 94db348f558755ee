import type { CleaningStepId } from '@/core/care';
import { clockTime, clockTo } from './clock';
import { lastRecorded, setAgain, type JobView } from '@/facts/job';
import type { Units } from './units';
import type { EntryOf } from '@/records';
import { focus, go, hand, log, type Fact, type NextLine } from './line';

/** Steps by which the knobs are back where they were: the setting is on record again. */
const knobSteps: readonly CleaningStepId[] = ['fit-knobs', 'fit-tighten'];

export function cleanLine(view: JobView, units: Units): NextLine {
  const { clean, guns, now, job, done } = view;
  const { steps, midway, doneCount, cleanBy, liquid, assumed, state, sequence, refusal } = clean;
  const { rig, rigId, gelled, between } = clean;
  const other = guns.find((each) => each !== clean && each.state === 'dirty');
  const because: Fact[] = [
    { label: 'Gun', value: rig?.name ?? '–' },
    { label: sequence?.assumed ? 'Flush with, a default' : 'Flush with', value: liquid },
    ...(cleanBy
      ? [
          {
            label: clean.heat
              ? 'Clean by, sooner in the heat'
              : assumed
                ? 'Clean by, class default'
                : 'Clean by',
            value: clockTime(cleanBy, now),
          },
        ]
      : []),
    ...(clean.idle && between ? [{ label: 'Idle since', value: clockTime(clean.idle.since, now) }] : []),
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
      tap: focus('cleaner', 'Name its cleaner', 'how'),
    };
  if (state === 'nothing-in-it')
    return {
      big: { number: '0', unit: 'steps due' },
      says: 'Nothing is in the gun yet.',
      detail: other
        ? `${other.rig?.name ?? 'Another gun'} has mix in it.`
        : 'The list below is what cleaning will take after this coating.',
      tone: other ? 'care' : 'plain',
      because,
      ...(other
        ? { tap: hand(other.layerId, `Clean ${other.rig?.name ?? 'the other gun'}`, other.rigId) }
        : {}),
    };
  const step = steps.find((each) => !each.done);
  if (!step)
    return {
      big: { number: 'Clean', unit: '' },
      says:
        sequence?.approach === 'store'
          ? 'The gun stands full of solvent. Drain and flush it, then spray a card before the next coat.'
          : 'The gun is clean. Its settings were opened: spray a card before the next coat.',
      tone: other ? 'care' : 'good',
      because,
      ...(other
        ? {
            detail: `${other.rig?.name ?? 'Another gun'} has mix in it still.`,
            tap: hand(other.layerId, `Clean ${other.rig?.name ?? 'the other gun'}`, other.rigId),
          }
        : done.has('check')
          ? {}
          : { tap: go('check', 'Go to Check') }),
    };
  // Between coats the short way comes first, as long as nothing of the long one has been begun.
  const short =
    between && !view.spray.running && doneCount === 0 ? midway.find((each) => !each.done) : undefined;
  if (short)
    return {
      big: clock,
      says: short.says,
      tone: due < now ? 'stop' : due < now + 900_000 ? 'care' : 'act',
      because,
      tap: log('Done', 'wiped between coats', {
        type: 'tick',
        list: 'midway',
        step: short.id,
        done: true,
        rigId,
      }),
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
      { type: 'tick', list: 'clean', step: step.id, done: true, rigId },
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
