'use client';

import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Notice } from '@/ui/Notice';
import { usePart } from '@/ui/part';
import { Parts } from '@/ui/Parts';
import { GunChoice } from './GunChoice';
import { CleanerField } from './list/CleanerField';
import { PresentStep } from './list/PresentStep';
import { Schools } from './list/Schools';
import { Setting } from './list/Setting';
import { StepList } from './list/StepList';
import { fetched } from '@/ui/fetched';

const SymptomFinder = fetched(() => import('./symptoms/SymptomFinder').then((found) => found.SymptomFinder));
const WasteLog = fetched(() => import('./waste/WasteLog').then((found) => found.WasteLog));
const JobAir = fetched(() => import('./air/JobAir').then((found) => found.JobAir));

const parts = { list: 'The list', symptoms: 'Symptoms', waste: 'Waste', air: 'Air and protection' };

/** From the last stroke to a gun that sprays tomorrow as it did today. */
export function CleanStage() {
  const [part, setPart] = usePart(parts);
  const { view } = useJob();
  const { sequence } = view.clean;
  return (
    <StageFrame
      stage="clean"
      beside={
        <div className="space-y-5">
          {sequence?.urgent && view.clean.state === 'dirty' && <Notice tone="care">{sequence.urgent}</Notice>}
          <Setting />
          <Schools />
          <CleanerField />
        </div>
      }
    >
      <GunChoice />
      <div className="border-b border-hairline px-4 py-3 md:px-5">
        <Parts label="Shown" value={part} onChange={setPart} parts={parts} />
      </div>
      {part === 'list' && (
        <>
          <PresentStep />
          <StepList />
        </>
      )}
      {part === 'symptoms' && <SymptomFinder />}
      {part === 'waste' && <WasteLog />}
      {part === 'air' && <JobAir />}
    </StageFrame>
  );
}
