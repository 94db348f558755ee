'use client';

import { useState } from 'react';
import { defectIds, defects, type DefectId } from '@/core/diagnosis';
import type { EntryOf } from '@/records';
import { strikeEntry } from '@/store/actions';
import { useStore } from '@/store/hooks';
import { TextField } from '@/ui/Field';
import { Button } from '@/ui/Button';
import { useNarrow } from '@/ui/narrow';
import { useJob } from '@/ui/job/context';
import { DefectSketch } from './DefectSketch';

interface Props {
  readonly seen: readonly DefectId[];
  readonly entries: readonly EntryOf<'defect'>[];
}

const few = { wide: 15, narrow: 8 };

/** The defects by what is seen and felt; several may stand at once. What is chosen is in the log at once. */
export function DefectPicker({ seen, entries }: Props) {
  const { view, log } = useJob();
  const store = useStore();
  const [search, setSearch] = useState('');
  const [more, setMore] = useState(false);
  const [all, setAll] = useState(seen.length === 0);
  const narrow = useNarrow();
  const words = search.trim().toLowerCase();
  const found = defectIds.filter((id) => {
    const { name, sees, feels } = defects[id];
    return (
      seen.includes(id) || ((all || words !== '') && `${name} ${sees} ${feels}`.toLowerCase().includes(words))
    );
  });
  // A page of thirty drawings is not read: the rest come when asked for, or by a word.
  const shown = more ? found : found.slice(0, narrow ? few.narrow : few.wide);
  const toggle = (id: DefectId) => {
    const own = entries.filter(({ defect }) => defect === id);
    if (own.length === 0) {
      log(`defect: ${defects[id].name.toLowerCase()}`, {
        type: 'defect',
        name: defects[id].name,
        defect: id,
      });
      setSearch('');
      setAll(false);
      return;
    }
    store.put(
      own.reduce((job, entry) => strikeEntry(job, entry.id, 'Not this after all', view.now), view.job),
      'defect taken back',
    );
  };
  return (
    <>
      <div className="flex flex-wrap items-end gap-4">
        <div className="min-w-0 grow sm:max-w-sm">
          <TextField
            label="What you see or feel"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
        </div>
        <button
          type="button"
          className="min-h-11 font-semibold text-act underline underline-offset-4"
          onClick={() => setAll(!all)}
        >
          {all ? 'Only what is chosen' : 'Show all'}
        </button>
      </div>
      <ul className="mt-3 grid gap-2 sm:grid-cols-2 xl:grid-cols-3" data-defects>
        {shown.map((id) => (
          <li key={id}>
            <button
              type="button"
              aria-pressed={seen.includes(id)}
              onClick={() => toggle(id)}
              className={`flex min-h-16 w-full items-center gap-3 border-2 p-2 text-left ${seen.includes(id) ? 'border-act bg-act-wash' : 'border-hairline'}`}
            >
              <DefectSketch id={id} />
              <span className="min-w-0 text-sm">
                <b>
                  {seen.includes(id) ? '✓ ' : ''}
                  {defects[id].name}
                </b>
                <span className="block text-ink-soft">
                  {defects[id].sees} {defects[id].feels}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
      {found.length > shown.length && (
        <div className="mt-3">
          <Button onClick={() => setMore(true)}>Show {found.length - shown.length} more</Button>
        </div>
      )}
      {shown.length === 0 && (
        <p className="mt-2 text-sm text-ink-soft">
          {words ? 'Nothing reads like that. Try another word, or show all.' : 'Nothing chosen.'}
        </p>
      )}
    </>
  );
}
