'use client';

import { everyEntry } from '@/facts/job';
import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { usePart } from '@/ui/part';
import { Parts } from '@/ui/Parts';
import { BetweenWork } from './BetweenWork';
import { Comb } from './Comb';
import { CoatList } from './CoatList';
import { LiveRun, OffWindow } from './LiveRun';
import { Shift } from './Shift';
import { StrokePlan } from './StrokePlan';
import { fetched } from '@/ui/fetched';

const EvenView = fetched(() => import('./even/EvenView').then((found) => found.EvenView));
const FlowOut = fetched(() => import('./flow/FlowOut').then((found) => found.FlowOut));

const parts = { run: 'The run', even: 'The film', flow: 'Flow-out' };

export function SprayStage() {
  const { view } = useJob();
  const [part, setPart] = usePart(parts);
  return (
    <StageFrame stage="spray" filmStack>
      <OffWindow />
      <div className="border-b border-hairline px-4 py-3 md:px-5">
        <Parts label="Shown" value={part} onChange={setPart} parts={parts} />
      </div>
      {part === 'even' && <EvenView />}
      {part === 'flow' && <FlowOut />}
      {part === 'run' && (
        <>
          <BetweenWork />
          <LiveRun />
          <Shift />
          <CoatList />
          <Comb key={everyEntry(view.job).length} />
          <StrokePlan />
        </>
      )}
    </StageFrame>
  );
}
