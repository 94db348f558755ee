import * as Comlink from 'comlink';
import type { Outcome } from '@/core/refusal';
import { previewBundle, refuseSize, type BundlePreview } from '@/exchange/bundle';
import type { AnyRecord } from '@/records';

const api = {
  async preview(
    file: File,
    existing: readonly AnyRecord[],
    progress: (share: number) => void,
  ): Promise<Outcome<BundlePreview>> {
    return refuseSize(file.size) ?? previewBundle(await file.text(), existing, progress);
  },
};

export type BundleWorker = typeof api;

Comlink.expose(api);
