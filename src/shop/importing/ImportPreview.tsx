'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useState } from 'react';
import type { BundleItem, BundlePreview } from '@/exchange/bundle';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { Dialog } from '@/ui/Dialog';

/** What is written in both places at once is kept twice, and asked about after. */
const mergesWords = (asks = 0) =>
  asks === 0 ? '▲ merges with what is here' : `▲ merges, asks ${asks} ${asks === 1 ? 'thing' : 'things'}`;

const stateWords: Record<BundleItem['state'], { words: string; ink: string }> = {
  new: { words: '+ new', ink: 'text-good' },
  changed: { words: '▲ replaces what is here', ink: 'text-care' },
  gone: { words: '○ removed here', ink: 'text-ink-soft' },
  removed: { words: '− removed there', ink: 'text-care' },
  same: { words: '= the same', ink: 'text-ink-soft' },
  refused: { words: '■ refused', ink: 'text-stop' },
};

interface Props {
  readonly preview: BundlePreview;
  readonly busy: boolean;
  /** Told whether what was removed here is to come back. */
  readonly onTake: (back: boolean) => void;
  readonly onClose: () => void;
}

/** What an import would do, record by record, before anything is written. */
export function ImportPreview({ preview, busy, onTake, onClose }: Props) {
  const count = (state: BundleItem['state']) => preview.items.filter((item) => item.state === state).length;
  const sorted = useMemo(
    // What would happen first; what is the same already, last.
    () => [...preview.items].sort((a, b) => Number(a.state === 'same') - Number(b.state === 'same')),
    [preview],
  );
  const other = count('new') + count('changed') + count('removed');
  const gone = count('gone');
  // A file that brings nothing else was taken up to bring it back.
  const [back, setBack] = useState(other === 0);
  const wanted = other + (back ? gone : 0);
  return (
    <Dialog
      open
      onClose={onClose}
      title="What this file would do"
      says={`${count('new')} new, ${count('changed')} changed, ${count('removed') > 0 ? `${count('removed')} removed, ` : ''}${count('same')} the same, ${count('refused')} refused${gone > 0 ? `, ${gone} removed here` : ''}${preview.pictures ? `; ${preview.pictures.length} ${preview.pictures.length === 1 ? 'picture' : 'pictures'}` : ''}. Nothing is written yet.`}
    >
      <Items items={sorted} />
      {gone > 0 && (
        <div className="mb-4">
          <Check
            label={`Bring back ${gone === 1 ? 'the one' : `the ${gone}`} removed here`}
            checked={back}
            onChange={setBack}
          />
        </div>
      )}
      <div className="flex flex-wrap gap-3">
        <Button look="main" disabled={wanted === 0 || busy} onClick={() => onTake(back)}>
          {busy
            ? 'Taking it in'
            : wanted === 0
              ? 'Nothing to take in'
              : `Take in ${wanted} ${wanted === 1 ? 'record' : 'records'}`}
        </Button>
        <Button className="min-h-16" onClick={onClose}>
          Leave it
        </Button>
      </div>
    </Dialog>
  );
}

/** px; measured once a row is drawn, as one with a reason is taller. */
const usualRow = 34;

/** The records of a file: only those in sight are drawn, however many there are. */
function Items({ items }: { readonly items: readonly BundleItem[] }) {
  const [box, setBox] = useState<HTMLDivElement | null>(null);
  // eslint-disable-next-line react-hooks/incompatible-library -- only drawn here, nothing below it is memoised by it
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => box,
    estimateSize: () => usualRow,
    overscan: 10,
  });
  return (
    <div
      ref={setBox}
      role="region"
      aria-label="Records"
      // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard
      tabIndex={0}
      className="mb-4 max-h-[45vh] overflow-y-auto border-y border-hairline"
    >
      <ul className="relative text-sm" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map(({ index, start }) => {
          const { key, name, state, why, doc, asks } = items[index] as BundleItem;
          return (
            <li
              key={key}
              ref={rows.measureElement}
              data-index={index}
              aria-setsize={items.length}
              aria-posinset={index + 1}
              className="absolute inset-x-0 top-0 flex justify-between gap-4 border-b border-hairline py-1.5"
              style={{ transform: `translateY(${start}px)` }}
            >
              <span className="min-w-0">
                {name} <span className="text-ink-soft">{key.split('/')[0]}</span>
                {why && <span className="block text-stop">{why}</span>}
              </span>
              <span className={`shrink-0 font-semibold ${stateWords[state].ink}`}>
                {state === 'changed' && doc ? mergesWords(asks) : stateWords[state].words}
              </span>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
