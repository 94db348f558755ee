import * as Comlink from 'comlink';
import { isRefusal, type Outcome } from '@/core/refusal';
import { triedOut } from '@/exchange/trial';
import { isArchive, readArchive } from '@/exchange/archive';
import { previewSheetsCsv } from '@/exchange/sheetcsv';
import { previewBundle, refuseSize, type BundlePreview, type Existing } from '@/exchange/bundle';

const api = {
  async preview(
    file: File,
    existing: Existing,
    progress: (share: number) => void,
  ): Promise<Outcome<BundlePreview>> {
    const archive = (await isArchive(file)) ? await readArchive(file) : undefined;
    if (isRefusal(archive)) return archive;
    const tooLarge = archive ? undefined : refuseSize(file.size);
    if (tooLarge) return tooLarge;
    const text = archive?.bundle ?? (await file.text());
    const found = file.name.toLowerCase().endsWith('.csv')
      ? previewSheetsCsv(text, existing.records)
      : previewBundle(text, existing, progress);
    const preview = archive && !isRefusal(found) ? { ...found, pictures: archive.pictures } : found;
    return isRefusal(preview)
      ? preview
      : { ...preview, items: triedOut(preview.items, existing.records, Date.now()) };
  },
};

export type BundleWorker = typeof api;

Comlink.expose(api);
