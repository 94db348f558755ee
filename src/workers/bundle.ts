import * as Comlink from 'comlink';
import { refuse, type Outcome } from '@/core/refusal';
import { refuseSize, type BundlePreview, type Existing } from '@/exchange/bundle';
import type { BundleWorker } from './bundle.worker';

export interface PreviewTask {
  readonly result: Promise<Outcome<BundlePreview>>;
  readonly cancel: () => void;
}

/** Reads a file off the main thread. Cancelling ends the worker at once. */
export function previewFile(file: File, existing: Existing, progress: (share: number) => void): PreviewTask {
  // An archive with photos may be large: what is in it is looked at, not how long it is.
  const tooLarge = file.name.toLowerCase().endsWith('.zip') ? undefined : refuseSize(file.size);
  if (tooLarge) return { result: Promise.resolve(tooLarge), cancel: () => undefined };
  const worker = new Worker(new URL('./bundle.worker.ts', import.meta.url), { type: 'module' });
  const remote = Comlink.wrap<BundleWorker>(worker);
  let cancelled: (outcome: Outcome<BundlePreview>) => void = () => undefined;
  const result = new Promise<Outcome<BundlePreview>>((resolve) => {
    cancelled = resolve;
    const failed = () => resolve(refuse('unreadable', 'The file could not be read. Nothing was changed.'));
    worker.onerror = failed;
    remote.preview(file, existing, Comlink.proxy(progress)).then(resolve, failed);
  }).finally(() => worker.terminate());
  return {
    result,
    cancel: () => cancelled(refuse('cancelled', 'Reading was stopped. Nothing was changed.')),
  };
}
