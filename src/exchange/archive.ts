import {
  BlobReader,
  BlobWriter,
  configure,
  TextWriter,
  ZipReader,
  ZipWriter,
  type FileEntry,
} from '@zip.js/zip.js';
import { isRefusal, refuse, type Outcome, type Refusal } from '@/core/refusal';
import { bundleLimit } from './bundle';

// The policy the pages are served under allows no worker made of a text.
configure({ useWebWorkers: false });

/** The bundle inside an archive, and where its photos lie. */
const bundleName = 'shop.fluorite.json';
const folder = 'photos/';
/** A photo kept by Fluorite is smaller; what is larger is another picture. */
const largestPicture = 2 * 1024 * 1024;

export interface PackedPicture {
  readonly id: string;
  readonly picture: Blob;
}

const nameOf = (id: string): string => `${folder}${encodeURIComponent(id)}.jpg`;

function idIn(name: string): string | undefined {
  if (!name.startsWith(folder) || !name.endsWith('.jpg')) return undefined;
  try {
    return decodeURIComponent(name.slice(folder.length, -'.jpg'.length));
  } catch {
    return undefined;
  }
}

/**
 * Writes an archive: the bundle, and beside it each photo’s picture, one after the other, so that it may be larger than
 * what fits in memory.
 *
 * @param pictures one by one; a photo whose picture is missing on this device is left out
 */
export async function writeArchive(bundle: Blob, pictures: AsyncIterable<PackedPicture>): Promise<Blob> {
  const zip = new ZipWriter(new BlobWriter('application/zip'), { keepOrder: true });
  await zip.add(bundleName, new BlobReader(bundle));
  // Pictures are small already: packing them again would only take time.
  for await (const { id, picture } of pictures)
    await zip.add(nameOf(id), new BlobReader(picture), { level: 0 });
  return zip.close();
}

const isFile = (entry: { readonly directory: boolean }): entry is FileEntry => !entry.directory;
const damaged = () =>
  refuse('cut-off', 'The archive is cut off or damaged. Export it again. Nothing was changed.');

/** Does a file begin as an archive does? */
export async function isArchive(file: Blob): Promise<boolean> {
  const [p, k] = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  return p === 0x50 && k === 0x4b;
}

/** The files in an archive; refuses what is none. */
async function filesIn(archive: Blob): Promise<Outcome<readonly FileEntry[]>> {
  try {
    return (await new ZipReader(new BlobReader(archive)).getEntries()).filter(isFile);
  } catch {
    return damaged();
  }
}

/** The bundle of an archive, and the ids of the pictures in it. */
export async function readArchive(
  archive: Blob,
): Promise<Outcome<{ readonly bundle: string; readonly pictures: readonly string[] }>> {
  const files = await filesIn(archive);
  if (isRefusal(files)) return files;
  const held = files.find(({ filename }) => filename === bundleName);
  if (!held)
    return refuse(
      'foreign',
      'This archive holds no Fluorite file. Choose one that Fluorite has written. Nothing was changed.',
    );
  if (held.uncompressedSize > bundleLimit)
    return refuse(
      'too-large',
      'The records in this archive are too large to be Fluorite’s. Nothing was changed.',
    );
  try {
    const bundle = await held.getData(new TextWriter(), { checkSignature: true });
    return { bundle, pictures: files.flatMap(({ filename }) => idIn(filename) ?? []) };
  } catch {
    return damaged();
  }
}

/**
 * The pictures of an archive, one by one, each checked against the sum written beside it.
 *
 * @param wanted which of them
 * @throws Refusal for one that is damaged or no picture of Fluorite’s
 */
export async function* picturesIn(archive: Blob, wanted: ReadonlySet<string>): AsyncGenerator<PackedPicture> {
  const files = await filesIn(archive);
  if (isRefusal(files)) throw new ArchiveRefused(files);
  for (const file of files) {
    const id = idIn(file.filename);
    if (id === undefined || !wanted.has(id)) continue;
    if (file.uncompressedSize > largestPicture) throw new ArchiveRefused(damaged());
    let picture: Blob;
    try {
      picture = await file.getData(new BlobWriter('image/jpeg'), { checkSignature: true });
    } catch {
      throw new ArchiveRefused(damaged());
    }
    const [a, b] = new Uint8Array(await picture.slice(0, 2).arrayBuffer());
    if (a !== 0xff || b !== 0xd8) throw new ArchiveRefused(damaged());
    yield { id, picture };
  }
}

/** Why the pictures of an archive could not be taken in. */
export class ArchiveRefused extends Error {
  constructor(readonly refusal: Refusal) {
    super(refusal.says);
  }
}

/** Reads an archive back whole, as a restore would: how many pictures in it are sound. */
export async function checkedArchive(archive: Blob): Promise<Outcome<{ readonly pictures: number }>> {
  const read = await readArchive(archive);
  if (isRefusal(read)) return read;
  let pictures = 0;
  try {
    for await (const { id } of picturesIn(archive, new Set(read.pictures))) if (id) pictures += 1;
  } catch (error) {
    return error instanceof ArchiveRefused ? error.refusal : damaged();
  }
  return { pictures };
}
