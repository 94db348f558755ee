'use client';

import { useShopState, useStore } from '@/store/hooks';
import { Button } from '../Button';
import { Page } from '../Page';
import { SetApart } from '../SetApart';
import { useTakeOut } from '../takeout';

/** The shop without a single conclusion: what is in it, taken out, set apart or removed, whatever is wrong with it. */
export function SafeStart() {
  const store = useStore();
  const { records, damaged } = useShopState();
  const takeOut = useTakeOut();
  return (
    <Page
      title="Safe start"
      says="Nothing is concluded from any record here. Export first; then set apart or remove what stops the shop."
      tools={
        <>
          <Button look="main" onClick={() => void takeOut('shop')}>
            Export everything
          </Button>
          <Button className="min-h-16" onClick={() => location.assign('/')}>
            Open the shop
          </Button>
        </>
      }
    >
      <ul className="max-w-3xl divide-y divide-hairline border-y border-hairline" data-safe>
        {/* What is concluded from stands first: it is the likeliest cause. */}
        {[...records]
          .sort(([, a], [, b]) => Number(b.kind === 'job') - Number(a.kind === 'job'))
          .map(([key, record]) => (
            <li key={key} className="flex flex-wrap items-center justify-between gap-3 py-2">
              <span className="min-w-0 break-words">
                <b>{'name' in record ? record.name : 'lot' in record ? record.lot : key}</b>
                <span className="block text-sm text-ink-soft">{key}</span>
              </span>
              <span className="flex flex-wrap gap-2">
                <SetApart record={key} why="by hand, at a safe start" />
                <Button onClick={() => store.remove(key, 'record removed')}>Remove</Button>
              </span>
            </li>
          ))}
        {damaged.map(({ key, why }) => (
          <li key={key} className="py-2">
            <b>{key}</b>
            <span className="block text-sm text-ink-soft">{why}</span>
          </li>
        ))}
      </ul>
    </Page>
  );
}
