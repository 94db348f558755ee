'use client';

import { ProtectionList } from '@/shop/care/Protection';
import { Ventilation } from '@/shop/care/Ventilation';
import { useShop } from '@/store/hooks';
import { solventOfCoat } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { workplaceOf } from '@/facts/job/workplace';
import { jobHazards } from '@/facts/job/hazards';

/** What to wear for this job’s coat where it is sprayed. */
export function JobProtection() {
  const { view } = useJob();
  const shop = useShop();
  return (
    <ProtectionList
      hazards={jobHazards(view)}
      technique={view.rig?.atomising === 'airless' ? 'airless' : 'air'}
      place={workplaceOf(view.job, shop) ?? 'booth'}
    />
  );
}

/** Ventilation for this job’s coat. */
export function JobAir() {
  const { view } = useJob();
  const { mix, plan, spray } = view;
  return (
    <Ventilation
      solvent={Number(solventOfCoat(view).toPrecision(3))}
      seconds={Math.max(Math.round(spray.coatTime), 60)}
      vapour={mix.sheet.vapour}
      air={plan.climate?.air}
    />
  );
}
