'use client';

import { isoNow } from '@/store/clock';
import { Plus, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import {
  useFieldArray,
  useForm,
  useWatch,
  type ArrayPath,
  type Control,
  type FieldArray,
} from 'react-hook-form';
import * as z from 'zod';
import { coating as coatingSchema, newId, type Coating } from '@/records';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { withoutEmpty } from '@/ui/formvalues';
import { FormCheck, FormFields, FormNumber, FormSelect, FormText, rulesOf, type FieldRow } from '@/ui/form';
import { FormFold } from '@/ui/FormFold';
import { Notice } from '@/ui/Notice';
import { notify } from '@/ui/notify';
import { Panel } from '@/ui/Panel';
import { refusedThinners } from '@/facts/job';
import { confirmedAfter } from '@/facts/shop/confirm';
import {
  bandFields,
  coatingCareFields,
  doseFields,
  filmFields,
  gunFields,
  partFields,
  roomFields,
  thinnerFields,
  thinningFields,
  timeFields,
  viscosityFields,
} from './formfields';
import { RefusedDiluents } from '@/ui/RefusedDiluents';
import { PeroxideDoubt } from '@/ui/PeroxideDoubt';
import { DoseTable } from './DoseTable';
import { DoseWords } from './DoseWords';
import { FilmLink } from './FilmLink';
import { HazardBoxes } from './HazardBoxes';
import { oddSum } from '@/facts/shop/oddsum';
import { PartsTable } from './PartsTable';
import { changedSheet } from '@/facts/shop/revisions';

interface Props {
  readonly sheet: Coating;
  readonly onDone: () => void;
}

const grid = 'grid grid-cols-2 items-start gap-4 sm:grid-cols-3 lg:grid-cols-5';

/** Everything a product's paper says, to put right. What is changed here counts as confirmed. */
export function SheetForm({ sheet, onDone }: Props) {
  const store = useStore();
  const { control, handleSubmit, formState, setValue } = useForm<Coating>({
    resolver: rulesOf(z.preprocess(withoutEmpty(coatingSchema), coatingSchema) as never),
    defaultValues: sheet,
    // Changed elsewhere meanwhile: what is half-typed here stays, the rest follows.
    values: sheet,
    resetOptions: { keepDirtyValues: true },
  });
  const said = useWatch({ control }) as Coating;
  const { components, guns } = said;
  const takeFilm = (what: 'wet' | 'dry', aim: number) => {
    const { film } = said;
    const part = what === 'wet' ? 'wetFilm' : 'film';
    const scale = film.aim > 0 ? aim / film.aim : 1;
    const next = { min: film.min * scale, aim, max: film.max * scale };
    setValue(part, next, { shouldDirty: true });
  };
  const save = handleSubmit(async (filled) => {
    const after = { ...filled, assumed: confirmedAfter(sheet, filled) };
    const done = await store.commit(changedSheet(sheet, after, isoNow()), [], 'sheet changed');
    if (!done) return;
    notify('Saved. Jobs already begun keep the sheet they began with.');
    onDone();
  });
  const wrong = Object.keys(formState.errors);
  const sum = oddSum(components);
  // Judged as it will be saved: a thinning that is put right here counts as read.
  const refused = refusedThinners({ ...said, assumed: confirmedAfter(sheet, said) });
  return (
    <form noValidate onSubmit={(event) => void save(event)} className="border-t border-hairline">
      <Panel title="Sheet">
        <div className={grid}>
          <FormText control={control} name="name" label="Name" />
          <FormText control={control} name="sheetRevision" label="Revision" />
          <FormText control={control} name="checkedOn" label="Last checked" type="date" />
          <FormSelect
            control={control}
            name="ratioBy"
            label="Ratio by"
            options={[
              { value: 'volume', label: 'Volume' },
              { value: 'mass', label: 'Mass' },
            ]}
          />
          <FormNumber
            control={control}
            name="tolerance"
            label="Ratio may be off by"
            quantity="share"
            expects={[0.005, 0.2]}
          />
        </div>
      </Panel>
      <Rows
        title="Parts, in pouring order"
        what="part"
        control={control}
        name="components"
        fields={() => partFields}
        least={1}
        fresh={() => ({
          id: newId(),
          name: 'Part',
          parts: 1,
          density: 1000,
          volumeSolids: 0.5,
          voc: 400,
          water: 0,
          exempt: 0,
        })}
        after={
          <>
            <PeroxideDoubt sheet={said} />
            {sum !== undefined && (
              <Notice tone="care">
                The parts add up to {Number(sum.toPrecision(5))}. If they are percent, something is missing or
                counted twice. Is it right?
              </Notice>
            )}
          </>
        }
      >
        {(i) => <PartsTable control={control} index={i} />}
      </Rows>
      <Rows
        title="Doses beside the ratio"
        what="dose"
        control={control}
        name="additives"
        fields={() => doseFields}
        fresh={() => ({
          id: newId(),
          name: 'Additive',
          density: 900,
          volumeSolids: 0,
          voc: 900,
          water: 0,
          exempt: 0,
          doseBy: 'mass' as const,
          doseOf: 'mix' as const,
          dose: 0,
          maximum: 0.05,
          thins: false,
        })}
      >
        {(i) => (
          <>
            <DoseWords control={control} setValue={setValue} index={i} />
            <FormCheck
              control={control}
              name={`additives.${i}.thins`}
              label="Counts toward the thinner’s maximum"
            />
            <FormCheck
              control={control}
              name={`additives.${i}.movesClocks`}
              label="Moves drying and pot life"
            />
            <DoseTable control={control} index={i} />
          </>
        )}
      </Rows>
      <FormFold control={control} title="Thinning" fields={thinningFields} />
      <Rows
        title="Thinners the sheet names"
        what="thinner"
        control={control}
        name="thinning.thinners"
        fields={() => thinnerFields}
        fresh={() => ({
          id: newId(),
          name: 'Thinner',
          density: 870,
          viscosity: 0.9e-6,
          voc: 870,
          water: 0,
          exempt: 0,
        })}
        after={
          <div className="mt-3 space-y-2">
            <RefusedDiluents refused={refused} />
          </div>
        }
      />
      <FormFold
        control={control}
        title="Viscosity"
        fields={[
          ...bandFields.map((field) => ({ ...field, name: `target.${field.name}` })),
          ...viscosityFields,
        ]}
      >
        <p className="mt-2 text-sm text-ink-soft">
          No band: a flow cup cannot judge this coating. A gun below may have a band of its own.
        </p>
      </FormFold>
      <Rows
        title="Guns"
        what="gun"
        control={control}
        name="guns"
        fields={(i) => gunFields(guns[i]?.atomising === 'airless')}
        fresh={() => ({
          atomising: 'conventional' as const,
          pressure: { min: 2e5, max: 3e5 },
          pressureAt: 'inlet' as const,
          distance: { min: 0.18, max: 0.22 },
        })}
      >
        {(i) => (
          <div className={`${grid} mt-4`}>
            <FormFields control={control} fields={bandFields} at={`guns.${i}.target.`} />
          </div>
        )}
      </Rows>
      <FormFold control={control} title="Film, one coat" fields={filmFields}>
        <FormCheck control={control} name="blendable" label="Blends into a dry edge" />
        <div className="mt-3">
          <FilmLink sheet={said} onTake={takeFilm} />
        </div>
      </FormFold>
      <FormFold control={control} title="Times" fields={timeFields}>
        <FormCheck control={control} name="times.tack" label="The next coat wants it tacky" />
      </FormFold>
      <FormFold control={control} title="Room and part" fields={roomFields} />
      <FormFold control={control} title="Care, cost and rules" fields={coatingCareFields}>
        <HazardBoxes control={control} />
      </FormFold>
      <div className="flex flex-wrap items-center gap-3 px-4 py-5">
        <Button type="submit" look="main">
          Save
        </Button>
        <Button className="min-h-16" onClick={onDone}>
          Leave as it was
        </Button>
        {wrong.length > 0 && (
          <Notice tone="stop">
            Not saved: put right {wrong.join(', ')} first. Nothing you typed is lost.
          </Notice>
        )}
      </div>
    </form>
  );
}

type ListName = 'components' | 'additives' | 'guns' | 'thinning.thinners';

interface RowsProps<N extends ListName & ArrayPath<Coating>> {
  readonly title: string;
  readonly what: string;
  readonly control: Control<Coating>;
  readonly name: N;
  readonly fresh: () => FieldArray<Coating, N>;
  readonly least?: number;
  readonly after?: ReactNode;
  /** The fields of one row. */
  readonly fields: (index: number) => readonly FieldRow[];
  /** What else a row has. */
  readonly children?: (index: number) => ReactNode;
}

/** A list of a sheet: rows that can be added and taken out. */
function Rows<N extends ListName>({
  title,
  what,
  control,
  name,
  fresh,
  least = 0,
  after,
  fields: fieldsOf,
  children,
}: RowsProps<N>) {
  const { fields: rows, append, remove } = useFieldArray({ control, name, keyName: 'key' });
  return (
    <Panel
      title={title}
      tools={
        <Button onClick={() => append(fresh())}>
          <Plus aria-hidden className="size-4" /> Add a {what}
        </Button>
      }
    >
      {rows.length === 0 && <p className="text-sm text-ink-soft">None.</p>}
      <div className="divide-y divide-hairline border-y border-hairline">
        {rows.map(({ key }, i) => (
          <FormFold
            key={key}
            control={control}
            title={`${what.charAt(0).toUpperCase()}${what.slice(1)} ${i + 1}`}
            fields={fieldsOf(i)}
            at={`${name}.${i}.`}
            className=""
            grid={grid}
          >
            <div className="flex flex-wrap gap-x-6">{children?.(i)}</div>
            <div className="mt-3">
              <Button disabled={rows.length <= least} onClick={() => remove(i)}>
                <Trash2 aria-hidden className="size-4" /> Remove {what} {i + 1}
              </Button>
            </div>
          </FormFold>
        ))}
      </div>
      {after}
    </Panel>
  );
}
