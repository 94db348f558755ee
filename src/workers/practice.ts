import type { Judged } from '@/core/practice';
import type { PracticeWorker, RunTask } from './practice.worker';
import { workerTask, type WorkerTask } from './task';

export type { RunTask } from './practice.worker';

/** Judges a run on the practice panel off the main thread: it is laid again once for every fault. */
export const judgedRun = (task: RunTask): WorkerTask<Judged> =>
  workerTask<PracticeWorker, Judged>(
    new Worker(new URL('./practice.worker.ts', import.meta.url), { type: 'module' }),
    (worker) => worker.judge(task),
  );
