'use client';

import { useEffect, useRef, useState } from 'react';
import { notify } from '@/ui/notify';
import { isRefusal } from '@/core/refusal';
import { writeBundle, type BundlePreview } from '@/exchange/bundle';
import { bundleFileName } from '@/exchange/filename';
import { keyOf, newShop } from '@/records';
import { loadDemo, removeDemo } from '@/store/demo';
import { useShop, useShopState, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { download } from '@/ui/download';
import { Notice } from '@/ui/Notice';
import { Panel } from '@/ui/Panel';
import { useUnits } from '@/ui/units';
import { previewFile, type PreviewTask } from '@/workers/bundle';
import { ImportPreview } from './ImportPreview';

/** Everything in and out: export, import with a preview, the demo shop, and starting over. */
export function DataPanel() {
  const store = useStore();
  const shop = useShop();
  const units = useUnits();
  const { records } = useShopState();
  const input = useRef<HTMLInputElement>(null);
  const task = useRef<PreviewTask>(undefined);
  const [progress, setProgress] = useState<number>();
  const [refused, setRefused] = useState<string>();
  const [preview, setPreview] = useState<BundlePreview>();
  const [wiping, setWiping] = useState(false);
  useEffect(() => () => task.current?.cancel(), []);

  const read = async (file: File) => {
    setRefused(undefined);
    setProgress(0);
    task.current?.cancel();
    task.current = previewFile(file, [...records.values()], setProgress);
    const outcome = await task.current.result;
    setProgress(undefined);
    if (isRefusal(outcome)) setRefused(units.says(outcome));
    else setPreview(outcome);
  };
  const exportAll = () => {
    const now = new Date().toISOString();
    download(bundleFileName(shop.name || 'shop', now.slice(0, 10)), writeBundle([...records.values()], now));
  };
  const take = async () => {
    const wanted = preview?.items.filter(({ state }) => state === 'new' || state === 'changed') ?? [];
    const done = await store.commit(
      wanted.map(({ record }) => record).filter((record) => record !== undefined),
      [],
      'import',
    );
    setPreview(undefined);
    if (done) notify(`${wanted.length} records are in. Undo takes them out again.`);
    else setRefused('There is no room for this file on this device. Nothing was changed.');
  };
  const wipe = async () => {
    // The settings stay, as new: a shop with nothing in it is not a first visit.
    const keys = [...records.keys()].filter((key) => key !== keyOf(newShop));
    await store.commit([{ ...newShop, units: shop.units, theme: shop.theme }], keys, 'everything removed');
    setWiping(false);
    notify('Everything is removed. Undo brings it back, as long as this tab is open.');
  };
  return (
    <Panel title="Data">
      <p className="mb-4 max-w-2xl text-sm text-ink-soft">
        {records.size} records on this device. The file is plain JSON in SI units, its format documented; it
        holds everything and comes back identical.
      </p>
      <div className="flex flex-wrap gap-3">
        <Button onClick={exportAll} disabled={records.size === 0}>
          Export everything
        </Button>
        <Button onClick={() => input.current?.click()}>Import a file</Button>
        <input
          ref={input}
          type="file"
          accept=".json,application/json"
          aria-label="File to import"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            event.target.value = '';
            if (file) void read(file);
          }}
        />
        {shop.demo ? (
          <Button
            onClick={() =>
              void removeDemo(store).then(() => notify('The demo shop is out. What you made yourself stays.'))
            }
          >
            Take the demo shop out
          </Button>
        ) : (
          <Button
            onClick={() =>
              void loadDemo(store, Date.now()).then((done) =>
                notify(done ? 'The demo shop is in.' : 'There is no room for it.'),
              )
            }
          >
            Load the demo shop
          </Button>
        )}
        <Button onClick={() => setWiping(true)} disabled={records.size === 0}>
          Remove everything
        </Button>
      </div>
      {progress !== undefined && (
        <div role="status" className="mt-4 flex items-center gap-4">
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
        <div className="mt-4 max-w-2xl" role="alert">
          <Notice tone="stop">{refused}</Notice>
        </div>
      )}
      {preview && (
        <ImportPreview preview={preview} onTake={() => void take()} onClose={() => setPreview(undefined)} />
      )}
      <Dialog
        open={wiping}
        onClose={() => setWiping(false)}
        title="Remove everything?"
        says="Every job, sheet, rig, cup and setting on this device. Export first if any of it matters."
      >
        <div className="flex flex-wrap gap-3">
          <Button onClick={exportAll}>Export everything first</Button>
          <Button look="stop" onClick={() => void wipe()}>
            Remove everything
          </Button>
        </div>
      </Dialog>
    </Panel>
  );
}
