'use client';

import { useState } from 'react';
import { useJob } from '@/ui/job/context';
import { StageFrame } from '@/ui/job/StageFrame';
import { Notice } from '@/ui/Notice';
import { usePart } from '@/ui/part';
import { Panel } from '@/ui/Panel';
import { additionEffect } from '@/facts/job/addition';
import { Button } from '@/ui/Button';
import { NumberField } from '@/ui/NumberField';
import { useUnits } from '@/ui/units';
import { massDigits } from '@/words/mix';
import { reachWords } from '@/words/thin';
import { SheetChanged } from '@/shop/coatings/SheetChanged';
import { CoatRecipes } from './CoatRecipes';
import { CupConverter } from './CupConverter';
import { Curve } from './Curve';
import { DriftPanel } from './DriftPanel';
import { HowToThin } from './HowToThin';
import { LiveThin } from './LiveThin';
import { Readings } from './Readings';
import { StructureCheck, structureLimit } from './StructureCheck';
import { Technique } from './Technique';
import { EndPoint } from './EndPoint';
import { ByStick, WithoutCup } from './WithoutCup';
import { Watch } from './Watch';
import { amount, written, writtenParts } from '@/words/figures';
import { Printed } from '@/ui/Printed';
import { inSentence } from '@/words/line';
import { WorkedBefore } from '@/ui/job/WorkedBefore';

const lawWords = {
  fitted: 'fitted from this mix’s own timings',
  sheet: 'from the sheet',
  class: 'a class default; time it at two temperatures to know better',
};

const parts = { watch: 'The watch', how: 'How', drift: 'Drift and recipes' };
const stickParts = { ...parts, watch: 'The stick' };

/** Timing the cup, and the next addition; how it is done; and what keeps it in its band. */
export function ThinStage() {
  const part = usePart(parts);
  const { view } = useJob();
  const { thin } = view;
  const byStick = thin.step.kind === 'by-stick';
  const judged = thin.choice !== undefined || byStick;
  const cup = thin.readings.at(-1)?.cup ?? thin.band?.cup;
  return (
    <StageFrame
      stage="thin"
      parts={byStick ? stickParts : judged ? parts : undefined}
      part={part}
      filmStack
      beside={<Evidence />}
    >
      <SheetChanged />
      {!judged && thin.batch && (
        <Panel title="How to thin">
          <EndPoint />
        </Panel>
      )}
      {judged && part === 'watch' && (
        <>
          <div className="grid xl:grid-cols-[22rem_minmax(0,1fr)]">
            <div className="xl:border-r xl:border-hairline">
              {byStick ? <ByStick /> : thin.batch ? <Watch /> : null}
            </div>
            <div className="min-w-0">
              {thin.readings.length > 0 && <Curve />}
              <Readings />
            </div>
          </div>
          <LiveThin />
          {thin.batch && <AddedSomethingElse key={thin.batch.additions.length} />}
          <WorkedBefore />
        </>
      )}
      {judged && part === 'how' && (
        <>
          <Panel title="How to thin">
            <HowToThin />
          </Panel>
          <Technique use={cup?.use ?? 'stand'} />
          <StructureCheck />
          <WithoutCup />
        </>
      )}
      {judged && part === 'drift' && (
        <>
          <DriftPanel />
          <CoatRecipes />
          <CupConverter />
        </>
      )}
    </StageFrame>
  );
}

function Evidence() {
  const { view } = useJob();
  const units = useUnits();
  const { thin } = view;
  const reading = thin.readings.at(-1);
  const reach = reachWords(view, units);
  const { glossFrom } = thin.sheet.thinning;
  const advice = thin.step.kind === 'advice' ? thin.step.advice : undefined;
  const after = advice?.kind === 'add' ? advice.share : thin.share;
  return (
    <div className="space-y-2">
      {reading && reading.entries.length > 1 && (
        <Notice tone={reading.agree ? 'good' : 'care'}>
          {reading.agree ? 'Two timings agree within 5 %: ' : 'The timings differ by more than 5 %: '}
          {reading.entries
            .map(({ seconds }) => writtenParts(amount('time', seconds), units).number)
            .join(' and ')}{' '}
          s.
        </Notice>
      )}
      {reading?.outside && (
        <Notice tone="plain">
          {reading.cup.name} reads {reading.outside.where} its own range here.{' '}
          {reading.outside.better[0]?.name ?? 'No standard cup'} would read inside.
        </Notice>
      )}
      {reach && <Notice tone="care">{reach}</Notice>}
      {thin.warm && (
        <Notice tone="act">
          Or warm it instead: at <Printed figure={amount('temperature', thin.warm.to)} /> it sprays like{' '}
          <Printed figure={amount('time', thin.warm.seconds)} /> in the band, with no thinner. It thickens
          again as it cools.
        </Notice>
      )}
      {thin.structure && Math.abs(thin.structure.off) > structureLimit && (
        <Notice tone="care">It is structured: a flow cup cannot judge it well.</Notice>
      )}
      {glossFrom !== undefined && after > glossFrom * 0.9 && (
        <Notice tone="care">
          Past about <Printed figure={amount('share', glossFrom)} digits={0} /> this coating loses sheen. Do a
          gloss check.
        </Notice>
      )}
      {thin.law && (
        <p className="text-xs text-ink-soft">
          Temperature: viscosity drops <Printed figure={amount('temperatureSlope', thin.law.slope)} />,{' '}
          {lawWords[thin.law.from]}. Warm thin paint is not thinned paint.
        </p>
      )}
    </div>
  );
}

/** What was really added, when it is not what the next line asked for. */
function AddedSomethingElse() {
  const { view, log } = useJob();
  const units = useUnits();
  const { batch, thinner, sheet } = view.thin;
  const [mass, setMass] = useState<number>();
  const [asked, setAsked] = useState(false);
  if (!batch || !thinner) return null;
  const effect = mass === undefined ? undefined : additionEffect(view, mass);
  const { twice = false, over: much = false } = effect ?? {};
  const record = () => {
    if (mass === undefined || mass <= 0) return;
    if ((twice || much) && !asked) {
      setAsked(true);
      return;
    }
    log(`${inSentence(thinner.name)} added`, {
      type: 'addition',
      batchId: batch.id,
      what: thinner.id,
      mass,
    });
  };
  return (
    <Panel title="Poured something else">
      <div className="grid items-start gap-4 sm:grid-cols-[12rem_auto_1fr]">
        <NumberField
          label={`${thinner.name} added now`}
          quantity="mass"
          value={mass}
          onChange={setMass}
          expects={[batch.unthinned.mass * 0.0005, batch.unthinned.mass * 0.3]}
          place="added"
          onEnter={record}
        />
        <Button className="sm:mt-6" disabled={mass === undefined || mass <= 0} onClick={record}>
          {asked ? 'Yes, record it' : 'Record'}
        </Button>
        <p className="text-sm text-ink-soft sm:mt-7">
          {asked && twice
            ? 'The same amount was recorded less than a minute ago. Is this a second pour?'
            : asked && much
              ? `That is past the sheet’s maximum of ${written(amount('share', sheet.thinning.maximum), units, { digits: 0 })}. Is it right?`
              : `${written(amount('mass', batch.thinner), units, massDigits(view, units))} in the pot so far.`}
        </p>
      </div>
    </Panel>
  );
}
