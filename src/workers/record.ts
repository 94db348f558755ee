import * as Comlink from 'comlink';
import type { Outcome } from '@/core/refusal';
import type { AnyRecord } from '@/records';
import type { RecordWorker } from './record.worker';

/** Checks records one after another. */
export interface RecordChecker {
  readonly read: (raw: unknown) => Promise<Outcome<AnyRecord>>;
  readonly stop: () => void;
}

/**
 * Checks records off the main thread. Where no worker comes, or it ends half-way, the rest is checked here: no record is
 * called broken because a worker is.
 */
export function recordChecker(): RecordChecker {
  const here = async (raw: unknown) => (await import('@/records/readrecord')).readRecord(raw);
  if (typeof Worker === 'undefined') return { read: here, stop: () => undefined };
  const worker = new Worker(new URL('./record.worker.ts', import.meta.url), { type: 'module' });
  const remote = Comlink.wrap<RecordWorker>(worker);
  let dead = false;
  const failed = new Promise<undefined>((resolve) => {
    worker.onerror = () => {
      dead = true;
      resolve(undefined);
    };
  });
  return {
    read: async (raw) => {
      const told = dead ? undefined : await Promise.race([remote.read(raw).catch(() => undefined), failed]);
      return told ?? here(raw);
    },
    stop: () => worker.terminate(),
  };
}
