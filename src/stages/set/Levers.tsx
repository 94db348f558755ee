'use client';

import { useState } from 'react';
import { transferAt } from '@/core/airgun';
import { holdFilm, solveStroke, strokeSpacing, type Lever } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import type { NozzleSet } from '@/records';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { expects } from '@/words/expects';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { placeWords, pressureQuantity } from '@/words/set';
import { FittedSet } from './FittedSet';
import { KnobFields, type Knobs } from './KnobFields';
import { LeverEffects } from './LeverEffects';

type PressureAt = keyof typeof placeWords;

/** The reduced school: this share of the textbook's air and fluid, at this share of its distance. Defaults. */
const reduced = 0.75;
const closer = 0.8;
/** HVLP: at most 10 psi at the cap, Pa. */
const capLimit = 68_948;
const ratio = (value: number | undefined, usual: number | undefined) =>
  value && usual && value > 0 && usual > 0 ? value / usual : 1;

/** Fluid, speed, fan and overlap pull on each other: move one, choose which one gives way, or see what the film becomes. */
export function Levers() {
  const { view, log } = useJob();
  const units = useUnits();
  const { set } = view;
  const proposal = isRefusal(set.proposal) ? undefined : set.proposal;
  const start =
    set.setting ?? (proposal && { ...proposal, ...proposal.fitting, fluid: proposal.fitting.flow });
  const [fitted, setFitted] = useState(() => fittedAt(view.rig?.sets ?? [], start));
  const [moved, setMoved] = useState<Lever>();
  const [tip, setTip] = useState(start?.tip);
  const [pressure, setPressure] = useState(start?.pressure);
  const [pressureAt, setPressureAt] = useState<PressureAt>(start?.pressureAt ?? 'inlet');
  const [pulled, setPulled] = useState(set.setting?.triggerPulled ?? true);
  const [distance, setDistance] = useState(start?.distance);
  const [levers, setLevers] = useState({
    flow: start?.fluid ?? 200e-6 / 60,
    speed: start?.speed ?? view.work.approach.speed,
    fan: start?.fan ?? 0.25,
    overlap: start?.overlap ?? view.work.approach.overlap,
  });
  const [gives, setGives] = useState<Lever | 'film'>('speed');
  const [refused, setRefused] = useState<string>();
  const [knobs, setKnobs] = useState<Knobs>(set.setting?.knobs ?? {});
  if (!view.rig) return null;
  const bore = fitted?.bore;

  const move = (lever: Lever) => (value: number | undefined) => {
    if (value === undefined) return;
    const next = { ...levers, [lever]: value };
    setRefused(undefined);
    setMoved(lever);
    setLevers(next);
    if (gives === 'film' || gives === lever || set.wet <= 0) return;
    const held = holdFilm({ ...next, wetFilm: set.wet, transfer }, gives);
    if (isRefusal(held)) setRefused(units.says(held));
    else setLevers({ flow: held.flow, speed: held.speed, fan: held.fan, overlap: held.overlap });
  };
  const usual = {
    pressure: proposal?.pressure ?? start?.pressure,
    distance: proposal?.distance ?? start?.distance,
  };
  const transfer = transferAt(set.transfer, ratio(distance, usual.distance), ratio(pressure, usual.pressure));
  const film = solveStroke('wetFilm', { ...levers, transfer });
  const off = isRefusal(film) || set.wet <= 0 ? 0 : film / set.wet - 1;
  const airless = view.rig.atomising === 'airless';
  const pressureOf = pressureQuantity(start?.pressure ?? 1e5);
  const limit = view.rig.maxPressure;
  const school = (which: 'textbook' | 'reduced') => () => {
    if (!proposal) return;
    const less = which === 'reduced' ? reduced : 1;
    const near = which === 'reduced' ? closer : 1;
    const flow = (set.setting?.fluid ?? proposal.fitting.flow) * less;
    setPressure(proposal.pressure * less);
    setDistance(proposal.distance * near);
    const moved = { ...levers, flow, fan: proposal.fitting.fan * near };
    const held = holdFilm(
      { ...moved, wetFilm: set.wet, transfer: transferAt(set.transfer, near, less) },
      'speed',
    );
    setRefused(isRefusal(held) ? units.says(held) : undefined);
    setLevers(
      isRefusal(held) ? moved : { flow: held.flow, speed: held.speed, fan: held.fan, overlap: held.overlap },
    );
  };
  const capOver =
    view.rig.atomising === 'hvlp' &&
    pressureAt === 'cap' &&
    pressure !== undefined &&
    pressure > capLimit * 1.001;
  const overLimit = pressure !== undefined && limit !== undefined && pressure > limit * 1.001;
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
            overLimit
              ? `${view.rig.name} ends at ${units.show(pressureOf, limit)}.`
              : capOver
                ? `An HVLP cap ends at ${units.show(pressureOf, capLimit)}: past it the gun is none.`
                : undefined
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
      {!airless && proposal && (
        <div className="mt-3 flex flex-wrap gap-3">
          <Button onClick={school('textbook')}>Textbook</Button>
          <Button onClick={school('reduced')}>Reduced air and fluid, closer in</Button>
        </div>
      )}
      <LeverEffects
        levers={levers}
        pressure={pressure}
        bore={bore}
        off={Math.abs(off) > 0.03}
        moved={moved}
        transfer={transfer}
        usual={usual.pressure}
      />
      <p className="mt-3" role="status">
        {refused ? (
          <span className="font-semibold text-stop">▲ {refused}</span>
        ) : isRefusal(film) ? (
          <span className="font-semibold text-stop">▲ {units.says(film)}</span>
        ) : (
          <>
            Lays <b>{units.show('film', film)}</b> wet; {units.show('film', set.wet)} is wanted
            {Math.abs(off) > 0.03 ? (
              <b className="text-care">
                {' '}
                ▲ {units.show('share', Math.abs(off), { digits: 0 })} {off > 0 ? 'too much' : 'too little'}
              </b>
            ) : (
              <b className="text-good"> ✓ on the aim</b>
            )}
            . Strokes {units.show('distance', strokeSpacing(levers.fan, levers.overlap))} apart.
          </>
        )}
      </p>
    </Panel>
  );
}

/** The set a setting was sprayed with: by its id, else by its bore. */
const fittedAt = (
  sets: readonly NozzleSet[],
  from: { readonly setId?: string; readonly bore?: number } | undefined,
): NozzleSet | undefined =>
  sets.find(({ id }) => id === from?.setId) ??
  sets.find(({ bore }) => Math.abs(bore - (from?.bore ?? 0)) < 1e-6);
