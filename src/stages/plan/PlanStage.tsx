'use client';

import { SheetChanged } from '@/shop/coatings/SheetChanged';
import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { usePart } from '@/ui/part';
import { fetched } from '@/ui/fetched';
import { Approach } from './Approach';
import { BlendPlanner } from './BlendPlanner';
import { Faces } from './Faces';
import { Layers } from './Layers';
import { Quantity } from './Quantity';
import { Readiness } from './Readiness';
import { RightTimes } from './RightTimes';
import { Room } from './Room';
import { Stack } from './Stack';

const Outdoors = fetched(() => import('./outdoors/Outdoors').then((found) => found.Outdoors));
const Cost = fetched(() => import('./Cost').then((found) => found.Cost));
const Methods = fetched(() => import('./Methods').then((found) => found.Methods));
const DayAxis = fetched(() => import('./DayAxis').then((found) => found.DayAxis));

const parts = {
  part: 'Part',
  stack: 'Stack',
  day: 'Day',
  paint: 'Paint',
  methods: 'How',
  cost: 'Cost',
  ready: 'Ready',
};

/** What is coated, with what, when, out of how much paint, and what must be so before the gun is lifted. */
export function PlanStage() {
  const { view } = useJob();
  const part = usePart(parts);
  return (
    <StageFrame stage="plan" parts={parts} part={part} filmStack>
      <SheetChanged />
      {part === 'part' && <Faces />}
      {part === 'stack' && (
        <>
          <Layers />
          <Stack />
          <BlendPlanner />
        </>
      )}
      {part === 'day' && (
        <>
          <DayAxis />
          <RightTimes />
          <Outdoors />
        </>
      )}
      {part === 'paint' && (
        <>
          <Quantity />
          <Approach />
        </>
      )}
      {part === 'methods' && <Methods />}
      {part === 'cost' && <Cost />}
      {part === 'ready' && (
        <>
          <Room key={view.plan.climate?.id ?? 'unread'} />
          <Readiness />
        </>
      )}
    </StageFrame>
  );
}
