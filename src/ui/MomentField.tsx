'use client';

import { localMoment, momentOf } from '@/words/moment';
import { TextField } from './Field';

interface Props {
  readonly label: string;
  /** ISO 8601 */
  readonly value: string | undefined;
  readonly onCommit: (value: string | undefined) => void;
}

/** A day and a time. Handed over when the field is left: half a date is none, and would take away what stood there. */
export function MomentField({ label, value, onCommit }: Props) {
  return (
    <TextField
      key={value}
      label={label}
      type="datetime-local"
      defaultValue={localMoment(value)}
      onBlur={(event) => {
        const said = momentOf(event.target.value);
        if (said !== value) onCommit(said);
      }}
    />
  );
}
