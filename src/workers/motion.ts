import type { HandSeen, MotionPlan, MotionSample } from '@/core/motion';
import type { MotionWorker } from './motion.worker';
import { workerTask, type WorkerTask } from './task';

/** Judges what a phone felt off the main thread: a face of a minute takes a fifth of a second. */
export const handSeen = (samples: readonly MotionSample[], plan: MotionPlan): WorkerTask<HandSeen> =>
  workerTask<MotionWorker, HandSeen>(
    new Worker(new URL('./motion.worker.ts', import.meta.url), { type: 'module' }),
    (worker) => worker.coach(samples, plan),
  );
