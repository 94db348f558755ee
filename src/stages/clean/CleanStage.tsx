'use client';

import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { usePart } from '@/ui/part';
import { GunChoice } from './GunChoice';
import { CleanerField } from './list/CleanerField';
import { PresentStep } from './list/PresentStep';
import { Schools } from './list/Schools';
import { Setting } from './list/Setting';
import { StepList } from './list/StepList';
import { fetched } from '@/ui/fetched';

const SymptomFinder = fetched(() => import('./symptoms/SymptomFinder').then((found) => found.SymptomFinder));
const Leftover = fetched(() => import('./waste/Leftover').then((found) => found.Leftover));
const WasteLog = fetched(() => import('./waste/WasteLog').then((found) => found.WasteLog));
const JobProtection = fetched(() => import('./air/JobAir').then((found) => found.JobProtection));
const JobAir = fetched(() => import('./air/JobAir').then((found) => found.JobAir));

const parts = {
  list: 'The list',
  how: 'How',
  symptoms: 'Symptoms',
  waste: 'Waste',
  air: 'Air',
  wear: 'Protection',
};

/** From the last stroke to a gun that sprays tomorrow as it did today. */
export function CleanStage() {
  const part = usePart(parts);
  const { view } = useJob();
  const { sequence } = view.clean;
  return (
    <StageFrame
      stage="clean"
      parts={parts}
      part={part}
      beside={
        sequence?.urgent && view.clean.state === 'dirty' ? (
          <Notice tone="care">{sequence.urgent}</Notice>
        ) : undefined
      }
    >
      <GunChoice />
      {part === 'list' && (
        <>
          <PresentStep />
          <StepList />
        </>
      )}
      {part === 'how' && (
        <Panel title="How this gun is cleaned">
          <div className="grid items-start gap-6 md:grid-cols-2">
            <Setting />
            <Schools />
            <CleanerField />
          </div>
        </Panel>
      )}
      {part === 'symptoms' && <SymptomFinder />}
      {part === 'waste' && (
        <>
          <Leftover />
          <WasteLog />
        </>
      )}
      {part === 'wear' && <JobProtection />}
      {part === 'air' && <JobAir />}
    </StageFrame>
  );
}
