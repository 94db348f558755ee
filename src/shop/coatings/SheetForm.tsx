'use client';

import { useForm, useWatch } from 'react-hook-form';
import { notify } from '@/ui/notify';
import { flowCups } from '@/core/cups';
import { coating as coatingSchema, type Coating } from '@/records';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { expects } from '@/ui/expects';
import { FormNumber, FormSelect, FormText, rulesOf } from '@/ui/form';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { confirmedAfter } from './confirm';

interface Props {
  readonly sheet: Coating;
  readonly onDone: () => void;
}

const grid = 'grid grid-cols-1 items-start gap-4 sm:grid-cols-2 lg:grid-cols-4';

/** The sheet's numbers to put right from paper. What is saved here counts as confirmed. */
export function SheetForm({ sheet, onDone }: Props) {
  const store = useStore();
  const { control, handleSubmit, formState } = useForm<Coating>({
    resolver: rulesOf(coatingSchema),
    defaultValues: sheet,
  });
  const { components, target } = useWatch({ control }) as Coating;
  const save = handleSubmit((filled) => {
    store.put({ ...filled, assumed: confirmedAfter(sheet, filled) }, 'sheet changed');
    notify('Saved. Jobs already begun keep the sheet they began with.');
    onDone();
  });
  const wrong = Object.keys(formState.errors);
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
        </div>
      </Panel>
      <Panel title="Parts, in pouring order">
        <div className="space-y-5">
          {components.map(({ id }, i) => (
            <div key={id} className="grid grid-cols-2 items-start gap-4 sm:grid-cols-3 lg:grid-cols-6">
              <FormText control={control} name={`components.${i}.name`} label="Part" />
              <FormText
                control={control}
                name={`components.${i}.parts`}
                label="Parts"
                type="number"
                step="any"
                min={0}
              />
              <FormNumber
                control={control}
                name={`components.${i}.density`}
                label="Density"
                quantity="density"
                expects={expects.density}
                required
              />
              <FormNumber
                control={control}
                name={`components.${i}.volumeSolids`}
                label="Volume solids"
                quantity="share"
                expects={[0.02, 1]}
                required
              />
              <FormNumber
                control={control}
                name={`components.${i}.voc`}
                label="VOC, actual"
                quantity="voc"
                expects={[0, 900]}
                required
              />
              <FormNumber
                control={control}
                name={`components.${i}.water`}
                label="Water, by volume"
                quantity="share"
                expects={[0, 0.95]}
                required
              />
            </div>
          ))}
        </div>
      </Panel>
      <Panel title="Thinning and viscosity">
        <div className={grid}>
          <FormNumber
            control={control}
            name="thinning.maximum"
            label="Thinner, at most"
            quantity="share"
            expects={[0, 0.5]}
            required
          />
          <FormSelect
            control={control}
            name="thinning.by"
            label="Percent by"
            options={[
              { value: 'volume', label: 'Volume' },
              { value: 'mass', label: 'Mass' },
            ]}
          />
          <FormSelect
            control={control}
            name="thinning.of"
            label="Percent of"
            options={[
              { value: 'mix', label: 'The whole mix' },
              { value: 'base', label: 'The first part alone' },
            ]}
          />
          <FormNumber
            control={control}
            name="viscosity"
            label="Unthinned, about"
            quantity="viscosity"
            expects={[10e-6, 1e-3]}
          />
          {target && (
            <>
              <FormSelect
                control={control}
                name="target.cupId"
                label="Cup on the sheet"
                options={flowCups.map(({ id, name, standard }) => ({
                  value: id,
                  label: `${id}: ${name}, ${standard}`,
                }))}
                hint="“4 mm cup” may be either iso-4 or din-4: look for the standard."
              />
              <FormNumber
                control={control}
                name="target.min"
                label="Band from"
                quantity="time"
                expects={[8, 150]}
                required
              />
              <FormNumber
                control={control}
                name="target.max"
                label="Band to"
                quantity="time"
                expects={[8, 200]}
                required
              />
              <FormNumber
                control={control}
                name="target.temperature"
                label="At"
                quantity="temperature"
                expects={expects.paint}
                required
              />
            </>
          )}
        </div>
      </Panel>
      <Panel title="Film, dry, one coat">
        <div className={grid}>
          <FormNumber
            control={control}
            name="film.min"
            label="At least"
            quantity="film"
            expects={expects.dryFilm}
            required
          />
          <FormNumber
            control={control}
            name="film.aim"
            label="Aim"
            quantity="film"
            expects={expects.dryFilm}
            required
          />
          <FormNumber
            control={control}
            name="film.max"
            label="At most"
            quantity="film"
            expects={expects.dryFilm}
            required
          />
        </div>
      </Panel>
      <Panel title="Times">
        <div className={grid}>
          <FormNumber
            control={control}
            name="times.temperature"
            label="Stated at"
            quantity="temperature"
            expects={expects.paint}
            required
          />
          <FormNumber control={control} name="times.potLife" label="Pot life" quantity="duration" />
          <FormNumber control={control} name="times.flash" label="Flash" quantity="duration" required />
          <FormNumber
            control={control}
            name="times.recoatFirst"
            label="Recoat, first"
            quantity="duration"
            required
          />
          <FormNumber
            control={control}
            name="times.recoatLast"
            label="Recoat, last"
            quantity="duration"
            hint="Empty: open for good"
          />
          <FormNumber control={control} name="cleanBy" label="Out of the gun within" quantity="duration" />
          <FormNumber control={control} name="intervals.stir" label="Stir every" quantity="duration" />
          <FormNumber
            control={control}
            name="intervals.retime"
            label="Time the cup every"
            quantity="duration"
          />
        </div>
      </Panel>
      <Panel title="Room and part">
        <div className={grid}>
          {(['air', 'part'] as const).flatMap((which) =>
            (['min', 'max'] as const).map((end) => (
              <FormNumber
                key={`${which}${end}`}
                control={control}
                name={`limits.${which}.${end}`}
                label={`${which === 'air' ? 'Air' : 'Part'}, ${end === 'min' ? 'at least' : 'at most'}`}
                quantity="temperature"
                expects={expects.air}
                required
              />
            )),
          )}
          <FormNumber
            control={control}
            name="limits.humidity.min"
            label="Humidity, at least"
            quantity="share"
            required
          />
          <FormNumber
            control={control}
            name="limits.humidity.max"
            label="Humidity, at most"
            quantity="share"
            required
          />
          <FormText control={control} name="cleaner" label="Cleaner the sheet names" />
        </div>
      </Panel>
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
