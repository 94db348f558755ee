'use client';

import { SheetChanged } from '@/shop/coatings/SheetChanged';
import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Approach } from './Approach';
import { BlendPlanner } from './BlendPlanner';
import { DayAxis } from './DayAxis';
import { Faces } from './Faces';
import { Layers } from './Layers';
import { Quantity } from './Quantity';
import { Readiness } from './Readiness';
import { RightTimes } from './RightTimes';
import { Room } from './Room';
import { Stack } from './Stack';

export function PlanStage() {
  const { view } = useJob();
  return (
    <StageFrame stage="plan" filmStack beside={<Approach />}>
      <SheetChanged />
      <Room key={view.plan.climate?.id ?? 'unread'} />
      <DayAxis />
      <Layers />
      <Stack />
      <BlendPlanner />
      <Faces />
      <Quantity />
      <RightTimes />
      <Readiness />
    </StageFrame>
  );
}
