'use client';

import { isRefusal } from '@/core/refusal';
import { usualReserve, type Needed } from '@/core/mixing';
import { useStore } from '@/store/hooks';
import { type FaceFills, withApproach, type Worked } from '@/facts/job';
import { CommitField } from '@/ui/Field';
import { expects } from '@/words/expects';
import { Fold } from '@/ui/Fold';
import { plural } from '@/words/line';
import { BatchList } from '@/ui/job/BatchList';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import type { Units } from '@/words/units';
import { money } from '@/words/money';
import { amount, figure, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** How much to mix and where it goes: on the part, into it, past it, left in the gun, kept back. */
export function Quantity() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const { job, work, plan, supply, rig } = view;
  const { needed, sheet } = plan;
  const set = (change: Partial<Worked['approach']>, label: string) =>
    store.put(withApproach(work, change), label);
  return (
    <Panel title="Quantity">
      {isRefusal(needed) ? (
        <Notice tone="stop">{units.says(needed)}</Notice>
      ) : (
        <>
          <p className="mb-2 text-sm text-ink-soft">
            <Printed figure={figure(view, 'mix.needed', needed.total)} />
            {supply.cost === undefined ? '' : ` for ${money(supply.cost)}`};{' '}
            <Printed figure={figure(view, 'mix.waste', needed.waste)} digits={0} /> of it does not end on the
            part.
          </p>
          <WhereItGoes needed={needed} />
        </>
      )}
      <Fold
        className="mt-3"
        title="Reckoned with"
        says={
          <>
            {plan.transferAssumed ? 'transfer (default)' : 'transfer'}{' '}
            <Printed figure={amount('share', plan.transfer)} digits={0} />, reserve{' '}
            <Printed figure={amount('share', work.approach.reserve)} digits={0} />,{' '}
            {plural(work.approach.cards ?? 3, 'test card')}
            {work.approach.pot ? `, a pot of ${written(amount('volume', work.approach.pot), units)}` : ''}
          </>
        }
      >
        <div className="grid grid-cols-2 items-start gap-4 sm:grid-cols-3 lg:grid-cols-5">
          <NumberField
            label={plan.transferAssumed ? 'Transfer (default)' : 'Transfer'}
            quantity="share"
            value={plan.transfer}
            onChange={(transfer) => set({ transfer }, 'transfer')}
            expects={[0.15, 0.9]}
            lazily
          />
          <NumberField
            label="Reserve"
            quantity="share"
            value={work.approach.reserve}
            onChange={(reserve) => reserve !== undefined && set({ reserve: Math.min(reserve, 1) }, 'reserve')}
            expects={[0.02, 0.4]}
            lazily
          />
          <CommitField
            label="Test cards"
            type="number"
            min={0}
            max={99}
            value={String(work.approach.cards ?? 3)}
            onCommit={(text) => {
              const cards = Math.floor(Number(text));
              if (text.trim() !== '' && cards >= 0 && cards <= 99) set({ cards }, 'test cards');
            }}
          />
          <NumberField
            label="Soaks in"
            quantity="spread"
            value={job.part.absorption}
            onChange={(absorption) => store.put({ ...job, part: { ...job.part, absorption } }, 'absorption')}
            expects={[0, 300e-6]}
            lazily
            hint="First coat only, apart from film"
          />
          <NumberField
            label="The pot holds"
            quantity="volume"
            value={work.approach.pot}
            onChange={(pot) => set({ pot: pot && pot > 0 ? pot : undefined }, 'pot size')}
            expects={expects.volume}
            lazily
            hint="Empty: no limit"
          />
        </div>
        <div className="mt-3 grid items-end gap-4 sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
          <p className="text-sm text-ink-soft">
            {sheet.blendable
              ? `This coating blends into a dry edge: ${written(amount('share', usualReserve(true)), units, { digits: 0 })} is usual.`
              : `This coating cannot be blended: running out means the whole face again, so ${written(amount('share', usualReserve(false)), units, { digits: 0 })} is usual.`}
          </p>
          <CommitField
            label="Reason for the reserve"
            value={work.approach.reserveWhy ?? ''}
            onCommit={(reserveWhy) => set({ reserveWhy }, 'reserve')}
          />
        </div>
      </Fold>
      {rig?.cup !== undefined && (
        <ul className="mt-4 text-sm" data-fills>
          {supply.faces.map((each) => (
            <li key={each.face.id} className="border-b border-hairline py-1.5">
              <FillWords {...each} units={units} cup={rig.cup ?? 0} />
            </li>
          ))}
        </ul>
      )}
      {isRefusal(supply.batches) ? (
        <div className="mt-3">
          <Notice tone="care">{units.says(supply.batches)}</Notice>
        </div>
      ) : (
        supply.batches.length > 1 && (
          <>
            <h3 className="mt-4 text-sm font-bold">{supply.batches.length} batches</h3>
            <BatchList />
          </>
        )
      )}
    </Panel>
  );
}

function FillWords({ face, volume, fills, units, cup }: FaceFills & { units: Units; cup: number }) {
  const each = written(amount('dose', volume), units);
  if (isRefusal(fills)) return <>{units.says(fills)}</>;
  return fills.faces > 0 ? (
    <>
      <b>{face.name}</b>: {each} a face and coat. One fill of <Printed figure={amount('dose', fills.fill)} />{' '}
      does <b>{Math.min(fills.faces, face.count * (face.sides ?? 1))}</b>; refill between faces.
    </>
  ) : (
    <>
      <b>{face.name}</b>: {each} a face and coat, more than the cup of{' '}
      <Printed figure={amount('dose', cup)} /> gives.{' '}
      <span className="font-semibold text-care">
        ▲ {fills.perFace} fills in one face: use a remote pot, or refill where a stroke ends at an edge.
      </span>
    </>
  );
}

const shares = [
  { key: 'film', words: 'on the part', look: 'bg-good' },
  { key: 'absorbed', words: 'drunk by it', look: 'bg-wood' },
  { key: 'overspray', words: 'overspray', look: 'bg-ink/45' },
  { key: 'past', words: 'past edges and ends', look: 'bg-ink/25' },
  { key: 'dead', words: 'left in gun and hose', look: 'bg-ink-soft' },
  { key: 'cards', words: 'cards', look: 'bg-care' },
  { key: 'reserve', words: 'reserve', look: 'bg-act' },
] as const satisfies readonly { key: keyof Needed; words: string; look: string }[];

/** The litres as one bar, each share as long as it is large. */
function WhereItGoes({ needed }: { readonly needed: Needed }) {
  const shown = shares.filter(({ key }) => needed[key] > 0);
  return (
    <div>
      <div className="flex h-8 border-2 border-ink" aria-hidden>
        {shown.map(({ key, look }) => (
          <div key={key} className={look} style={{ width: `${(needed[key] / needed.total) * 100}%` }} />
        ))}
      </div>
      <ul className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-sm">
        {shown.map(({ key, words, look }) => (
          <li key={key} className="flex items-center gap-2">
            <span aria-hidden className={`size-3 ${look}`} />
            {words}{' '}
            <b>
              <Printed figure={amount('volume', needed[key])} />
            </b>
          </li>
        ))}
      </ul>
    </div>
  );
}
