'use client';

import { withCoats } from '@/facts/job';
import { useState } from 'react';
import { templates } from '@/core/system';
import { newId } from '@/records';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { Fold } from '@/ui/Fold';
import { useJob } from '@/ui/job/context';
import { useRecorded } from '@/ui/recorded';
import { useShopActions } from '@/ui/frame/undo';

/** Known stacks, laid out with the films of a coating of this job in place of its coats that are not on yet. */
export function Templates() {
  const { view } = useJob();
  const store = useStore();
  const recorded = useRecorded();
  const { undo } = useShopActions();
  const { job, work, spray } = view;
  const [id, setId] = useState(templates[0]?.id ?? '');
  const [layerId, setLayerId] = useState(work.layer.id);
  const template = templates.find((each) => each.id === id);
  const layer = job.layers.find((each) => each.id === layerId) ?? work.layer;
  const lay = () => {
    if (!template) return;
    const keep = work.coats.filter(
      (coat, i) => (spray.coats[i]?.state ?? 'todo') !== 'todo' || coat.layerId !== layer.id,
    );
    const laid = template.coats.map(({ name, role, film, sandBack }) => ({
      id: newId(),
      layerId: layer.id,
      name,
      role,
      dry: layer.sheet.film.aim * film,
      ...(film < 1 ? { weight: film } : {}),
      ...(sandBack === undefined ? {} : { sandBack }),
    }));
    // They go where the coating’s own coats were.
    const first = work.coats.findIndex(
      (coat, i) => coat.layerId === layer.id && (spray.coats[i]?.state ?? 'todo') === 'todo',
    );
    const before = first < 0 ? keep.length : keep.filter((coat) => work.coats.indexOf(coat) < first).length;
    store.put(
      withCoats(job, [...keep.slice(0, before), ...laid, ...keep.slice(before)], newId),
      `laid out ${template.name.toLowerCase()}`,
    );
    recorded(`Laid out: ${template.name.toLowerCase()}.`, undo);
  };
  return (
    <Fold
      className="mb-2"
      title="Ready-made systems"
      says="in place of the coats that are not on yet"
      verb="Lay out"
    >
      <div className="flex flex-wrap items-end gap-3">
        <div className="min-w-56 flex-1">
          <SelectField
            label="Ready-made systems"
            value={id}
            onChange={(event) => setId(event.target.value)}
            options={templates.map(({ id: value, name }) => ({ value, label: name }))}
          />
        </div>
        {job.layers.length > 1 && (
          <div className="min-w-40">
            <SelectField
              label="In"
              value={layer.id}
              onChange={(event) => setLayerId(event.target.value)}
              options={job.layers.map(({ id: value, name }) => ({ value, label: name }))}
            />
          </div>
        )}
        <Button onClick={lay}>Use this</Button>
      </div>
      {template && (
        <p className="mt-1 text-sm text-ink-soft">
          {template.says} Films are shares of the sheet’s aim: a default.
        </p>
      )}
    </Fold>
  );
}
