'use client';

import { useMemo, useState, type ReactNode } from 'react';
import { paidBackAfter } from '@/core/money';
import { byOtherWay, otherWays } from '@/core/elements';
import { isRefusal } from '@/core/refusal';
import { edgesOf } from '@/facts/job/byhand';
import { gunChoices, savesOver, type GunChoice } from '@/facts/job/gunchoice';
import { paintPrice } from '@/facts/job/thinnershare';
import { useRecords } from '@/store/hooks';
import { ButtonLink } from '@/ui/Button';
import { CommitField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { Printed } from '@/ui/Printed';
import { useUnits } from '@/ui/units';
import { amount } from '@/words/figures';
import { gunChoiceSays, mixOf } from '@/words/gunchoice';
import { plural } from '@/words/line';
import { wayWords } from '@/words/methods';
import { money } from '@/words/money';
import { HandsSaved } from './HandsSaved';
import { OverJobs } from './OverJobs';

/** The shop’s guns side by side on this layer, each as a job with it would be concluded; and the ways without a gun. */
export function WhichGun() {
  const { view } = useJob();
  const units = useUnits();
  const rigs = useRecords('rig');
  const cups = useRecords('cup');
  const { job, work, shop, now } = view;
  const price = paintPrice(work, work.layer);
  // What a gun can do does not change with the second.
  const minute = Math.floor(now / 60_000) * 60_000;
  const choices = useMemo(
    () => gunChoices({ job, work, shop, now: minute }, rigs, cups),
    [job, work, shop, minute, rigs, cups],
  );
  const labour = shop.rates?.labour;
  return (
    <Panel title="Which gun for this layer">
      <ol className="divide-y divide-hairline" data-guns>
        {choices.map((choice) => {
          const { rig, current, found } = choice;
          return (
            <li key={rig.id} className="py-1.5" data-gun={rig.id}>
              <p className="flex flex-wrap items-baseline gap-x-3">
                <b>{rig.name}</b>
                {current && <span className="text-sm font-semibold text-act">◆ this layer’s gun</span>}
              </p>
              <p className="text-sm">{gunChoiceSays(choice, units)}</p>
              {found && (
                <p className="flex flex-wrap gap-x-4 text-sm text-ink-soft">
                  <span>
                    <Printed figure={amount('speed', found.point.speed)} />
                  </span>
                  <span>
                    lands <Printed figure={amount('share', found.point.transfer)} digits={0} />
                  </span>
                  {found.drops !== undefined && !current && (
                    <span>drops {Math.round(found.drops)} to this gun’s 100</span>
                  )}
                  <span>
                    <Printed figure={amount('volume', mixOf(choice))} /> to mix
                  </span>
                  <span>
                    <Printed figure={amount('duration', found.time)} /> a coat
                  </span>
                  <span>{plural(found.cleaning, 'cleaning step')}</span>
                </p>
              )}
            </li>
          );
        })}
      </ol>
      <ButtonLink look="quiet" href={`/job/${job.id}/plan#stack`}>
        Another gun for this layer is chosen on Plan, under Stack
      </ButtonLink>
      <Without>
        {(price !== undefined || labour !== undefined) && <Payback choices={choices} price={price} />}
      </Without>
    </Panel>
  );
}

interface PaybackProps {
  readonly choices: readonly GunChoice[];
  /** Currency units a m³ of ready mix. */
  readonly price: number | undefined;
}

/** What a job like this costs less with another gun, and after how many of them it has paid for itself. */
function Payback({ choices, price }: PaybackProps) {
  const { view } = useJob();
  const [cost, setCost] = useState<number>();
  const own = choices.find(({ current }) => current);
  const { coats } = view.work.layer;
  const priced = { paint: price, labour: view.shop.rates?.labour };
  return (
    <section aria-label="Guns in money" className="mt-4">
      <h3 className="font-bold">Guns in money, on a job like this</h3>
      <ul className="divide-y divide-hairline text-sm" data-payback>
        {choices.map((choice) => {
          const saves = savesOver(own, choice, coats.length, priced);
          const mix = mixOf(choice);
          return (
            <li key={choice.rig.id} className="py-1.5">
              <b>{choice.rig.name}</b>
              {mix !== undefined && price !== undefined && `: ${money(mix * price)} of paint`}
              {!choice.current && saves !== undefined && `; ${savingSays(saves, cost)}`}.
            </li>
          );
        })}
      </ul>
      <div className="mt-2 max-w-60">
        <CommitField
          label="What is to be bought costs"
          value={cost === undefined ? '' : String(cost)}
          onCommit={(text) => {
            const said = Number(text.replace(',', '.'));
            setCost(text.trim() !== '' && said > 0 ? said : undefined);
          }}
        />
      </div>
      <OverJobs now={view.now} cost={cost} />
      <HandsSaved cost={cost} />
    </section>
  );
}

const savingSays = (saves: number, cost: number | undefined): string =>
  saves <= 0
    ? `costs ${money(-saves)} more a job like this`
    : `saves ${money(saves)} a job like this${cost === undefined ? '' : `, paid back after ${plural(paidBackAfter(cost, saves), 'such job')}`}`;

/** The same film by roller, brush or dip. */
function Without({ children }: { readonly children: ReactNode }) {
  const { view } = useJob();
  const { plan, work } = view;
  const wet = plan.coats
    .filter(({ coat }) => coat.layerId === work.layer.id)
    .reduce((sum, each) => sum + each.wet, 0);
  const edges = work.part.faces.reduce((sum, face) => sum + edgesOf(face), 0);
  const found = otherWays.flatMap((way) => {
    const by = byOtherWay(way, plan.area, edges, wet);
    return isRefusal(by) ? [] : [by];
  });
  if (found.length === 0 && !children) return null;
  return (
    <Fold
      title={children ? 'Without a gun, and in money' : 'Without a gun'}
      says="roller, brush, dip: trade figures, defaults"
      verb="Show"
    >
      <ul className="divide-y divide-hairline text-sm" data-without>
        {found.map(({ way, coats, paint, time }) => (
          <li key={way} className="grid gap-x-4 py-2 sm:grid-cols-[6rem_minmax(0,1fr)_auto]">
            <b>{wayWords[way].name}</b>
            <span className="text-ink-soft">{wayWords[way].leaves}</span>
            <span>
              {plural(coats, 'coat')}, <Printed figure={amount('volume', paint)} />,{' '}
              <Printed figure={amount('duration', time)} />
            </span>
          </li>
        ))}
      </ul>
      {children}
    </Fold>
  );
}
