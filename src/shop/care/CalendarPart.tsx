'use client';

import { usualWorkday } from '@/records';
import { careCalendarFile } from '@/exchange/carecalendar';
import { fileName } from '@/exchange/filename';
import { useShop } from '@/store/hooks';
import { Button, ButtonLink } from '@/ui/Button';
import { download } from '@/ui/download';
import { EmptyState } from '@/ui/EmptyState';
import { showPart } from '@/ui/showpart';
import { useUnits } from '@/ui/units';
import { wearWords } from '@/words/care';
import { dayWords, dueWords } from '@/words/caredue';
import { AxisHead } from './DueAxis';
import { columns, DueList } from './DueList';
import { useCare } from './usecare';

/** Everything that is due, the first first; overdue, this week, later. */
export function CalendarPart() {
  const { rigs, dues, kit, now } = useCare();
  const shop = useShop();
  const units = useUnits();
  if (rigs.length === 0)
    return (
      <EmptyState title="No guns yet">
        <p>Care begins with a gun: its nozzles, packings, filters and drains.</p>
        <ButtonLink href="/rigs">To the guns</ButtonLink>
      </EmptyState>
    );
  const order = kit.filter((each) => each.order);
  const save = () =>
    download(
      fileName('care', new Date(now).toISOString().slice(0, 10), 'ics'),
      careCalendarFile(
        dues.map((due) => ({ id: due.id, title: dueWords(due, units), note: due.rig.name, due: due.due })),
        shop.workday?.begins ?? usualWorkday.begins,
        now,
      ),
      'text/calendar',
    );
  return (
    <div className="max-w-6xl space-y-5">
      {dues.length === 0 ? (
        <EmptyState title="Nothing is dated yet">
          <p>
            Put the day a part was renewed under Wear and parts, and the day a filter was changed on the gun’s
            own page.
          </p>
          <Button onClick={() => showPart('wear')}>Wear and parts</Button>
        </EmptyState>
      ) : (
        <>
          <div className={`hidden gap-x-4 lg:grid ${columns}`}>
            <span />
            <AxisHead now={now} />
          </div>
          {(['over', 'soon', 'later'] as const).map((state) => {
            const rows = dues.filter((due) => due.state === state);
            const title = { over: 'Overdue', soon: 'This week', later: 'Later' }[state];
            return rows.length === 0 ? null : (
              <section key={state} aria-label={title}>
                <h2 className="mb-1 font-bold">{title}</h2>
                <DueList dues={rows} now={now} axis />
              </section>
            );
          })}
          <Button onClick={save}>Export to a calendar</Button>
        </>
      )}
      {order.length > 0 && (
        <p data-order>
          To order:{' '}
          {order
            .map(
              ({ rig, row }) =>
                `${row.name ?? wearWords[row.part].toLowerCase()} (${rig.name}, ${row.stock} left)`,
            )
            .join('; ')}
          .{' '}
          <Button look="quiet" onClick={() => showPart('wear')}>
            To the kit
          </Button>
        </p>
      )}
      <p className="text-xs text-ink-soft">
        Reckoned on {dayWords(now)}. Lives are defaults of ours until the maker’s interval is entered or parts
        have been renewed here; the maker’s word outranks them.
      </p>
    </div>
  );
}
