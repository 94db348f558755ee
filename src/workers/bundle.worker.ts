import * as Comlink from 'comlink';
import { isRefusal, type Outcome } from '@/core/refusal';
import { triedOut } from '@/exchange/trial';
import { isArchive, readArchive } from '@/exchange/archive';
import { previewSheetsCsv } from '@/exchange/sheetcsv';
import {
  previewBundle,
  refuseSize,
  writeBundle,
  type BundleItem,
  type BundlePreview,
} from '@/exchange/bundle';
import { existingFrom, type HeldRecord } from '@/exchange/told';

const told: HeldRecord[] = [];
let items: readonly BundleItem[] = [];

/** What came with its history is merged from that; only of a photo the record is asked for again. */
const asSent = ({ record, ...item }: BundleItem): BundleItem =>
  record && (!item.doc || record.kind === 'photo') ? { ...item, record } : item;

const api = {
  /** A part of what the shop holds. To be told before anything is asked. */
  tell(part: readonly HeldRecord[]): void {
    told.push(...part);
  },

  /** What a file would do; its items are fetched after, in parts. */
  async preview(
    file: File,
    progress: (share: number) => void,
  ): Promise<Outcome<Omit<BundlePreview, 'items'> & { readonly count: number }>> {
    const archive = (await isArchive(file)) ? await readArchive(file) : undefined;
    if (isRefusal(archive)) return archive;
    const tooLarge = archive ? undefined : refuseSize(file.size);
    if (tooLarge) return tooLarge;
    const text = archive?.bundle ?? (await file.text());
    const existing = existingFrom(told);
    const found = file.name.toLowerCase().endsWith('.csv')
      ? previewSheetsCsv(text, existing.records)
      : previewBundle(text, existing, progress);
    if (isRefusal(found)) return found;
    items = triedOut(found.items, existing.records, Date.now());
    return {
      exported: found.exported,
      count: items.length,
      ...(archive ? { pictures: archive.pictures } : {}),
    };
  },

  items(from: number, to: number): BundleItem[] {
    return items.slice(from, to).map(asSent);
  },

  /** The bundle of everything that was told. */
  written(exported: string): Blob {
    const { records, docs } = existingFrom(told);
    return new Blob([writeBundle(records, exported, docs)], { type: 'application/json' });
  },
};

export type BundleWorker = typeof api;

Comlink.expose(api);
