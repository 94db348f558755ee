'use client';

import { useState } from 'react';
import type { Job } from '@/records';
import { useLog } from '@/store/actions';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';

/** A line of one's own in the log. */
export function NoteEntry({ job }: { readonly job: Job }) {
  const log = useLog(job);
  const [text, setText] = useState('');
  return (
    <form
      className="mb-4 grid max-w-2xl items-end gap-3 sm:grid-cols-[1fr_auto]"
      onSubmit={(event) => {
        event.preventDefault();
        if (!text.trim()) return;
        log('note', { type: 'note', text: text.trim() });
        setText('');
      }}
    >
      <TextField
        label="Note"
        value={text}
        maxLength={2000}
        onChange={(event) => setText(event.target.value)}
      />
      <Button type="submit" disabled={!text.trim()}>
        Write it down
      </Button>
    </form>
  );
}
