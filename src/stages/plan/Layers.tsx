'use client';

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Copy, GripVertical, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { isRefusal, type Outcome } from '@/core/refusal';
import {
  doubtsOfStack,
  layerBegun,
  withLayer,
  withLayerAgain,
  withLayerMoved,
  withoutLayer,
} from '@/facts/job';
import { newId, type Job, type Layer } from '@/records';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { useShopActions } from '@/ui/frame/undo';
import { useJob } from '@/ui/job/context';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useRecorded } from '@/ui/recorded';
import { useUnits } from '@/ui/units';
import { plural } from '@/words/line';
import { AddLayer } from './AddLayer';

/** The products of this job from the part up, each with its own gun, cup and thinner. */
export function Layers() {
  const { view } = useJob();
  const store = useStore();
  const units = useUnits();
  const recorded = useRecorded();
  const { undo } = useShopActions();
  const [adding, setAdding] = useState(false);
  const [refused, setRefused] = useState<string>();
  const { job } = view;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const put = (next: Outcome<Job>, label: string, says?: string) => {
    setRefused(isRefusal(next) ? units.says(next) : undefined);
    if (isRefusal(next) || next === job) return;
    store.put(next, label);
    if (says) recorded(says, undo);
  };
  const drop = ({ active, over }: DragEndEvent) => {
    const at = (id: unknown) => job.layers.findIndex((each) => each.id === id);
    const [from, to] = [at(active.id), at(over?.id)];
    if (from < 0 || to < 0 || from === to) return;
    const by = to > from ? 1 : -1;
    let next: Outcome<Job> = job;
    for (let step = from; step !== to && !isRefusal(next); step += by)
      next = withLayerMoved(next, String(active.id), by);
    put(next, 'layers reordered');
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
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={job.layers.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
          <ol className="divide-y divide-hairline border-y border-hairline" data-layers>
            {job.layers.map((layer, i) => (
              <LayerRow
                key={layer.id}
                layer={layer}
                at={i}
                onChange={(change) => put(withLayer(job, layer.id, change), 'layer changed')}
                onCopy={() => put(withLayerAgain(job, layer.id, newId), 'layer copied')}
                onRemove={() =>
                  put(withoutLayer(job, layer.id), 'layer removed', `${layer.name} is out of the stack.`)
                }
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      {doubtsOfStack(job).map(({ id, layerId, says, weight }) => (
        <div key={`${id}-${layerId}`} className="mt-2" data-doubt={id}>
          <Notice tone={weight === 'care' ? 'care' : 'plain'}>{says}</Notice>
        </div>
      ))}
    </Panel>
  );
}

interface RowProps {
  readonly layer: Layer;
  readonly at: number;
  readonly onChange: (change: Partial<Layer>) => void;
  readonly onCopy: () => void;
  readonly onRemove: () => void;
}

function LayerRow({ layer, at, onChange, onCopy, onRemove }: RowProps) {
  const { view } = useJob();
  const rigs = useRecords('rig');
  const cups = useRecords('cup');
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: layer.id,
  });
  const { job, work } = view;
  const hand = work.layer.id === layer.id;
  const state = hand ? 'in hand' : layerBegun(job, layer.id) ? 'begun' : 'to come';
  const { thinners } = layer.sheet.thinning;
  // A gun or cup that was removed since stays named as missing: nothing else is chosen in its place.
  const known = (all: readonly { readonly id: string; readonly name: string }[], id: string) => [
    ...(all.some((each) => each.id === id) ? [] : [{ value: id, label: 'Not in this shop' }]),
    ...all.map((each) => ({ value: each.id, label: each.name })),
  ];
  const tool = 'flex size-11 items-center justify-center disabled:opacity-30';
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`grid grid-cols-[2.75rem_minmax(0,1fr)_5.5rem] items-start gap-x-3 gap-y-2 py-3 ${isDragging ? 'relative z-10 bg-act-wash' : ''}`}
    >
      <button
        type="button"
        aria-label={`Move layer ${at + 1}, ${layer.name}`}
        className="flex size-11 cursor-grab touch-none items-center justify-center"
        {...attributes}
        {...listeners}
      >
        <GripVertical aria-hidden className="size-5" />
      </button>
      <div className="min-w-0">
        <div className="font-semibold">
          {at + 1}. {layer.name}{' '}
          <span className={`font-normal ${hand ? 'text-act' : 'text-ink-soft'}`}>{state}</span>
        </div>
        <div className="text-sm text-ink-soft">
          {layer.name === layer.sheet.name ? '' : `${layer.sheet.name}, `}
          {layer.coats.length === 0 ? 'no coats yet' : plural(layer.coats.length, 'coat')}
        </div>
      </div>
      <div className="flex">
        <button type="button" aria-label={`Copy layer ${at + 1}`} className={tool} onClick={onCopy}>
          <Copy aria-hidden className="size-5" />
        </button>
        <button type="button" aria-label={`Remove layer ${at + 1}`} className={tool} onClick={onRemove}>
          <Trash2 aria-hidden className="size-5" />
        </button>
      </div>
      <div className="col-span-3 grid grid-cols-2 gap-3 sm:col-span-2 sm:col-start-2 sm:grid-cols-3">
        <SelectField
          label="Gun"
          value={layer.rigId}
          options={known(rigs, layer.rigId)}
          onChange={(event) => onChange({ rigId: event.target.value })}
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
    </li>
  );
}
