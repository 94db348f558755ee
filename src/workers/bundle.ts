import * as Comlink from 'comlink';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import { refuseSize, type BundleItem, type BundlePreview } from '@/exchange/bundle';
import type { HeldRecord } from '@/exchange/told';
import type { BundleWorker } from './bundle.worker';

export interface PreviewTask {
  readonly result: Promise<Outcome<BundlePreview>>;
  readonly cancel: () => void;
}

/** So many items come from the worker at once: each part is taken up within a frame or two. */
const part = 20;

function started(): { readonly worker: Worker; readonly remote: Comlink.Remote<BundleWorker> } {
  const worker = new Worker(new URL('./bundle.worker.ts', import.meta.url), { type: 'module' });
  return { worker, remote: Comlink.wrap<BundleWorker>(worker) };
}

/**
 * Reads a file off the main thread. Cancelling ends the worker at once.
 *
 * @param shop what the shop holds, in parts small enough to be handed over within a frame
 */
export function previewFile(
  file: File,
  shop: AsyncIterable<readonly HeldRecord[]>,
  progress: (share: number) => void,
): PreviewTask {
  // An archive with photos may be large: what is in it is looked at, not how long it is.
  const tooLarge = file.name.toLowerCase().endsWith('.zip') ? undefined : refuseSize(file.size);
  if (tooLarge) return { result: Promise.resolve(tooLarge), cancel: () => undefined };
  const { worker, remote } = started();
  const preview = async (): Promise<Outcome<BundlePreview>> => {
    for await (const told of shop) await remote.tell(told);
    const found = await remote.preview(file, Comlink.proxy(progress));
    if (isRefusal(found)) return found;
    const { count, ...head } = found;
    const items: BundleItem[] = [];
    while (items.length < count) items.push(...(await remote.items(items.length, items.length + part)));
    return { ...head, items };
  };
  let cancelled: (outcome: Outcome<BundlePreview>) => void = () => undefined;
  const result = new Promise<Outcome<BundlePreview>>((resolve) => {
    cancelled = resolve;
    const failed = () => resolve(refuse('unreadable', 'The file could not be read. Nothing was changed.'));
    worker.onerror = failed;
    preview().then(resolve, failed);
  }).finally(() => worker.terminate());
  return {
    result,
    cancel: () => cancelled(refuse('cancelled', 'Reading was stopped. Nothing was changed.')),
  };
}

/**
 * Writes a bundle off the main thread.
 *
 * @param shop what is to be in it, in parts
 * @param exported moment of export, ISO 8601
 * @returns undefined where the worker did not come or failed
 */
export async function bundleFile(
  shop: AsyncIterable<readonly HeldRecord[]>,
  exported: string,
): Promise<Blob | undefined> {
  const { worker, remote } = started();
  try {
    const failed = new Promise<undefined>((resolve) => {
      worker.onerror = () => resolve(undefined);
    });
    const write = async () => {
      for await (const told of shop) await remote.tell(told);
      return remote.written(exported);
    };
    return await Promise.race([write(), failed]);
  } catch {
    return undefined;
  } finally {
    worker.terminate();
  }
}
