'use client';

import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Notice } from '@/ui/Notice';
import { AirLine } from './AirLine';
import { Assembly } from './Assembly';
import { CardReader } from './CardReader';
import { CardVerdict } from './CardVerdict';
import { Experiment } from './Experiment';
import { Fittings } from './Fittings';
import { Levers } from './Levers';
import { PressureLadder } from './PressureLadder';
import { RigDrawing } from './RigDrawing';
import { TipBench } from './TipBench';

export function SetStage() {
  const { view } = useJob();
  const { set } = view;
  return (
    <StageFrame
      stage="set"
      beside={
        <div className="space-y-2">
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
      <div className="grid xl:grid-cols-2">
        <div className="xl:border-r xl:border-hairline">
          <RigDrawing />
        </div>
        <Fittings />
      </div>
      <Levers key={set.setting?.id ?? 'proposal'} />
      <CardVerdict />
      <div className="grid xl:grid-cols-2">
        <div className="min-w-0 xl:border-r xl:border-hairline">
          <PressureLadder />
          <Experiment />
        </div>
        <div className="min-w-0">
          <AirLine />
          <Assembly />
        </div>
      </div>
      <TipBench />
      <CardReader />
    </StageFrame>
  );
}
