'use client';

import { useEffect, useEffectEvent, useMemo, useState } from 'react';
import { overlapChoice } from '@/core/evenness';
import { handSpeed } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import { handFor } from '@/facts/shop/hand';
import { useMeasuredHands } from '@/ui/measuredhands';
import type { EvenSetup } from '@/facts/job';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { Plot } from '@/ui/Plot';
import { useColours, veil } from '@/ui/theme/colours';
import { useUnits } from '@/ui/units';
import { bandsOf, type BandsTask } from '@/workers/evenness';
import { bandsFigure, schools } from './bandsfigure';
import { HandChoice } from './HandChoice';
import { postedGun } from '@/facts/job';
import { useWorkerRun } from './useworker';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

const overlaps = [0.3, 0.4, 0.5, 0.6, 0.66, 0.7, 0.75, 0.8, 0.85, 0.9];
/** Hands at each overlap: a thousand in all. */
const hands = 100;

/** How uneven this pattern lies at each overlap under a real hand: bands, the schools, the best and the most forgiving. */
export function OverlapChart({ setup }: { readonly setup: EvenSetup }) {
  const { view } = useJob();
  const units = useUnits();
  const colours = useColours();
  const { hand } = handFor(view.job, view.shop, useMeasuredHands());
  const [measure, setMeasure] = useState<'peakToValley' | 'cv'>('peakToValley');
  const { found, done, start, stop } = useWorkerRun(bandsOf);
  const task: BandsTask = { gun: postedGun(setup), passes: setup.passes, hand, overlaps, hands };
  const key = JSON.stringify(task);
  const begin = useEffectEvent(() => start(JSON.parse(key) as BandsTask));
  useEffect(() => {
    // Once the hand rests: each key while typing would begin a thousand hands anew.
    const wait = setTimeout(begin, 250);
    return () => clearTimeout(wait);
  }, [key]);
  const bands = found && !isRefusal(found) ? found : undefined;
  const now = 1 - setup.passes.spacing / setup.passes.fan;
  const figure = useMemo(
    () => bands && bandsFigure({ bands, measure, fastest: handSpeed.max, now, colours, veil }),
    [bands, measure, now, colours],
  );
  const choice = bands && overlapChoice(bands, handSpeed.max);
  const percent = (value: number) => written(amount('share', value), units, { digits: 0 });
  return (
    <Panel
      title="Overlap under a real hand"
      place="overlap"
      tools={
        <Choice
          label="Shown"
          hideLabel
          value={measure}
          onChange={setMeasure}
          options={[
            { value: 'peakToValley', label: 'Unevenness, % of average' },
            { value: 'cv', label: 'Scatter' },
          ]}
        />
      }
    >
      <HandChoice />
      {done !== undefined && (
        <div role="status" className="mt-3 flex items-center gap-4 text-sm">
          <progress className="w-40 accent-[var(--act)]" aria-label="Trying hands" value={done} max={1} />{' '}
          Trying a thousand hands
          <Button onClick={stop}>Stop</Button>
        </div>
      )}
      {found && isRefusal(found) && (
        <div className="mt-3">
          <Notice tone="care">{units.says(found)}</Notice>
        </div>
      )}
      {bands && figure && (
        <div className="mt-3 grid gap-4 lg:grid-cols-[minmax(0,1fr)_19rem]" data-bands>
          <div className="min-w-0">
            <Plot
              data={figure.data}
              layout={figure.layout}
              height={280}
              label={`Unevenness against overlap under a real hand.${choice ? ` Most forgiving at ${percent(choice.forgiving.overlap)}.` : ''}`}
            />
            <p className="text-sm text-ink-soft">
              Band: eight hands in ten. Line: the middle one. Dots: a hand without error.
            </p>
          </div>
          <div>
            {choice ? (
              <p>
                Most forgiving with this pattern: <b data-forgiving>{percent(choice.forgiving.overlap)}</b> at{' '}
                <Printed figure={amount('speed', choice.forgiving.speed)} />.
                {choice.best.overlap !== choice.forgiving.overlap && (
                  <>
                    {' '}
                    Evenest without error: <b>{percent(choice.best.overlap)}</b>.
                  </>
                )}
              </p>
            ) : (
              <p className="text-care">
                ▲ Every overlap wants more than <Printed figure={amount('speed', handSpeed.max)} />: less
                fluid, or a narrower film.
              </p>
            )}
            <table className="mt-2 w-full text-right text-sm">
              <thead className="text-ink-soft">
                <tr className="border-b border-hairline">
                  <th className="py-1 text-left font-normal">School</th>
                  <th className="font-normal">steady</th>
                  <th className="font-normal">8 of 10 hands</th>
                  <th className="font-normal">pace</th>
                </tr>
              </thead>
              <tbody>
                {bands
                  .filter(({ overlap }) => schools.some((each) => each === overlap))
                  .map((band) => (
                    <tr key={band.overlap} className="border-b border-hairline">
                      <th className="py-1 text-left">{percent(band.overlap)}</th>
                      <td>{percent(band.steady[measure])}</td>
                      <td>
                        {percent(band[measure].low)}–{percent(band[measure].high)}
                      </td>
                      <td className={band.speed > handSpeed.max ? 'font-semibold text-care' : ''}>
                        {band.speed > handSpeed.max ? '▲ ' : ''}
                        <Printed figure={amount('speed', band.speed)} />
                      </td>
                    </tr>
                  ))}
              </tbody>
            </table>
            <p className="mt-1 text-xs text-ink-soft">
              Strokes from half a fan outside both edges, the same film at each overlap. Past{' '}
              <Printed figure={amount('speed', handSpeed.max)} /> few hands keep pace: a default.
            </p>
          </div>
        </div>
      )}
    </Panel>
  );
}
