'use client';

import { useMemo, useState } from 'react';
import { gunFamily, symptomsOf, type Symptom } from '@/core/care';
import { deferral, stepCautions } from '@/core/safety';
import { isRefusal } from '@/core/refusal';
import { useRecords } from '@/store/hooks';
import { searchOf, symptomOnCard } from '@/facts/shop/search';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { jobHazards } from '@/facts/job/hazards';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { partWords, symptomWords } from '@/words/care';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** What the gun does, and the parts to look at for it, one after another. */
export function SymptomFinder() {
  const { view } = useJob();
  const { job, rig } = view;
  const onCard = symptomOnCard(job);
  const [chosen, setChosen] = useState<Symptom | undefined>(onCard);
  if (!rig) return <Panel title="Symptoms">Choose a gun for this job first.</Panel>;
  return (
    <>
      <Panel title="What does the gun do?" place="symptoms">
        {onCard && (
          <p className="mb-2 text-sm">
            The last card says: <b>{symptomWords[onCard].toLowerCase()}</b>.
          </p>
        )}
        <div className="flex flex-wrap gap-2" data-symptoms>
          {symptomsOf(gunFamily(rig)).map((symptom) => (
            <Button key={symptom} aria-pressed={symptom === chosen} onClick={() => setChosen(symptom)}>
              {symptomWords[symptom]}
            </Button>
          ))}
        </div>
      </Panel>
      {chosen && <Search key={chosen} symptom={chosen} />}
    </>
  );
}

function Search({ symptom }: { readonly symptom: Symptom }) {
  const { view, log } = useJob();
  const jobs = useRecords('job');
  const { job, rig } = view;
  const minute = Math.floor(view.now / 60_000) * 60_000 + 60_000;
  const search = useMemo(
    () => (rig ? searchOf(job, jobs, rig, symptom, minute) : undefined),
    [job, jobs, rig, symptom, minute],
  );
  if (!rig || !search) return null;
  const { rows, solved } = search;
  const open = rows.filter(({ state }) => state === 'open');
  const next = solved ? undefined : open[0];
  const looked = (part: string, found: boolean) =>
    log(found ? 'found' : 'ruled out', { type: 'symptom', symptom, part, found });
  const cautions = next?.opens
    ? stepCautions(
        rig.atomising === 'airless' ? ['injection', 'coating'] : ['pressure', 'coating'],
        jobHazards(view),
      )
    : [];
  const { card } = view.set;
  return (
    <Panel title={`${symptomWords[symptom]}: where to look`}>
      {solved && (
        <Notice tone="good">
          It was the {(partWords[solved] ?? solved).toLowerCase()}. On record; next time it is looked at
          sooner.
          {(!card || isRefusal(card)) && ' Spray a card before the part.'}
        </Notice>
      )}
      {!solved && open.length === 0 && (
        <Notice tone="care">
          Everything was looked at. Put a new needle, nozzle and cap in, or hand the gun to whoever services
          it.
        </Notice>
      )}
      {next && (
        <div className="space-y-2 border-2 border-act bg-sheet p-4" data-next-part={next.part}>
          <p className="text-xl font-semibold">{next.look}</p>
          <p>
            <b>If so:</b> {next.cure}
          </p>
          {cautions.map(({ says, weight }) => (
            <Notice key={says} tone={weight}>
              {says}
            </Notice>
          ))}
          {cautions.length > 0 && <p className="text-xs text-ink-soft">{deferral}</p>}
          <div className="flex flex-wrap gap-3 pt-1">
            <Button look="main" onClick={() => looked(next.part, true)}>
              This was it
            </Button>
            <Button className="min-h-16" onClick={() => looked(next.part, false)}>
              Not this
            </Button>
          </div>
        </div>
      )}
      <ol className="mt-4 divide-y divide-hairline border-y border-hairline" data-ranked>
        {rows.map(({ part, look, share, takes, state }) => (
          <li
            key={part}
            className={`grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 py-2 ${state === 'not-it' ? 'text-ink-soft' : ''}`}
          >
            <span>
              <b>{partWords[part] ?? part}</b>
              <span className="block text-sm text-ink-soft">
                {state === 'not-it' ? 'Not this.' : state === 'it' ? 'This was it.' : look}
              </span>
            </span>
            {state === 'open' && !solved ? (
              <span className="text-right text-sm">
                <b>
                  <Printed figure={amount('share', share)} digits={0} />
                </b>
                <span className="block text-ink-soft">
                  <Printed figure={amount('duration', takes)} /> to look
                </span>
              </span>
            ) : (
              state !== 'open' && (
                <Button look="quiet" onClick={() => looked(part, state === 'not-it')}>
                  {state === 'it' ? 'It was not' : 'It was'}
                </Button>
              )
            )}
          </li>
        ))}
      </ol>
      <p className="mt-2 text-xs text-ink-soft">
        In the order that finds it soonest: likely and quick to look at first. How likely is an estimate,
        raised by what was found here before and by parts near the end of their life.
      </p>
    </Panel>
  );
}
