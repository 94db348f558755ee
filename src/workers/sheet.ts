import type { ReadPaper, SheetWorker } from './sheet.worker';
import { workerTask, type WorkerTask } from './task';

export type { ReadPaper } from './sheet.worker';

/** Reads a product sheet off the main thread. */
export const readPaper = (file: Blob): WorkerTask<ReadPaper> =>
  workerTask<SheetWorker, ReadPaper>(
    new Worker(new URL('./sheet.worker.ts', import.meta.url), { type: 'module' }),
    (worker) => worker.read(file),
  );
