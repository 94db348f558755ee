'use client';

import { useState } from 'react';
import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Notice } from '@/ui/Notice';
import { fetched } from '@/ui/fetched';
import { usePart } from '@/ui/part';
import { CardVerdict } from './CardVerdict';
import { Experiment } from './Experiment';
import { Fittings } from './Fittings';
import { Levers } from './Levers';
import { WorkedBefore } from '@/ui/job/WorkedBefore';
import { RigDrawing } from './RigDrawing';

// Fetched with their part: the gun itself is what the stage is opened for.
const AirLine = fetched(() => import('./AirLine').then((found) => found.AirLine));
const Assembly = fetched(() => import('./Assembly').then((found) => found.Assembly));
const WhichGun = fetched(() => import('./WhichGun').then((found) => found.WhichGun));
const CardReader = fetched(() => import('./CardReader').then((found) => found.CardReader));
const DistanceSearch = fetched(() => import('./DistanceSearch').then((found) => found.DistanceSearch));
const Arrival = fetched(() => import('./Arrival').then((found) => found.Arrival));
const Mishaps = fetched(() => import('./Mishaps').then((found) => found.Mishaps));
const TurbineOn = fetched(() => import('./Mishaps').then((found) => found.TurbineOn));
const PressureLadder = fetched(() => import('./PressureLadder').then((found) => found.PressureLadder));
const ByFace = fetched(() => import('./ByFace').then((found) => found.ByFace));
const TipBench = fetched(() => import('./TipBench').then((found) => found.TipBench));

const parts = { gun: 'The gun', card: 'Card', air: 'Air', which: 'Which gun' };

/** What the gun is set to, what its card said, whether the air is enough, and what else could be fitted. */
export function SetStage() {
  const { view } = useJob();
  const { set } = view;
  const part = usePart(parts);
  const [aside, setAside] = useState<HTMLDivElement | null>(null);
  return (
    <StageFrame
      stage="set"
      parts={parts}
      part={part}
      beside={
        <div className="space-y-2">
          {part === 'gun' && <div ref={setAside} />}
          {set.advice ? (
            <Notice tone="plain">The sheet names this kind of gun: its numbers come first.</Notice>
          ) : (
            <Notice tone="care">
              The sheet says nothing of this kind of gun. What stands here is physics and defaults: spray a
              trial piece first.
            </Notice>
          )}
          <Notice tone="plain">
            Read pressure with the trigger pulled. A pressure means nothing without where it was read.
          </Notice>
        </div>
      }
    >
      {part === 'gun' && (
        <>
          <Levers key={set.setting?.id ?? `proposal ${set.coat?.id}`} aside={aside} />
          <WorkedBefore sets />
          <RigDrawing />
        </>
      )}
      {part === 'card' && (
        <>
          <TurbineOn />
          <CardVerdict />
          <Experiment />
          <CardReader />
          <PressureLadder />
          <DistanceSearch />
          <Arrival />
          <Mishaps />
        </>
      )}
      {part === 'air' && <AirLine />}
      {part === 'which' && (
        <>
          <Fittings />
          <ByFace />
          <WhichGun />
          <TipBench />
          <Assembly />
        </>
      )}
    </StageFrame>
  );
}
