'use client';

import { useState } from 'react';
import { templates } from '@/core/system';
import { newId } from '@/records';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { notify } from '@/ui/notify';
import { useShopActions } from '@/ui/frame/undo';

/** Known stacks, laid out with the films of a coating of this job in place of its coats that are not on yet. */
export function Templates() {
  const { view } = useJob();
  const store = useStore();
  const { undo } = useShopActions();
  const { job, spray } = view;
  const [id, setId] = useState(templates[0]?.id ?? '');
  const [sheetId, setSheetId] = useState(view.plan.sheet.id);
  const template = templates.find((each) => each.id === id);
  const sheet = job.sheets.find((each) => each.id === sheetId);
  const lay = () => {
    if (!template || !sheet) return;
    const keep = job.coats.filter(
      (coat, i) => (spray.coats[i]?.state ?? 'todo') !== 'todo' || coat.sheetId !== sheet.id,
    );
    const laid = template.coats.map(({ name, role, film, sandBack }) => ({
      id: newId(),
      sheetId: sheet.id,
      name,
      role,
      dry: sheet.film.aim * film,
      ...(sandBack === undefined ? {} : { sandBack }),
    }));
    // They go where the coating’s own coats were.
    const first = job.coats.findIndex(
      (coat, i) => coat.sheetId === sheet.id && (spray.coats[i]?.state ?? 'todo') === 'todo',
    );
    const before = first < 0 ? keep.length : keep.filter((coat) => job.coats.indexOf(coat) < first).length;
    store.put(
      { ...job, coats: [...keep.slice(0, before), ...laid, ...keep.slice(before)] },
      `laid out ${template.name.toLowerCase()}`,
    );
    notify(`Laid out: ${template.name.toLowerCase()}.`, undo);
  };
  return (
    <div className="mb-3">
      <div className="flex flex-wrap items-end gap-3">
        <div className="min-w-56 flex-1">
          <SelectField
            label="A known stack"
            value={id}
            onChange={(event) => setId(event.target.value)}
            options={templates.map(({ id: value, name }) => ({ value, label: name }))}
          />
        </div>
        {job.sheets.length > 1 && (
          <div className="min-w-40">
            <SelectField
              label="In"
              value={sheetId}
              onChange={(event) => setSheetId(event.target.value)}
              options={job.sheets.map(({ id: value, name }) => ({ value, label: name }))}
            />
          </div>
        )}
        <Button onClick={lay}>Lay it out</Button>
      </div>
      {template && (
        <p className="mt-1 text-sm text-ink-soft">
          {template.says} Films are shares of the sheet’s aim: a default.
        </p>
      )}
    </div>
  );
}
