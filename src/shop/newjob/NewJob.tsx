'use client';

import { useRouter } from 'next/navigation';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { newId } from '@/records';
import { draftAhead } from '@/facts/newjob/ahead';
import { draftSchema, emptyDraft, jobFromDraft, type JobDraft } from '@/facts/newjob/draft';
import { fitted } from '@/facts/newjob/fitted';
import { isoNow, useNow } from '@/store/clock';
import { useRecords, useShop, useStore } from '@/store/hooks';
import { keepDraft, keptDraft } from '@/store/newdraft';
import { Button } from '@/ui/Button';
import { rulesOf } from '@/ui/form';
import { Page } from '@/ui/Page';
import { usePart } from '@/ui/part';
import { showPart } from '@/ui/showpart';
import { goesOn, usualName } from '@/words/newjob';
import { substrateWords } from '@/words/system';
import { HowLarge } from './HowLarge';
import { FigureSoFar } from './FigureSoFar';
import { SoFar } from './SoFar';
import { WhatIsIt } from './WhatIsIt';
import { WhenReady } from './WhenReady';
import { WhichSystem } from './WhichSystem';

/** The four screens, each by its own address, and what leads to the next. */
const screens = { what: 'What is it?', size: 'How large?', system: 'What goes on?', when: 'Ready when?' };
type Screen = keyof typeof screens;
const order = Object.keys(screens) as Screen[];

/** What must be right before each screen is left. */
const answers: Record<Screen, readonly (keyof JobDraft)[]> = {
  what: ['ground', 'existing', 'substrate'],
  size: ['faces'],
  system: ['like', 'system', 'coatingId', 'class', 'rows', 'rigId', 'bore', 'tip', 'coats', 'coatingName'],
  when: ['due', 'name'],
};

/** A new job as a conversation: what it is, how large, what goes on it, and when it must be ready. */
export function NewJob() {
  const store = useStore();
  const router = useRouter();
  const shop = useShop();
  const coatings = useRecords('coating');
  const rigs = useRecords('rig');
  const cups = useRecords('cup');
  const jobs = useRecords('job');
  const held = useMemo(() => ({ coatings, rigs, cups, jobs }), [coatings, rigs, cups, jobs]);
  const [begun] = useState(() => {
    const kept = { ...emptyDraft(), ...keptDraft() } as JobDraft;
    const sheet = coatings.find(({ id }) => id === kept.coatingId);
    // A sheet just read from its paper: its gun and its coats follow like any other’s.
    return sheet && !kept.class
      ? { ...kept, class: sheet.class, ...fitted({ coatingId: sheet.id, class: sheet.class }, held) }
      : kept;
  });
  const form = useForm<JobDraft>({ resolver: rulesOf(draftSchema), defaultValues: begun });
  const { control, getValues, handleSubmit, setValue, trigger, reset } = form;
  const draft = useWatch({ control }) as JobDraft;
  const screen = usePart(screens);
  const at = order.indexOf(screen);
  useEffect(() => keepDraft(draft), [draft]);
  // An answer that others follow from is not asked before them.
  useEffect(() => {
    if (at > 0 && !getValues('ground')) showPart();
  }, [at, getValues]);

  const product = draft.like || draft.system || draft.coatingId || draft.class ? goesOn(draft, held) : '';
  const filled = useMemo(
    (): JobDraft => ({
      ...draft,
      name: draft.name?.trim() || usualName(product, draft.ground || 'metal'),
      substrate: draft.substrate?.trim() || (draft.ground ? substrateWords[draft.ground] : ''),
    }),
    [draft, product],
  );
  // Left open, it goes on planning from now.
  const minute = Math.floor(useNow() / 60_000);
  const settled = useDeferredValue(filled);
  const ahead = useMemo(
    () =>
      draftSchema.safeParse(settled).success ? draftAhead(settled, held, shop, minute * 60_000) : undefined,
    [settled, held, shop, minute],
  );

  const fit = (product: Pick<JobDraft, 'coatingId' | 'class'>) => {
    for (const [name, value] of Object.entries(fitted(product, held)))
      setValue(name as keyof JobDraft, value);
  };
  const anew = () => {
    keepDraft(undefined);
    reset(emptyDraft());
    showPart();
  };
  const begin = handleSubmit(
    async () => {
      const { job, more } = jobFromDraft(filled, held, isoNow(), newId);
      if (!(await store.commit([...more, job], [], 'new job'))) return;
      keepDraft(undefined);
      router.push(`/job/${job.id}/plan`);
    },
    // What is wrong stands on another screen: it is shown there.
    (wrong) => {
      const first = order.find((each) => answers[each].some((name) => name in wrong));
      showPart(first === 'what' ? undefined : first);
    },
  );
  const next = order[at + 1];
  const onward = async () => {
    if (!(await trigger(answers[screen] as (keyof JobDraft)[]))) return;
    if (next) showPart(next);
    else await begin();
    window.scrollTo({ top: 0 });
  };
  const props = { form, draft, held, ahead };
  return (
    <Page
      title="New job"
      tools={
        <div className="flex items-center gap-3 text-ink-soft">
          {draft.ground && (
            <Button look="quiet" onClick={anew}>
              Start over
            </Button>
          )}
          <span data-screen={screen}>
            {at + 1} of {order.length}
          </span>
        </div>
      }
    >
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void onward();
        }}
        className="grid max-w-5xl gap-x-8 lg:grid-cols-[minmax(0,1fr)_17rem]"
      >
        <div className="min-w-0">
          {screen === 'what' && (
            <WhatIsIt
              {...props}
              onLike={(job) => {
                reset({
                  ...emptyDraft(),
                  like: job.id,
                  class: job.layers[0]?.sheet.class ?? 'water-lacquer',
                  ground: job.part.kind ?? (job.part.metal ? 'metal' : 'coated'),
                  existing: job.part.existing,
                  substrate: job.part.substrate,
                  faces: job.part.faces.map(({ id, width, height, count, sides }) => ({
                    width,
                    height,
                    count,
                    both: sides === 2,
                    from: id,
                  })),
                });
                showPart('when');
              }}
            />
          )}
          {screen === 'size' && <HowLarge {...props} />}
          {screen === 'system' && <WhichSystem {...props} onProduct={fit} />}
          {screen === 'when' && <WhenReady {...props} called={filled.name} />}
        </div>
        <SoFar {...props} screen={screen} product={product} />
        <div className="sticky bottom-0 z-10 -mx-4 mt-4 flex flex-wrap items-center justify-between gap-x-4 border-t border-ink bg-paper px-4 py-2 md:mx-0 md:px-0 lg:col-span-2">
          <span>
            {at > 0 && (
              <Button look="quiet" onClick={() => showPart(at > 1 ? order[at - 1] : undefined)}>
                Back
              </Button>
            )}
          </span>
          <FigureSoFar screen={screen} draft={draft} ahead={ahead} />
          {screen === 'system' && ahead && (
            <Button look="quiet" onClick={() => void begin()}>
              Begin this job
            </Button>
          )}
          <Button type="submit" look="main" className="max-sm:w-full">
            {next ? screens[next] : 'Begin this job'}
          </Button>
        </div>
      </form>
    </Page>
  );
}
