'use client';

import { useEffect, useRef, useState } from 'react';
import { isRefusal } from '@/core/refusal';
import { useStore } from '@/store/hooks';
import { toldOf } from '@/store/told';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { notify } from '@/ui/notify';
import { useUnits } from '@/ui/units';
import { previewFile, type PreviewTask } from '@/workers/bundle';
import { takeIn, type Looked } from './takein';
import { ImportPreview } from './ImportPreview';

interface Props {
  readonly says: string;
  /** File endings taken, as the file chooser wants them. */
  readonly accept: string;
}

/** A file chosen, read off the main thread, previewed, and taken in whole or not at all. */
export function ImportFile({ says, accept }: Props) {
  const store = useStore();
  const units = useUnits();
  const input = useRef<HTMLInputElement>(null);
  const task = useRef<PreviewTask>(undefined);
  const [progress, setProgress] = useState<number>();
  const [refused, setRefused] = useState<string>();
  const [preview, setPreview] = useState<Looked>();
  const [taking, setTaking] = useState(false);
  useEffect(() => () => task.current?.cancel(), []);

  const read = async (file: File) => {
    setRefused(undefined);
    setProgress(0);
    task.current?.cancel();
    task.current = previewFile(file, toldOf(store), setProgress);
    const outcome = await task.current.result;
    setProgress(undefined);
    if (isRefusal(outcome)) setRefused(units.says(outcome));
    else setPreview({ ...outcome, file });
  };
  const take = async (back: boolean) => {
    if (!preview) return;
    setTaking(true);
    const outcome = await takeIn(store, preview, back);
    setTaking(false);
    setPreview(undefined);
    if (isRefusal(outcome)) return setRefused(units.says(outcome));
    const many = outcome.records === 1 ? '1 record is in.' : `${outcome.records} records are in.`;
    notify(`${many} Undo takes ${outcome.records === 1 ? 'it' : 'them'} out again.`);
  };
  return (
    <>
      <Button onClick={() => input.current?.click()}>{says}</Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label="File to import"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) void read(file);
        }}
      />
      {progress !== undefined && (
        <div role="status" className="flex w-full items-center gap-4">
          <progress
            value={progress}
            max={1}
            aria-label="Reading the file"
            className="w-60 accent-[var(--act)]"
          />
          Reading the file
          <Button onClick={() => task.current?.cancel()}>Stop</Button>
        </div>
      )}
      {refused && (
        <div className="w-full max-w-2xl" role="alert">
          <Notice tone="stop">{refused}</Notice>
        </div>
      )}
      {preview && (
        <ImportPreview
          preview={preview}
          busy={taking}
          onTake={(back) => void take(back)}
          onClose={() => setPreview(undefined)}
        />
      )}
    </>
  );
}
