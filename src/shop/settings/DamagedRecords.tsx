'use client';

import { useShopState, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { Panel } from '@/ui/Panel';

/** Records that could not be read, or were set apart: left as they are, exportable as found, removed only by hand. */
export function DamagedRecords() {
  const { damaged } = useShopState();
  const store = useStore();
  if (damaged.length === 0) return null;
  return (
    <div id="damaged">
      <Panel title="Records set apart">
        <ul className="max-w-3xl divide-y divide-hairline border-y border-hairline">
          {damaged.map(({ key, why, raw, apart }) => (
            <li key={key} className="flex flex-wrap items-center justify-between gap-3 py-2">
              <span className="min-w-0">
                <b>{key}</b>
                <span className="block text-sm text-ink-soft">{why}</span>
              </span>
              <span className="flex gap-2">
                <Button
                  onClick={() =>
                    download(`${key.replace('/', '-')}-as-found.json`, JSON.stringify(raw, null, 1) ?? 'null')
                  }
                >
                  Export as found
                </Button>
                {apart && <Button onClick={() => void store.takeBack(key)}>Take it back</Button>}
                <Button onClick={() => void store.discardDamaged(key)}>Remove</Button>
              </span>
            </li>
          ))}
        </ul>
      </Panel>
    </div>
  );
}
