import * as Comlink from 'comlink';
import { refuse, type Outcome } from '@/core/refusal';

/** Work under way in a worker of its own. */
export interface WorkerTask<T> {
  /** Undefined when it was cancelled. */
  readonly result: Promise<Outcome<T> | undefined>;
  readonly cancel: () => void;
}

/** Runs one piece of work in a worker made for it; cancelling ends the worker at once. */
export function workerTask<W, T>(
  worker: Worker,
  work: (remote: Comlink.Remote<W>) => Promise<Outcome<T>>,
): WorkerTask<T> {
  let cancel: () => void = () => undefined;
  const result = new Promise<Outcome<T> | undefined>((resolve) => {
    cancel = () => resolve(undefined);
    const failed = () => resolve(refuse('worker', 'The computation stopped. Try it again.'));
    worker.onerror = failed;
    work(Comlink.wrap<W>(worker)).then(resolve, failed);
  }).finally(() => worker.terminate());
  return { result, cancel };
}
