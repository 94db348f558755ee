'use client';

import { useEffect, useState } from 'react';
import { askedTogether, tickOf, type PermissionItem } from '@/facts/job';
import { inSentence, type Tap } from '@/words/line';
import { openWords } from '@/words/permission';
import { itemWords } from '@/words/remedies';
import { Button } from '../Button';
import { Dialog } from '../Dialog';
import { useUnits } from '../units';
import { useJob } from './context';
import { WalkRest, WalkStep } from './WalkStep';
import { WalkTogether } from './WalkTogether';

interface Props {
  /** What starts the coat once nothing stops it. */
  readonly start: Tap;
  readonly onStart: () => void;
  readonly onTap: (tap: Tap) => void;
  readonly onClose: () => void;
}

/** Through what is open before a coat, safety first: what a person answers for together, all else one by one. */
export function StartWalk({ start, onStart, onTap, onClose }: Props) {
  const { view, log } = useJob();
  const { open, may } = view.permission;
  const [alone, setAlone] = useState<string>();
  // The last answers start it with them, once they are on record and nothing else has come up.
  const [answered, setAnswered] = useState<readonly string[]>([]);
  const onRecord =
    answered.length > 0 && !open.some(({ id, weight }) => weight === 'stop' && answered.includes(id));
  // Something else came up meanwhile: that is gone through first, and the coat is started by a tap of its own.
  if (onRecord && !may) setAnswered([]);
  const goes = onRecord && may;
  useEffect(() => {
    if (goes) onStart();
  }, [goes, onStart]);
  const stops = open.filter(({ weight }) => weight === 'stop');
  const cares = open.filter(({ weight }) => weight === 'care');
  // What only takes its time comes last: the others are done meanwhile.
  const waits = (each: PermissionItem) => each.by === 'hand' && each.state === 'acting';
  const inOrder = [...stops.filter((each) => !waits(each)), ...stops.filter(waits)];
  const one = inOrder.find(({ id }) => id === alone);
  const together = one ? [] : askedTogether(inOrder);
  const shown: readonly PermissionItem[] =
    together.length > 1 ? together : inOrder.filter((each) => each === (one ?? inOrder[0]));
  const rest = inOrder.filter((each) => !shown.includes(each));
  const last = rest.length === 0;
  return (
    <Dialog open onClose={onClose} title={inOrder.length > 0 ? openWords(view) : start.says}>
      {together.length > 1 ? (
        <WalkTogether
          items={together}
          says={
            last
              ? `All ${together.length} are so: ${inSentence(start.says)}`
              : `All ${together.length} are so`
          }
          onAll={() => {
            if (last) setAnswered(together.map(({ id }) => id));
            log('ticked', ...together.map((each) => tickOf(each, true)));
          }}
          onOne={setAlone}
        />
      ) : (
        shown.map((item) => <WalkStep key={item.id} item={item} onTap={onTap} />)
      )}
      {(may || (last && together.length > 1)) && <Minded cares={cares} />}
      {may && (
        <Button look="main" className="mt-4 w-full" data-walk-start onClick={onStart}>
          {start.says}
        </Button>
      )}
      <WalkRest items={rest} />
    </Dialog>
  );
}

/** What stops nothing and is minded all the same. */
function Minded({ cares }: { readonly cares: readonly PermissionItem[] }) {
  const { view } = useJob();
  const units = useUnits();
  if (cares.length === 0) return null;
  return (
    <section aria-label="Mind" className="mt-4">
      <p className="font-bold">These stop nothing. Mind:</p>
      <ul className="mt-2 divide-y divide-hairline border-y border-hairline">
        {cares.map((care) => {
          const { says, limit } = itemWords(care, view, units);
          return (
            <li key={care.id} className="py-2">
              {says} <span className="block text-sm text-ink-soft">{limit}</span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
