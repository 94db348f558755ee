import type { PhotoWorker, SmallPhoto } from './photo.worker';
import { workerTask, type WorkerTask } from './task';

export type { SmallPhoto } from './photo.worker';

/** Makes a photo small off the main thread. */
export const shrunkPhoto = (file: Blob): WorkerTask<SmallPhoto> =>
  workerTask<PhotoWorker, SmallPhoto>(
    new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' }),
    (worker) => worker.shrink(file),
  );
