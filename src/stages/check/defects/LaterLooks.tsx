'use client';

import { careCalendarFile } from '@/exchange/carecalendar';
import { fileName } from '@/exchange/filename';
import { usualWorkday } from '@/records';
import { LookAnswer } from '@/shop/looks/LookAnswer';
import { moment } from '@/facts/job';
import { looksDue, looksOf } from '@/facts/shop/looks';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { dayWords } from '@/words/caredue';
import { lookWords } from '@/words/looks';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** When to look at this job again, and for what: some defects only show late. */
export function LaterLooks() {
  const { view } = useJob();
  const { job, now, shop } = view;
  const looks = looksOf(job);
  if (looks.length === 0) return null;
  const [due] = looksDue([job], now);
  const ahead = looks.filter(({ at }) => at > now);
  const save = () =>
    download(
      fileName(`${job.name} looks`, new Date(now).toISOString().slice(0, 10), 'ics'),
      careCalendarFile(
        ahead.map(({ at, for: ids }) => ({
          id: `${job.id}-look-${at}`,
          title: `Look at ${job.name}`,
          note: `In good light, for ${lookWords(ids)}.`,
          due: at,
        })),
        shop.workday?.begins ?? usualWorkday.begins,
        now,
      ),
    );
  return (
    <Panel title="Look again later" place="looks">
      <p className="text-sm">
        Some of it shows late on such work. Look in good light; one look answers for all that were missed.
      </p>
      <ul className="my-3 divide-y divide-hairline border-y border-hairline text-sm" data-looks>
        {looks.map(({ at, for: ids, seen: looked }) => (
          <li key={at} className="flex flex-wrap justify-between gap-x-3 py-1.5">
            <span>
              <b>{dayWords(at)}</b>, for {lookWords(ids)}
            </span>
            {looked ? (
              <b className={looked.found === 'good' ? 'text-good' : 'text-stop'}>
                {looked.found === 'good' ? '✓ nothing showed' : '■ something showed'},{' '}
                {dayWords(moment(looked))}
              </b>
            ) : (
              <span className="text-ink-soft">
                {at > now ? (
                  <>
                    in <Printed figure={amount('duration', (at - now) / 1000)} />
                  </>
                ) : due && at >= due.since ? (
                  '● due'
                ) : (
                  'nobody looked'
                )}
              </span>
            )}
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-3">
        {due && <LookAnswer job={job} for={due.for} />}
        {ahead.length > 0 && <Button onClick={save}>Put the looks in a calendar</Button>}
      </div>
    </Panel>
  );
}
