'use client';

import { useState } from 'react';
import { celsius } from '@/core/climate';
import { flowCup, flowCups, type FlowCup } from '@/core/cups';
import { seeded } from '@/core/random';
import { isRefusal } from '@/core/refusal';
import { drainSeconds, hiddenPaint, hiddenViscosity } from '@/core/simulation';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { useKeys } from '@/ui/frame/keys';
import { Notice } from '@/ui/Notice';
import { Readout } from '@/ui/Readout';
import { SimulatedCup } from '@/ui/SimulatedCup';
import { useStopwatch } from '@/ui/stopwatch';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';
import type { Units } from '@/words/units';
import { Printed } from '@/ui/Printed';

interface Try {
  readonly timed: number;
  readonly truth: number;
}

const practiceCups = flowCups.filter(({ id }) => ['iso-4', 'ford-4', 'din-4', 'dip-2'].includes(id));

/** Timing a stream: a hidden liquid drains, the watch is stopped at the break, and the truth is shown after. */
export function StreamDrill() {
  const units = useUnits();
  const watch = useStopwatch();
  const [cupId, setCupId] = useState('ford-4');
  const [seed, setSeed] = useState(() => String(Date.now()));
  const [tries, setTries] = useState<readonly Try[]>([]);
  const cup = flowCup(cupId) as FlowCup;
  const liquid = hiddenPaint({ seed, expects: 55e-6, temperature: celsius(23), thinner: 1e-6, slope: 0.03 });
  const outcome = drainSeconds(liquid, cup, 0, cup.temperature, seeded(tries.length + 1));
  const truth = isRefusal(outcome) ? 20 : outcome;
  const revealed =
    tries.length > 0 && !watch.running ? hiddenViscosity(liquid, 0, cup.temperature) : undefined;
  const last = tries.at(-1);

  const toggle = () => {
    if (!watch.running) {
      watch.start();
      return;
    }
    watch.stop();
    setTries((before) => [...before, { timed: watch.elapsed, truth }]);
  };
  useKeys({ ' ': toggle });
  const again = () => {
    setSeed(String(Date.now()));
    setTries([]);
    watch.clear();
  };
  return (
    <section aria-label="Time a stream">
      <div className="grid max-w-4xl gap-6 md:grid-cols-[minmax(0,1fr)_16rem]">
        <div className="space-y-4">
          <div className="grid grid-cols-[minmax(0,1fr)_8rem] gap-4">
            <button
              type="button"
              onClick={toggle}
              className={`flex min-h-44 flex-col items-center justify-center gap-2 border-[3px] border-ink ${watch.running ? 'bg-act text-on-act' : 'bg-sheet'}`}
            >
              <Readout
                number={(watch.running ? watch.elapsed : (watch.stopped ?? 0)).toFixed(1)}
                unit={watch.running ? '' : 's'}
              />
              <span className="font-semibold">
                {watch.running ? 'Stop at the break of the stream' : 'Start, or press space'}
              </span>
            </button>
            <SimulatedCup elapsed={watch.elapsed} drain={truth} running={watch.running} />
          </div>
          {last && !watch.running && (
            <Notice tone={Math.abs(last.timed - last.truth) < 0.3 ? 'good' : 'care'}>
              {verdictOf(last, units)} The stream broke at{' '}
              <Printed figure={amount('time', last.truth)} digits={1} />
              {typeof revealed === 'number'
                ? `; the liquid is ${written(amount('viscosity', revealed), units)}.`
                : '.'}
            </Notice>
          )}
          <div className="grid items-end gap-4 sm:grid-cols-2">
            <SelectField
              label="Cup"
              value={cupId}
              disabled={watch.running}
              onChange={(event) => setCupId(event.target.value)}
              options={practiceCups.map(({ id, name }) => ({ value: id, label: `${name} (${id})` }))}
            />
            <Button onClick={again} disabled={watch.running}>
              Another liquid
            </Button>
          </div>
        </div>
        <section aria-label="Tries">
          <h2 className="font-bold">Your timings</h2>
          {tries.length === 0 && (
            <p className="mt-1 text-sm text-ink-soft">None yet. The watch answers to the space bar too.</p>
          )}
          <ol className="mt-1 divide-y divide-hairline">
            {tries.map(({ timed, truth: broke }, i) => (
              <li key={`${timed}-${broke}`} className="flex justify-between py-1.5 text-sm">
                <span>
                  {i + 1}. <Printed figure={amount('time', timed)} digits={1} />
                </span>
                <b className={Math.abs(timed - broke) < 0.3 ? 'text-good' : 'text-care'}>
                  {timed < broke ? '−' : '+'}
                  <Printed figure={amount('time', Math.abs(timed - broke))} digits={2} />
                </b>
              </li>
            ))}
          </ol>
        </section>
      </div>
    </section>
  );
}

function verdictOf({ timed, truth }: Try, units: Units): string {
  const miss = timed - truth;
  if (Math.abs(miss) < 0.3) return 'As good as a hand gets.';
  const by = written(amount('time', Math.abs(miss)), units, { digits: 1 });
  return miss < 0
    ? `${by} early: wait for the break, not the thinning.`
    : `${by} late: the drops after the break do not count.`;
}
