'use client';

import type { BundleItem, BundlePreview } from '@/exchange/bundle';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';

const stateWords: Record<BundleItem['state'], { words: string; ink: string }> = {
  new: { words: '+ new', ink: 'text-good' },
  changed: { words: '▲ replaces what is here', ink: 'text-care' },
  removed: { words: '− removed there', ink: 'text-care' },
  same: { words: '= the same', ink: 'text-ink-soft' },
  refused: { words: '■ refused', ink: 'text-stop' },
};

interface Props {
  readonly preview: BundlePreview;
  readonly onTake: () => void;
  readonly onClose: () => void;
}

/** What an import would do, record by record, before anything is written. */
export function ImportPreview({ preview, onTake, onClose }: Props) {
  const count = (state: BundleItem['state']) => preview.items.filter((item) => item.state === state).length;
  const wanted = count('new') + count('changed');
  return (
    <Dialog
      open
      onClose={onClose}
      title="What this file would do"
      says={`${count('new')} new, ${count('changed')} changed, ${count('same')} the same, ${count('refused')} refused. Nothing is written yet.`}
    >
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard */}
      <div role="region" aria-label="Records" tabIndex={0} className="mb-4 max-h-[45vh] overflow-y-auto">
        <ul className="divide-y divide-hairline border-y border-hairline text-sm">
          {preview.items.map(({ key, name, state, why }) => (
            <li key={key} className="flex justify-between gap-4 py-1.5">
              <span className="min-w-0">
                {name} <span className="text-ink-soft">{key.split('/')[0]}</span>
                {why && <span className="block text-stop">{why}</span>}
              </span>
              <span className={`shrink-0 font-semibold ${stateWords[state].ink}`}>
                {stateWords[state].words}
              </span>
            </li>
          ))}
        </ul>
      </div>
      <div className="flex flex-wrap gap-3">
        <Button look="main" disabled={wanted === 0} onClick={onTake}>
          {wanted === 0 ? 'Nothing to take in' : `Take in ${wanted} records`}
        </Button>
        <Button className="min-h-16" onClick={onClose}>
          Leave it
        </Button>
      </div>
    </Dialog>
  );
}
