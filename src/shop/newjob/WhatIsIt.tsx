'use client';

import { prepAhead } from '@/facts/newjob/ahead';
import { jobsBefore } from '@/facts/newjob/offers';
import { isMetal, statesOn, substrateKinds, type GroundState, type SubstrateKind } from '@/core/system';
import type { Job } from '@/records';
import { FormText } from '@/ui/form';
import { Fold } from '@/ui/Fold';
import { Tiles } from '@/ui/Tiles';
import { fullDay } from '@/words/dates';
import { prepWords } from '@/words/newjob';
import { existingWords, substrateWords } from '@/words/system';
import { Answer } from './Answer';
import type { ScreenProps } from './conversation';

/** Jobs before that are offered to be done again. */
const offered = 4;

interface Props extends ScreenProps {
  /** The same job again. */
  readonly onLike: (job: Job) => void;
}

/** What it is and what is on it now; or a job before, done again. */
export function WhatIsIt({ form, draft, held, onLike }: Props) {
  const { control, setValue, formState } = form;
  const { ground, existing } = draft;
  const before = jobsBefore(held.jobs).slice(0, offered);
  const kinds = commonFirst(held.jobs);
  const prep = prepAhead(draft);
  return (
    <>
      <Tiles<SubstrateKind>
        label="What is it?"
        value={ground || ''}
        groups={[{ tiles: kinds.map((value) => ({ value, label: substrateWords[value] })), first: 7 }]}
        onChange={(kind) => {
          // What cannot be on the new ground was not said of it.
          if (existing && !statesOn(kind).includes(existing)) setValue('existing', undefined);
          setValue('ground', kind, { shouldValidate: true });
          if (statesOn(kind).length === 1) setValue('existing', statesOn(kind)[0]);
        }}
        error={formState.errors.ground && 'Tap what it is made of.'}
      />
      {ground && (
        <Tiles<GroundState | 'unknown'>
          label="What is on it now?"
          value={existing ?? 'unknown'}
          groups={[
            {
              tiles: [
                ...statesOn(ground).map((value) => ({ value, label: existingWords[value] })),
                { value: 'unknown' as const, label: 'Not known yet' },
              ],
            },
          ]}
          onChange={(state) => setValue('existing', state === 'unknown' ? undefined : state)}
        />
      )}
      {ground && (
        <Answer>
          <b>Before the first coat: </b>
          {prep ? prepWords(prep) : 'asked again before the gun, when somebody knows what is on it.'}
          {isMetal(ground) && (
            <span className="block text-sm text-ink-soft">A film gauge reads it: it is metal.</span>
          )}
        </Answer>
      )}
      {ground && (
        <Fold title="In your words" says={draft.substrate || substrateWords[ground]}>
          <div className="max-w-sm">
            <FormText
              control={control}
              name="substrate"
              label="What it is, in your words"
              placeholder={substrateWords[ground]}
              maxLength={120}
            />
          </div>
        </Fold>
      )}
      {!ground && before.length > 0 && (
        <section className="border-t border-hairline pt-4" aria-label="Again">
          <h2 className="mb-2 text-xl font-bold">Or one of these again</h2>
          <div className="grid gap-2 sm:grid-cols-2">
            {before.map((job) => (
              <button
                key={job.id}
                type="button"
                className="min-h-14 rounded-sm border-2 border-ink px-4 py-1.5 text-left hover:bg-ink/6"
                onClick={() => onLike(job)}
                data-again={job.id}
              >
                <b className="block">{job.name}</b>
                <span className="text-sm text-ink-soft">
                  {[...new Set(job.layers.map(({ sheet }) => sheet.name))].join(', ')} ·{' '}
                  {fullDay(new Date(job.begun))}
                </span>
              </button>
            ))}
          </div>
        </section>
      )}
    </>
  );
}

/** Grounds the shop has most of first; in the usual order where it has none. */
function commonFirst(jobs: readonly Job[]): SubstrateKind[] {
  const often = (kind: SubstrateKind) => jobs.filter(({ part }) => part.kind === kind).length;
  const usual: SubstrateKind[] = ['metal', 'wood', 'plaster', 'aluminium', 'plastic', 'board', 'mould'];
  const all = [...usual, ...substrateKinds.filter((kind) => !usual.includes(kind))];
  return all.sort((a, b) => often(b) - often(a));
}
