'use client';

import { Square } from 'lucide-react';
import { tickOf, type HandItem } from '@/facts/job';
import { itemWords } from '@/words/remedies';
import { Button } from '../Button';
import { useUnits } from '../units';
import { useJob } from './context';

interface Props {
  readonly items: readonly HandItem[];
  /** What the tap says that answers for all of them. */
  readonly says: string;
  readonly onAll: () => void;
  /** One of them is not so: it is gone into by itself. */
  readonly onOne: (id: string) => void;
}

/** Several things that a person answers for: read line by line, ticked one by one or all with one tap. */
export function WalkTogether({ items, says, onAll, onOne }: Props) {
  const { view, log } = useJob();
  const units = useUnits();
  return (
    <div data-step={items[0]?.id} data-together={items.map(({ id }) => id).join(' ')}>
      <ul className="divide-y divide-hairline border-y border-hairline">
        {items.map((item) => {
          const { says: asks, limit } = itemWords(item, view, units);
          return (
            <li key={item.id} className="flex items-start gap-1 py-1">
              <button
                type="button"
                role="checkbox"
                aria-checked={false}
                aria-label={asks}
                className="flex min-h-11 min-w-0 flex-1 items-start gap-3 py-1.5 text-left hover:bg-ink/6"
                onClick={() => log('ticked', tickOf(item, true))}
              >
                <Square aria-hidden className="mt-0.5 size-6 shrink-0" strokeWidth={1.6} />
                <span className="min-w-0">
                  <span className="font-medium">{asks}</span>
                  {limit && <span className="block text-sm text-ink-soft">{limit}</span>}
                  {!item.waivable && (
                    <span className="block text-sm font-bold text-stop">■ Cannot be left out.</span>
                  )}
                </span>
              </button>
              {item.waivable && (
                <button
                  type="button"
                  aria-label={`Not so: ${asks}`}
                  className="min-h-11 px-2 text-sm text-act underline underline-offset-4"
                  onClick={() => onOne(item.id)}
                >
                  Not so
                </button>
              )}
            </li>
          );
        })}
      </ul>
      <Button look="main" className="mt-4 w-full" data-all onClick={onAll}>
        {says}
      </Button>
    </div>
  );
}
