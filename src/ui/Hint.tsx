'use client';

import { useSyncExternalStore } from 'react';
import type { Stage } from '@/facts/job';
import { useShop } from '@/store/hooks';
import { hintsSeen, sawHint, watchHints } from '@/store/hintsseen';
import { hints } from '@/words/hints';

/** One sentence for somebody new to a stage, until they say they have it. The demo shop is there to be looked at, not begun. */
export function Hint({ stage }: { readonly stage: Stage }) {
  const { demo } = useShop();
  const seen = useSyncExternalStore(watchHints, hintsSeen, () => 'all');
  if (demo || seen === 'all' || seen.split(' ').includes(stage)) return null;
  return (
    <div
      className="no-print flex items-center justify-between gap-4 border-b border-hairline bg-act-wash px-4 py-1 text-sm md:px-5"
      data-hint={stage}
    >
      <p>{hints[stage]}</p>
      <button
        type="button"
        className="min-h-11 px-2 font-semibold whitespace-nowrap underline underline-offset-4"
        onClick={() => sawHint(stage)}
      >
        Got it
      </button>
    </div>
  );
}
