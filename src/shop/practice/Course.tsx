'use client';

import { useMemo, useState } from 'react';
import { courseAims, courseOf, weeksOf, type CourseStep } from '@/facts/shop/course';
import { namesOf } from '@/facts/shop/pace';
import { useRecords, useShop } from '@/store/hooks';
import { SelectField } from '@/ui/Field';
import { Printed } from '@/ui/Printed';
import { amount, written } from '@/words/figures';
import { fullDay } from '@/words/dates';
import { useUnits } from '@/ui/units';

interface StepWords {
  readonly name: string;
  readonly why: string;
  readonly aim: string;
  /** The part of Practice it is done in. */
  readonly part: string;
}

// prettier-ignore
const words: Record<CourseStep, StepWords> = {
  listen: { name: 'Alarms by ear', part: 'listen', aim: `${courseAims.listened * 100} % told right`, why: 'With a mask on and the gun running an alarm is heard, not read. Whoever knows the sound of a pot that gels does not finish the face first.' },
  pour: { name: 'Pour to a mark', part: 'pour', aim: `within ${courseAims.pour * 100} %, three in a row`, why: 'A hand goes on after it meant to stop. Two parts off their ratio cure soft, and a drop of thinner too much is not taken out again.' },
  flat: { name: 'A flat panel', part: 'panel', aim: `${courseAims.panel * 100} % inside, twice`, why: 'Film goes with the inverse of speed: half as quick is twice as thick. Strokes that begin and end off the panel leave its edges as thick as its middle.' },
  hand: { name: 'The hand, felt', part: 'hand', aim: `pace within ${courseAims.spread * 100} %, no lean, twice`, why: 'A pointer says nothing of tilt. A gun that leans lays heavy on one side of every stroke; a wrist that swings leaves the ends thin.' },
  gun: { name: 'A gun with a trouble', part: 'gun', aim: 'found, twice in a row', why: 'One change, one card. Two changes at once teach nothing, and the paint is blamed for a blocked hole.' },
  edges: { name: 'Edges first', part: 'panel', aim: `${courseAims.panel * 100} % inside, twice`, why: 'Edges draw thin: paint pulls back from them, and a face sprayed alone reaches them with half a fan.' },
  upright: { name: 'Upright, no runs', part: 'panel', aim: `${courseAims.panel * 100} % inside, no run, twice`, why: 'What stands slides once it is too thick. Wet enough to flow and dry enough to hold lie close together.' },
  'drop-coat': { name: 'A drop coat', part: 'panel', aim: `${courseAims.panel * 100} % inside, twice`, why: 'Flake lies as the film lies: heavy is darker, light is lighter. From further off and closer together it lies even.' },
};

/** A short course for a beginner: one thing after the other, each with its why; and how somebody has come on over the weeks. */
export function Course() {
  const shop = useShop();
  const units = useUnits();
  const tries = useRecords('practice');
  const names = useMemo(
    () => [
      ...new Set([
        shop.operator || 'Me',
        ...(shop.people ?? []).map(({ name }) => name),
        ...tries.map(({ name }) => name),
      ]),
    ],
    [shop, tries],
  );
  const [who, setWho] = useState(names[0] ?? 'Me');
  const person = shop.people?.find(({ name }) => name === who);
  const own = useMemo(() => (person ? namesOf(person) : [who]), [person, who]);
  const course = useMemo(() => courseOf(tries, own), [tries, own]);
  const weeks = useMemo(() => weeksOf(tries, own).slice(-10), [tries, own]);
  const share = (value: number | undefined) =>
    value === undefined ? '–' : written(amount('share', value), units, { digits: 0 });
  return (
    <div className="max-w-4xl space-y-6" data-course>
      <div className="max-w-xs">
        <SelectField
          label="Whose course"
          value={who}
          onChange={(event) => setWho(event.target.value)}
          options={names.map((name) => ({ value: name, label: name }))}
        />
      </div>
      <ol className="divide-y divide-hairline border-y border-hairline">
        {course.map(({ step, state, good, wanted }, i) => (
          <li
            key={step}
            className="grid grid-cols-[2rem_minmax(0,1fr)] gap-x-3 py-3 sm:grid-cols-[2.5rem_minmax(0,1fr)_auto]"
            data-step-state={state}
          >
            <span className={`text-2xl font-bold ${state === 'done' ? 'text-good' : 'text-ink-soft'}`}>
              {state === 'done' ? '✓' : i + 1}
            </span>
            <span className={state === 'locked' ? 'text-ink-soft' : ''}>
              <b>{words[step].name}</b>, {words[step].aim}
              <span className="block text-sm text-ink-soft">{words[step].why}</span>
            </span>
            <span className="col-start-2 text-sm sm:col-start-auto sm:text-right">
              {state === 'locked' ? (
                'after the one before'
              ) : (
                <>
                  {state === 'done' ? 'done' : `${good} of ${wanted}`}
                  <a
                    href={`/practice#${words[step].part}`}
                    className="flex min-h-11 items-center font-semibold sm:justify-end text-act underline underline-offset-4"
                  >
                    {state === 'done' ? 'Again' : 'To it'}
                  </a>
                </>
              )}
            </span>
          </li>
        ))}
      </ol>
      <section aria-label="Week by week">
        <h2 className="mb-1 font-bold">Week by week</h2>
        {weeks.length === 0 ? (
          <p className="text-sm text-ink-soft">Nothing practised yet.</p>
        ) : (
          <div className="overflow-x-auto">
            <table className="w-full text-sm tabular-nums">
              <thead>
                <tr className="border-b border-ink text-left">
                  {['Week from', 'Tries', 'Panel inside', 'Pour off by', 'Alarms right', 'Pace ±'].map(
                    (head) => (
                      <th key={head} className="py-1 pr-4 font-semibold">
                        {head}
                      </th>
                    ),
                  )}
                </tr>
              </thead>
              <tbody>
                {weeks.map(({ from, tries: n, panel, pour, listened, spread }) => (
                  <tr key={from} className="border-b border-hairline">
                    <td className="py-1.5 pr-4">{fullDay(from)}</td>
                    <td className="pr-4">{n}</td>
                    <td className="pr-4">{share(panel)}</td>
                    <td className="pr-4">
                      {pour === undefined ? '–' : <Printed figure={amount('share', pour)} />}
                    </td>
                    <td className="pr-4">{share(listened)}</td>
                    <td>{share(spread)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
      </section>
    </div>
  );
}
