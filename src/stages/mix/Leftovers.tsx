'use client';

import { useState } from 'react';
import { isRefusal } from '@/core/refusal';
import { useOpenJobs } from '@/store/hooks';
import { thinnersOf, type BatchState, type JobView } from '@/facts/job';
import { noReturn, returnEffects } from '@/facts/shop/returned';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { clockTime } from '@/words/clock';
import { amount } from '@/words/figures';
import { newBatchId } from '@/words/mix';
import { noReturnWords } from '@/words/stock';
import { Printed } from '@/ui/Printed';

/** Mix that is left: from another job into this one, or back into a can. */
export function Leftovers() {
  const { view } = useJob();
  const others = useOpenJobs().filter(
    ({ job, mix }) => job.id !== view.job.id && mix.batch !== undefined && mix.sheet.id === view.mix.sheet.id,
  );
  const never = noReturn(view.mix.sheet);
  const cans = view.mix.sources.some(({ choices }) => choices.length > 0);
  const takes = !view.mix.batch && others.length > 0;
  if (!takes && (!cans || (never !== undefined && !view.mix.batch))) return null;
  return (
    <Panel title="Leftovers">
      {takes && <TakeLeftover others={others} />}
      {cans && !never && <PourBack />}
      {cans && never && view.mix.batch && <Notice tone="stop">{noReturnWords[never]}</Notice>}
    </Panel>
  );
}

function TakeLeftover({ others }: { readonly others: readonly JobView[] }) {
  const { view, log } = useJob();
  const [from, setFrom] = useState(others[0]?.job.id ?? '');
  const [mass, setMass] = useState<number>();
  const other = others.find(({ job }) => job.id === from);
  const batch = other?.mix.batch;
  if (!batch || !other || isRefusal(view.mix.volume)) return null;
  const { useBefore, applied } = batch;
  const over = useBefore !== undefined && useBefore < view.now;
  const volume = view.mix.volume;
  const take = () => {
    if (mass === undefined || mass <= 0 || mass > applied.mass) return;
    log('leftover used', {
      type: 'leftover',
      batchId: view.mix.pouring?.batchId ?? newBatchId(view),
      layerId: view.work.layer.id,
      volume,
      from: other.job.name,
      mixedAt: new Date(batch.mixedAt).toISOString(),
      mass,
      thinner: thinnerIn(batch, mass),
    });
  };
  return (
    <div className="mb-4 grid items-start gap-3 sm:grid-cols-2">
      <SelectField
        label="Use mix left over from"
        value={from}
        onChange={(event) => setFrom(event.target.value)}
        options={others.map(({ job }) => ({ value: job.id, label: job.name }))}
        hint={`Mixed at ${clockTime(batch.mixedAt)}: it keeps its age, and so does what it goes into`}
      />
      <NumberField
        label="How much of it"
        quantity="mass"
        value={mass}
        onChange={setMass}
        expects={[0, applied.mass]}
        error={mass !== undefined && mass > applied.mass ? 'There was less than that.' : undefined}
      />
      {over ? (
        <Notice tone="stop">Its pot life is over. It must not go into a fresh mix.</Notice>
      ) : (
        <Button onClick={take} disabled={mass === undefined || mass <= 0}>
          Put it in first
        </Button>
      )}
    </div>
  );
}

const thinnerIn = ({ thinner, applied }: BatchState, mass: number) => (thinner / applied.mass) * mass;

function PourBack() {
  const { view, log } = useJob();
  const { batch, sources } = view.mix;
  const choices = sources.flatMap((source) => source.choices);
  const [canId, setCanId] = useState(choices[0]?.can.id ?? '');
  const [what, setWhat] = useState<'mix' | 'rinsings'>(batch ? 'mix' : 'rinsings');
  const [mass, setMass] = useState<number>();
  const [liquidId, setLiquid] = useState(view.thin.thinner?.id ?? '');
  const { sheet } = view.mix;
  const thinners = thinnersOf(sheet);
  const liquid = thinners.find(({ id }) => id === liquidId) ?? thinners[0];
  const rinsed = what === 'rinsings' || !batch;
  const back = { mass: mass ?? 0, thinner: rinsed ? (mass ?? 0) : thinnerIn(batch, mass ?? 0) };
  const effects = mass && liquid ? returnEffects(choices, sheet, back, liquid) : [];
  const chosen = effects.find(({ can }) => can.id === canId);
  const pour = () => {
    if (mass === undefined || mass <= 0) return;
    log('poured back', {
      type: 'returned',
      ...(batch ? { batchId: batch.id } : {}),
      canId,
      ...back,
      ...(liquid ? { liquid: liquid.id } : {}),
    });
    setMass(undefined);
  };
  return (
    <div className="grid items-start gap-3 sm:grid-cols-2">
      <SelectField
        label="Pour back into can"
        value={canId}
        onChange={(event) => setCanId(event.target.value)}
        options={choices.map(({ can }) => ({ value: can.id, label: can.lot }))}
      />
      <Choice
        label="What"
        value={what}
        onChange={setWhat}
        options={[
          ...(batch ? [{ value: 'mix' as const, label: 'Leftover mix' }] : []),
          { value: 'rinsings' as const, label: 'Rinsings' },
        ]}
      />
      {thinners.length > 1 && (
        <SelectField
          label={rinsed ? 'Rinsed with' : 'Thinned with'}
          value={liquid?.id ?? ''}
          onChange={(event) => setLiquid(event.target.value)}
          options={thinners.map(({ id, name }) => ({ value: id, label: name }))}
        />
      )}
      <NumberField label="How much goes back" quantity="mass" value={mass} onChange={setMass} />
      <Button className="sm:mt-6" onClick={pour} disabled={mass === undefined || mass <= 0}>
        Poured back
      </Button>
      {effects.length > 0 && (
        <ul className="border-t border-hairline text-sm sm:col-span-2" data-effects>
          {effects.map(({ can, left, share, ofMost }) => (
            <li key={can.id} className="border-b border-hairline py-1.5">
              <b>{can.lot}</b>, then <Printed figure={amount('volume', left)} />:{' '}
              <span className={ofMost > 0.5 ? 'font-semibold text-care' : ''}>
                <Printed figure={amount('share', share)} digits={2} /> thinner,{' '}
                {Number.isFinite(ofMost) ? (
                  <>
                    <Printed figure={amount('share', ofMost)} digits={ofMost < 0.1 ? 1 : 0} /> of the{' '}
                    <Printed figure={amount('share', sheet.thinning.maximum)} digits={0} /> its sheet allows
                  </>
                ) : (
                  'and its sheet allows none'
                )}
              </span>
            </li>
          ))}
        </ul>
      )}
      {chosen && chosen.ofMost > 1 && (
        <Notice tone="stop">
          Lot {chosen.can.lot} would hold more thinner than its sheet allows, before anybody thins it.
        </Notice>
      )}
      <p className="text-sm text-ink-soft sm:col-span-2">
        What goes back thins the can. The next batch out of it starts from there.
      </p>
    </div>
  );
}
