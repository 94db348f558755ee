'use client';

import { useState } from 'react';
import { cureStages, defects, type CureStage, type DefectId, type Ending } from '@/core/diagnosis';
import { cureStageOf, liveEntries, moment, ofType } from '@/facts/job';
import { reworkTold, type ReworkTold } from '@/facts/shop/rework';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useJob } from '@/ui/job/context';
import { Panel } from '@/ui/Panel';
import { Ways } from './Ways';
import { useUnits } from '@/ui/units';
import type { Units } from '@/words/units';
import { endingWords } from '@/words/endings';
import { clockTime } from '@/words/clock';
import { reworkWords, cureStageWords } from '@/words/defects';
import { amount, written } from '@/words/figures';

/** How each defect is put right from where the coat now stands, what that does to the film, and what was done. */
export function Rework({ seen }: { readonly seen: readonly DefectId[] }) {
  const { view, log } = useJob();
  const units = useUnits();
  const told = cureStageOf(view);
  const [said, setSaid] = useState<CureStage>();
  const stage = said ?? told.stage;
  const done = ofType(liveEntries(view.job), 'rework');
  if (seen.length + done.length === 0) return null;
  const end = (defect: DefectId, did: Ending) =>
    log(`${defects[defect].name.toLowerCase()} ${endingWords[did]}`, { type: 'rework', defect, did });
  return (
    <Panel title="Putting it right" place="rework">
      <div data-rework>
        {seen.length > 0 && (
          <Choice
            label="The coat is now"
            value={stage}
            onChange={setSaid}
            options={cureStages.map((value) => ({ value, label: cureStageWords[value] }))}
          />
        )}
        {seen.map((id) => (
          <div key={id} className="mt-4">
            <h3 className="font-bold">{defects[id].name}</h3>
            <Ways defect={id} stage={stage} />
            <h4 className="mt-3 text-sm font-semibold">What was done</h4>
            <ol className="divide-y divide-hairline border-y border-hairline">
              {reworkTold(view, id, stage).map((step, i) => (
                <li
                  key={step.step}
                  className="flex min-h-14 items-center justify-between gap-4 py-1.5 text-sm"
                >
                  <span>
                    {i + 1}. {reworkWords[step.step]} {effectWords(step, view.check.spec, view.now, units)}
                  </span>
                  {step.ends && (
                    <Button
                      aria-label={`Done: ${defects[id].name}, ${endingWords[step.ends]}`}
                      onClick={() => step.ends && end(id, step.ends)}
                    >
                      Done
                    </Button>
                  )}
                </li>
              ))}
            </ol>
            <div className="mt-2 flex flex-wrap gap-3">
              <Button aria-label={`${defects[id].name}: gone by itself`} onClick={() => end(id, 'gone')}>
                Gone by itself
              </Button>
              <Button
                aria-label={`${defects[id].name}: accepted as it is`}
                onClick={() => end(id, 'accepted')}
              >
                Accepted as it is
              </Button>
            </div>
          </div>
        ))}
        {done.length > 0 && (
          <ul className="mt-4 text-sm" data-put-right>
            {done.map((entry) => (
              <li key={entry.id} className="border-b border-hairline py-1.5">
                <b className={entry.did === 'accepted' ? 'text-care' : 'text-good'}>
                  {entry.did === 'accepted' ? '▲' : '✓'}
                </b>{' '}
                {nameOf(entry.defect)} {endingWords[entry.did]}, {clockTime(moment(entry))}
              </li>
            ))}
          </ul>
        )}
      </div>
      <p className="mt-2 text-xs text-ink-soft">
        The stage is told from the sheet’s times and the room, an estimate: a fingernail on a hidden place
        decides. What comes off in flatting is a default; measure after it. Dust of sanded and half-cured film
        is not to be breathed: the sheet says which mask.
      </p>
    </Panel>
  );
}

const nameOf = (id: string): string => (id in defects ? defects[id as DefectId].name : id);

/** What a step does to the film and to the clock, in the user’s units. */
function effectWords(
  { step, film, lies, closes, hardens }: ReworkTold,
  spec: { readonly min: number; readonly max: number },
  now: number,
  units: Units,
): string {
  const show = (value: number) => written(amount('film', value), units);
  if (film && step === 'nib-polish')
    return `Takes about ${show(film.off)}: ${show(film.now)} leaves ${show(film.then)}, ${
      lies === 'under'
        ? `under the least of ${show(spec.min)}: flat and recoat instead.`
        : `still over the least of ${show(spec.min)}.`
    }`;
  if (film) {
    const limit =
      lies === 'over'
        ? `, over the most of ${show(spec.max)}`
        : lies === 'under'
          ? `, under the least of ${show(spec.min)}`
          : '';
    const off = film.off > 0 ? ` less ${show(film.off)}` : '';
    const window = closes ? ` The window closes ${clockTime(closes)}.` : '';
    return `${show(film.now)}${off} and a coat of ${show(film.coat)} makes ${show(film.then)}${limit}.${window}`;
  }
  return hardens
    ? `Hard at about ${clockTime(hardens)}, in ${written(amount('duration', (hardens - now) / 1000), units)}.`
    : '';
}
