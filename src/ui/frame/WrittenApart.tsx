'use client';

import { useShopState, useStore } from '@/store/hooks';
import type { Asking } from '@/store/held';
import { partNamed, partValue } from '@/words/apart';
import { Button } from '../Button';
import { Notice } from '../Notice';
import { useUnits } from '../units';

/** How many of a record’s questions are shown at once. */
const shown = 6;

/** A record in which two tabs or devices wrote different things: both values of each, to choose from. */
export function WrittenApart({ asking: { key, conflicts } }: { readonly asking: Asking }) {
  const store = useStore();
  const units = useUnits();
  const record = useShopState().records.get(key);
  if (!record) return null;
  const name = 'name' in record && record.name ? record.name : 'lot' in record ? record.lot : key;
  return (
    <Notice tone="care">
      <div data-asking={key}>
        “{name}” was written in two places at once. The first value counts until you choose.
        <ul className="mt-1 max-w-4xl">
          {conflicts.slice(0, shown).map((conflict) => (
            <li
              key={conflict.path}
              className="flex flex-wrap items-center gap-x-3 border-t border-care/40 py-1 first:border-0"
            >
              <b className="min-w-40">{partNamed(record, conflict.path)}</b>
              {conflict.values.map((dot) => (
                <Button key={dot.by} look="quiet" onClick={() => store.decide(key, conflict, dot)}>
                  {partValue(record, conflict.path, dot.value, units)}
                </Button>
              ))}
            </li>
          ))}
        </ul>
        {conflicts.length > shown && `${conflicts.length - shown} more after these.`}
      </div>
    </Notice>
  );
}
