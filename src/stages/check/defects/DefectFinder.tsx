'use client';

import { useMemo, useState } from 'react';
import {
  causes,
  diagnose,
  findingGroups,
  groupOf,
  type AskedGroup,
  type Cause,
  type DefectId,
  type Finding,
  type Suspect,
} from '@/core/diagnosis';
import { isRefusal } from '@/core/refusal';
import { useRecords } from '@/store/hooks';
import { cannotBe, evidenceOf, type Evidence } from '@/facts/job';
import { isDefect, outcomesOf } from '@/facts/shop/outcomes';
import { entryWords, typeWords } from '@/words/entry';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { showPart } from '@/ui/showpart';
import { useUnits } from '@/ui/units';
import type { Units } from '@/words/units';
import { clockTime } from '@/words/clock';
import { DefectPicker } from './DefectPicker';
import { Recurs } from './Recurs';
import { TooEarly } from './TooEarly';
import { findingWords, questionWords } from '@/words/defects';
import { amount, written, writtenRange } from '@/words/figures';
import { Printed } from '@/ui/Printed';

/** From what is seen to one change: evidence from the log, a few questions, causes by weight, a card that proves it. */
export function DefectFinder() {
  const { view, log } = useJob();
  const units = useUnits();
  const jobs = useRecords('job');
  const [answers, setAnswers] = useState<readonly Finding[]>([]);
  const [skipped, setSkipped] = useState<readonly AskedGroup[]>([]);
  const [chosen, setChosen] = useState<string>();
  const { job } = view;
  const { open, change, waiting } = view.check.defects;
  const seen = [...new Set(open.map(({ defect }) => defect).filter(isDefect))];
  const evidence = evidenceOf(view);
  const learnt = useMemo(() => outcomesOf(jobs), [jobs]);
  const cannot = cannotBe(view);
  const findings = [...evidence.map(({ finding }) => finding), ...answers];
  const diagnosis =
    seen.length > 0
      ? diagnose(seen, findings, {
          asked: answers.length + skipped.length,
          skipped,
          learnt,
          cannot,
        })
      : undefined;
  const found = diagnosis && !isRefusal(diagnosis) ? diagnosis : undefined;
  const suspect = found?.suspects.find(({ cause }) => cause === chosen) ?? found?.suspects[0];
  return (
    <>
      <Panel title="What is seen" place="defects">
        <DefectPicker seen={seen} entries={open} />
      </Panel>
      <TooEarly seen={seen} />
      {change && waiting && (
        <Panel title="The change made" place="change">
          <div data-change>
            <Notice tone="care">
              <b>{change.text}</b> {change.expects ? `Then: ${lower(change.expects)}` : ''}
            </Notice>
            <p className="mt-3 mb-2">Spray a fresh card or a piece, then say: did it help?</p>
            <div className="flex flex-wrap gap-3">
              {(['yes', 'partly', 'no'] as const).map((helped) => (
                <Button
                  key={helped}
                  onClick={() => log('outcome', { type: 'outcome', actionId: change.id, helped })}
                >
                  {{ yes: 'Yes, it is gone', partly: 'In part', no: 'No' }[helped]}
                </Button>
              ))}
            </div>
          </div>
        </Panel>
      )}
      {diagnosis && isRefusal(diagnosis) && (
        <Panel title="Causes">
          <Notice tone="care">{units.says(diagnosis)}</Notice>
        </Panel>
      )}
      {found && suspect && !waiting && (
        <>
          {found.question && (
            <Panel title="One question">
              <p className="mb-2 text-lg font-bold" data-question={found.question.group}>
                {questionWords[found.question.group].asks}
              </p>
              <div className="flex flex-wrap gap-2">
                {findingGroups[found.question.group].map((state) => (
                  <Button
                    key={state}
                    onClick={() => {
                      setAnswers((before) => [
                        ...before,
                        `${found.question?.group ?? 'feel'}:${state}` as Finding,
                      ]);
                      setChosen(undefined);
                    }}
                  >
                    {questionWords[found.question?.group ?? 'feel'].answers[state]}
                  </Button>
                ))}
                <Button onClick={() => setSkipped((before) => [...before, found.question?.group ?? 'feel'])}>
                  Cannot tell
                </Button>
              </div>
            </Panel>
          )}
          <Panel
            title="Causes, the likeliest first"
            tools={
              answers.length + skipped.length > 0 ? (
                <Button
                  onClick={() => {
                    setAnswers([]);
                    setSkipped([]);
                    setChosen(undefined);
                  }}
                >
                  Answer anew
                </Button>
              ) : undefined
            }
          >
            <div className="grid gap-5 lg:grid-cols-2" data-causes>
              <ol className="divide-y divide-hairline border-y border-hairline">
                {found.suspects.slice(0, 6).map(({ cause, probability }) => (
                  <li key={cause}>
                    <button
                      type="button"
                      aria-pressed={cause === suspect.cause}
                      onClick={() => setChosen(cause)}
                      className={`flex min-h-14 w-full items-center gap-3 px-2 text-left ${cause === suspect.cause ? 'border-l-4 border-act bg-act-wash' : ''}`}
                    >
                      <b className="w-14 shrink-0 text-right text-lg tabular-nums">
                        <Printed figure={amount('share', probability)} digits={0} />
                      </b>
                      <span className="min-w-0 grow">
                        <b>{(causes[cause] as Cause).name}</b>
                        <span
                          aria-hidden
                          className="mt-1 block h-1.5 bg-act"
                          style={{ width: `${Math.max(probability * 100, 1)}%` }}
                        />
                      </span>
                    </button>
                  </li>
                ))}
              </ol>
              <Because
                suspect={suspect}
                evidence={evidence}
                units={units}
                job={job}
                learnt={learnt[suspect.cause]}
              />
            </div>
          </Panel>
          <Panel title="The one change">
            <div data-proposal>
              <p className="text-xl font-bold">{(causes[suspect.cause] as Cause).change}</p>
              <p className="mt-1 text-ink-soft">
                Then the next card or piece should show: {lower((causes[suspect.cause] as Cause).expect)}
              </p>
              <div className="mt-3">
                <Button
                  onClick={() => {
                    record(suspect, seen);
                    setAnswers([]);
                    setSkipped([]);
                  }}
                >
                  Record this change
                </Button>
              </div>
              <p className="mt-2 text-sm text-ink-soft">
                Change nothing else. Set asks for a fresh card to prove it; what came of it is kept and weighs
                in the next time.
              </p>
            </div>
          </Panel>
        </>
      )}
      {seen.length > 0 && <Recurs seen={seen} />}
      {seen.length > 0 && (
        <div className="px-4 py-4 md:px-5">
          <Button onClick={() => showPart('rework')}>Ways to put it right</Button>
        </div>
      )}
    </>
  );

  function record({ cause }: Suspect, defects: readonly DefectId[]) {
    const { change: text, expect } = causes[cause] as Cause;
    log('one change', { type: 'action', text, cause, expects: expect, defects: [...defects] });
  }
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

interface BecauseProps {
  readonly suspect: Suspect;
  readonly evidence: readonly Evidence[];
  readonly units: Units;
  readonly job: Parameters<typeof entryWords>[1];
  readonly learnt: { readonly helped: number; readonly not: number } | undefined;
}

/** What speaks for a cause and against it, each with the entry it comes from. */
function Because({ suspect, evidence, units, job, learnt }: BecauseProps) {
  const [fors, againsts] = [
    suspect.evidence.filter(({ weight }) => weight > 1),
    suspect.evidence.filter(({ weight }) => weight < 1),
  ];
  const source = (finding: Finding) => {
    const own = evidence.find((each) => each.finding === finding);
    if (!own) return 'by eye';
    const numbers =
      own.quantity && own.found !== undefined
        ? `${written(amount(own.quantity, own.found), units)}${own.min !== undefined || own.max !== undefined ? ` / ${own.min !== undefined && own.max !== undefined ? writtenRange(amount(own.quantity, own.min), amount(own.quantity, own.max), units) : written(amount(own.quantity, own.min ?? own.max), units)}` : ''}`
        : '';
    const entry = own.entry
      ? `${typeWords[own.entry.type]} ${clockTime(Date.parse(own.entry.at))}${numbers ? '' : `, ${entryWords(own.entry, job, units)}`}`
      : groupOf(finding) === 'overlap'
        ? 'the plan'
        : 'the gun';
    return [numbers, own.says, entry].filter(Boolean).join('; ');
  };
  const list = (title: string, of: typeof fors, sign: string) =>
    of.length > 0 && (
      <div>
        <h3 className="text-sm font-bold">{title}</h3>
        <ul className="text-sm">
          {of.map(({ finding, weight }) => (
            <li key={finding} className="flex justify-between gap-3 border-b border-hairline py-1.5">
              <span>
                {findingWords(finding)}
                <span className="block text-xs text-ink-soft">{source(finding)}</span>
              </span>
              <b className="shrink-0 tabular-nums">
                {sign} {weight >= 1 ? weight.toFixed(1) : (1 / weight).toFixed(1)}
              </b>
            </li>
          ))}
        </ul>
      </div>
    );
  return (
    <div className="space-y-3" data-because>
      {list('For it', fors, '×')}
      {list('Against it', againsts, '÷')}
      {fors.length + againsts.length === 0 && (
        <p className="text-sm text-ink-soft">
          Nothing recorded speaks for it or against it: it is only how often it is behind this.
        </p>
      )}
      {learnt && (
        <p className="text-sm">
          In this shop: helped {learnt.helped}, did not {learnt.not}.
        </p>
      )}
      <p className="text-xs text-ink-soft">
        Numbers are how many times likelier or less likely the finding makes it. They are judgements of the
        trade, and your outcomes move them.
      </p>
    </div>
  );
}
