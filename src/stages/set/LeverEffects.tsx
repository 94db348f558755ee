'use client';

import type { LeversJudged } from '@/facts/job/levers';
import { paintPrice } from '@/facts/job/thinnershare';
import { useJob } from '@/ui/job/context';
import { FromTag } from '@/ui/FromTag';
import { useUnits } from '@/ui/units';
import { restorerWords } from '@/words/fixes';
import { amount, written } from '@/words/figures';
import type { From } from '@/words/from';
import { money } from '@/words/money';

interface Props {
  readonly judged: LeversJudged;
  /** The rig says how much air it takes. */
  readonly airSaid: boolean;
}

/** What the levers do beside the film: drops, transfer and overspray, air, time, and what would restore the film. */
export function LeverEffects({ judged: { point, overspray, seconds, mix, restore: found }, airSaid }: Props) {
  const units = useUnits();
  const { work } = useJob().view;
  const price = paintPrice(work, work.layer);
  const { drops, transfer, air } = point;
  const restore = restorerWords(found, units);
  const facts: readonly (readonly [label: string, value: string, from: From['source']])[] = [
    ...(drops === undefined
      ? []
      : [
          [
            'Drop size',
            drops > 108
              ? `${Math.round(drops - 100)} % coarser than the sheet’s`
              : drops < 92
                ? `${Math.round(100 - drops)} % finer than the sheet’s`
                : 'as the sheet’s',
            'estimate',
          ] as const,
        ]),
    ['Transfer as set', written(amount('share', transfer), units, { digits: 0 }), 'estimate'],
    ['Lost as overspray', written(amount('fluidFlow', overspray), units), 'estimate'],
    ...(air === undefined
      ? []
      : [['Air taken', written(amount('airFlow', air), units), airSaid ? 'chosen' : 'default'] as const]),
    [
      'A coat takes about',
      [
        written(amount('duration', seconds), units),
        written(amount('volume', mix), units),
        ...(price === undefined ? [] : [`${money(mix * price)} of paint`]),
      ].join(', '),
      'estimate',
    ],
  ];
  return (
    <>
      <dl className="grid text-sm" data-effects>
        {facts.map(([label, value, source]) => (
          <div key={label} className="flex justify-between gap-x-3 border-b border-hairline py-1.5">
            <dt className="text-ink-soft">
              {label}
              <FromTag from={{ source }} />
            </dt>
            <dd className="text-right font-bold">{value}</dd>
          </div>
        ))}
      </dl>
      {restore.length > 0 && (
        <p className="mt-3 text-sm" data-restore>
          To bring the film back: <b>{restore.join(', or ')}</b>.
        </p>
      )}
    </>
  );
}
