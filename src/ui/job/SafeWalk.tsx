'use client';

import { useEffect, useState } from 'react';
import { askedTogether, safeWork, tickOf, type Act, type PermissionItem } from '@/facts/job';
import { type Tap } from '@/words/line';
import { safeWords } from '@/words/safework';
import { Dialog } from '../Dialog';
import { useJob } from './context';
import { WalkRest, WalkStep } from './WalkStep';
import { WalkTogether } from './WalkTogether';

interface Props {
  readonly act: Act;
  readonly onTap: (tap: Tap) => void;
  /** Nothing is open any more. */
  readonly onDone: () => void;
  readonly onClose: () => void;
}

/** Through what keeps people whole before a card, a wash or sanding, all of it together. */
export function SafeWalk({ act, onTap, onDone, onClose }: Props) {
  const { view, log } = useJob();
  const work = safeWork(view, act);
  const { may } = work;
  useEffect(() => {
    if (may) onDone();
  }, [may, onDone]);
  const [alone, setAlone] = useState<string>();
  const one = work.open.find(({ id }) => id === alone);
  const together = one ? [] : askedTogether(work.open);
  const item = one ?? work.open[0];
  if (!item) return null;
  const shown: readonly PermissionItem[] = together.length > 1 ? together : [item];
  const rest = work.open.filter((each) => !shown.includes(each));
  return (
    <Dialog open onClose={onClose} title={safeWords(work)}>
      <div data-safe={item.id}>
        {together.length > 1 ? (
          <WalkTogether
            items={together}
            says={`All ${together.length} are so`}
            onAll={() => log('ticked', ...together.map((each) => tickOf(each, true)))}
            onOne={setAlone}
          />
        ) : (
          <WalkStep key={item.id} item={item} onTap={onTap} />
        )}
      </div>
      <WalkRest items={rest} />
    </Dialog>
  );
}
