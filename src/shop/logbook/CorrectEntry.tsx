'use client';

import { momentNow } from '@/store/clock';
import { useState } from 'react';
import { useRecorded } from '@/ui/recorded';
import type { QuantityId } from '@/core/quantity';
import type { EntryType, Job, LogEntry } from '@/records';
import { correctEntry } from '@/store/actions';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { NumberField } from '@/ui/NumberField';
import { typeWords } from '@/words/entry';

interface Field {
  readonly name: string;
  readonly label: string;
  /** Without one the field is text. */
  readonly quantity?: QuantityId;
}

/** What of each kind of entry can be corrected. Entries that say nothing but their time are struck instead. */
const fields: Partial<Record<EntryType, readonly Field[]>> = {
  climate: [
    { name: 'air', label: 'Air', quantity: 'temperature' },
    { name: 'part', label: 'Part', quantity: 'temperature' },
    { name: 'humidity', label: 'Relative humidity', quantity: 'share' },
  ],
  poured: [{ name: 'mass', label: 'Poured', quantity: 'mass' }],
  reading: [
    { name: 'seconds', label: 'Seconds', quantity: 'time' },
    { name: 'temperature', label: 'Paint temperature', quantity: 'temperature' },
  ],
  addition: [{ name: 'mass', label: 'Added', quantity: 'mass' }],
  setting: [
    { name: 'fluid', label: 'Fluid', quantity: 'fluidFlow' },
    { name: 'speed', label: 'Speed', quantity: 'speed' },
    { name: 'distance', label: 'Distance', quantity: 'distance' },
  ],
  comb: [
    { name: 'wetted', label: 'Last wetted tooth', quantity: 'film' },
    { name: 'dry', label: 'First dry tooth', quantity: 'film' },
  ],
  film: [{ name: 'reading', label: 'Reading', quantity: 'film' }],
  note: [{ name: 'text', label: 'Note' }],
  action: [{ name: 'text', label: 'Action' }],
  defect: [{ name: 'note', label: 'Note' }],
  discard: [{ name: 'why', label: 'Why' }],
};

interface Props {
  readonly job: Job;
  readonly entry: LogEntry;
  readonly onClose: () => void;
}

export function CorrectEntry({ job, entry, onClose }: Props) {
  const store = useStore();
  const recorded = useRecorded();
  const [said, setSaid] = useState<Record<string, unknown>>({ ...entry });
  const own = fields[entry.type] ?? [];
  const complete = own.every(({ name }) => said[name] !== undefined && said[name] !== '');
  const save = () => {
    if (!complete) return;
    store.put(correctEntry(job, said as unknown as LogEntry, momentNow()), 'entry corrected');
    recorded('Corrected. What it said before is kept.');
    onClose();
  };
  return (
    <Dialog
      open
      onClose={onClose}
      title={`Correct: ${typeWords[entry.type].toLowerCase()}`}
      says={
        own.length === 0
          ? 'This entry says nothing but its time. Strike it if it should not be here.'
          : 'What it said before stays with it.'
      }
    >
      <div className="space-y-4">
        {own.map(({ name, label, quantity }) =>
          quantity ? (
            <NumberField
              key={name}
              label={label}
              quantity={quantity}
              value={said[name] as number | undefined}
              onChange={(value) => setSaid({ ...said, [name]: value })}
              required
              onEnter={save}
            />
          ) : (
            <TextField
              key={name}
              label={label}
              value={String(said[name] ?? '')}
              maxLength={2000}
              onChange={(event) => setSaid({ ...said, [name]: event.target.value })}
            />
          ),
        )}
        {own.length > 0 && (
          <Button look="main" disabled={!complete} onClick={save}>
            Correct it
          </Button>
        )}
      </div>
    </Dialog>
  );
}
