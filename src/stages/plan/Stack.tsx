'use client';

import { arrayMove } from '@dnd-kit/sortable';
import { Plus, Trash2 } from 'lucide-react';
import { coatRoles, type CoatRole } from '@/core/system';
import { newId } from '@/records';
import { useStore } from '@/store/hooks';
import { type CoatPlan, type LaidCoat, type UnderCoat, underCoats, withCoats } from '@/facts/job';
import { coatTakes } from '@/facts/shop/cost';
import { Button } from '@/ui/Button';
import { expects } from '@/words/expects';
import { SelectField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { NumberField } from '@/ui/NumberField';
import { Panel } from '@/ui/Panel';
import { Sortable, SortableRow } from '@/ui/Sortable';
import { useUnits } from '@/ui/units';
import { roleWords, underWords } from '@/words/system';
import { Templates } from './Templates';
import { amount, coatFigure, jobFigure, written, writtenRange } from '@/words/figures';
import { takesSays } from '@/words/cost';
import { Printed } from '@/ui/Printed';

/** The coats in order, each movable by hand or keyboard, with the film that stays after sanding. */
export function Stack() {
  const { view } = useJob();
  const store = useStore();
  const { job, work, plan, spray } = view;
  const change = (coats: readonly LaidCoat[]) => store.put(withCoats(job, coats, newId), 'coats changed');
  const set = (id: string, said: Partial<LaidCoat>) =>
    change(work.coats.map((coat) => (coat.id === id ? { ...coat, ...said } : coat)));
  const add = () => {
    const last = work.coats.at(-1) as LaidCoat;
    change([...work.coats, { ...last, id: newId(), name: `Coat ${work.coats.length + 1}` }]);
  };
  const locked = (i: number) => (spray.coats[i]?.state ?? 'todo') !== 'todo';
  const move = (from: number, to: number) => {
    // What is on stays under what is not.
    if (!locked(from) && !locked(to)) change(arrayMove([...work.coats], from, to));
  };
  const { film } = plan;
  const under = underCoats(view);
  return (
    <Panel
      title="Coats"
      place="coats"
      tools={
        <Button onClick={add}>
          <Plus aria-hidden className="size-4" /> Add a coat
        </Button>
      }
    >
      <Templates />
      <Sortable ids={work.coats.map(({ id }) => id)} onMove={move}>
        <ol className="divide-y divide-hairline border-y border-hairline" data-stack>
          {plan.coats.map((each, i) => (
            <CoatRow
              key={each.coat.id}
              at={i}
              plan={each}
              under={under.get(each.coat.id)}
              state={spray.coats[i]?.state ?? 'todo'}
              only={work.coats.length === 1}
              onSet={(said) => set(each.coat.id, said)}
              onRemove={() => change(work.coats.filter(({ id }) => id !== each.coat.id))}
            />
          ))}
        </ol>
      </Sortable>
      <p className="mt-3 text-sm" data-total>
        <b>
          <Printed figure={jobFigure(view, 'film.stays', film.stays)} />
        </b>{' '}
        dry stay,{' '}
        <Printed
          figure={jobFigure(view, 'film.least', film.min)}
          to={jobFigure(view, 'film.most', film.max)}
        />{' '}
        may by the sheets
        {film.sanded > 0 && (
          <>
            ; <Printed figure={jobFigure(view, 'film.sprayed', film.sprayed)} /> are sprayed, the rest is
            sanded off
          </>
        )}
        .
      </p>
      {film.cutThrough.map(({ id, at, left }) => (
        <div key={id} className="mt-2">
          <Notice tone={at === 'aim' ? 'stop' : 'care'}>
            {work.coats.find((coat) => coat.id === id)?.name}: sanding{' '}
            {at === 'aim' ? 'goes through to the coating below' : 'leaves nothing where the film is least'} (
            <Printed figure={amount('film', Math.max(left, 0))} /> left). Another coat, or less taken off.
          </Notice>
        </div>
      ))}
    </Panel>
  );
}

interface RowProps {
  readonly at: number;
  readonly plan: CoatPlan;
  readonly under: UnderCoat | undefined;
  readonly state: 'todo' | 'running' | 'done';
  readonly only: boolean;
  readonly onSet: (said: Partial<LaidCoat>) => void;
  readonly onRemove: () => void;
}

function CoatRow({ at, plan, under, state, only, onSet, onRemove }: RowProps) {
  const { coat, sheet, wet, wetPast, dry, solids } = plan;
  const { view } = useJob();
  const units = useUnits();
  const takes = coatTakes(view, coat.id);
  return (
    <SortableRow
      id={coat.id}
      label={`Move coat ${at + 1}, ${coat.name}`}
      fixed={state !== 'todo'}
      className="grid grid-cols-[2.75rem_minmax(0,1fr)] items-start gap-x-2"
    >
      <Fold
        open={dry.outside || wetPast !== undefined}
        title={
          <>
            {at + 1}. {coat.name}{' '}
            <span className="font-normal">
              wet{' '}
              <b>
                <Printed figure={coatFigure(view, 'coat.wet', coat, wet)} />
              </b>
              , dry{' '}
              <b>
                <Printed figure={coatFigure(view, 'coat.dry', coat, coat.dry)} />
              </b>
            </span>
          </>
        }
        says={
          <>
            {sheet.name}, <Printed figure={amount('share', solids)} /> solids
            {coat.sandBack ? `, ${written(amount('film', coat.sandBack), units)} sanded off again` : ''}
            {state === 'done' ? ', on' : state === 'running' ? ', going on' : under && underWords(under)}
            {state === 'todo' && takes && takesSays(takes, units)}
          </>
        }
      >
        <div className="grid grid-cols-2 items-start gap-3 sm:grid-cols-4">
          <NumberField
            label="Dry film"
            quantity="film"
            value={coat.dry}
            onChange={(value) => value && value > 0 && onSet({ dry: value })}
            expects={expects.dryFilm}
            lazily
            error={
              dry.outside
                ? `The sheet allows ${writtenRange(amount('film', dry.min), amount('film', dry.max), units)}.`
                : undefined
            }
          />
          <NumberField
            label="Sanded off afterwards"
            quantity="film"
            value={coat.sandBack}
            onChange={(sandBack) => onSet({ sandBack: sandBack && sandBack > 0 ? sandBack : undefined })}
            expects={[0, 200e-6]}
            lazily
          />
          <SelectField
            label="What it does"
            value={coat.role ?? ''}
            onChange={(event) => onSet({ role: (event.target.value || undefined) as CoatRole | undefined })}
            options={[
              { value: '', label: 'Not said' },
              ...coatRoles.map((value) => ({ value, label: roleWords[value] })),
            ]}
          />
          {view.job.layers.length > 1 && (
            <SelectField
              label="Coating"
              value={coat.layerId}
              disabled={state !== 'todo'}
              onChange={(event) => onSet({ layerId: event.target.value })}
              options={view.job.layers.map(({ id, name }) => ({ value: id, label: name }))}
            />
          )}
        </div>
        {wetPast !== undefined && state === 'todo' && (
          <div className="mt-3">
            <Notice tone="care">
              <Printed figure={coatFigure(view, 'coat.wet', coat, wet)} /> wet: the sheet lets{' '}
              <Printed figure={amount('film', wetPast)} /> lie at most, more runs and dries badly. Less dry
              film in this coat and one coat more.
            </Notice>
          </div>
        )}
        <div className="mt-3">
          <Button disabled={only || state !== 'todo'} onClick={onRemove}>
            <Trash2 aria-hidden className="size-4" /> Remove coat {at + 1}
          </Button>
        </div>
      </Fold>
    </SortableRow>
  );
}
