import { useEffect, useRef, useState } from 'react';
import type { Outcome } from '@/core/refusal';
import type { WorkerTask } from '@/workers/task';

interface Run<T> {
  readonly found?: Outcome<T>;
  /** Share that is done while it runs. */
  readonly done?: number;
}

/** Runs a computation in its worker when asked to; a newer call ends the one before it. */
export function useWorkerRun<Q, T>(begin: (task: Q, heard: (share: number) => void) => WorkerTask<T>) {
  const [run, setRun] = useState<Run<T>>({});
  const task = useRef<WorkerTask<T>>(undefined);
  const start = (question: Q) => {
    task.current?.cancel();
    const own = begin(question, (done) => {
      if (task.current === own) setRun((before) => ({ ...before, done }));
    });
    task.current = own;
    setRun((before) => ({ ...before, done: 0 }));
    void own.result.then((found) => {
      if (task.current === own) setRun((before) => (found ? { found } : { found: before.found }));
    });
  };
  useEffect(
    () => () => {
      task.current?.cancel();
      task.current = undefined;
    },
    [],
  );
  return { ...run, start, stop: () => task.current?.cancel() };
}
