'use client';

import { useMemo } from 'react';
import { byOtherWay, otherWays } from '@/core/operating';
import { isRefusal } from '@/core/refusal';
import { gunChoices } from '@/facts/job/gunchoice';
import { paintPrice } from '@/facts/job/thinnershare';
import { useRecords } from '@/store/hooks';
import { ButtonLink } from '@/ui/Button';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { Printed } from '@/ui/Printed';
import { useUnits } from '@/ui/units';
import { amount } from '@/words/figures';
import { gunChoiceSays, mixOf, otherWayWords } from '@/words/gunchoice';
import { plural } from '@/words/line';
import { money } from '@/words/money';

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
                    {price !== undefined && `, ${money((mixOf(choice) ?? 0) * price)} of paint`}
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
      <Without />
    </Panel>
  );
}

/** The same film by roller, brush or dip. */
function Without() {
  const { view } = useJob();
  const { plan, work } = view;
  const wet = plan.coats
    .filter(({ coat }) => coat.layerId === work.layer.id)
    .reduce((sum, each) => sum + each.wet, 0);
  const found = otherWays.flatMap((way) => {
    const by = byOtherWay(way, plan.area, wet);
    return isRefusal(by) ? [] : [by];
  });
  if (found.length === 0) return null;
  return (
    <Fold title="Without a gun" says="roller, brush, dip: trade figures, defaults" verb="Show">
      <ul className="divide-y divide-hairline text-sm" data-without>
        {found.map(({ way, coats, paint, time }) => (
          <li key={way} className="grid gap-x-4 py-2 sm:grid-cols-[6rem_minmax(0,1fr)_auto]">
            <b>{otherWayWords[way].name}</b>
            <span className="text-ink-soft">{otherWayWords[way].leaves}</span>
            <span>
              {plural(coats, 'coat')}, <Printed figure={amount('volume', paint)} />,{' '}
              <Printed figure={amount('duration', time)} />
            </span>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
