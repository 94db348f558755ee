'use client';

import { Dialog } from '../Dialog';

interface Key {
  /** As in KeyboardEvent.key, lower case; `mod+` stands for Ctrl or Cmd. */
  readonly key: string;
  readonly does: string;
}

/** Every key of the product, as the list behind ? shows them. */
const keyList: readonly Key[] = [
  { key: 'Space', does: 'Start and stop the cup watch' },
  { key: 'Enter', does: 'Do the next line; what goes on record, at the second press' },
  { key: '1 – 7', does: 'Plan, Mix, Thin, Set, Spray, Check, Clean of this job' },
  { key: '/', does: 'Find a job, on the bench' },
  { key: 'Ctrl K', does: 'Command list' },
  { key: 'Ctrl Z', does: 'Undo; with Shift, redo' },
  { key: 'U', does: 'Metric or US units' },
  { key: '?', does: 'This list' },
];

export function KeyList({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} title="Keys">
      <dl className="divide-y divide-hairline">
        {keyList.map(({ key, does }) => (
          <div key={key} className="flex gap-4 py-2">
            <dt className="w-24 font-bold">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
