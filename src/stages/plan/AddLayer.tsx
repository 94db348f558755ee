'use client';

import { useState } from 'react';
import { cupFor, newLayer } from '@/facts/newjob/newlayer';
import { withLayerOnTop } from '@/facts/job';
import { newId, type Cup } from '@/records';
import { useRecords, useStore } from '@/store/hooks';
import { Button, ButtonLink } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { useJob } from '@/ui/job/context';
import { notify } from '@/ui/notify';
import { cupName } from '@/words/cup';

/** Another product on top: its sheet, and the gun it goes on with. */
export function AddLayer({ onDone }: { readonly onDone: () => void }) {
  const { view } = useJob();
  const store = useStore();
  const coatings = useRecords('coating');
  const rigs = useRecords('rig');
  const cups = useRecords('cup');
  const [sheetId, setSheetId] = useState('');
  const [rigId, setRigId] = useState(view.job.layers.at(-1)?.rigId ?? '');
  const sheet = coatings.find(({ id }) => id === sheetId);
  const add = async () => {
    if (!sheet) return;
    const standardId = cupFor(sheet);
    const held = cups.find((each) => each.standardId === standardId);
    const cup: Cup = held ?? {
      ...{ kind: 'cup', version: 1, id: newId() },
      ...{ name: cupName(standardId), standardId },
    };
    const layer = newLayer({ sheet, rigId, cupId: cup.id }, newId);
    const records = [...(held ? [] : [cup]), withLayerOnTop(view.job, layer)];
    if (await store.commit(records, [], 'layer added')) onDone();
    else notify('The layer could not be added: the disk would not take it. Nothing has changed.');
  };
  return (
    <div className="mb-4 grid items-end gap-3 border-b border-hairline pb-4 sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto]">
      <SelectField
        label="Coating sheet"
        value={sheetId}
        options={[
          { value: '', label: 'Choose' },
          ...coatings.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={(event) => setSheetId(event.target.value)}
      />
      <SelectField
        label="Gun"
        value={rigId}
        options={rigs.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(event) => setRigId(event.target.value)}
      />
      <Button onClick={() => void add()} disabled={!sheet}>
        Add on top
      </Button>
      <p className="text-sm text-ink-soft sm:col-span-3">
        It begins with as many coats as its sheet says. Not here yet?{' '}
        <ButtonLink href="/coatings" look="quiet">
          Write its sheet
        </ButtonLink>
      </p>
    </div>
  );
}
