'use client';

import { isoNow } from '@/store/clock';
import { useState } from 'react';
import { canGrades, newId, type Can, type Coating } from '@/records';
import { useShelf, useStore } from '@/store/hooks';
import type { ShelfCan } from '@/facts/shop/shelf';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { expects } from '@/words/expects';
import { SelectField, TextField } from '@/ui/Field';
import { NumberField } from '@/ui/NumberField';
import { notify } from '@/ui/notify';
import { useUnits } from '@/ui/units';
import { amount, written } from '@/words/figures';
import { Printed } from '@/ui/Printed';
import { calendarDay } from '@/words/dates';

/** The cans of a sheet: lots, dates, what is left. */
export function CanShelf({ sheet }: { readonly sheet: Coating }) {
  const shelf = useShelf().filter(({ can }) => can.coatingId === sheet.id);
  const [editing, setEditing] = useState<Can>();
  const fresh = (): Can => ({
    kind: 'can',
    version: 1,
    id: newId(),
    coatingId: sheet.id,
    componentId: sheet.components[0]?.id ?? 'base',
    lot: 'Lot',
    left: 1e-3,
  });
  return (
    <section aria-label="Cans on the shelf">
      <div className="flex items-center justify-between">
        <h2 className="text-sm font-bold">Cans on the shelf</h2>
        <Button look="quiet" onClick={() => setEditing(fresh())}>
          Add a can
        </Button>
      </div>
      {shelf.length === 0 && <p className="text-sm text-ink-soft">None kept.</p>}
      <ul className="border-t border-hairline">
        {shelf.map((each) => (
          <CanLine key={each.can.id} each={each} sheet={sheet} onEdit={() => setEditing(each.can)} />
        ))}
      </ul>
      {editing && <CanForm can={editing} sheet={sheet} shelf={shelf} onClose={() => setEditing(undefined)} />}
    </section>
  );
}

interface LineProps {
  readonly each: ShelfCan;
  readonly sheet: Coating;
  readonly onEdit: () => void;
}

function CanLine({ each: { can, left, useBefore, expired, thinned, thinners }, sheet, onEdit }: LineProps) {
  const units = useUnits();
  const part = sheet.components.find(({ id }) => id === can.componentId);
  return (
    <li className="border-b border-hairline">
      <button
        type="button"
        className="flex min-h-11 w-full justify-between gap-3 px-1 py-1.5 text-left text-sm hover:bg-act-wash"
        onClick={onEdit}
      >
        <span>
          <b>{can.lot}</b>
          <span className="sr-only">: change this can</span>
          <span className="block text-ink-soft">
            {part?.name}
            {can.grade === 'brush' ? ', brush grade' : ''}
            {thinned > 0.0005
              ? `, thinned ${written(amount('share', thinned), units)} with ${thinners.map((id) => sheet.thinning.thinners.find((each) => each.id === id)?.name ?? 'rinsings').join(', ')}`
              : ''}
          </span>
        </span>
        <span className={`text-right ${expired ? 'font-semibold text-care' : 'text-ink-soft'}`}>
          <Printed figure={amount('volume', left)} /> left
          <span className="block">
            {expired ? '▲ past ' : 'before '}
            {useBefore === undefined ? 'no date' : calendarDay(useBefore)}
          </span>
        </span>
      </button>
    </li>
  );
}

interface FormProps {
  readonly can: Can;
  readonly sheet: Coating;
  readonly shelf: readonly ShelfCan[];
  readonly onClose: () => void;
}

const gradeOf = (value: string): Can['grade'] => canGrades.find((each) => each === value);

function CanForm({ can, sheet, shelf, onClose }: FormProps) {
  const store = useStore();
  const held = shelf.find((each) => each.can.id === can.id);
  const [said, setSaid] = useState<Can>(held ? { ...can, left: held.left } : can);
  const [asked, setAsked] = useState(false);
  const set = (part: Partial<Can>) => setSaid({ ...said, ...part });
  const day = (value: string) => (value === '' ? undefined : value);
  const complete = said.lot.trim() !== '' && Number.isFinite(said.left);
  const save = () => {
    setAsked(true);
    if (!complete) return;
    // What is left was looked at now: what was drawn before counts no more, unless nothing of it was touched.
    const recounted = !held || Math.abs(said.left - held.left) > 1e-9;
    store.put(recounted ? { ...said, countedAt: isoNow() } : { ...said, left: can.left }, 'can changed');
    onClose();
  };
  const dates = [
    ['made', 'Made'],
    ['opened', 'Opened'],
    ['useBefore', 'Use before, as printed'],
  ] as const;
  return (
    <Dialog open onClose={onClose} title={held ? `Can ${can.lot}` : 'New can'}>
      <div className="grid items-start gap-4 sm:grid-cols-2">
        <TextField
          label="Lot"
          value={said.lot}
          maxLength={120}
          onChange={(event) => set({ lot: event.target.value })}
          error={asked && said.lot.trim() === '' ? 'What does the can say?' : undefined}
        />
        <SelectField
          label="Part"
          value={said.componentId}
          onChange={(event) => set({ componentId: event.target.value })}
          options={sheet.components.map(({ id, name }) => ({ value: id, label: name }))}
        />
        <SelectField
          label="Grade"
          value={said.grade ?? ''}
          onChange={(event) => set({ grade: gradeOf(event.target.value) })}
          options={[
            { value: '', label: 'not stated' },
            { value: 'spray', label: 'Spray grade' },
            { value: 'brush', label: 'Brush grade' },
          ]}
        />
        <NumberField
          label="Left in it"
          quantity="volume"
          value={Number.isFinite(said.left) ? said.left : undefined}
          onChange={(value) => set({ left: value ?? Number.NaN })}
          expects={expects.volume}
          error={asked && !Number.isFinite(said.left) ? 'How much is in it?' : undefined}
          required
        />
        {dates.map(([name, label]) => (
          <TextField
            key={name}
            label={label}
            type="date"
            value={said[name] ?? ''}
            onChange={(event) => set({ [name]: day(event.target.value) })}
          />
        ))}
      </div>
      <div className="mt-5 flex flex-wrap gap-3">
        <Button look="main" onClick={save}>
          {held ? 'Save' : 'Put it on the shelf'}
        </Button>
        {held && (
          <Button
            className="min-h-16"
            onClick={() => {
              store.remove(`can/${can.id}`, 'can removed');
              notify(`Can ${can.lot} is off the shelf.`);
              onClose();
            }}
          >
            Take it off the shelf
          </Button>
        )}
      </div>
    </Dialog>
  );
}
