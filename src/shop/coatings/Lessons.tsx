'use client';

import type { Coating } from '@/records';
import { useLessons } from '@/store/hooks';
import { useUnits } from '@/ui/units';
import { plural } from '@/words/line';
import { learntFrom } from '@/facts/shop/lessons';
import { expectWords } from '@/words/thin';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** What earlier batches of a coating taught: predicted against measured, with nothing left out. */
export function Lessons({ sheet }: { readonly sheet: Coating }) {
  const units = useUnits();
  const lessons = useLessons(sheet.id);
  if (lessons.length === 0) return null;
  const all = lessons
    .flatMap(({ foretold, job }) => foretold().map((each) => ({ ...each, job })))
    .sort((a, b) => b.at - a.at);
  const held = all.filter(({ held: own }) => own).length;
  return (
    <section aria-label="Predicted and measured" data-lessons>
      <h2 className="text-sm font-bold">Predicted and measured</h2>
      <p className="text-sm text-ink-soft">
        {lessons.length < learntFrom
          ? `${plural(lessons.length, 'batch', 'batches')} thinned.`
          : `The last ${learntFrom} batches.`}{' '}
        {all.length > 0 && `${held} of ${all.length} readings fell where nine in ten were expected.`} The next
        batch starts from them.
      </p>
      <ul className="mt-1 text-sm">
        {all.slice(0, 8).map(({ at, job, expect, measured, held: own }) => (
          <li key={at} className="flex justify-between gap-3 border-b border-hairline py-1.5">
            <span>{job}</span>
            <span className="text-right">
              {expectWords(expect, units)} →{' '}
              <b className={own ? 'text-good' : 'text-care'}>
                {own ? '✓' : '▲'} <Printed figure={amount('time', measured)} />
              </b>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
