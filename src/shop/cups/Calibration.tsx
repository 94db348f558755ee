'use client';

import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { fitCup, type CupFit } from '@/core/cups';
import { isRefusal } from '@/core/refusal';
import type { Cup } from '@/records';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { useUnits } from '@/ui/units';
import type { Units } from '@/words/units';
import { OilTable } from './OilTable';
import { amount, written, writtenRange } from '@/words/figures';
import { Printed } from '@/ui/Printed';

type Liquids = NonNullable<Cup['own']>['liquids'];

interface Props {
  readonly cup: Cup;
  readonly liquids: Liquids;
  readonly onChange: (liquids: Liquids) => void;
}

/** Known liquids timed in the shop’s own cup: two calibrate it, three show how well. */
export function Calibration({ liquids, onChange }: Props) {
  const units = useUnits();
  const [oil, setOil] = useState<number>();
  const whole =
    liquids.length >= 2 && liquids.every(({ seconds, viscosity }) => seconds > 0 && viscosity > 0);
  const fit = whole ? fitCup(liquids) : undefined;
  const set = (at: number, change: Partial<Liquids[number]>) =>
    onChange(liquids.map((each, i) => (i === at ? { ...each, ...change } : each)));
  return (
    <section aria-label="Calibration" className="mt-5">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h3 className="font-bold">Known liquids</h3>
        <Button onClick={() => onChange([...liquids, { seconds: 0, viscosity: 0 }])}>
          <Plus aria-hidden className="size-4" /> Add a liquid
        </Button>
      </div>
      {liquids.length === 0 && (
        <p className="mt-1 text-sm text-ink-soft">
          With none the cup compares only with itself: its seconds are private, and have no mm²/s behind them.
        </p>
      )}
      <ul className="mt-2 space-y-2">
        {liquids.map(({ seconds, viscosity }, i) => (
          <li
            key={i}
            className="grid grid-cols-[1fr_1fr_2.75rem] items-end gap-3 sm:grid-cols-[1fr_1fr_6rem_2.75rem]"
          >
            <NumberField
              label={`Liquid ${i + 1}, timed`}
              quantity="time"
              value={seconds > 0 ? seconds : undefined}
              onChange={(value) => set(i, { seconds: value ?? 0 })}
              expects={[5, 200]}
            />
            <NumberField
              label={`Liquid ${i + 1}, viscosity`}
              quantity="viscosity"
              value={viscosity > 0 ? viscosity : undefined}
              onChange={(value) => set(i, { viscosity: value ?? 0 })}
              expects={[5e-6, 2e-3]}
            />
            <span className="hidden pb-2 text-sm text-ink-soft sm:block">
              {fit && !isRefusal(fit) && fit.off[i] !== undefined ? signed(fit.off[i], units) : ''}
            </span>
            <button
              type="button"
              aria-label={`Remove liquid ${i + 1}`}
              className="flex size-11 items-center justify-center"
              onClick={() => onChange(liquids.filter((_, at) => at !== i))}
            >
              <Trash2 aria-hidden className="size-5" />
            </button>
          </li>
        ))}
      </ul>
      <OilTable
        onUse={(viscosity) => {
          setOil(viscosity);
          const at = liquids.findIndex((each) => each.viscosity <= 0);
          if (at >= 0) set(at, { viscosity });
          else onChange([...liquids, { seconds: 0, viscosity }]);
        }}
      />
      {oil !== undefined && (
        <p className="text-sm text-ink-soft">
          Taken: <Printed figure={amount('viscosity', oil)} />.
        </p>
      )}
      {fit && (
        <div className="mt-3" data-fit>
          {isRefusal(fit) ? (
            <Notice tone="stop">{fit.says}</Notice>
          ) : (
            <Notice tone={fit.tested && fit.error < 0.05 ? 'good' : 'care'}>{fitWords(fit, units)}</Notice>
          )}
        </div>
      )}
    </section>
  );
}

const signed = (share: number, units: Units) =>
  `${share < 0 ? '−' : '+'}${written(amount('share', Math.abs(share)), units)}`;

function fitWords({ formula, error, tested, valid }: CupFit, units: Units): string {
  const law =
    formula.kind === 'inverse'
      ? `ν = ${formula.A.toPrecision(3)}·t − ${formula.B.toPrecision(3)}/t`
      : `ν = ${formula.A.toPrecision(3)}·(t − ${formula.t0.toFixed(1)})`;
  return tested
    ? `${law} mm²/s, off by ${written(amount('share', error), units)} on average, between ${writtenRange(amount('time', valid.min), amount('time', valid.max), units)}.`
    : `${law} mm²/s, met exactly by two liquids: untested. A third shows how well it fits.`;
}
