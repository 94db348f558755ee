'use client';

import { useState } from 'react';
import type { Asking } from '@/store/held';
import { useShopState, useStore } from '@/store/hooks';
import { partNamed, partValue } from '@/words/apart';
import { Button } from '../Button';
import { Dialog } from '../Dialog';
import { Notice } from '../Notice';
import { useUnits } from '../units';

/** Records that two tabs or devices wrote to different ends: one line, and behind it both values of each. */
export function WrittenApart() {
  const { asking } = useShopState();
  const [open, setOpen] = useState(false);
  const [first, ...others] = asking;
  const name = useNamed(first?.key ?? '');
  return (
    <Notice tone="care">
      <div data-asking={asking.map(({ key }) => key).join(' ')}>
        {others.length === 0 ? `“${name}” was` : `${asking.length} records were`} written in two places at
        once. Both values are kept until you choose.
        <span className="ml-2 inline-flex">
          <Button look="quiet" onClick={() => setOpen(true)}>
            Look and choose
          </Button>
        </span>
      </div>
      <Dialog
        open={open && asking.length > 0}
        onClose={() => setOpen(false)}
        title="Written in two places"
        says="Two tabs or devices wrote this without knowing of each other. What is marked counts until you choose."
      >
        {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a box that scrolls must be reachable by keyboard */}
        <div role="region" aria-label="Both values" tabIndex={0} className="max-h-[60vh] overflow-y-auto">
          {asking.map((each) => (
            <OneRecord key={each.key} asking={each} />
          ))}
        </div>
      </Dialog>
    </Notice>
  );
}

function useNamed(key: string): string {
  const record = useShopState().records.get(key);
  if (!record) return key;
  return 'name' in record && record.name ? record.name : 'lot' in record ? record.lot : key;
}

function OneRecord({ asking: { key, conflicts } }: { readonly asking: Asking }) {
  const store = useStore();
  const units = useUnits();
  const name = useNamed(key);
  const record = useShopState().records.get(key);
  if (!record) return null;
  return (
    <section className="mb-4">
      <h3 className="font-semibold">{name}</h3>
      <ul className="divide-y divide-hairline border-y border-hairline">
        {conflicts.map((conflict) => (
          <li key={conflict.path} className="py-2">
            <span className="text-sm text-ink-soft">{partNamed(record, conflict.path)}</span>
            <span className="mt-1 flex flex-wrap gap-2">
              {conflict.values.map((dot, i) => (
                <Button key={dot.by} onClick={() => store.decide(key, conflict, dot)}>
                  {i === 0 && <span aria-label="counts now">●</span>}
                  {partValue(record, conflict.path, dot.value, units)}
                </Button>
              ))}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
