'use client';

import { momentNow } from '@/store/clock';
import { useState } from 'react';
import { loadDemo } from '@/store/demo';
import { useShop, useStore } from '@/store/hooks';
import { Button, ButtonLink } from '@/ui/Button';
import { EmptyState } from '@/ui/EmptyState';
import { WordsButton } from '@/ui/glossary/WordsButton';
import { notify } from '@/ui/notify';

/** How to begin. Fetched only where there is no job to show. */
export function EmptyBench() {
  const store = useStore();
  const shop = useShop();
  const [busy, setBusy] = useState(false);
  const load = async () => {
    setBusy(true);
    const loaded = await loadDemo(store, momentNow());
    setBusy(false);
    notify(
      loaded
        ? 'The demo shop is in. Settings takes it out again.'
        : 'There is no room for the demo shop on this device.',
    );
  };
  return (
    <EmptyState title="The bench is empty">
      <p>
        Begin a job: what is coated, with what, and how thick. Two minutes, and the first number is there.
      </p>
      <div className="flex flex-wrap gap-3">
        <ButtonLink href="/new" look="main">
          New job
        </ButtonLink>
        <WordsButton />
        {!shop.demo && (
          <Button className="min-h-16" disabled={busy} onClick={() => void load()}>
            Load the demo shop
          </Button>
        )}
      </div>
      <p className="text-sm">
        The demo is a made-up tramway’s paint shop with jobs that each stand at a different stage.
      </p>
    </EmptyState>
  );
}
