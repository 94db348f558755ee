'use client';

import { isoNow } from '@/store/clock';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useTakeOut } from '@/ui/takeout';
import { fileName } from '@/exchange/filename';
import { writeSheetsCsv } from '@/exchange/sheetcsv';
import { classWords, type Coating } from '@/records';
import { useRecord, useRecords, useShop, useStore } from '@/store/hooks';
import { AskedAbout } from '@/ui/AskedAbout';
import { Button, ButtonLink } from '@/ui/Button';
import { download } from '@/ui/download';
import { EmptyState } from '@/ui/EmptyState';
import { Menu } from '@/ui/Menu';
import { Notice } from '@/ui/Notice';
import { notify } from '@/ui/notify';
import { Page } from '@/ui/Page';
import { Compare } from './Compare';
import { duplicateOf, recheckDue } from '@/facts/shop/revisions';
import { SheetView } from './SheetView';
import { fetched } from '@/ui/fetched';
import { calendarDay } from '@/words/dates';

// The form library is only wanted by those who edit.
const SheetForm = fetched(() => import('./SheetForm').then((loaded) => loaded.SheetForm));

const today = () => isoNow().slice(0, 10);

export function CoatingSheet({ id }: { readonly id: string }) {
  const sheet = useRecord('coating', id);
  if (!sheet)
    return (
      <Page title="Coating sheet">
        <EmptyState title="This sheet is not here">
          <ButtonLink href="/coatings">To the coatings</ButtonLink>
        </EmptyState>
      </Page>
    );
  return <HeldSheet sheet={sheet} />;
}

function HeldSheet({ sheet }: { readonly sheet: Coating }) {
  const store = useStore();
  const takeOut = useTakeOut();
  const router = useRouter();
  const shop = useShop();
  const revisions = useRecords('revision')
    .filter(({ coatingId }) => coatingId === sheet.id)
    .reverse();
  const [editing, setEditing] = useState(false);
  const [comparing, setComparing] = useState(false);
  const due = recheckDue(sheet, shop);
  const name = (of: Coating, until: string) =>
    `${until.slice(0, 16).replace('T', ' ')}, revision ${of.sheetRevision || 'not stated'}`;
  const duplicate = () => {
    const copy = duplicateOf(sheet, today());
    store.put(copy, 'sheet duplicated');
    router.push(`/coatings/${copy.id}`);
  };
  return (
    <Page
      title={sheet.name}
      says={`${classWords(sheet.class)}${sheet.maker ? `, ${sheet.maker}` : ''}. Revision ${sheet.sheetRevision || 'not stated'}, checked ${calendarDay(sheet.checkedOn)}.`}
      tools={
        !editing && (
          <>
            <Button onClick={() => setEditing(true)}>Edit</Button>
            <Button onClick={() => setComparing(true)} disabled={revisions.length === 0}>
              {revisions.length === 0 ? 'No earlier revision' : 'Compare revisions'}
            </Button>
            <Menu
              label="Sheet menu"
              items={[
                { label: 'Duplicate', onSelect: duplicate },
                {
                  label: 'Export as JSON',
                  onSelect: () => void takeOut(sheet.name, [sheet]),
                },
                {
                  label: 'Export as CSV',
                  onSelect: () =>
                    download(fileName(sheet.name, today(), 'csv'), writeSheetsCsv([sheet]), 'text/csv'),
                },
                {
                  label: 'Remove',
                  danger: true,
                  onSelect: () => {
                    store.remove(`coating/${sheet.id}`, 'sheet removed');
                    notify(`${sheet.name} is removed. Jobs keep the sheet they began with.`);
                    router.push('/coatings');
                  },
                },
              ]}
            />
          </>
        )
      }
    >
      {!editing && due <= today() && (
        <div className="mb-5 max-w-3xl">
          <Notice tone="care">
            Recheck due since {calendarDay(due)}. Look for a newer paper, then edit what changed.
            <Button
              look="quiet"
              onClick={() => {
                store.put({ ...sheet, checkedOn: today() }, 'sheet checked');
                notify('Checked today, nothing changed.');
              }}
            >
              Checked today, nothing changed
            </Button>
          </Notice>
        </div>
      )}
      <AskedAbout record={sheet} />
      {editing ? <SheetForm sheet={sheet} onDone={() => setEditing(false)} /> : <SheetView sheet={sheet} />}
      {comparing && (
        <Compare
          sides={[
            { name: `Now, revision ${sheet.sheetRevision || 'not stated'}`, sheet },
            ...revisions.map(({ sheet: before, until }) => ({
              name: `Until ${name(before, until)}`,
              sheet: before,
            })),
          ]}
          onClose={() => setComparing(false)}
        />
      )}
    </Page>
  );
}
