'use client';

import { useEffect, useState } from 'react';
import { isoNow } from '@/store/clock';
import { backUpInto, canChooseFolder, chooseFolder, chosenFolder, mayWrite } from '@/store/disk/backupfolder';
import { useStore } from '@/store/hooks';
import { Button } from '@/ui/Button';
import { arrived } from '@/ui/fetched';
import { notify } from '@/ui/notify';

interface Props {
  readonly onDone: () => void;
}

/** A folder on this device, or on the shop’s network, that backups go into. */
export function BackupFolder({ onDone }: Props) {
  const store = useStore();
  const [name, setName] = useState<string>();
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    void chosenFolder().then((folder) => setName(folder?.name));
  }, []);
  if (!canChooseFolder()) return null;
  const backUp = async (choose: boolean) => {
    const folder = choose ? await chooseFolder() : await chosenFolder();
    if (!folder) return;
    setName(folder.name);
    if (!(await mayWrite(folder, true)))
      return notify('The folder may not be written to. Nothing was backed up.');
    setBusy(true);
    const out = await arrived(import('@/store/takeout'));
    const now = isoNow();
    const taken = await out?.takeOut(store, now, undefined, out.inWorker);
    const done = taken && (await backUpInto(folder, taken.file, now, taken.ending));
    setBusy(false);
    if (!done)
      return notify('The backup could not be written to the folder. Choose another, or export everything.');
    notify('Backed up into the folder, and read back.');
    onDone();
  };
  return (
    <>
      {name !== undefined && (
        <Button disabled={busy} onClick={() => void backUp(false)}>
          {busy ? 'Writing the backup' : `Back up into “${name || 'the folder'}”`}
        </Button>
      )}
      <Button disabled={busy} onClick={() => void backUp(true)}>
        {name === undefined ? 'Back up into a folder' : 'Choose another folder'}
      </Button>
    </>
  );
}
