'use client';

import { useState } from 'react';
import { glossary } from '@/words/glossary';
import { allTerms, type Term } from '@/words/terms';
import { Dialog } from '../Dialog';
import { TermDrawing } from './TermDrawing';

interface Props {
  /** The term it opens at; the list of all where none is said. */
  readonly at?: Term;
  readonly onClose: () => void;
}

/** Words of the trade: what each is, why it matters, and how it looks. Fetched when the first one is tapped. */
export function Glossary({ at, onClose }: Props) {
  const [term, setTerm] = useState(at);
  const meaning = term && glossary[term];
  return (
    <Dialog open onClose={onClose} title={meaning?.name ?? 'Words of the trade'}>
      {term && meaning && (
        <div data-term={term}>
          <TermDrawing term={term} name={meaning.name} />
          <p className="mt-3 text-lg">{meaning.is}</p>
          <p className="mt-2 text-ink-soft">{meaning.matters}</p>
        </div>
      )}
      <nav
        aria-label="Words of the trade"
        className="mt-4 flex flex-wrap gap-x-4 border-t border-hairline pt-2"
      >
        {allTerms
          .filter((each) => each !== term)
          .map((each) => (
            <button
              key={each}
              type="button"
              className="min-h-11 text-act underline underline-offset-4"
              onClick={() => setTerm(each)}
            >
              {glossary[each].name}
            </button>
          ))}
      </nav>
    </Dialog>
  );
}
