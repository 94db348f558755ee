import * as Comlink from 'comlink';
import type { Optimum, OverlapBand } from '@/core/evenness';
import type { BandsTask, EvennessWorker, OptimumTask } from './evenness.worker';
import { workerTask, type WorkerTask } from './task';

export type { BandsTask, OptimumTask } from './evenness.worker';

const open = () => new Worker(new URL('./evenness.worker.ts', import.meta.url), { type: 'module' });

/** Many hands at every overlap, off the main thread. */
export const bandsOf = (task: BandsTask, heard: (share: number) => void): WorkerTask<OverlapBand[]> =>
  workerTask<EvennessWorker, OverlapBand[]>(open(), (worker) => worker.bands(task, Comlink.proxy(heard)));

/** The best setting, off the main thread. */
export const optimumOf = (task: OptimumTask, heard: (share: number) => void): WorkerTask<Optimum> =>
  workerTask<EvennessWorker, Optimum>(open(), (worker) => worker.optimise(task, Comlink.proxy(heard)));
