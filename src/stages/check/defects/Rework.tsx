'use client';

import { useState } from 'react';
import {
  cureStages,
  defects,
  filmAfter,
  reworkOf,
  takenOff,
  type CureStage,
  type DefectId,
} from '@/core/diagnosis';
import { showDuration } from '@/core/quantity';
import { isRefusal } from '@/core/refusal';
import { useJob } from '@/ui/job/context';
import { Choice } from '@/ui/Choice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { cureStageOf } from '@/store/job';
import { clockTime } from '@/ui/words/spray';
import { reworkWords, stageWords } from './words';

/** How each defect is put right from where the coat now stands, with what that does to the film. */
export function Rework({ seen }: { readonly seen: readonly DefectId[] }) {
  const { view } = useJob();
  const units = useUnits();
  const { check, spray, now } = view;
  const told = cureStageOf(view);
  const [said, setSaid] = useState<CureStage>();
  const stage = said ?? told.stage;
  const last = [...spray.coats].reverse().find(({ state }) => state === 'done');
  const film = isRefusal(check.verdict) ? check.spec.nominal : check.verdict.mean;
  const film_ = (value: number) => units.show('film', value);
  const says = (id: DefectId, step: ReturnType<typeof reworkOf>[number]): string => {
    const kind = defects[id].rework;
    if (step === 'nib-polish') {
      const removed = kind === 'sag' ? takenOff.run : id === 'dust' ? takenOff.nib : takenOff.texture;
      const after = filmAfter(film, removed, { min: check.spec.min, aim: check.spec.nominal });
      if (isRefusal(after)) return '';
      return ` Takes about ${film_(removed)}: ${film_(film)} leaves ${film_(after.left)}, ${after.enough ? `still over the least of ${film_(check.spec.min)}` : `under the least of ${film_(check.spec.min)}: flat and recoat instead`}.`;
    }
    if (step === 'flat-recoat' || step === 'more-coat') {
      const dry = last?.dry.aim ?? 0;
      const removed = step === 'flat-recoat' ? takenOff.texture : 0;
      const then = film - removed + dry;
      const window = spray.recoat?.closes ? ` The window closes ${clockTime(spray.recoat.closes)}.` : '';
      return ` ${film_(film)}${removed > 0 ? ` less ${film_(removed)}` : ''} and a coat of ${film_(dry)} makes ${film_(then)}${then > check.spec.max ? `, over the most of ${film_(check.spec.max)}` : ''}.${step === 'more-coat' ? window : ''}`;
    }
    if (step === 'wait' && told.hardens !== undefined && told.hardens > now)
      return ` Hard at about ${clockTime(told.hardens)}, in ${showDuration((told.hardens - now) / 1000)}.`;
    return '';
  };
  return (
    <Panel title="Putting it right" place="rework">
      <Choice
        label="The coat is now"
        value={stage}
        onChange={setSaid}
        options={cureStages.map((value) => ({ value, label: stageWords[value] }))}
      />
      <div className="mt-3 space-y-4" data-rework>
        {seen.map((id) => (
          <div key={id}>
            <h3 className="font-bold">{defects[id].name}</h3>
            <ol className="list-decimal pl-5 text-sm">
              {reworkOf(id, stage).map((step) => (
                <li key={step} className="py-1">
                  {reworkWords[step]}
                  {says(id, step)}
                </li>
              ))}
            </ol>
          </div>
        ))}
      </div>
      <p className="mt-2 text-xs text-ink-soft">
        The stage is told from the sheet’s times and the room, an estimate: a fingernail on a hidden place
        decides. What comes off in flatting is a default; measure after it. Dust of sanded and half-cured film
        is not to be breathed.
      </p>
    </Panel>
  );
}
