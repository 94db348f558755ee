'use client';

import { useCallback, useMemo, useRef, useState } from 'react';
import { shiftViscosity } from '@/core/climate';
import { secondsFromViscosity, zeroSeconds, type FlowCup } from '@/core/cups';
import { seeded, seedFrom } from '@/core/random';
import { isRefusal } from '@/core/refusal';
import { drainSeconds, hiddenPaint } from '@/core/simulation';
import { aged, blendShare, condition, suspect, type Suspicion } from '@/core/thinning';
import type { Cup } from '@/records';
import { useRecords } from '@/store/hooks';
import { cupBehind, cupOf, type JobView } from '@/facts/job';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { SelectField } from '@/ui/Field';
import { useKeys } from '@/ui/frame/keys';
import { useJob } from '@/ui/job/context';
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
  const drain = useDrain(view, cupId, temperature, simulated);

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

  const suspicion = useSuspicion(view, cup, seconds, temperature);
  const asks = suspicion && !sure && !simulated ? suspicion : undefined;
  const tooThin = cup && seconds !== undefined && seconds <= zeroSeconds(cup) * 1.02;
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
          value={seconds === undefined ? undefined : Math.round(seconds * 100) / 100}
          onChange={(next) => {
            setTyped(next);
            setSure(false);
            setAsked(false);
          }}
          expects={[cup ? Math.max(zeroSeconds(cup) * 1.05, 5) : 5, 200]}
          error={
            tooThin
              ? `Too thin for ${cup.name}: it tells nothing at ${seconds?.toFixed(1)} s.`
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
            hint={cupAdvice(view, cupId, cups)}
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
          {seconds === undefined ? 'Record' : `Record ${seconds.toFixed(1)} s`}
        </Button>
      </div>
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

/** Is this reading one to ask about before it is recorded? */
function useSuspicion(
  { thin, now }: JobView,
  cup: FlowCup | undefined,
  seconds: number | undefined,
  temperature: number | undefined,
): Suspicion | undefined {
  const cups = useRecords('cup');
  const { question, law, choice, batch, readings } = thin;
  return useMemo(() => {
    if (!question || !law || !choice || !batch || !cup || cup.relative || choice.band.cup.relative)
      return undefined;
    // Before the first reading everything is possible.
    if (seconds === undefined || temperature === undefined || readings.length === 0) return undefined;
    const shift = shiftViscosity(1, temperature, choice.temperature, law.B);
    const others = cups
      .map((each) => {
        const behind = cupOf(each);
        return behind && !behind.relative ? { ...behind, id: each.id, name: each.name } : undefined;
      })
      .filter((each) => each !== undefined);
    const w = blendShare(batch.thinner, batch.unthinned.mass);
    const hours = (now - (readings.at(-1)?.at ?? now)) / 3_600_000;
    return suspect(condition(aged(question.belief, hours)), w, cup, seconds, shift, others);
  }, [question, law, choice, batch, cup, seconds, temperature, readings, cups, now]);
}

function suspicionWords(suspicion: Suspicion, cup: FlowCup | undefined): string {
  if (suspicion.kind === 'other-cup')
    return `That is far from what this pot reads in ${cup?.name ?? 'this cup'}, and just what it would read in ${suspicion.cup.name}. Which cup was it?`;
  if (suspicion.kind === 'thinner-than-thinner')
    return 'That is thinner than the thinner itself. Was the watch stopped at the break of the stream?';
  return 'That is far from what this pot has read so far. Is it the right cup, full to the rim, stirred, and the right temperature?';
}

/** Which of the shop's cups reads this coating's band inside its own range. */
function cupAdvice({ thin }: JobView, cupId: string, cups: readonly Cup[]): string | undefined {
  const { choice } = thin;
  if (!choice || choice.band.cup.relative) return undefined;
  const reads = (cup: Cup) => {
    const behind = cupOf(cup);
    if (!behind || behind.relative) return false;
    const seconds = secondsFromViscosity(behind, choice.middle);
    return !isRefusal(seconds) && seconds >= behind.valid.min && seconds <= behind.valid.max;
  };
  const held = cups.find(({ id }) => id === cupId);
  if (!held || reads(held)) return undefined;
  const better = cups.filter(reads).map(({ name }) => name);
  return better.length > 0
    ? `For this band ${better.slice(0, 2).join(' or ')} reads inside its own range.`
    : undefined;
}

/** Seconds the simulated cup will truly take this time. The paint in it is hidden: only the stream tells. */
function useDrain(view: JobView, cupId: string, temperature: number | undefined, simulated: boolean): number {
  const cups = useRecords('cup');
  const { batch, sheet, thinner, choice, readings } = view.thin;
  const cup = cupBehind(cupId, cups);
  const count = readings.reduce((sum, { entries }) => sum + entries.length, 0);
  return useMemo(() => {
    if (!simulated || !batch || !cup || !choice) return 30;
    const paint = hiddenPaint({
      seed: batch.id,
      expects: sheet.viscosity ?? 100e-6,
      temperature: choice.temperature,
      thinner: thinner?.viscosity ?? 1e-6,
      slope: sheet.temperatureSlope ?? 0.03,
    });
    const w = blendShare(batch.thinner, batch.unthinned.mass);
    const noise = seeded(seedFrom(`${batch.id}/${count}`));
    const seconds = drainSeconds(paint, cup, w, temperature ?? choice.temperature, noise);
    return isRefusal(seconds) ? 30 : seconds;
  }, [simulated, batch, cup, sheet, choice, thinner, temperature, count]);
}
