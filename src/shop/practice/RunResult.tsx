'use client';

import type { Drill, Judged } from '@/core/practice';
import { useMeasuredHands } from '@/ui/measuredhands';
import { useRecords } from '@/store/hooks';
import { Notice } from '@/ui/Notice';
import { useUnits } from '@/ui/units';
import { faultWords, runWords } from './words';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

interface Props {
  readonly judged: Judged | undefined;
  readonly drill: Drill;
  readonly who: string;
}

/** The score of a run with what to change, and how this person's runs have gone. */
export function RunResult({ judged, drill, who }: Props) {
  const units = useUnits();
  const tries = useRecords('practice');
  const hand = useMeasuredHands().find(({ name, tries: n }) => name === who && n > 0);
  const own = tries
    .filter((each) => each.name === who && each.drill === drill.id && each.film)
    .sort((a, b) => a.at.localeCompare(b.at));
  const percent = (value: number) => written(amount('share', value), units, { digits: 0 });
  return (
    <>
      {judged && (
        <section aria-label="Score" data-score>
          <p className="text-sm text-ink-soft">Inside the limits</p>
          <p className="text-6xl font-bold [font-stretch:75%] tabular-nums">{percent(judged.inside)}</p>
          <p className="text-sm text-ink-soft">
            {percent(judged.under)} under, {percent(judged.over)} over; scatter {percent(judged.cv)} of a mean
            of <Printed figure={amount('film', judged.mean)} />.
          </p>
          <div className="mt-2">
            <Notice tone={judged.inside > 0.9 && judged.runs === 0 ? 'good' : 'care'}>
              <b>{runWords(judged, drill, units)}</b>
            </Notice>
          </div>
          {judged.gains.length > 0 && (
            <ul className="mt-2 text-sm">
              {judged.gains.map(({ fault, gain }) => (
                <li key={fault} className="border-b border-hairline py-1.5">
                  {faultWords(fault, judged, drill, units)} <b>{percent(gain)} more inside.</b>
                </li>
              ))}
            </ul>
          )}
        </section>
      )}
      <section aria-label="History" data-history>
        <h2 className="font-bold">Runs by {who}</h2>
        {own.length === 0 ? (
          <p className="text-sm text-ink-soft">None of this drill yet.</p>
        ) : (
          <ol
            className="flex h-24 items-end gap-1 border-b border-ink"
            aria-label={`Share inside of the last ${Math.min(own.length, 14)} runs`}
          >
            {own.slice(-14).map(({ id, film }) => (
              <li
                key={id}
                className="flex min-w-4 flex-1 flex-col items-center justify-end text-xs"
                style={{ height: '100%' }}
              >
                <span className="tabular-nums">{Math.round((film?.inside ?? 0) * 100)}</span>
                <span
                  aria-hidden
                  className={`w-full ${(film?.inside ?? 0) > 0.9 ? 'bg-good' : 'bg-act'}`}
                  style={{ height: `${(film?.inside ?? 0) * 75}%` }}
                />
              </li>
            ))}
          </ol>
        )}
        {hand && (
          <p className="mt-2 text-sm" data-spread>
            Hand measured from {hand.tries} panels: spacing ± {percent(hand.hand.spacing)}, speed ±{' '}
            {percent(hand.hand.speed)}, trigger ± <Printed figure={amount('distance', hand.hand.lead)} />. It
            can be chosen under Spray, The film.
          </p>
        )}
      </section>
    </>
  );
}
