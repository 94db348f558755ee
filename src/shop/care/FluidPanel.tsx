'use client';

import { useMemo } from 'react';
import { jobViewOf } from '@/facts/records';
import { eachThatCan } from '@/facts/shop/eachthatcan';
import { fluidBudget } from '@/facts/shop/fluid';
import type { Shop } from '@/records';
import { isoNow, useNow } from '@/store/clock';
import { useRecords, useShop, useShopState, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Facts } from '@/ui/Facts';
import { Fold } from '@/ui/Fold';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { drumSays, fluidFacts, fluidSays } from '@/words/fluid';

/** Cleaning fluid for the open jobs, what of it may be settled, and when the drum is full. */
export function FluidPanel() {
  const { records } = useShopState();
  const jobs = useRecords('job');
  const shop = useShop();
  const store = useStore();
  const units = useUnits();
  const day = Math.floor(useNow() / 86_400_000) * 86_400_000;
  const budget = useMemo(() => {
    const now = Math.max(day, Date.parse(isoNow()));
    const views = eachThatCan(
      jobs.filter(({ closed }) => !closed),
      (job) => [jobViewOf(records, job.id, now)].filter((view) => view !== undefined),
    );
    return fluidBudget(views, jobs, shop, now);
  }, [records, jobs, shop, day]);
  const { fluid = {} } = shop;
  const set = (said: Partial<NonNullable<Shop['fluid']>>) =>
    store.put({ ...shop, fluid: { ...fluid, ...said } }, 'cleaning fluid');
  const { drum } = budget;
  return (
    <Panel title="Cleaning fluid" place="fluid">
      <div className="max-w-3xl space-y-3" data-fluid>
        <p>{fluidSays(budget, units)}</p>
        <Facts title="What is wanted" facts={fluidFacts(budget, shop, units)} />
        {drum && (
          <Notice
            tone={drum.filled >= drum.holds ? 'stop' : drum.filled > 0.8 * drum.holds ? 'care' : 'plain'}
          >
            {drumSays(drum, units)}
          </Notice>
        )}
        <Fold
          title="Counted"
          says={
            budget.settled === undefined && !drum
              ? 'settled fluid and the drum: nobody has said'
              : 'what stands settled, what the drum holds'
          }
          verb="Change"
        >
          <div className="grid items-start gap-3 sm:grid-cols-2">
            <NumberField
              label="Settled fluid that stands now"
              quantity="dose"
              value={budget.settled}
              onChange={(volume) =>
                set({ counted: volume === undefined ? undefined : { at: isoNow(), volume } })
              }
              expects={[0, 0.1]}
              hint="Counted once; what jobs settle and use again is reckoned on"
              lazily
            />
            <NumberField
              label="The waste drum holds"
              quantity="volume"
              value={fluid.drum?.holds}
              onChange={(holds) =>
                set({
                  drum: holds && holds > 0 ? { holds, emptied: fluid.drum?.emptied ?? isoNow() } : undefined,
                })
              }
              expects={[1e-3, 0.25]}
              lazily
            />
          </div>
          {fluid.drum && (
            <Button
              className="mt-3"
              onClick={() => fluid.drum && set({ drum: { ...fluid.drum, emptied: isoNow() } })}
            >
              The drum was emptied
            </Button>
          )}
        </Fold>
      </div>
    </Panel>
  );
}
