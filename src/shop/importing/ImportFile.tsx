'use client';

import { useEffect, useRef, useState } from 'react';
import { isRefusal } from '@/core/refusal';
import type { BundlePreview } from '@/exchange/bundle';
import type { AnyRecord } from '@/records';
import { useShopState, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { notify } from '@/ui/notify';
import { useUnits } from '@/ui/units';
import { previewFile, type PreviewTask } from '@/workers/bundle';
import { changedSheet } from '@/facts/shop/revisions';
import { ImportPreview } from './ImportPreview';

/** A sheet that replaces another leaves the other behind as a revision. */
function withRevision(record: AnyRecord, held: ReadonlyMap<string, AnyRecord>): AnyRecord[] {
  const before = record.kind === 'coating' ? held.get(`coating/${record.id}`) : undefined;
  return before?.kind === 'coating' && record.kind === 'coating'
    ? changedSheet(before, record, new Date().toISOString())
    : [record];
}

interface Props {
  readonly says: string;
  /** File endings taken, as the file chooser wants them. */
  readonly accept: string;
}

/** A file chosen, read off the main thread, previewed, and taken in whole or not at all. */
export function ImportFile({ says, accept }: Props) {
  const store = useStore();
  const units = useUnits();
  const { records } = useShopState();
  const input = useRef<HTMLInputElement>(null);
  const task = useRef<PreviewTask>(undefined);
  const [progress, setProgress] = useState<number>();
  const [refused, setRefused] = useState<string>();
  const [preview, setPreview] = useState<BundlePreview>();
  useEffect(() => () => task.current?.cancel(), []);

  const read = async (file: File) => {
    setRefused(undefined);
    setProgress(0);
    task.current?.cancel();
    task.current = previewFile(file, { records: [...records.values()], docs: store.docs() }, setProgress);
    const outcome = await task.current.result;
    setProgress(undefined);
    if (isRefusal(outcome)) setRefused(units.says(outcome));
    else setPreview(outcome);
  };
  const take = async (back: boolean) => {
    const items =
      preview?.items.filter(({ state }) => state !== 'refused' && (back || state !== 'gone')) ?? [];
    const wanted = items.filter(({ state }) => state !== 'same');
    const done = await store.commit(
      // What merges brings its history along; what does not leaves what it replaces behind as a revision.
      wanted.flatMap(({ record, doc }) => (record && !doc ? withRevision(record, records) : [])),
      [],
      'import',
      { docs: new Map(items.flatMap(({ key, doc }) => (doc ? [[key, doc] as const] : []))) },
    );
    setPreview(undefined);
    const many = wanted.length === 1 ? '1 record is in.' : `${wanted.length} records are in.`;
    if (done) notify(`${many} Undo takes ${wanted.length === 1 ? 'it' : 'them'} out again.`);
    else setRefused('There is no room for this file on this device. Nothing was changed.');
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
          onTake={(back) => void take(back)}
          onClose={() => setPreview(undefined)}
        />
      )}
    </>
  );
}
