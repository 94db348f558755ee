'use client';

import { useMemo, useState } from 'react';
import type { Candidate, OptimumQuestion } from '@/core/evenness';
import { handSpeed } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import { handFor } from '@/facts/shop/hand';
import { useMeasuredHands } from '@/ui/measuredhands';
import { useStore } from '@/store/hooks';
import { type EvenSetup, withApproach } from '@/facts/job';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { expects } from '@/words/expects';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { Plot } from '@/ui/Plot';
import { useColours } from '@/ui/theme/colours';
import { useUnits } from '@/ui/units';
import { optimumOf, type OptimumTask } from '@/workers/evenness';
import { frontFigure } from './frontfigure';
import { postedGun, adviceFor } from '@/facts/job';
import { useWorkerRun } from './useworker';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

type Span = OptimumQuestion['overlap'];

/** Finds the setting that leaves least of the face outside, spends least or takes least time, and shows what each costs. */
export function Optimiser({ setup }: { readonly setup: EvenSetup }) {
  const { view, log } = useJob();
  const store = useStore();
  const units = useUnits();
  const colours = useColours();
  const { hand } = handFor(view.job, view.shop, useMeasuredHands());
  const { gun, passes, coat } = setup;
  const advice = adviceFor(coat.sheet, view.rig);
  const [want, setWant] = useState<OptimumQuestion['want']>('even');
  const [overlap, setOverlap] = useState<Span>({ min: 0.4, max: 0.85 });
  const [distance, setDistance] = useState<Span>(
    advice?.distance ?? { min: passes.distance * 0.85, max: passes.distance * 1.15 },
  );
  // What is fitted passes so much and no more: nothing beyond it is offered.
  const { fluidMost = Infinity } = view.set.point;
  const [flow, setFlow] = useState<Span>({
    min: Math.min(gun.flow * 0.6, fluidMost),
    max: Math.min(gun.flow * 1.4, fluidMost),
  });
  const [speed, setSpeed] = useState<Span>({ min: handSpeed.min, max: handSpeed.max });
  const { found, done, start, stop } = useWorkerRun(optimumOf);
  const wrong =
    [overlap, distance, flow, speed].some(({ min, max }) => !(min > 0) || !(max >= min)) ||
    overlap.max > 0.95 ||
    flow.max > fluidMost * 1.001;
  const run = () => {
    const { kind, along, across, lead, beyond, cross, tilt } = passes;
    const task: OptimumTask = {
      gun: postedGun(setup),
      passes: { kind, along, across, lead, beyond, cross, tilt },
      hand,
      aim: setup.aim,
      limits: setup.limits,
      overlap,
      distance,
      flow,
      speed,
      want,
    };
    start(task);
  };
  const optimum = found && !isRefusal(found) ? found : undefined;
  const figure = useMemo(
    () => optimum && frontFigure(optimum, want, units.system, colours),
    [optimum, want, units.system, colours],
  );
  const take = ({ overlap: share, distance: off, flow: fluid, speed: pace, fan }: Candidate) => {
    const { setting } = view.set;
    const round = (value: number) => Number(value.toPrecision(3));
    if (setting) {
      const { bore, setId, tip, pressure, pressureAt, triggerPulled } = setting;
      log('gun set', {
        type: 'setting',
        layerId: setting.layerId,
        bore,
        setId,
        tip,
        pressure,
        pressureAt,
        triggerPulled,
        fluid: round(fluid),
        fan: round(fan),
        distance: round(off),
        overlap: round(share),
        speed: round(pace),
      });
    } else
      store.put(withApproach(view.work, { overlap: round(share), speed: round(pace) }), 'overlap and speed');
  };
  const spans = [
    ['Overlap', 'share', overlap, setOverlap, [0.3, 0.92]],
    ['Distance', 'distance', distance, setDistance, expects.gunDistance],
    ['Fluid', 'fluidFlow', flow, setFlow, expects.fluid],
    ['Speed', 'speed', speed, setSpeed, expects.speed],
  ] as const;
  return (
    <Panel title="Find the setting" place="optimiser">
      <Choice
        label="What counts"
        value={want}
        onChange={setWant}
        options={[
          { value: 'even', label: 'Least outside the limits' },
          { value: 'paint', label: 'Least paint' },
          { value: 'time', label: 'Least time' },
        ]}
      />
      <div className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-4">
        {spans.map(([label, quantity, span, setSpan, expected]) => (
          <fieldset key={label} className="min-w-0 space-y-2">
            <legend className="sr-only">{label}</legend>
            <NumberField
              label={`${label}, least`}
              quantity={quantity}
              value={span.min}
              onChange={(min) => min !== undefined && setSpan({ ...span, min })}
              expects={[expected[0], expected[1]]}
              error={span.min > span.max ? 'Least is more than most.' : undefined}
            />
            <NumberField
              label={`${label}, most`}
              quantity={quantity}
              value={span.max}
              onChange={(max) => max !== undefined && setSpan({ ...span, max })}
              expects={[expected[0], expected[1]]}
              error={
                quantity === 'fluidFlow' && span.max > fluidMost * 1.001
                  ? `What is fitted passes at most ${written(amount('fluidFlow', fluidMost), units)}.`
                  : undefined
              }
            />
          </fieldset>
        ))}
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <Button onClick={run} disabled={wrong || done !== undefined}>
          Find it
        </Button>
        {done !== undefined && (
          <span role="status" className="flex items-center gap-3 text-sm">
            <progress
              className="w-40 accent-[var(--act)]"
              aria-label="Trying settings"
              value={done}
              max={1}
            />{' '}
            Trying settings
            <Button onClick={stop}>Stop</Button>
          </span>
        )}
      </div>
      {found && isRefusal(found) && (
        <div className="mt-3">
          <Notice tone="care">{units.says(found)}</Notice>
        </div>
      )}
      {optimum && figure && (
        <div className="mt-4 grid gap-5 lg:grid-cols-[minmax(0,1fr)_19rem]" data-optimum>
          <div className="min-w-0">
            <Plot
              data={figure.data}
              layout={figure.layout}
              height={260}
              label={`Trade-off: ${optimum.front.length} settings that nothing else beats on both.`}
            />
            <p className="text-sm text-ink-soft">
              Every setting tried; the line joins those that nothing beats on both counts. The filled one is
              proposed.
            </p>
          </div>
          <div>
            <dl className="border-t border-hairline text-sm">
              {(
                [
                  ['Overlap', written(amount('share', optimum.best.overlap), units, { digits: 0 })],
                  ['Strokes apart', written(amount('distance', optimum.best.spacing), units)],
                  ['Distance', written(amount('distance', optimum.best.distance), units)],
                  ['Fluid', written(amount('fluidFlow', optimum.best.flow), units)],
                  ['Speed', written(amount('speed', optimum.best.speed), units)],
                  ['Expected outside', written(amount('share', optimum.best.outside), units)],
                  ['Paint for a face', written(amount('volume', optimum.best.paint), units)],
                  ['Time for a face', written(amount('time', optimum.best.seconds), units)],
                ] as const
              ).map(([label, value]) => (
                <div key={label} className="flex justify-between gap-3 border-b border-hairline py-1.5">
                  <dt className="text-ink-soft">{label}</dt>
                  <dd className="font-bold">{value}</dd>
                </div>
              ))}
            </dl>
            <div className="mt-3">
              <Button onClick={() => take(optimum.best)}>
                {view.set.setting ? 'Record this setting' : 'Take overlap and speed into the plan'}
              </Button>
            </div>
            <p className="mt-2 text-xs text-ink-soft">
              Speed follows from the rest: it lays <Printed figure={amount('film', setup.aim)} /> wet on the
              average. Sixteen hands a setting, the same ones for all; turning 0.6 s a stroke, a default.
              {view.set.setting ? ' A fresh card proves it.' : ''}
            </p>
          </div>
        </div>
      )}
    </Panel>
  );
}
