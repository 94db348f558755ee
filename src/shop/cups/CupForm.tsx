'use client';

import { useState } from 'react';
import { flowCup, flowCups } from '@/core/cups';
import type { Cup } from '@/records';
import { useRecords, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField } from '@/ui/Field';
import { notify } from '@/ui/notify';
import { Calibration } from './Calibration';
import { CheckLiquid } from './CheckLiquid';

const standards = flowCups.map(({ id, name, standard }) => ({
  value: id,
  label: `${id}: ${name}, ${standard}`,
}));

/** A cup: which standard it is of, or its own calibration, and what check liquids say of it. */
export function CupForm({ cup, onClose }: { readonly cup: Cup; readonly onClose: () => void }) {
  const store = useStore();
  const held = useRecords('cup').some(({ id }) => id === cup.id);
  const used = useRecords('job').some(({ layers }) => layers.some(({ cupId }) => cupId === cup.id));
  const [said, setSaid] = useState<Cup>(cup);
  const own = said.own;
  const liquids = own?.liquids ?? [];
  const whole = liquids.every(({ seconds, viscosity }) => seconds > 0 && viscosity > 0);
  const kind = (which: 'standard' | 'own') =>
    setSaid(
      which === 'own'
        ? { ...said, standardId: undefined, own: cup.own ?? { use: 'stand', liquids: [] } }
        : { ...said, own: undefined, standardId: cup.standardId ?? 'iso-4' },
    );
  const save = () => {
    if (!whole) return;
    const name =
      said.name.trim() || (said.standardId ? (flowCup(said.standardId)?.name ?? 'Cup') : 'Shop cup');
    store.put({ ...said, name }, held ? 'cup changed' : 'new cup');
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title={held ? cup.name : 'New cup'} wide>
      <div className="grid items-start gap-4 sm:grid-cols-2">
        <TextField
          label="Name"
          value={said.name}
          maxLength={120}
          onChange={(event) => setSaid({ ...said, name: event.target.value })}
        />
        <Choice
          label="Kind"
          value={own ? 'own' : 'standard'}
          onChange={kind}
          options={[
            { value: 'standard', label: 'Of a standard' },
            { value: 'own', label: 'The shop’s own' },
          ]}
        />
        {own ? (
          <Choice
            label="Used"
            value={own.use}
            onChange={(use) => setSaid({ ...said, own: { ...own, use } })}
            options={[
              { value: 'stand', label: 'On a stand' },
              { value: 'dip', label: 'Dipped' },
            ]}
          />
        ) : (
          <SelectField
            label="Standard"
            value={said.standardId}
            onChange={(event) => setSaid({ ...said, standardId: event.target.value })}
            options={standards}
          />
        )}
      </div>
      {own && (
        <Calibration
          cup={said}
          liquids={liquids}
          onChange={(next) => setSaid({ ...said, own: { ...own, liquids: next } })}
        />
      )}
      {held && <CheckLiquid cup={said} onChange={setSaid} />}
      <div className="mt-5 flex flex-wrap gap-3">
        <Button look="main" onClick={save} disabled={!whole}>
          {held ? 'Save' : 'Add it'}
        </Button>
        {held && (
          <Button
            className="min-h-16"
            disabled={used}
            onClick={() => {
              store.remove(`cup/${cup.id}`, 'cup removed');
              notify(`${cup.name} is removed.`);
              onClose();
            }}
          >
            {used ? 'In use by a job' : 'Remove'}
          </Button>
        )}
      </div>
    </Dialog>
  );
}
