'use client';

import { useState } from 'react';
import type { Lever } from '@/core/film';
import { isRefusal, type Outcome } from '@/core/refusal';
import {
  fittedSet,
  leversBefore,
  leversJudged,
  leversMoved,
  schoolLevers,
  type StrokeLevers,
} from '@/facts/job/levers';
import { airChainOf } from '@/facts/job/airchain';
import type { Rig } from '@/records';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { expects } from '@/words/expects';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { placeWords, pressureQuantity } from '@/words/pressure';
import { settingFaultSays } from '@/words/faults';
import { FittedSet } from './FittedSet';
import { KnobFields, type Knobs } from './KnobFields';
import { LeverEffects } from './LeverEffects';
import { amount, figure, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

type PressureAt = keyof typeof placeWords;

/** Fluid, speed, fan and overlap pull on each other: move one, choose which one gives way, or see what the film becomes. */
export function Levers() {
  const { view, log } = useJob();
  const units = useUnits();
  const { set } = view;
  const [start] = useState(() => leversBefore(view));
  const { setting } = set;
  const [fitted, setFitted] = useState(() =>
    fittedSet(view.rig?.sets ?? [], { setId: setting?.setId, bore: set.point.bore }),
  );
  const [moved, setMoved] = useState<Lever>();
  const [tip, setTip] = useState(set.point.tip);
  const [pressure, setPressure] = useState(start.pressure);
  const [pressureAt, setPressureAt] = useState<PressureAt>(
    setting?.pressureAt ?? (isRefusal(set.proposal) ? 'inlet' : set.proposal.pressureAt),
  );
  const [pulled, setPulled] = useState(setting?.triggerPulled ?? true);
  const [distance, setDistance] = useState(start.distance);
  const [levers, setLevers] = useState(start.levers);
  const [gives, setGives] = useState<Lever | 'film'>('speed');
  const [refused, setRefused] = useState<string>();
  const [knobs, setKnobs] = useState<Knobs>(set.setting?.knobs ?? {});
  if (!view.rig) return null;
  const bore = fitted?.bore;

  const take = (found: Outcome<StrokeLevers>, otherwise: StrokeLevers) => {
    setRefused(isRefusal(found) ? units.says(found) : undefined);
    setLevers(isRefusal(found) ? otherwise : found);
  };
  const move = (lever: Lever) => (value: number | undefined) => {
    if (value === undefined) return;
    setMoved(lever);
    take(leversMoved(view, { levers, pressure, distance }, lever, value, gives), {
      ...levers,
      [lever]: value,
    });
  };
  const judged = leversJudged(
    view,
    { levers, pressure, distance },
    { pressureAt, bore, tip, ...(moved ? { moved } : {}) },
  );
  const { film, off, over } = judged;
  const airless = view.rig.atomising === 'airless';
  const pressureOf = pressureQuantity(start.pressure ?? 1e5);
  const school = (which: 'textbook' | 'reduced') => () => {
    const found = schoolLevers(view, which, levers.overlap);
    if (!found) return;
    setPressure(found.pressure);
    setDistance(found.distance);
    take(found.levers, levers);
  };
  const complete =
    pressure !== undefined && distance !== undefined && !isRefusal(film) && (airless || fitted !== undefined);
  const record = () => {
    if (!complete) return;
    log('gun set', {
      type: 'setting',
      layerId: view.work.layer.id,
      ...(airless ? { tip } : { bore, setId: fitted?.id }),
      pressure,
      pressureAt,
      triggerPulled: pulled,
      fluid: levers.flow,
      fan: levers.fan,
      distance,
      overlap: levers.overlap,
      speed: levers.speed,
      ...(Object.values(knobs).some((turns) => turns !== undefined) ? { knobs } : {}),
    });
  };
  return (
    <Panel title="Levers">
      <div className="grid grid-cols-2 items-start gap-4 sm:grid-cols-4">
        {airless ? (
          <SelectField
            label="Tip"
            value={tip}
            onChange={(event) => setTip(event.target.value)}
            options={view.rig.tips.map((code) => ({ value: code, label: code }))}
            data-place="levers"
          />
        ) : (
          <FittedSet sets={view.rig.sets} fitted={fitted} onFit={setFitted} />
        )}
        <NumberField
          label="Pressure"
          quantity={pressureOf}
          value={pressure}
          onChange={setPressure}
          expects={pressureOf === 'pumpPressure' ? expects.pumpPressure : expects.airPressure}
          error={
            over &&
            (over.of === 'rig'
              ? `${view.rig.name} ends at ${written(amount(pressureOf, over.limit), units)}.`
              : `An HVLP cap ends at ${written(amount(pressureOf, over.limit), units)}: past it the gun is none.`)
          }
        />
        <SelectField
          label="Read at"
          value={pressureAt}
          onChange={(event) => setPressureAt(event.target.value as PressureAt)}
          options={Object.entries(placeWords).map(([value, label]) => ({ value, label }))}
        />
        <Check label="Trigger pulled" checked={pulled} onChange={setPulled} className="self-end" />
        <NumberField
          label="Distance"
          quantity="distance"
          value={distance}
          onChange={setDistance}
          expects={expects.gunDistance}
        />
        <NumberField
          label="Fluid"
          quantity="fluidFlow"
          value={levers.flow}
          onChange={move('flow')}
          expects={expects.fluid}
        />
        <NumberField
          label="Speed"
          quantity="speed"
          value={levers.speed}
          onChange={move('speed')}
          expects={expects.speed}
        />
        <NumberField
          label="Fan"
          quantity="distance"
          value={levers.fan}
          onChange={move('fan')}
          expects={expects.fan}
        />
        <NumberField
          label="Overlap"
          quantity="share"
          value={levers.overlap}
          onChange={move('overlap')}
          expects={[0.3, 0.92]}
        />
      </div>
      {view.rig && pressure !== undefined && <Elsewhere rig={view.rig} pressure={pressure} at={pressureAt} />}
      {!pulled && (
        <p className="mt-3 text-sm font-semibold text-care">
          ▲ Read without flow: while spraying the gun has less. Read it again with the trigger pulled.
        </p>
      )}
      {!airless && <KnobFields knobs={knobs} onChange={setKnobs} />}
      <div className="mt-4 grid items-end gap-4 lg:grid-cols-[minmax(0,1fr)_auto]">
        <Choice
          label="When one moves, this one gives way"
          value={gives}
          onChange={setGives}
          options={[
            { value: 'speed', label: 'Speed' },
            { value: 'flow', label: 'Fluid' },
            { value: 'overlap', label: 'Overlap' },
            { value: 'film', label: 'The film' },
          ]}
        />
        <Button onClick={record} disabled={!complete}>
          Record this setting
        </Button>
      </div>
      {!airless && !isRefusal(set.proposal) && (
        <div className="mt-3 flex flex-wrap gap-3">
          <Button onClick={school('textbook')}>Textbook</Button>
          <Button onClick={school('reduced')}>Reduced air and fluid, closer in</Button>
        </div>
      )}
      <LeverEffects judged={judged} airSaid={view.rig.airDemand !== undefined} />
      <p className="mt-3" role="status">
        {judged.fault ? (
          <span className="font-semibold text-stop">■ {settingFaultSays(judged.fault, units)}</span>
        ) : refused ? (
          <span className="font-semibold text-stop">▲ {refused}</span>
        ) : isRefusal(film) ? (
          <span className="font-semibold text-stop">▲ {units.says(film)}</span>
        ) : (
          <>
            Lays{' '}
            <b>
              <Printed figure={amount('film', film)} />
            </b>{' '}
            wet; <Printed figure={figure(view, 'coat.wet', set.wet, { coat: set.coat?.id })} /> is wanted
            {off !== 0 ? (
              <b className="text-care">
                {' '}
                ▲ <Printed figure={amount('share', Math.abs(off))} digits={0} />{' '}
                {off > 0 ? 'too much' : 'too little'}
              </b>
            ) : (
              <b className="text-good"> ✓ on the aim</b>
            )}
            . Strokes <Printed figure={amount('distance', judged.point.spacing)} /> apart.
          </>
        )}
      </p>
    </Panel>
  );
}

/** The same pressure at the other places of the line: which is which is a third or the whole. */
function Elsewhere({
  rig,
  pressure,
  at,
}: {
  readonly rig: Rig;
  readonly pressure: number;
  readonly at: PressureAt;
}) {
  const chain = airChainOf(rig, pressure, at);
  if (!chain || isRefusal(chain)) return null;
  const { cap, inlet, wall } = chain;
  const told = [
    ['wall', at === 'wall' || wall === undefined || isRefusal(wall) ? undefined : wall],
    ['inlet', at === 'inlet' ? undefined : inlet],
    ['cap', at === 'cap' ? undefined : cap],
  ] as const;
  const others = told.filter(([, value]) => value !== undefined);
  if (others.length === 0) return null;
  return (
    <p className="mt-3 text-sm text-ink-soft" data-elsewhere>
      That is{' '}
      {others.map(([place, value], i) => (
        <span key={place}>
          {i > 0 ? ', ' : ''}
          <b className="text-ink">
            <Printed figure={amount('pressure', value)} />
          </b>{' '}
          {placeWords[place]}
        </span>
      ))}
      {cap === undefined ? '.' : ': by an HVLP gun nobody measured, a default until a cap gauge is read.'}
    </p>
  );
}
