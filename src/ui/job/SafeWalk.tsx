'use client';

import { useEffect } from 'react';
import { safeWork, type Act } from '@/facts/job';
import type { Tap } from '@/words/line';
import { safeWords } from '@/words/safework';
import { Dialog } from '../Dialog';
import { useJob } from './context';
import { WalkRest, WalkStep } from './WalkStep';

interface Props {
  readonly act: Act;
  readonly onTap: (tap: Tap) => void;
  /** Nothing is open any more. */
  readonly onDone: () => void;
  readonly onClose: () => void;
}

/** Through what keeps people whole before a card, a wash or sanding, one line at a time. */
export function SafeWalk({ act, onTap, onDone, onClose }: Props) {
  const { view } = useJob();
  const work = safeWork(view, act);
  const { may } = work;
  useEffect(() => {
    if (may) onDone();
  }, [may, onDone]);
  const [item, ...rest] = work.open;
  if (!item) return null;
  return (
    <Dialog open onClose={onClose} title={safeWords(work)}>
      <div data-safe={item.id}>
        <WalkStep key={item.id} item={item} onTap={onTap} />
      </div>
      <WalkRest items={rest} />
    </Dialog>
  );
}
