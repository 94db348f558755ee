'use client';

import { useState } from 'react';
import { isRefusal } from '@/core/refusal';
import { newId } from '@/records';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { massDigits } from '@/ui/words/mix';
import { Ladder } from './Ladder';

export function MixStage() {
  const { view } = useJob();
  const units = useUnits();
  const { mix } = view;
  return (
    <StageFrame
      stage="mix"
      beside={
        <div className="space-y-2">
          {mix.expired.map(({ lot, useBefore }) => (
            <Notice key={lot} tone="care">
              Lot {lot} was to be used before {useBefore}. Open a fresh can, or test it on a trial piece
              first.
            </Notice>
          ))}
          {view.spray.recoat?.state === 'closed' && (
            <Notice tone="stop">
              The recoat window of the coat below is closed. Scuff and clean before the next coat goes on.
            </Notice>
          )}
          <Notice tone="plain">
            Stir settled material fully first, then the parts together past the last streak. Strain.
          </Notice>
        </div>
      }
    >
      <Panel title="Pouring ladder">
        <Ladder />
      </Panel>
      {!mix.batch && <SomethingElse key={view.job.log.length} />}
      <Panel title="Cans on the shelf">
        {mix.cans.length === 0 ? (
          <p className="text-sm text-ink-soft">No cans are kept for this coating.</p>
        ) : (
          <ul className="divide-y divide-hairline border-y border-hairline text-sm">
            {mix.cans.map((can) => (
              <li key={can.id} className="flex flex-wrap justify-between gap-3 py-2">
                <span>
                  <b>{can.lot}</b> {mix.sheet.components.find(({ id }) => id === can.componentId)?.name}
                </span>
                <span className={mix.expired.includes(can) ? 'font-semibold text-care' : 'text-ink-soft'}>
                  {mix.expired.includes(can) ? '▲ past ' : 'use before '}
                  {can.useBefore ?? 'no date'} · {units.show('volume', can.left)} left
                </span>
              </li>
            ))}
          </ul>
        )}
      </Panel>
    </StageFrame>
  );
}

/** What was really poured, when it is not what the ladder asked for: the rest follows. */
function SomethingElse() {
  const { view, log } = useJob();
  const units = useUnits();
  const { mix } = view;
  const { pouring, sheet } = mix;
  const poured = pouring?.poured.reduce((sum, each) => sum + each, 0) ?? 0;
  const outcome = pouring?.outcome;
  const rest = outcome && !isRefusal(outcome) ? outcome.rest : isRefusal(mix.ladder) ? [] : mix.ladder;
  const [rung] = rest;
  const [scale, setScale] = useState<number>();
  if (!rung || isRefusal(mix.volume)) return null;
  const mass = scale === undefined ? undefined : scale - poured;
  const volume = mix.volume;
  const record = () => {
    if (mass === undefined || mass <= 0) return;
    log(`poured ${rung.part.name}`, {
      type: 'poured',
      batchId: pouring?.batchId ?? newId(),
      sheetId: sheet.id,
      volume,
      partId: rung.part.id,
      mass,
    });
    setScale(undefined);
  };
  return (
    <Panel title="Poured something else">
      <div className="grid items-start gap-4 sm:grid-cols-[14rem_auto_1fr]">
        <NumberField
          label={`Scale reads, after ${rung.part.name}`}
          quantity="mass"
          value={scale}
          onChange={setScale}
          expects={[rung.scale * 0.5, rung.scale * 2]}
          error={
            mass !== undefined && mass <= 0
              ? `There are ${units.show('mass', poured, massDigits(view, units))} in the pot already.`
              : undefined
          }
          place="poured"
          onEnter={record}
        />
        <Button className="sm:mt-6" onClick={record} disabled={mass === undefined || mass <= 0}>
          Record this pour
        </Button>
        <p className="text-sm text-ink-soft sm:mt-7">
          Too much of one part is met by more of the others. Nothing is thrown away.
        </p>
      </div>
    </Panel>
  );
}
