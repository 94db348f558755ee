'use client';

import { isoNow } from '@/store/clock';
import { useState } from 'react';
import { checkCup } from '@/core/cups';
import { isRefusal } from '@/core/refusal';
import type { Cup } from '@/records';
import { cupOf } from '@/facts/job';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { OilTable } from './OilTable';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';
import { calendarDay } from '@/words/dates';

interface Props {
  readonly cup: Cup;
  readonly onChange: (cup: Cup) => void;
}

const says = {
  good: 'The cup reads true.',
  worn: 'It runs too quick: the orifice has worn. Set the cup aside, or calibrate it as the shop’s own.',
  slow: 'It runs too slow: clean the orifice and look for a dent, then check again.',
};

/** A check with a liquid of known viscosity: finds a worn or clogged orifice before it misleads. */
export function CheckLiquid({ cup, onChange }: Props) {
  const [seconds, setSeconds] = useState<number>();
  const [viscosity, setViscosity] = useState<number>();
  const behind = cupOf(cup);
  if (!behind || behind.relative) return null;
  const found = seconds && viscosity ? checkCup(behind, seconds, viscosity) : undefined;
  const record = () => {
    if (!seconds || !viscosity) return;
    const on = isoNow().slice(0, 10);
    onChange({ ...cup, checkedOn: on, checks: [...(cup.checks ?? []), { on, seconds, viscosity }] });
    setSeconds(undefined);
  };
  return (
    <section aria-label="Check liquid" className="mt-5">
      <h3 className="font-bold">Check liquid</h3>
      <div className="mt-2 grid items-start gap-3 sm:grid-cols-[1fr_1fr_auto]">
        <NumberField
          label="It took"
          quantity="time"
          value={seconds}
          onChange={setSeconds}
          expects={[5, 200]}
        />
        <NumberField
          label="Its viscosity then"
          quantity="viscosity"
          value={viscosity}
          onChange={setViscosity}
          expects={[5e-6, 2e-3]}
        />
        <Button className="sm:mt-6" onClick={record} disabled={!seconds || !viscosity}>
          Note the check
        </Button>
      </div>
      <OilTable onUse={setViscosity} />
      {found && !isRefusal(found) && (
        <Notice tone={found.state === 'good' ? 'good' : 'care'}>
          It should take <Printed figure={amount('time', found.expected)} />;{' '}
          <Printed figure={amount('share', Math.abs(found.off))} /> off. {says[found.state]}
        </Notice>
      )}
      <ul className="mt-2 text-sm">
        {[...(cup.checks ?? [])].reverse().map((check, i) => (
          <li key={i} className="flex justify-between border-b border-hairline py-1">
            <span>{calendarDay(check.on)}</span>
            <span>
              <Printed figure={amount('time', check.seconds)} /> of{' '}
              <Printed figure={amount('viscosity', check.viscosity)} />
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
