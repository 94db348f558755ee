'use client';

import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Comb } from './Comb';
import { CoatList } from './CoatList';
import { LiveRun, OffWindow } from './LiveRun';
import { Shift } from './Shift';
import { StrokePlan } from './StrokePlan';

export function SprayStage() {
  const { view } = useJob();
  return (
    <StageFrame stage="spray" filmStack>
      <OffWindow />
      <LiveRun />
      <Shift />
      <CoatList />
      <Comb key={view.job.log.length} />
      <StrokePlan />
    </StageFrame>
  );
}
