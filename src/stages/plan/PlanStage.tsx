'use client';

import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Coats } from './Coats';
import { Faces } from './Faces';
import { Quantity } from './Quantity';
import { Room } from './Room';
import { SheetChanged } from '@/shop/coatings/SheetChanged';
import { Approach } from './Approach';

export function PlanStage() {
  const { view } = useJob();
  return (
    <StageFrame stage="plan" filmStack beside={<Approach />}>
      <SheetChanged />
      <Room key={view.plan.climate?.id ?? 'unread'} />
      <Coats />
      <Faces />
      <Quantity />
    </StageFrame>
  );
}
