'use client';

import { useRouter } from 'next/navigation';
import { Plus } from 'lucide-react';
import { useFieldArray, useForm, useWatch } from 'react-hook-form';
import * as z from 'zod';
import { useRecorded } from '@/ui/recorded';
import { defaultDriving, defaultTransfer } from '@/core/airgun';
import { tipFromCode } from '@/core/airless';
import { isRefusal } from '@/core/refusal';
import { newId, rig as rigSchema, type Rig } from '@/records';
import { useRecord, useRecords, useStore } from '@/store/hooks';
import { Button, ButtonLink } from '@/ui/Button';
import { EmptyState } from '@/ui/EmptyState';
import { SelectField, TextField } from '@/ui/Field';
import { FormCheck, FormSelect, FormText, rulesOf } from '@/ui/form';
import { FormFold } from '@/ui/FormFold';
import { Fold } from '@/ui/Fold';
import { withoutEmpty } from '@/ui/formvalues';
import { Page } from '@/ui/Page';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { pressureQuantity } from '@/words/pressure';
import { Calibrate } from './Calibrate';
import { KeptPatterns } from './KeptPatterns';
import {
  airFields,
  airPartFields,
  rigCareFields,
  compressorFields,
  ratedFields,
  fluidHoseFields,
  pumpFields,
  setFields,
  sprayFields,
  turbineFields,
  makersBandFields,
} from './rigfields';
import { RigUse } from './RigUse';
import { Rows } from './Rows';
import { airWords, feedWords, gunWords } from '@/records/rigwords';
import { useState } from 'react';
import { ofItsFamily, switched, without } from '@/facts/shop/rigfamily';
import { expects } from '@/words/expects';
import { amount, written } from '@/words/figures';

const optionsOf = (words: Record<string, string>) =>
  Object.entries(words).map(([value, label]) => ({ value, label }));

/** What drives the air of an air gun: none is no choice. */
const airOptions = optionsOf(airWords).filter(({ value }) => value !== 'none');

const codesIn = (text: string): string[] => text.split(/[,;\s]+/).filter(Boolean);

export function RigSheet({ id }: { readonly id: string }) {
  const rig = useRecord('rig', id);
  if (!rig)
    return (
      <Page title="Gun set-up">
        <EmptyState title="This gun is not here">
          <ButtonLink href="/rigs">To the guns</ButtonLink>
        </EmptyState>
      </Page>
    );
  return <RigForm key={rig.id} rig={rig} />;
}

