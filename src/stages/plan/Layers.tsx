'use client';

import { Copy, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { isRefusal, type Outcome } from '@/core/refusal';
import { layerBegun, thinnersOf, withLayer, withLayerAgain, withLayerMoved, withoutLayer } from '@/facts/job';
import { doubtsOfStack } from '@/facts/job/stackdoubts';
import { newId, type Job, type Layer } from '@/records';
import { useSwap } from '@/store/actions';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { useShopActions } from '@/ui/frame/undo';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { Sortable, SortableRow } from '@/ui/Sortable';
import { useRecorded } from '@/ui/recorded';
import { useUnits } from '@/ui/units';
import { plural } from '@/words/line';
import { AddLayer } from './AddLayer';
import { ByLooking } from './ByLooking';
import { LayerWorkList } from './LayerWorkList';

/** The products of this job from the part up, each with its own gun, cup and thinner. */
export function Layers() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const recorded = useRecorded();
  const { undo } = useShopActions();
  const [adding, setAdding] = useState(false);
  const swap = useSwap(view.job);
  const [refused, setRefused] = useState<string>();
  const { job } = view;
  const put = (next: Outcome<Job>, label: string, says?: string) => {
    setRefused(isRefusal(next) ? units.says(next) : undefined);
    if (isRefusal(next) || next === job) return;
    store.put(next, label);
    if (says) recorded(says, undo);
  };
  const move = (from: number, to: number) => {
    const id = job.layers[from]?.id ?? '';
    const by = to > from ? 1 : -1;
    let next: Outcome<Job> = job;
    for (let step = from; step !== to && !isRefusal(next); step += by) next = withLayerMoved(next, id, by);
    put(next, 'layers reordered');
  };
  const addCoat = (layerId: string) => {
    const coats = job.layers.find(({ id }) => id === layerId)?.coats ?? [];
    const last = coats.at(-1);
    if (!last) return;
    const more = { ...last, id: newId(), name: `Coat ${coats.length + 1}` };
    put(withLayer(job, layerId, { coats: [...coats, more] }), 'coat added', 'A coat more is planned.');
  };
  return (
    <Panel
      title="Layers"
      place="layers"
      tools={
        <Button onClick={() => setAdding(!adding)} aria-expanded={adding}>
          <Plus aria-hidden className="size-4" /> Add a layer
        </Button>
      }
    >
      {adding && <AddLayer onDone={() => setAdding(false)} />}
      {refused && (
        <div className="mb-3" role="alert">
          <Notice tone="care">{refused}</Notice>
        </div>
      )}
      <Sortable ids={job.layers.map(({ id }) => id)} onMove={move}>
        <ol className="divide-y divide-hairline border-y border-hairline" data-layers>
          {job.layers.map((layer, i) => (
            <LayerRow
              key={layer.id}
              layer={layer}
              at={i}
              above={job.layers.slice(i + 1).find(({ coats }) => coats.length > 0)}
              onGun={(rigId) => swap(layer.id, rigId)}
              onChange={(change) => put(withLayer(job, layer.id, change), 'layer changed')}
              onCopy={() => put(withLayerAgain(job, layer.id, newId), 'layer copied')}
              onRemove={() =>
                put(withoutLayer(job, layer.id), 'layer removed', `${layer.name} is out of the stack.`)
              }
            />
          ))}
        </ol>
      </Sortable>
      {doubtsOfStack(job).map(({ id, layerId, says, weight, adds }) => (
        <div key={`${id}-${layerId}`} className="mt-2" data-doubt={id}>
          <Notice tone={weight === 'care' ? 'care' : 'plain'}>
            {says}
            {adds === 'coat' && (
              <div className="mt-2">
                <Button onClick={() => addCoat(layerId)}>Add a coat</Button>
              </div>
            )}
          </Notice>
        </div>
      ))}
    </Panel>
  );
}

interface RowProps {
  readonly layer: Layer;
  readonly at: number;
  /** The product that comes over it. */
  readonly above: Layer | undefined;
  readonly onGun: (rigId: string) => void;
  readonly onChange: (change: Partial<Layer>) => void;
  readonly onCopy: () => void;
  readonly onRemove: () => void;
}

function LayerRow({ layer, at, above, onGun, onChange, onCopy, onRemove }: RowProps) {
  const { view } = useJob();
  const rigs = useRecords('rig');
  const cups = useRecords('cup');
  const { job, work } = view;
  const hand = work.layer.id === layer.id;
  const state = hand ? 'in hand' : layerBegun(job, layer.id) ? 'begun' : 'to come';
  const thinners = thinnersOf(layer.sheet);
  // A gun or cup that was removed since stays named as missing: nothing else is chosen in its place.
  const known = (all: readonly { readonly id: string; readonly name: string }[], id: string) => [
    ...(all.some((each) => each.id === id) ? [] : [{ value: id, label: 'Not in this shop' }]),
    ...all.map((each) => ({ value: each.id, label: each.name })),
  ];
  const nameOf = (all: readonly { readonly id: string; readonly name: string }[], id: string) =>
    all.find((each) => each.id === id)?.name ?? 'not in this shop';
  const gone = !rigs.some(({ id }) => id === layer.rigId) || !cups.some(({ id }) => id === layer.cupId);
  return (
    <SortableRow
      id={layer.id}
      label={`Move layer ${at + 1}, ${layer.name}`}
      className="grid grid-cols-[2.75rem_minmax(0,1fr)] items-start gap-x-2"
    >
      <div className="min-w-0">
        <Fold
          open={gone || layer.coats.length === 0}
          title={
            <>
              {at + 1}. {layer.name}{' '}
              <span className={`font-normal ${hand ? 'text-act' : 'text-ink-soft'}`}>{state}</span>
            </>
          }
          says={[
            ...(layer.name === layer.sheet.name ? [] : [layer.sheet.name]),
            layer.coats.length === 0 ? 'no coats yet' : plural(layer.coats.length, 'coat'),
            nameOf(rigs, layer.rigId),
            nameOf(cups, layer.cupId),
            ...(thinners.length > 0
              ? [(thinners.find(({ id }) => id === layer.thinnerId) ?? thinners[0])?.name ?? '']
              : []),
          ].join(' · ')}
        >
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
            <SelectField
              label="Gun"
              value={layer.rigId}
              options={known(rigs, layer.rigId)}
              onChange={(event) => onGun(event.target.value)}
            />
            <SelectField
              label="Cup"
              value={layer.cupId}
              options={known(cups, layer.cupId)}
              onChange={(event) => onChange({ cupId: event.target.value })}
            />
            {thinners.length > 0 && (
              <div className="col-span-2 sm:col-span-1">
                <SelectField
                  label="Thinner"
                  value={layer.thinnerId ?? thinners[0]?.id ?? ''}
                  options={thinners.map(({ id, name }) => ({ value: id, label: name }))}
                  onChange={(event) => onChange({ thinnerId: event.target.value })}
                />
              </div>
            )}
          </div>
          <ByLooking
            layer={layer}
            onChange={(change) => onChange({ approach: { ...layer.approach, ...change } })}
          />
          <div className="mt-3 flex flex-wrap gap-3">
            <Button onClick={onCopy}>
              <Copy aria-hidden className="size-4" /> Copy layer {at + 1}
            </Button>
            <Button onClick={onRemove}>
              <Trash2 aria-hidden className="size-4" /> Remove layer {at + 1}
            </Button>
          </div>
        </Fold>
        {above && layer.coats.length > 0 && (
          <LayerWorkList layer={layer} above={above} onChange={(work) => onChange({ work })} />
        )}
      </div>
    </SortableRow>
  );
}
