'use client';

import { useState } from 'react';

import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { usePart } from '@/ui/part';
import { BetweenWork } from './BetweenWork';
import { BrushPlaces } from './BrushPlaces';
import { Comb } from './Comb';
import { CoatList } from './CoatList';
import { LiveRun, OffWindow } from './LiveRun';
import { Shift } from './Shift';
import { StrokePlan } from './StrokePlan';
import { fetched } from '@/ui/fetched';

const EvenView = fetched(() => import('./even/EvenView').then((found) => found.EvenView));
const AtGun = fetched(() => import('./gun/AtGun').then((found) => found.AtGun));
const HandView = fetched(() => import('./hand/HandView').then((found) => found.HandView));
const FlowOut = fetched(() => import('./flow/FlowOut').then((found) => found.FlowOut));

const parts = {
  run: 'The run',
  strokes: 'Strokes',
  even: 'The film',
  overlap: 'Overlap',
  best: 'Best',
  flow: 'Flow-out',
  hand: 'The hand',
};

export function SprayStage() {
  const { view } = useJob();
  const { running, coats } = view.spray;
  // A comb half read is not lost because something else was written.
  const combed = running ?? coats.findLast(({ state }) => state === 'done');
  const part = usePart(parts);
  // Here, so that it stays while what stands below it comes and goes.
  const [atGun, setAtGun] = useState(false);
  const toGun = () => setAtGun(true);
  return (
    <StageFrame stage="spray" parts={parts} part={part} filmStack>
      {atGun && <AtGun onClose={() => setAtGun(false)} />}
      <OffWindow />
      {part === 'even' && <EvenView shows="film" />}
      {part === 'overlap' && <EvenView shows="overlap" />}
      {part === 'best' && <EvenView shows="best" />}
      {part === 'flow' && <FlowOut />}
      {part === 'hand' && <HandView />}
      {part === 'run' && (
        <>
          <BrushPlaces />
          <BetweenWork />
          <LiveRun onGun={toGun} />
          <CoatList onGun={toGun} />
          <Comb key={`${combed?.coat.id}-${combed?.combs.length}`} />
        </>
      )}
      {part === 'strokes' && (
        <>
          <StrokePlan />
          <Shift />
        </>
      )}
    </StageFrame>
  );
}
