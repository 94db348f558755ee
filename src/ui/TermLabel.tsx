'use client';

import { useState } from 'react';
import { termIn } from '@/words/terms';
import { fetched } from './fetched';

const Glossary = fetched(() => import('./glossary/Glossary').then((loaded) => loaded.Glossary));

/** A label; where it is a word of the trade it can be tapped for what it means. */
export function TermLabel({ label }: { readonly label: string }) {
  const [open, setOpen] = useState(false);
  const term = termIn(label);
  if (!term) return label;
  return (
    <>
      <button
        type="button"
        aria-haspopup="dialog"
        // As high as a thumb, in a row that is not.
        className="-my-3 min-h-11 min-w-11 text-left underline decoration-dotted underline-offset-4"
        onClick={() => setOpen(true)}
      >
        {label}
      </button>
      {open && <Glossary at={term} onClose={() => setOpen(false)} />}
    </>
  );
}
