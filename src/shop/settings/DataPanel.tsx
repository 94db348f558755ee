'use client';

import { useState } from 'react';
import { notify } from '@/ui/notify';
import { newShop } from '@/records';
import { loadDemo, removeDemo } from '@/store/demo';
import { useShop, useShopState, useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { useSend, useTakeOut } from '@/ui/takeout';
import { daysSince, lastBackup, noteBackup } from '@/store/disk/backup';
import { momentNow, useNow } from '@/store/clock';
import { Panel } from '@/ui/Panel';
import { BackupFolder } from './BackupFolder';
import { ImportFile } from '../importing/ImportFile';

/** Everything in and out: export, import with a preview, the demo shop, and starting over. */
export function DataPanel() {
  const store = useStore();
  const shop = useShop();
  const { records } = useShopState();
  const [wiping, setWiping] = useState(false);
  const [saved, setSaved] = useState(lastBackup);
  const days = daysSince(saved, useNow());
  const takeOut = useTakeOut();
  const send = useSend();
  const noted = () => {
    const now = momentNow();
    noteBackup(now);
    setSaved(now);
  };
  const [busy, setBusy] = useState(false);
  const exportAll = async () => {
    setBusy(true);
    const done = await takeOut(shop.name || 'shop');
    setBusy(false);
    if (done) noted();
  };
  const hasPictures = [...records.values()].some(({ kind }) => kind === 'photo');
  const back = hasPictures ? 'all but the pictures back' : 'it back';
  const wipe = async () => {
    // The settings stay, as new: a shop with nothing in it is not a first visit.
    const wiped = await store.erase(
      { ...newShop, units: shop.units, theme: shop.theme },
      'everything removed',
    );
    setWiping(false);
    if (!wiped) {
      notify('Nothing was removed: the disk would not take it.');
      return;
    }
    notify(`Everything is removed. Undo brings ${back}, as long as this tab is open.`);
  };
  return (
    <Panel title="Data">
      <p className="mb-4 max-w-2xl text-sm text-ink-soft">
        {records.size} {records.size === 1 ? 'record' : 'records'} on this device. The file is plain JSON in
        SI units, with photos an archive of it and them, its format documented; it holds everything and comes
        back identical.{' '}
        <b className="text-ink" data-backup>
          {days === undefined
            ? 'Never exported from this browser.'
            : days === 0
              ? 'Last exported today.'
              : `Last exported ${days} ${days === 1 ? 'day' : 'days'} ago.`}
        </b>
      </p>
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => void exportAll()} disabled={records.size === 0 || busy}>
          {busy ? 'Writing the file' : 'Export everything'}
        </Button>
        <Button onClick={() => void send(shop.name || 'shop')} disabled={records.size === 0}>
          Send to another device
        </Button>
        <BackupFolder onDone={noted} />
        <ImportFile
          says="Import a file"
          accept=".json,.csv,.zip,.txt,application/json,text/csv,application/zip,text/plain"
        />
        {shop.demo ? (
          <Button
            onClick={() =>
              void removeDemo(store).then((out) =>
                notify(
                  out
                    ? 'The demo shop is out. What you made yourself stays.'
                    : 'The demo shop is still here: the disk would not take the change.',
                ),
              )
            }
          >
            Take the demo shop out
          </Button>
        ) : (
          <Button
            onClick={() =>
              void loadDemo(store, momentNow()).then((done) =>
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
      <Dialog
        open={wiping}
        onClose={() => setWiping(false)}
        title="Remove everything?"
        says={`Every job, sheet, gun, cup and setting is taken off this device, and nothing of it is left in a file exported later. Export first if any of it matters${hasPictures ? ': undo brings no picture back' : ''}.`}
      >
        <div className="flex flex-wrap gap-3">
          <Button onClick={() => void exportAll()}>Export everything first</Button>
          <Button look="stop" onClick={() => void wipe()}>
            Remove everything
          </Button>
        </div>
      </Dialog>
    </Panel>
  );
}
