'use client';

import { defects, judgeable, type DefectId } from '@/core/diagnosis';
import { showDuration } from '@/core/quantity';
import { calendarOf } from '@/exchange/calendar';
import { fileName } from '@/exchange/filename';
import { liveEntries, moment, ofType } from '@/store/job';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { clockTime } from '@/ui/words/spray';

/** Is it too early to judge, and when to look again: some defects leave by themselves, some only show later. */
export function Judging({ seen }: { readonly seen: readonly DefectId[] }) {
  const { view, log } = useJob();
  const { job, now, spray } = view;
  const ended = spray.coats.map(({ ended: at }) => at ?? 0).reduce((a, b) => Math.max(a, b), 0);
  if (ended === 0) return null;
  const since = (now - ended) / 1000;
  const early = seen.map((id) => ({ id, ...judgeable(id, since) })).filter(({ wait }) => wait > 0);
  const looks = seen.flatMap((id) => judgeable(id, 0).again.map((at) => ({ id, at: ended + at * 1000 })));
  const looked = ofType(liveEntries(job), 'look');
  const day = (at: number) => new Date(at).toISOString().slice(0, 10);
  if (early.length + looks.length === 0) return null;
  return (
    <Panel title="When to judge" place="judging">
      <div className="space-y-3" data-judging>
        {early.map(({ id, wait }) => (
          <Notice key={id} tone="care">
            <b>{defects[id].name}: too early to judge.</b> It may leave by itself. Look again in{' '}
            {showDuration(wait)}, at {clockTime(now + wait * 1000)}; sand or polish nothing before.
          </Notice>
        ))}
        {looks.length > 0 && (
          <>
            <p className="text-sm">These show late. Look again on the day, in good light:</p>
            <ul className="divide-y divide-hairline border-y border-hairline text-sm">
              {looks.map(({ id, at }) => {
                const name = `${defects[id].name}, ${day(at)}`;
                const done = looked.filter(({ text }) => text === name).at(-1);
                return (
                  <li key={name} className="flex flex-wrap items-center justify-between gap-3 py-2">
                    <span>
                      <b>{defects[id].name}</b> on {day(at)}
                      {done ? (
                        <span className={done.found === 'good' ? 'text-good' : 'text-stop'}>
                          {' '}
                          {done.found === 'good' ? '✓ good' : '■ worse'}, {day(moment(done))}
                        </span>
                      ) : at <= now ? (
                        <span className="text-care"> ▲ due</span>
                      ) : (
                        ''
                      )}
                    </span>
                    {!done && at <= now && (
                      <span className="flex gap-2">
                        <Button
                          onClick={() => log('looked again', { type: 'look', text: name, found: 'good' })}
                        >
                          Good
                        </Button>
                        <Button
                          onClick={() => log('looked again', { type: 'look', text: name, found: 'worse' })}
                        >
                          Worse
                        </Button>
                      </span>
                    )}
                  </li>
                );
              })}
            </ul>
            <Button
              onClick={() =>
                download(
                  fileName(`${job.name} looks`, day(now), 'ics'),
                  calendarOf(
                    looks
                      .filter(({ at }) => at > now)
                      .map(({ id, at }) => ({
                        id: `${job.id}-${id}-${at}`,
                        title: `Look at ${job.name}: ${defects[id].name.toLowerCase()}`,
                        note: defects[id].sees,
                        start: at,
                        end: at + 15 * 60_000,
                        call: 5,
                      })),
                  ),
                  'text/calendar',
                )
              }
            >
              Put the looks in a calendar
            </Button>
          </>
        )}
      </div>
    </Panel>
  );
}
