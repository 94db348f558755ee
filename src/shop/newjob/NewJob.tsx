'use client';

import { isoNow } from '@/store/clock';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { airlessFirst, coatingClasses, classWords, newId, usualFitting } from '@/records';
import { usualCoating, usualOfClass, usualRig } from '@/facts/newjob/usual';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { FormNumber, FormSelect, FormText, rulesOf } from '@/ui/form';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { gunWords } from '@/records/rigwords';
import {
  coatsBySheet,
  draftSchema,
  emptyDraft,
  jobFromDraft,
  needsRig,
  type JobDraft,
} from '@/facts/newjob/draft';
import { knownSystems, systemOf } from '@/facts/newjob/systems';
import { SystemRow } from './SystemRow';
import { amount } from '@/words/figures';
import { Printed } from '@/ui/Printed';

const newSheetWords =
  'A new sheet starts from typical values of its class. Each stays marked as a default until you confirm it from the product’s paper.';

/** A new job on one page: what, with what, how much of it. The rest can be put right on its Plan. */
export function NewJob() {
  const store = useStore();
  const router = useRouter();
  const coatings = useRecords('coating');
  const rigs = useRecords('rig');
  const cups = useRecords('cup');
  const jobs = useRecords('job');
  const [begun] = useState(() => {
    const sheet = usualCoating(jobs, coatings);
    const rig = sheet && usualRig({ sheetId: sheet.id, of: sheet.class }, jobs, rigs);
    return emptyDraft(sheet?.id, rig?.id, sheet?.coats);
  });
  const { control, getValues, handleSubmit, setValue, formState } = useForm<JobDraft>({
    resolver: rulesOf(draftSchema),
    defaultValues: begun,
  });
  const draft = useWatch({ control }) as JobDraft;
  // The sheet says how many coats, until somebody says otherwise.
  const stated = coatsBySheet(draft, coatings);
  const own = formState.dirtyFields.coats === true;
  useEffect(() => {
    if (!own) setValue('coats', stated);
  }, [own, stated, setValue]);
  const system = systemOf(draft.system);
  const newSheets = system?.layers.some((_, i) => !draft.rows[i]?.coatingId) === true;
  useEffect(() => {
    // What the shop sprayed last of each class, with the gun it used for it.
    const rows = systemOf(draft.system)?.layers.map(({ of }) => {
      const sheet = usualOfClass(of, jobs, coatings);
      return {
        coatingId: sheet?.id ?? '',
        rigId: usualRig({ sheetId: sheet?.id, of }, jobs, rigs)?.id ?? '',
        bore: usualFitting(of).bore,
      };
    });
    setValue('rows', rows ?? []);
  }, [draft.system, coatings, jobs, rigs, setValue]);
  const of = coatings.find(({ id }) => id === draft.coatingId)?.class ?? draft.class;
  const { rigId: chosen } = formState.dirtyFields;
  useEffect(() => {
    // The gun follows the product until somebody says which; a new one is fitted as its class is.
    if (!chosen) setValue('rigId', usualRig({ sheetId: getValues('coatingId'), of }, jobs, rigs)?.id ?? '');
    const { bore, tip } = usualFitting(of);
    if (!formState.dirtyFields.bore) setValue('bore', bore);
    if (!formState.dirtyFields.tip) setValue('tip', tip);
    if (!formState.dirtyFields.atomising) setValue('atomising', airlessFirst(of) ? 'airless' : 'hvlp');
  }, [of, chosen, draft.coatingId, formState.dirtyFields, getValues, jobs, rigs, setValue]);
  const area = (draft.width ?? 0) * (draft.height ?? 0) * (draft.count || 0);

  const begin = handleSubmit(async (filled) => {
    const { job, more } = jobFromDraft(filled, { coatings, rigs, cups }, isoNow(), newId);
    if (await store.commit([...more, job], [], 'new job')) router.push(`/job/${job.id}/plan`);
  });
  const group = 'grid gap-4 border-t border-hairline py-5 sm:grid-cols-2 lg:grid-cols-4';
  return (
    <Page title="New job" says="Name it, choose what goes on and with which gun, and say how large it is.">
      <form onSubmit={(event) => void begin(event)} noValidate className="max-w-4xl">
        <div className={group}>
          <div className="sm:col-span-2">
            <FormText
              control={control}
              name="name"
              label="Job"
              placeholder="Saloon doors, car 6"
              maxLength={120}
            />
          </div>
          <FormText control={control} name="substrate" label="Substrate" maxLength={120} />
          <FormSelect
            control={control}
            name="metal"
            label="Is the surface metal?"
            options={[
              { value: 'no', label: 'No: wood, composite, render' },
              { value: 'yes', label: 'Yes: a film gauge reads it' },
            ]}
          />
        </div>
        <div className={group}>
          <div className="sm:col-span-2">
            <FormSelect
              control={control}
              name="system"
              label="What goes on"
              options={[
                { value: '', label: 'One coating' },
                ...knownSystems.map(({ id, name }) => ({ value: id, label: name })),
              ]}
            />
          </div>
          {system && (
            <p className="self-end text-sm text-ink-soft sm:col-span-2 sm:pb-3">
              {system.says} More layers, and other ones, on its Plan.
            </p>
          )}
        </div>
        {system?.layers.map((layer, i) => (
          <SystemRow
            key={`${system.id}-${i}`}
            control={control}
            at={i}
            layer={layer}
            newGuns={system.layers.flatMap(({ name }, at) =>
              at < i && draft.rows[at]?.rigId === '' ? [{ at, name }] : [],
            )}
            nozzle={draft.rows[i]?.rigId === '' && draft.atomising !== 'airless'}
          />
        ))}
        {system && newSheets && (
          <div className="pb-5">
            <Notice tone="care">{newSheetWords}</Notice>
          </div>
        )}
        {!system && (
          <div className={group}>
            <div className="sm:col-span-2">
              <FormSelect
                control={control}
                name="coatingId"
                label="Coating sheet"
                options={[
                  ...coatings.map(({ id, name }) => ({ value: id, label: name })),
                  { value: '', label: 'A new sheet, from class defaults' },
                ]}
              />
            </div>
            {draft.coatingId === '' && (
              <>
                <FormSelect
                  control={control}
                  name="class"
                  label="Coating type"
                  options={coatingClasses.map((value) => ({ value, label: classWords(value) }))}
                />
                <FormText control={control} name="coatingName" label="Name on the can" maxLength={120} />
                <div className="sm:col-span-2 lg:col-span-4">
                  <Notice tone="care">{newSheetWords}</Notice>
                </div>
              </>
            )}
          </div>
        )}
        {(!system || needsRig(draft)) && (
          <div className={group}>
            {!system && (
              <div className="sm:col-span-2">
                <FormSelect
                  control={control}
                  name="rigId"
                  label="Gun set-up"
                  options={[
                    ...rigs.map(({ id, name }) => ({ value: id, label: name })),
                    { value: '', label: 'A new gun' },
                  ]}
                />
              </div>
            )}
            {needsRig(draft) && (
              <>
                <FormSelect
                  control={control}
                  name="atomising"
                  label="Kind of gun"
                  options={Object.entries(gunWords).map(([value, label]) => ({ value, label }))}
                />
                {draft.atomising === 'hvlp' && (
                  <FormSelect
                    control={control}
                    name="air"
                    label="Air from"
                    options={[
                      { value: 'compressor', label: 'A compressor' },
                      { value: 'turbine', label: 'A turbine' },
                    ]}
                  />
                )}
                {draft.atomising === 'airless' ? (
                  <FormText control={control} name="tip" label="Tip code" placeholder="517" />
                ) : system ? null : (
                  <FormNumber
                    control={control}
                    name="bore"
                    label="Nozzle"
                    quantity="bore"
                    expects={expects.bore}
                    required
                  />
                )}
              </>
            )}
          </div>
        )}
        <div className={group}>
          <FormNumber
            control={control}
            name="width"
            label="Width of one surface"
            quantity="length"
            expects={expects.side}
            required
          />
          <FormNumber
            control={control}
            name="height"
            label="Height of a face"
            quantity="length"
            expects={expects.side}
            required
          />
          <FormText control={control} name="count" label="How many faces" type="number" min={1} />
          {!system && (
            <FormText control={control} name="coats" label="Coats" type="number" min={1} max={12} />
          )}
        </div>
        <div className="flex flex-wrap items-center gap-5 border-t border-hairline py-5">
          <Button type="submit" look="main">
            Begin this job
          </Button>
          {area > 0 && (
            <span className="text-ink-soft">
              <b className="text-ink">
                <Printed figure={amount('area', area)} />
              </b>{' '}
              in all
            </span>
          )}
        </div>
      </form>
    </Page>
  );
}
