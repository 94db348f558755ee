'use client';

import { ProtectionList } from '@/shop/care/Protection';
import { Ventilation } from '@/shop/care/Ventilation';
import { useShop } from '@/store/hooks';
import { solventOfCoat } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { jobHazards } from '@/facts/job/hazards';

/** Ventilation for this job's coat, and what to wear for it here. */
export function JobAir() {
  const { view } = useJob();
  const shop = useShop();
  const { mix, plan, spray, rig } = view;
  return (
    <>
      <ProtectionList
        hazards={jobHazards(view)}
        technique={rig?.atomising === 'airless' ? 'airless' : 'air'}
        place={shop.place?.kind ?? 'booth'}
      />
      <Ventilation
        solvent={Number(solventOfCoat(view).toPrecision(3))}
        seconds={Math.max(Math.round(spray.coatTime), 60)}
        vapour={mix.sheet.vapour}
        air={plan.climate?.air}
      />
    </>
  );
}
