import localforage from 'localforage/dist/localforage.nopromises.min';

/** What this browser can do with a folder, beyond what the types know of it. */
interface Folder extends FileSystemDirectoryHandle {
  queryPermission?(of: { mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission?(of: { mode: 'readwrite' }): Promise<PermissionState>;
}

interface Picker {
  showDirectoryPicker?(options: { mode: 'readwrite'; id: string }): Promise<Folder>;
}

const mode = { mode: 'readwrite' } as const;
/** So many backups stay in the folder, the youngest. A default. */
const most = 10;
const prefix = 'fluorite-backup-';

const kept = () =>
  localforage.createInstance({ name: 'fluorite-folder', storeName: 'folder', driver: localforage.INDEXEDDB });

export const canChooseFolder = (): boolean =>
  typeof window !== 'undefined' && 'showDirectoryPicker' in window;

/** The folder that was chosen for backups; undefined for none. */
export const chosenFolder = async (): Promise<Folder | undefined> =>
  (await kept()
    .getItem<Folder>('folder')
    .catch(() => null)) ?? undefined;

/** Asks for a folder, at a tap; undefined where none was chosen. */
export async function chooseFolder(): Promise<Folder | undefined> {
  try {
    const folder = await (window as Picker).showDirectoryPicker?.({ ...mode, id: 'fluorite' });
    if (folder) await kept().setItem('folder', folder);
    return folder;
  } catch {
    // Closed without a choice.
    return undefined;
  }
}

/**
 * May the folder be written to?
 *
 * @param ask asks for it, which only a tap may
 */
export async function mayWrite(folder: Folder, ask: boolean): Promise<boolean> {
  const now = (await folder.queryPermission?.(mode)) ?? 'granted';
  if (now === 'granted' || !ask) return now === 'granted';
  return (await folder.requestPermission?.(mode).catch(() => 'denied')) === 'granted';
}

/**
 * Writes a backup into a folder, as a stream, and reads it back. Older ones beyond the last few go.
 *
 * @param stamp that names it, and sorts as the backups came: a moment
 * @returns false where it could not be written, or did not read back as long as it was
 */
export async function backUpInto(
  folder: Folder,
  file: Blob,
  stamp: string,
  ending: string,
): Promise<boolean> {
  const name = `${prefix}${stamp.replace(/[:.]/g, '-')}.${ending}`;
  try {
    const handle = await folder.getFileHandle(name, { create: true });
    // Written beside and put in its place at the end: a backup cut short is none.
    await file.stream().pipeTo(await handle.createWritable());
    if ((await handle.getFile()).size !== file.size) return false;
    const all: string[] = [];
    for await (const each of folder.keys()) if (each.startsWith(prefix)) all.push(each);
    for (const old of all.sort().slice(0, -most)) await folder.removeEntry(old);
    return true;
  } catch {
    return false;
  }
}