function RigForm({ rig }: { readonly rig: Rig }) {
  const store = useStore();
  const recorded = useRecorded();
  const router = useRouter();
  const units = useUnits();
  const jobs = useRecords('job');
  const { control, handleSubmit, formState, getValues, reset } = useForm<Rig>({
    resolver: rulesOf(z.preprocess(withoutEmpty(rigSchema), rigSchema) as never),
    defaultValues: rig,
    // Changed elsewhere meanwhile: what is half-typed here stays, the rest follows.
    values: rig,
    resetOptions: { keepDirtyValues: true },
  });
  const sets = useFieldArray({ control, name: 'sets', keyName: 'key' });
  const airParts = useFieldArray({ control, name: 'airParts', keyName: 'key' });
  const { atomising, feed, air } = useWatch({ control }) as Rig;
  const [tips, setTips] = useState(rig.tips.join(', '));
  const [misfits, setMisfits] = useState((rig.misfits ?? []).join(', '));
  const codes = codesIn(tips);
  const strays = codesIn(misfits).filter((code) => !codes.includes(code));
  const badTip = codes.map(tipFromCode).find(isRefusal);
  const airless = atomising === 'airless';
  const users = jobs.filter(({ layers }) => layers.some(({ rigId }) => rigId === rig.id));

  const save = handleSubmit((filled) => {
    if (airless && (badTip || strays.length > 0)) return;
    const kept = ofItsFamily({
      ...without(filled, ['misfits']),
      tips: codes,
      ...(airless && misfits.trim() ? { misfits: codesIn(misfits) } : {}),
    });
    store.put(kept, 'rig changed');
    setTips(kept.tips.join(', '));
    recorded('Saved.');
  });
  /** Another family has other numbers: those that do not apply go, its own stand in. */
  const become = (next: Rig['atomising']) => {
    const { tips: own, ...now } = getValues();
    const turned = switched({ ...now, tips: codes.length > 0 ? codes : own } as Rig, next);
    reset(turned, { keepDefaultValues: true });
    setTips(turned.tips.join(', '));
  };
  const remove = () => {
    store.remove(`rig/${rig.id}`, 'rig removed');
    router.push('/rigs');
  };
  const pressureOf = pressureQuantity(airless ? 200e5 : 1e5);
  const grid = 'grid grid-cols-1 items-start gap-4 sm:grid-cols-2 lg:grid-cols-4';
  return (
    <Page
      title={rig.name}
      says={users.length > 0 ? `Used by ${users.map(({ name }) => name).join(', ')}.` : undefined}
    >
      <form noValidate onSubmit={(event) => void save(event)} className="border-t border-hairline">
        <Panel title="Kind">
          <div className={grid}>
            <FormText control={control} name="name" label="Name" />
            <SelectField
              label="Atomising"
              value={atomising}
              options={optionsOf(gunWords)}
              onChange={(event) => become(event.target.value as Rig['atomising'])}
            />
            {!airless && (
              <>
                <FormSelect control={control} name="feed" label="Feed" options={optionsOf(feedWords)} />
                {atomising === 'hvlp' && (
                  <FormSelect control={control} name="air" label="Air" options={airOptions} />
                )}
              </>
            )}
          </div>
        </Panel>
        {airless ? (
          <Panel title="Tips owned">
            <div className={grid}>
              <TextField
                label="Tip codes"
                value={tips}
                onChange={(event) => setTips(event.target.value)}
                error={badTip?.says}
                hint="Separated by commas: 515, 517"
              />
              <TextField
                label="Of these, not for its guard and housing"
                value={misfits}
                onChange={(event) => setMisfits(event.target.value)}
                error={strays.length > 0 ? `${strays.join(', ')}: not among the tips owned.` : undefined}
                hint="Tips of another make leak in it, or blow out: they are never proposed"
              />
            </div>
          </Panel>
        ) : (
          <Panel
            title="Nozzle sets"
            tools={
              <Button onClick={() => sets.append({ id: newId(), bore: 1.4e-3 })}>
                <Plus aria-hidden className="size-4" /> Add a set
              </Button>
            }
          >
            <Rows control={control} name="sets" rows={sets} fields={setFields} says="set" />
            <p className="mt-2 text-sm text-ink-soft">
              Needle, nozzle and cap are one set: they are not mixed.
            </p>
          </Panel>
        )}
        <FormFold
          control={control}
          title="How it sprays"
          fields={[
            ...sprayFields,
            {
              name: 'maxPressure',
              label: 'Highest pressure',
              quantity: pressureOf,
              expects: airless ? expects.pumpPressure : expects.airPressure,
            },
            {
              name: 'transfer',
              label: 'Transfer efficiency',
              quantity: 'share',
              hint: `Default for its kind: ${written(amount('share', defaultTransfer[atomising]), units, { digits: 0 })}`,
            },
            ...(airless
              ? []
              : [
                  {
                    name: 'driving',
                    label: 'Driving pressure, calibrated',
                    quantity: 'pressure' as const,
                    hint: `Default for its feed: ${written(amount('pressure', defaultDriving[feed]), units, { digits: 3 })}`,
                  },
                ]),
            { name: 'cup', label: 'Cup or pot', quantity: 'volume', expects: expects.cup },
          ]}
        >
          {!airless && <FormCheck control={control} name="bleeder" label="Bleeder: air all the time" />}
        </FormFold>
        {!airless && (
          <FormFold
            control={control}
            title={air === 'turbine' ? 'Turbine and hose' : 'Air and hose'}
            fields={[
              ...airFields,
              ...(air === 'turbine' ? turbineFields : [...ratedFields, ...compressorFields]),
            ]}
          >
            {air === 'compressor' && <FormCheck control={control} name="dryer" label="Dried air" />}
            {air === 'compressor' && (
              <div className="mt-3">
                <Rows control={control} name="airParts" rows={airParts} fields={airPartFields} says="part" />
                <Button className="mt-3" onClick={() => airParts.append({ id: newId(), kind: 'filter' })}>
                  <Plus aria-hidden className="size-4" /> Regulator, filter, separator
                </Button>
              </div>
            )}
          </FormFold>
        )}
        {(airless || feed === 'pump' || feed === 'pressure-pot') && (
          <FormFold
            control={control}
            title={airless ? 'Pump and fluid hose' : 'Fluid hose'}
            fields={[...(airless ? pumpFields : []), ...fluidHoseFields]}
          />
        )}
        {!airless && (
          <Fold
            className="border-b border-hairline px-4 md:px-5"
            title="Calibrate the flow"
            says={
              rig.driving === undefined
                ? 'a default until it is measured'
                : `measured: ${written(amount('pressure', rig.driving), units, { digits: 3 })} drives it`
            }
          >
            <Calibrate rig={rig} />
          </Fold>
        )}
        <FormFold control={control} title="Care" fields={rigCareFields}>
          <div className="mt-3">
            <ButtonLink href="/care#wear">Wear, parts and renewals</ButtonLink>
          </div>
        </FormFold>
        {!airless && (
          <FormFold
            control={control}
            title="Viscosity the gun’s maker names"
            fields={makersBandFields}
            unsaid="not stated"
          />
        )}
        <RigUse rig={rig} />
        <KeptPatterns rig={rig} />
        <div className="flex flex-wrap gap-3 px-4 py-5">
          <Button
            type="submit"
            look="main"
            disabled={
              !formState.isDirty && tips === rig.tips.join(', ') && misfits === (rig.misfits ?? []).join(', ')
            }
          >
            Save
          </Button>
          <Button disabled={users.length > 0} onClick={remove} className="min-h-16">
            Remove
          </Button>
          {users.length > 0 && (
            <p className="self-center text-sm text-ink-soft">A gun that a job uses cannot be removed.</p>
          )}
        </div>
      </form>
    </Page>
  );
}
