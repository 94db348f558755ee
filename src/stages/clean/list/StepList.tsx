'use client';

import { Checkbox } from 'radix-ui';
import { Check, Pencil } from 'lucide-react';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { useJob } from '@/ui/job/context';
import { Fold } from '@/ui/Fold';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { liquidWords, phaseWords } from '@/words/care';
import type { CleanStep } from '@/facts/job';
import { clockTime } from '@/words/clock';
import { Reword } from './Reword';

/** The ordered list for this gun and this coating. Ticks are logged, and can be taken back. */
export function StepList() {
  const { view } = useJob();
  const { clean } = view;
  if (clean.steps.length === 0) return null;
  const present = clean.steps.find(({ done }) => !done);
  return (
    <>
      {clean.between && <Between />}
      <Panel
        title={clean.cleanBy ? `Clean by ${clockTime(clean.cleanBy)}` : 'Cleaning list'}
        place="clean-list"
      >
        <div data-clean-list>
          {inGroups(clean.steps).map(({ phase, rows, from }) => (
            <Fold
              key={`${from}-${rows.some(({ id }) => id === present?.id)}`}
              className="border-b border-hairline"
              title={phaseWords[phase]}
              says={stands(rows)}
              verb="Show"
              open={rows.some(({ id }) => id === present?.id)}
            >
              <Rows steps={rows} list="clean" from={from} />
            </Fold>
          ))}
        </div>
      </Panel>
    </>
  );
}

/** How far a group of steps is, in words. */
function stands(rows: readonly CleanStep[]): string {
  const done = rows.filter((each) => each.done).length;
  return done === rows.length ? `✓ all ${done} done` : `${done} of ${rows.length} done`;
}

/** Between coats: the short way. */
function Between() {
  const { view, log } = useJob();
  const { midway, idle, rigId } = view.clean;
  const open = midway.filter(({ done }) => !done);
  return (
    <Panel
      title={idle ? `Between coats: wiped by ${clockTime(idle.until)}` : 'Between coats'}
      tools={
        open.length > 0 && (
          <Button
            onClick={() =>
              log(
                'wiped between coats',
                ...open.map(
                  ({ id }) => ({ type: 'tick', list: 'midway', step: id, done: true, rigId }) as const,
                ),
              )
            }
          >
            All done
          </Button>
        )
      }
    >
      <Rows steps={midway} list="midway" from={1} />
      <p className="mt-2 text-sm text-ink-soft">
        It begins the idle clock anew. The pot life it does not lengthen.
      </p>
    </Panel>
  );
}

interface RowsProps {
  readonly steps: readonly CleanStep[];
  readonly list: 'clean' | 'midway';
  readonly from: number;
}

function Rows({ steps, list, from }: RowsProps) {
  const { view, log } = useJob();
  const units = useUnits();
  const { rigId, state } = view.clean;
  const idle = state === 'nothing-in-it';
  const [rewording, setRewording] = useState<CleanStep>();
  return (
    <>
      <ol className="divide-y divide-hairline border-b border-hairline">
        {steps.map((step, i) => {
          const { id, says, because, done, liquid, volume, reworded, after } = step;
          return (
            <li key={id} className={`flex items-start gap-4 py-3 ${done ? 'text-ink-soft' : ''}`}>
              <Checkbox.Root
                id={`step-${id}`}
                checked={done}
                disabled={idle || after !== undefined}
                aria-labelledby={`words-${id}`}
                onCheckedChange={(next) =>
                  log('cleaning step', { type: 'tick', list, step: id, done: next === true, rigId })
                }
                className="flex size-11 shrink-0 items-center justify-center border-2 border-ink bg-sheet disabled:border-dashed disabled:border-ink-soft data-[state=checked]:border-good data-[state=checked]:bg-good-wash"
              >
                <Checkbox.Indicator>
                  <Check aria-hidden className="size-6 text-good" />
                </Checkbox.Indicator>
              </Checkbox.Root>
              <span id={`words-${id}`} className="min-w-0 flex-1">
                <b>
                  {from + i}. {says}
                </b>
                <span className="block text-sm text-ink-soft">
                  {because}
                  {liquid && <b className="font-semibold"> {liquidWords(volume, units)}.</b>}
                  {reworded && ' In the shop’s words.'}
                </span>
                {after !== undefined && (
                  <b className="block text-sm text-stop">
                    ■ Not before step {after}: it lets the pressure out.
                  </b>
                )}
              </span>
              <button
                type="button"
                aria-label={`Change wording: ${says}`}
                className="no-print -my-1 flex size-11 shrink-0 items-center justify-center text-ink-soft hover:text-ink"
                onClick={() => setRewording(step)}
              >
                <Pencil aria-hidden className="size-4" />
              </button>
            </li>
          );
        })}
      </ol>
      {rewording && <Reword step={rewording} onClose={() => setRewording(undefined)} />}
    </>
  );
}

/** Steps that follow each other under one heading; making safe again in between has its own. */
function inGroups(steps: readonly CleanStep[]) {
  const groups: { phase: CleanStep['phase']; rows: CleanStep[]; from: number }[] = [];
  steps.forEach((step, i) => {
    const last = groups.at(-1);
    if (last?.phase === step.phase) last.rows.push(step);
    else groups.push({ phase: step.phase, rows: [step], from: i + 1 });
  });
  return groups;
}
