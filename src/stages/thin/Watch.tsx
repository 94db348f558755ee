'use client';

import { useCallback, useMemo, useRef, useState } from 'react';
import { zeroSeconds, type FlowCup } from '@/core/cups';
import type { Suspicion } from '@/core/thinning';
import { useRecords } from '@/store/hooks';
import { cupBehind } from '@/facts/job';
import { betterCups, simulatedDrain, suspicionOf, tooThinFor } from '@/facts/job/suspicion';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { SelectField } from '@/ui/Field';
import { useKeys } from '@/ui/frame/keys';
import { useJob } from '@/ui/job/context';
import { CupSensor } from './CupSensor';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { Readout } from '@/ui/Readout';
import { SimulatedCup } from '@/ui/SimulatedCup';
import { useStopwatch } from '@/ui/stopwatch';
import { cupLabel } from '@/words/cup';

/** The cup watch: the largest control of the stage, its time and temperature, and the simulated cup beside it. */
export function Watch() {
  const { view, log } = useJob();
  const units = useUnits();
  const { batch, readings } = view.thin;
  const cups = useRecords('cup');
  const watch = useStopwatch();
  const [cupId, setCupId] = useState(readings.at(-1)?.entries[0]?.cupId ?? view.work.layer.cupId);
  const [temperature, setTemperature] = useState<number | undefined>(
    readings.at(-1)?.temperature ?? view.plan.climate?.air,
  );
  const [typed, setTyped] = useState<number>();
  const [simulated, setSimulated] = useState(false);
  const [asked, setAsked] = useState(false);
  const [sure, setSure] = useState(false);
  const record = useRef<HTMLButtonElement>(null);
  const cup = cupBehind(cupId, cups);
  const drain = useMemo(
    () => (simulated ? simulatedDrain(view, cupId, cups, temperature) : 0),
    [simulated, view, cupId, cups, temperature],
  );

  const seconds = typed ?? watch.stopped;
  const start = useCallback(() => {
    setTyped(undefined);
    setAsked(false);
    watch.start();
  }, [watch]);
  const toggle = useCallback(() => {
    if (!watch.running) {
      start();
      return;
    }
    watch.stop();
    setTimeout(() => record.current?.focus(), 0);
  }, [watch, start]);
  useKeys({ ' ': toggle });

  const suspicion = useMemo(
    () => suspicionOf(view, cups, { cup, seconds, temperature }),
    [view, cups, cup, seconds, temperature],
  );
  const asks = suspicion && !sure && !simulated ? suspicion : undefined;
  const tooThin = tooThinFor(cup, seconds);
  const better = betterCups(view, cupId, cups);
  if (!batch) return null;
  const write = (as = cupId) => {
    if (seconds === undefined || temperature === undefined || (tooThin && as === cupId)) {
      setAsked(true);
      return;
    }
    if (asks && as === cupId && !asked) {
      setAsked(true);
      return;
    }
    log('cup timed', {
      type: 'reading',
      batchId: batch.id,
      cupId: as,
      seconds: Math.round(seconds * 100) / 100,
      temperature,
      ...(simulated ? { simulated: true } : {}),
    });
    setCupId(as);
    setTyped(undefined);
    watch.clear();
    setAsked(false);
    setSure(false);
  };
  return (
    <Panel title="Cup watch" tools={<SimulatedSwitch on={simulated} onChange={setSimulated} />}>
      <div className={simulated ? 'grid grid-cols-[1fr_6.5rem] gap-3' : ''}>
        <button
          type="button"
          data-place="watch"
          data-watch
          onClick={toggle}
          className={`flex min-h-32 w-full flex-col items-center justify-center gap-1 border-[3px] border-ink px-2 ${watch.running ? 'bg-act text-on-act' : 'bg-sheet'}`}
        >
          <Readout
            number={(watch.running ? watch.elapsed : (seconds ?? 0)).toFixed(1)}
            unit={watch.running ? '' : 's'}
            size="large"
          />
          <span className="font-semibold">
            {watch.running ? 'Stop at the break of the stream' : 'Start, or press space'}
          </span>
        </button>
        {simulated && (
          <SimulatedCup elapsed={watch.running ? watch.elapsed : 0} drain={drain} running={watch.running} />
        )}
      </div>
      <div className="mt-3 grid grid-cols-2 gap-3">
        <NumberField
          label="Seconds"
          quantity="time"
          // What was typed is left as it is: rounded while it is typed, its digits would run together.
          value={typed ?? (watch.stopped === undefined ? undefined : Math.round(watch.stopped * 100) / 100)}
          onChange={(next) => {
            setTyped(next);
            setSure(false);
            setAsked(false);
          }}
          expects={[cup ? Math.max(zeroSeconds(cup) * 1.05, 5) : 5, 200]}
          error={
            tooThin
              ? `Too thin for ${cup?.name}: it tells nothing at ${written(amount('time', seconds), units, { digits: 1 })}.`
              : asked && seconds === undefined
                ? 'Time the cup first.'
                : undefined
          }
          place="seconds"
          onEnter={() => write()}
        />
        <NumberField
          label="Paint temperature"
          quantity="temperature"
          value={temperature}
          onChange={setTemperature}
          expects={expects.paint}
          error={asked && temperature === undefined ? 'Enter the temperature of the paint.' : undefined}
          onEnter={() => write()}
        />
        <div className="col-span-2">
          <SelectField
            label="Cup"
            value={cupId}
            onChange={(event) => setCupId(event.target.value)}
            options={cups.map((each) => ({ value: each.id, label: cupLabel(each) }))}
            hint={
              better.length > 0
                ? `For this band ${better
                    .slice(0, 2)
                    .map(({ name }) => name)
                    .join(' or ')} reads inside its own range.`
                : undefined
            }
          />
        </div>
        {asked && asks && (
          <div role="alert" className="col-span-2">
            <Notice tone="care">
              {suspicionWords(asks, cup)}
              <span className="mt-2 flex flex-wrap gap-2">
                {asks.kind === 'other-cup' && (
                  <Button onClick={() => write(asks.cup.id)}>It was {asks.cup.name}</Button>
                )}
                <Button
                  onClick={() => {
                    setSure(true);
                    write();
                  }}
                >
                  It is right
                </Button>
              </span>
            </Notice>
          </div>
        )}
        <Button
          ref={record}
          look={seconds === undefined ? 'plain' : 'main'}
          className="col-span-2"
          onClick={() => write()}
          data-record
        >
          {seconds === undefined
            ? 'Record'
            : `Record ${written(amount('time', seconds), units, { digits: 1 })}`}
        </Button>
      </div>
      <CupSensor onOpen={start} onBreak={() => watch.running && toggle()} {...(simulated ? { drain } : {})} />
    </Panel>
  );
}

function SimulatedSwitch({
  on,
  onChange,
}: {
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex min-h-11 items-center gap-2 text-sm">
      <input
        type="checkbox"
        className="size-5 accent-[var(--act)]"
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
      />
      Simulated cup
    </label>
  );
}

function suspicionWords(suspicion: Suspicion, cup: FlowCup | undefined): string {
  if (suspicion.kind === 'other-cup')
    return `That is far from what this pot reads in ${cup?.name ?? 'this cup'}, and just what it would read in ${suspicion.cup.name}. Which cup was it?`;
  if (suspicion.kind === 'thinner-than-thinner')
    return 'That is thinner than the thinner itself. Was the watch stopped at the break of the stream?';
  return 'That is far from what this pot has read so far. Is it the right cup, full to the rim, stirred, and the right temperature?';
}
