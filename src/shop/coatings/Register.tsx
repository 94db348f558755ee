'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { fileName } from '@/exchange/filename';
import { registerOf } from '@/facts/shop/register';
import { isoNow } from '@/store/clock';
import { useRecords, useShop } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Fold } from '@/ui/Fold';
import { download } from '@/ui/download';
import { arrived } from '@/ui/fetched';
import { useUnits } from '@/ui/units';
import { calendarDay, fullDay } from '@/words/dates';
import { plural } from '@/words/line';
import { differences } from '@/words/sheetfacts';

/** Every state every sheet had: until when it held, when it is to be checked, what changed, and which jobs used it. */
export function Register() {
  const sheets = useRecords('coating');
  const revisions = useRecords('revision');
  const jobs = useRecords('job');
  const shop = useShop();
  const units = useUnits();
  const rows = useMemo(
    () =>
      registerOf(sheets, revisions, jobs, shop).map((row) => ({
        ...row,
        changes: row.before
          ? differences(row.before, row.sheet, units).map(
              ({ label, before, after }) => `${label}: ${after}, was ${before}`,
            )
          : [],
      })),
    [sheets, revisions, jobs, shop, units],
  );
  const save = async () => {
    const writer = await arrived(import('@/exchange/registercsv'));
    if (writer)
      download(
        fileName('register of sheets', isoNow().slice(0, 10), 'csv'),
        writer.writeRegisterCsv(rows),
        'text/csv',
      );
  };
  const today = isoNow().slice(0, 10);
  return (
    <Fold
      className="mt-6 border-y border-hairline"
      title="Register"
      says={`${plural(rows.length, 'state')} of ${plural(sheets.length, 'sheet')}`}
      verb="Show"
    >
      <ul className="divide-y divide-hairline border-y border-hairline text-sm" data-register>
        {rows.map(({ sheet, until, due, jobs: used, changes }) => (
          <li
            key={`${sheet.id}/${until ?? ''}`}
            className="grid gap-x-6 gap-y-1 py-2 sm:grid-cols-[minmax(0,1.2fr)_minmax(0,1.2fr)_minmax(0,2fr)]"
          >
            <span>
              <Link
                href={`/coatings/${sheet.id}`}
                prefetch={false}
                className="inline-flex min-h-11 items-center font-semibold"
              >
                {sheet.name}
              </Link>
              <span className="block text-ink-soft">Revision {sheet.sheetRevision || 'not stated'}</span>
            </span>
            <span>
              Checked {calendarDay(sheet.checkedOn)}
              <span className={`block ${due && due <= today ? 'font-semibold text-care' : 'text-ink-soft'}`}>
                {until
                  ? `held until ${fullDay(new Date(until))}`
                  : `${due && due <= today ? '▲ ' : ''}check again ${calendarDay(due ?? '')}`}
              </span>
            </span>
            <span>
              {used.length > 0 ? `Used by ${used.map(({ name }) => name).join(', ')}` : 'No job works by it'}
              {changes.length > 0 && (
                <span className="block text-ink-soft">
                  Changed: {changes.slice(0, 4).join('; ')}
                  {changes.length > 4 && `; ${changes.length - 4} more`}
                </span>
              )}
            </span>
          </li>
        ))}
      </ul>
      <Button className="mt-3" onClick={() => void save()}>
        Register as CSV
      </Button>
    </Fold>
  );
}
