'use client';

import { Dialog } from '../Dialog';
import { keyList } from './keys';

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
