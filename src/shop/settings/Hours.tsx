'use client';

import { usualWorkday, type Shop } from '@/records';
import { FieldShell, fieldBox } from '@/ui/Field';

interface Props {
  readonly shop: Shop;
  readonly set: (said: Partial<Shop>) => void;
}

const text = (seconds: number): string =>
  `${String(Math.floor(seconds / 3600)).padStart(2, '0')}:${String(Math.floor((seconds % 3600) / 60)).padStart(2, '0')}`;

const seconds = (time: string): number | undefined => {
  const [hours, minutes] = time.split(':').map(Number);
  return hours === undefined || minutes === undefined || Number.isNaN(hours + minutes)
    ? undefined
    : hours * 3600 + minutes * 60;
};

/** Working hours: coats are planned inside them. */
export function Hours({ shop, set }: Props) {
  const { begins, ends } = shop.workday ?? usualWorkday;
  const change = (said: { begins?: number; ends?: number }) => {
    const next = { begins, ends, ...said };
    if (next.ends > next.begins) set({ workday: next });
  };
  const field = (label: string, value: number, onChange: (at: number) => void) => (
    <FieldShell label={label}>
      {({ id }) => (
        <input
          id={id}
          type="time"
          className={fieldBox}
          value={text(value)}
          onChange={(event) => {
            const at = seconds(event.target.value);
            if (at !== undefined) onChange(at);
          }}
        />
      )}
    </FieldShell>
  );
  return (
    <div className="grid grid-cols-2 gap-3">
      {field('Work begins', begins, (at) => change({ begins: at }))}
      {field('and ends', ends, (at) => change({ ends: at }))}
    </div>
  );
}
