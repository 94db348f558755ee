import * as Comlink from 'comlink';
import type { PlanQuestion } from '@/core/schedule';
import type { DayPlan, PlanWorker } from './plan.worker';

export interface PlanTask {
  readonly result: Promise<DayPlan | undefined>;
  readonly cancel: () => void;
}

/** Plans a day off the main thread. Cancelling ends the worker at once; a plan that failed is none. */
export function planDay(question: PlanQuestion, by: number): PlanTask {
  const worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
  let stop: () => void = () => undefined;
  const result = new Promise<DayPlan | undefined>((resolve) => {
    stop = () => resolve(undefined);
    worker.onerror = stop;
    Comlink.wrap<PlanWorker>(worker).plan(question, by).then(resolve, stop);
  }).finally(() => worker.terminate());
  return { result, cancel: stop };
}
