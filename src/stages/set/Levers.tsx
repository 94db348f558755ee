'use client';

import { useMemo, useState } from 'react';
import { createPortal } from 'react-dom';
import { isRefusal } from '@/core/refusal';
import type { PressurePlace } from '@/facts/job/airchain';
import { fanOfKnob } from '@/facts/job/fan';
import { leverRanges } from '@/facts/job/leverranges';
import { leversJudged } from '@/facts/job/levers';
import type { NozzleSet } from '@/records';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { SelectField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { useNarrow } from '@/ui/narrow';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { Printed } from '@/ui/Printed';
import { useUnits } from '@/ui/units';
import { expects } from '@/words/expects';
import { amount, figure, written } from '@/words/figures';
import type { Units } from '@/words/units';
import { settingFaultSays } from '@/words/faults';
import { placeWords } from '@/words/pressure';
import { FilmSection } from './FilmSection';
import { FittedSet } from './FittedSet';
import { KnobFields, type Knobs } from './KnobFields';
import { LeverEffects } from './LeverEffects';
import { LeverLines } from './LeverLines';
import { useLevers } from './levermoves';

/**
 * Levers to move: air, fluid, distance, overlap and speed pull on each other, and the film answers under the hand.
 *
 * @param aside where the answers stand beside the work, where there is room
 */
export function Levers({ aside }: { readonly aside: HTMLElement | null }) {
  const narrow = useNarrow();
  const { view, log } = useJob();
  const units = useUnits();
  const { set, rig } = view;
  const moves = useLevers(view);
  const { levers, pressure, distance, pressureAt, fitted, tip, gives, moved, refused, approach, trigger } =
    moves;
  const [pulled, setPulled] = useState(set.setting?.triggerPulled ?? true);
  const [knobs, setKnobs] = useState<Knobs>(set.setting?.knobs ?? {});
  const airless = rig?.atomising === 'airless';
  const bore = fitted?.bore;
  const more = useMemo(
    () => ({ pressureAt, ...(airless ? { tip } : { bore, ...(trigger < 1 ? { trigger } : {}) }) }),
    [pressureAt, airless, tip, bore, trigger],
  );
  const tried = { levers, pressure, distance };
  const ranges = leverRanges(view, tried, more, gives);
  const lastMoved = moved === 'air' || moved === 'distance' ? undefined : moved;
  const judged = leversJudged(view, tried, { ...more, ...(lastMoved ? { moved: lastMoved } : {}) });
  if (!rig) return null;
  const { film, off, point } = judged;
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
      ...(!airless && trigger < 1 ? { trigger } : {}),
      ...(Object.values(knobs).some((turns) => turns !== undefined) ? { knobs } : {}),
    });
  };
  const answers = (
    <div className="mt-3 space-y-3" data-answers>
      {!isRefusal(film) && !judged.fault && (
        <FilmSection film={film} fan={levers.fan} spacing={point.spacing} />
      )}
      <LeverEffects judged={judged} airSaid={rig.airDemand !== undefined} />
    </div>
  );
  return (
    <Panel title="Levers">
      <Fold
        title={airless ? 'Tip' : 'Fitted'}
        says={airless ? (tip ?? 'none') : fitted ? setSays(fitted, units) : 'choose what is on the gun'}
        open={!airless && fitted === undefined}
        place="levers"
      >
        <div className="grid items-start gap-4 sm:grid-cols-3">
          {airless ? (
            <SelectField
              label="Tip"
              value={tip}
              onChange={(event) => moves.setTip(event.target.value)}
              options={rig.tips.map((code) => ({ value: code, label: code }))}
            />
          ) : (
            <FittedSet sets={rig.sets} fitted={fitted} onFit={moves.setFitted} />
          )}
        </div>
      </Fold>
      <div className="border-t border-hairline">
        <LeverLines moves={moves} ranges={ranges} judged={judged} rig={rig} />
      </div>
      {aside && !narrow ? createPortal(answers, aside) : answers}
      <p className="mt-3" role="status">
        {judged.fault ? (
          <span className="font-semibold text-stop">■ {settingFaultSays(judged.fault, units)}</span>
        ) : refused ? (
          <span className="font-semibold text-stop">▲ {units.says(refused)}</span>
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
            .
          </>
        )}
      </p>
      <div className="mt-3 space-y-3">
        <Choice
          label="If one changes, adjust"
          value={gives}
          onChange={moves.setGives}
          options={[
            { value: 'speed', label: 'Speed' },
            ...(airless ? [] : [{ value: 'flow' as const, label: 'Fluid' }]),
            { value: 'overlap', label: 'Overlap' },
            { value: 'film', label: 'The film' },
          ]}
        />
        <div className="flex flex-wrap gap-3">
          {!airless && !isRefusal(set.proposal) && (
            <>
              <Button
                aria-pressed={approach?.which === 'textbook'}
                onClick={() => moves.approachTo('textbook')}
              >
                Textbook
              </Button>
              <Button
                aria-pressed={approach?.which === 'reduced'}
                onClick={() => moves.approachTo('reduced')}
              >
                Reduced air and fluid, closer in
              </Button>
            </>
          )}
          <Button className="sm:ml-auto" onClick={record} disabled={!complete}>
            Record this setting
          </Button>
        </div>
      </div>
      <Fold
        className="mt-3 border-t border-hairline"
        title="Read and set"
        open={!pulled}
        says={`${placeWords[pressureAt]}, ${pulled ? 'trigger pulled' : 'without flow'}; fan ${written(amount('distance', levers.fan), units)}`}
      >
        <div className="grid grid-cols-2 items-end gap-4 sm:grid-cols-3">
          <SelectField
            label="Read at"
            value={pressureAt}
            onChange={(event) => moves.setPressureAt(event.target.value as PressurePlace)}
            options={Object.entries(placeWords).map(([value, label]) => ({ value, label }))}
          />
          <Check label="Trigger pulled" checked={pulled} onChange={setPulled} />
          <NumberField
            label="Fan"
            digits={3}
            quantity="distance"
            value={levers.fan}
            onChange={moves.move('fan')}
            expects={expects.fan}
          />
          {!airless && narrow && (
            <NumberField
              label="Trigger, of the flow"
              digits={3}
              quantity="share"
              value={trigger}
              onChange={moves.moveTrigger}
              expects={[0.2, 1]}
            />
          )}
        </div>
        {!pulled && (
          <p className="mt-3 text-sm font-semibold text-care">
            ▲ Read without flow: while spraying the gun has less. Read it again with the trigger pulled.
          </p>
        )}
        {!airless && (
          <KnobFields
            knobs={knobs}
            onChange={(next) => {
              setKnobs(next);
              // Two cards tell what the knob does to the fan.
              const width =
                next.fan === knobs.fan || next.fan === undefined || distance === undefined
                  ? undefined
                  : fanOfKnob(rig, set.sheet.id, next.fan, distance);
              if (width !== undefined) moves.move('fan')(width);
            }}
          />
        )}
      </Fold>
    </Panel>
  );
}

/** What is on the gun, in a line. */
const setSays = ({ bore, needle, nozzle, cap }: NozzleSet, units: Units): string =>
  [`${written(amount('bore', bore), units)} set`, [needle, nozzle, cap].filter(Boolean).join(', ')]
    .filter(Boolean)
    .join(' · ');
