'use client';

import { useState } from 'react';
import { isRefusal } from '@/core/refusal';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { massDigits, newBatchId, pourEntry } from '@/words/mix';
import { amount, written } from '@/words/figures';

/** What was really poured, when it is not what the ladder asked for: the rest follows. */
export function PouredElse() {
  const { view, log } = useJob();
  const units = useUnits();
  const { mix } = view;
  const { pouring } = mix;
  const inPot = pouring?.poured.reduce((sum, each) => sum + each, pouring.thinner) ?? 0;
  const outcome = pouring?.outcome;
  const rest = outcome && !isRefusal(outcome) ? outcome.rest : isRefusal(mix.ladder) ? [] : mix.ladder;
  const [rung] = rest;
  const [scale, setScale] = useState<number>();
  const [asked, setAsked] = useState(false);
  if (!rung || isRefusal(mix.volume)) return null;
  const mass = scale === undefined ? undefined : scale - inPot;
  const volume = mix.volume;
  const share = rung.share === undefined || mass === undefined ? undefined : (rung.share * mass) / rung.mass;
  const over = rung.part.cap && share !== undefined && share > rung.part.cap.maximum + 1e-9;
  const record = () => {
    if (mass === undefined || mass <= 0) return;
    if (over && !asked) return setAsked(true);
    const batchId = pouring?.batchId ?? newBatchId(view);
    log(`poured ${rung.part.name}`, pourEntry(view, { batchId, volume, partId: rung.part.id, mass }));
    setScale(undefined);
  };
  return (
    <Panel title="Poured something else">
      <div className="grid items-start gap-4 sm:grid-cols-[14rem_auto_1fr]">
        <NumberField
          label={`Scale reads, after ${rung.part.name}`}
          quantity="mass"
          value={scale}
          onChange={(next) => {
            setScale(next);
            setAsked(false);
          }}
          expects={[rung.scale * 0.5, rung.scale * 2]}
          error={
            mass !== undefined && mass <= 0
              ? `There are ${written(amount('mass', inPot), units, massDigits(view, units))} in the pot already.`
              : undefined
          }
          place="poured"
          onEnter={record}
        />
        <Button className="sm:mt-6" onClick={record} disabled={mass === undefined || mass <= 0}>
          {asked ? 'Yes, record it' : 'Record this pour'}
        </Button>
        <p className="text-sm text-ink-soft sm:mt-7">
          {asked && over && rung.part.cap
            ? `That is ${written(amount('share', share), units, { digits: 2 })} ${rung.part.name}; the sheet allows ${written(amount('share', rung.part.cap.maximum), units, { digits: 2 })}. More of the other parts would bring it right. Is it what was poured?`
            : 'Poured too much? Add more of the others. Nothing is thrown away.'}
        </p>
      </div>
    </Panel>
  );
}
