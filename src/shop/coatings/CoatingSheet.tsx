'use client';

import { useState } from 'react';
import { useRecord } from '@/store/hooks';
import { Button, ButtonLink } from '@/ui/Button';
import { EmptyState } from '@/ui/EmptyState';
import { Page } from '@/ui/Page';
import { classWords } from '@/records';
import { SheetForm } from './SheetForm';
import { SheetView } from './SheetView';

export function CoatingSheet({ id }: { readonly id: string }) {
  const sheet = useRecord('coating', id);
  const [editing, setEditing] = useState(false);
  if (!sheet)
    return (
      <Page title="Coating sheet">
        <EmptyState title="This sheet is not here">
          <ButtonLink href="/coatings">To the coatings</ButtonLink>
        </EmptyState>
      </Page>
    );
  return (
    <Page
      title={sheet.name}
      says={`${classWords(sheet.class)}${sheet.maker ? `, ${sheet.maker}` : ''}. Revision ${sheet.sheetRevision || 'not stated'}, checked ${sheet.checkedOn}.`}
      tools={!editing && <Button onClick={() => setEditing(true)}>Edit</Button>}
    >
      {editing ? <SheetForm sheet={sheet} onDone={() => setEditing(false)} /> : <SheetView sheet={sheet} />}
    </Page>
  );
}
