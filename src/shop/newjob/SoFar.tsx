'use client';

import { Printed } from '@/ui/Printed';
import { showPart } from '@/ui/showpart';
import { amount } from '@/words/figures';
import { groundWords } from '@/words/newjob';
import { areaOfDraft } from './draftarea';
import type { ScreenProps } from './conversation';

interface Props extends Omit<ScreenProps, 'form' | 'held'> {
  readonly screen: 'what' | 'size' | 'system' | 'when';
  readonly product: string;
}

/** What was answered, each a tap away from being changed. */
export function SoFar({ draft, ahead, screen, product }: Props) {
  const area = areaOfDraft(draft);
  const said = [
    { at: 'what', label: 'It is', says: draft.ground && groundWords(draft), part: undefined },
    {
      at: 'size',
      label: 'So large',
      says: area > 0 && <Printed figure={amount('area', area)} />,
      part: 'size',
    },
    {
      at: 'system',
      label: 'Goes on',
      says: product && (
        <>
          {product}
          {ahead?.litres !== undefined && (
            <>
              , <Printed figure={amount('volume', ahead.litres)} />
            </>
          )}
        </>
      ),
      part: 'system',
    },
  ].filter(({ at, says }) => says && at !== screen);
  if (said.length === 0) return <div />;
  return (
    <aside
      aria-label="So far"
      className="mb-4 border-t border-hairline lg:border-t-0 lg:border-l lg:pl-5"
      data-so-far
    >
      <dl className="divide-y divide-hairline">
        {said.map(({ at, label, says, part }) => (
          <div key={at} className="flex min-h-11 items-center justify-between gap-3 py-1">
            <div className="min-w-0">
              <dt className="text-sm text-ink-soft">{label}</dt>
              <dd className="font-semibold">{says}</dd>
            </div>
            <button
              type="button"
              aria-label={`Change: ${label}`}
              className="min-h-11 px-2 text-sm text-act underline underline-offset-4"
              onClick={() => showPart(part)}
            >
              Change
            </button>
          </div>
        ))}
      </dl>
    </aside>
  );
}
