'use client';

import { useState } from 'react';
import { Minus, Plus, Trash2 } from 'lucide-react';
import { gunFamily, partFacts, wearingParts, type WearingPart } from '@/core/care';
import { isRefusal } from '@/core/refusal';
import { newId, type Rig } from '@/records';
import { useStore } from '@/store/hooks';
import { usualDelivery, type KitItem } from '@/facts/shop/wear';
import { Button } from '@/ui/Button';
import { CommitField, SelectField } from '@/ui/Field';
import { wearWords } from '@/words/care';

type Row = NonNullable<Rig['kit']>[number];

/** Parts kept for a rig: how many there are, and from how many on to order. */
export function Kit({ rig, items }: { readonly rig: Rig; readonly items: readonly KitItem[] }) {
  const store = useStore();
  const family = gunFamily(rig);
  const parts = wearingParts.filter((part) => partFacts[part].families.includes(family));
  const [adding, setAdding] = useState<WearingPart>(parts[0] ?? 'nozzle');
  const put = (kit: readonly Row[]) => store.put({ ...rig, kit: [...kit] }, 'parts kit');
  const kit = rig.kit ?? [];
  const change = (id: string, part: Partial<Row>) =>
    put(kit.map((row) => (row.id === id ? { ...row, ...part } : row)));
  const count = (text: string, most: number) => {
    const value = Math.round(Number(text.replace(',', '.')));
    return text.trim() === '' || !Number.isFinite(value) || value < 0 ? undefined : Math.min(value, most);
  };
  return (
    <details className="mt-3" data-kit={rig.id}>
      <summary className="flex min-h-11 items-center gap-3 text-sm font-semibold">
        Parts on the shelf: {kit.length}
        {items.some(({ order }) => order) && (
          <span className="text-stop">
            ▲ order{' '}
            {items
              .filter(({ order }) => order)
              .map(({ row }) => wearWords[row.part].toLowerCase())
              .join(', ')}
          </span>
        )}
      </summary>
      <ul className="divide-y divide-hairline border-y border-hairline">
        {items.map(({ row, perDay, reorder, order }) => (
          <li
            key={row.id}
            className="grid items-end gap-3 py-3 sm:grid-cols-[10rem_minmax(0,1fr)_auto_6rem_6rem_auto]"
          >
            <span>
              <b>{wearWords[row.part]}</b>
              <span className={`block text-sm ${order ? 'font-semibold text-stop' : 'text-ink-soft'}`}>
                {isRefusal(reorder)
                  ? ''
                  : order
                    ? `▲ order: ${row.stock} left, ${reorder} wanted while it comes`
                    : `order at ${reorder}`}
              </span>
              <span className="block text-xs text-ink-soft">
                {perDay > 0 ? `about ${(perDay * 365).toFixed(1)} a year` : 'no use on record'}
              </span>
            </span>
            <CommitField
              label="Which"
              value={row.name ?? ''}
              onCommit={(name) => change(row.id, { name: name.trim() || undefined })}
            />
            <span
              className="flex items-center gap-1"
              role="group"
              aria-label={`${wearWords[row.part]} on the shelf`}
            >
              <button
                type="button"
                aria-label="One less"
                disabled={row.stock === 0}
                className="flex size-11 items-center justify-center border-2 border-ink disabled:opacity-45"
                onClick={() => change(row.id, { stock: row.stock - 1 })}
              >
                <Minus aria-hidden className="size-5" />
              </button>
              <b className="w-9 text-center text-lg">{row.stock}</b>
              <button
                type="button"
                aria-label="One more"
                disabled={row.stock >= 999}
                className="flex size-11 items-center justify-center border-2 border-ink disabled:opacity-45"
                onClick={() => change(row.id, { stock: row.stock + 1 })}
              >
                <Plus aria-hidden className="size-5" />
              </button>
            </span>
            <CommitField
              label="Days to come"
              type="number"
              min={0}
              max={400}
              value={String(row.lead ?? usualDelivery)}
              onCommit={(text) => change(row.id, { lead: count(text, 400) })}
            />
            <CommitField
              label="Price"
              type="number"
              min={0}
              value={row.price === undefined ? '' : String(row.price)}
              onCommit={(text) => {
                const price = Number(text.replace(',', '.'));
                change(row.id, { price: text.trim() === '' || !(price >= 0) ? undefined : price });
              }}
            />
            <button
              type="button"
              aria-label={`Take ${wearWords[row.part].toLowerCase()} off the list`}
              className="flex size-11 items-center justify-center"
              onClick={() => put(kit.filter(({ id }) => id !== row.id))}
            >
              <Trash2 aria-hidden className="size-5" />
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <div className="w-48">
          <SelectField
            label="Part"
            value={adding}
            onChange={(event) => setAdding(event.target.value as WearingPart)}
            options={parts.map((value) => ({ value, label: wearWords[value] }))}
          />
        </div>
        <Button onClick={() => put([...kit, { id: newId(), part: adding, stock: 0 }])}>
          <Plus aria-hidden className="size-4" /> Keep this part
        </Button>
      </div>
      <p className="mt-2 text-xs text-ink-soft">
        Order when as many are left as nineteen orders in twenty need while they are on their way.
      </p>
    </details>
  );
}
