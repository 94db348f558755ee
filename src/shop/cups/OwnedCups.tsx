'use client';

import { useState } from 'react';
import { newId, type Cup } from '@/records';
import { useRecords } from '@/store/hooks';
import { lastCheck } from '@/facts/job';
import { Button } from '@/ui/Button';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { cupKind } from '@/words/cup';
import { CupForm } from './CupForm';
import { amount, written } from '@/words/figures';
import { calendarDay } from '@/words/dates';

const fresh = (): Cup => ({ kind: 'cup', version: 1, id: newId(), name: '', standardId: 'iso-4' });

/** The cups the shop owns: the standards’ kinds and its own, with what their last check said. */
export function OwnedCups() {
  const cups = useRecords('cup');
  const [editing, setEditing] = useState<Cup>();
  return (
    <Panel title="Cups owned" tools={<Button onClick={() => setEditing(fresh())}>Add a cup</Button>}>
      <ul className="divide-y divide-hairline border-y border-hairline">
        {cups.map((cup) => (
          <CupLine key={cup.id} cup={cup} onEdit={() => setEditing(cup)} />
        ))}
        {cups.length === 0 && <li className="py-4 text-ink-soft">No cups yet. Add the one on the bench.</li>}
      </ul>
      {editing && <CupForm key={editing.id} cup={editing} onClose={() => setEditing(undefined)} />}
    </Panel>
  );
}

const checkWords = {
  good: '✓ reads true',
  worn: '▲ orifice worn: reads short',
  slow: '▲ clogged or dented: reads long',
};

function CupLine({ cup, onEdit }: { readonly cup: Cup; readonly onEdit: () => void }) {
  const units = useUnits();
  const check = lastCheck(cup);
  const on = check?.on ?? cup.checkedOn;
  return (
    <li>
      <button
        type="button"
        className="flex min-h-14 w-full items-center justify-between gap-3 px-1 py-1.5 text-left hover:bg-act-wash"
        onClick={onEdit}
      >
        <span>
          <b>{cup.name}</b>
          <span className="block text-sm text-ink-soft">{cupKind(cup)}</span>
        </span>
        <span
          className={`text-right text-sm ${check && check.state !== 'good' ? 'font-semibold text-care' : 'text-ink-soft'}`}
        >
          {check
            ? `${checkWords[check.state]}, ${written(amount('share', Math.abs(check.off)), units)} off`
            : ''}
          <span className="block">{on ? `checked ${calendarDay(on)}` : 'never checked'}</span>
        </span>
      </button>
    </li>
  );
}
