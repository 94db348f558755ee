import * as Comlink from 'comlink';
import { isRefusal, type Outcome } from '@/core/refusal';
import { triedOut } from '@/exchange/trial';
import { previewSheetsCsv } from '@/exchange/sheetcsv';
import { previewBundle, refuseSize, type BundlePreview, type Existing } from '@/exchange/bundle';

const api = {
  async preview(
    file: File,
    existing: Existing,
    progress: (share: number) => void,
  ): Promise<Outcome<BundlePreview>> {
    const tooLarge = refuseSize(file.size);
    if (tooLarge) return tooLarge;
    const text = await file.text();
    const preview = file.name.toLowerCase().endsWith('.csv')
      ? previewSheetsCsv(text, existing.records)
      : previewBundle(text, existing, progress);
    return isRefusal(preview)
      ? preview
      : { ...preview, items: triedOut(preview.items, existing.records, Date.now()) };
  },
};

export type BundleWorker = typeof api;

Comlink.expose(api);
