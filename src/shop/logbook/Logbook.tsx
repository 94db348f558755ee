'use client';

import { useRecords } from '@/store/hooks';
import { ButtonLink } from '@/ui/Button';
import { EmptyState } from '@/ui/EmptyState';
import { Page } from '@/ui/Page';
import { Parts } from '@/ui/Parts';
import { fetched } from '@/ui/fetched';
import { usePart } from '@/ui/part';
import { useKit } from '@/ui/kit';
import { Entries } from './Entries';
import { useGone } from '@/ui/gone';

// Fetched with their part: the entries are what the logbook is opened for.
const Recipes = fetched(() => import('./Recipes').then((loaded) => loaded.Recipes));

const Book = fetched(() => import('./Book').then((loaded) => loaded.Book));

const parts = { entries: 'Entries', recipes: 'Recipes', book: 'Over all jobs' };

/** While the entries are read, what they teach is gone through: the other parts then open at once. */
function Ahead() {
  useGone(useRecords('job'), useKit());
  return null;
}

/** What was done, and what it taught. */
export function Logbook() {
  const jobs = useRecords('job');
  const part = usePart(parts);
  if (jobs.length === 0)
    return (
      <Page title="Logbook">
        <EmptyState title="Nothing is written yet">
          <p>
            Every tap on a job is kept here with its time. Once coats are on, what worked becomes a recipe for
            the next job.
          </p>
          <ButtonLink href="/">To the bench</ButtonLink>
        </EmptyState>
      </Page>
    );
  return (
    <Page title="Logbook">
      <Parts label="Parts of the logbook" part={part} parts={parts} />
      <Ahead />
      {part === 'entries' && <Entries />}
      {part === 'recipes' && <Recipes />}
      {part === 'book' && <Book />}
    </Page>
  );
}
