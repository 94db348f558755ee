import { refuseTable, type GaugeTable } from '@/exchange/readingscsv';
import type { GaugeWorker } from './gauge.worker';
import { workerTask, type WorkerTask } from './task';

/** Reads a gauge’s table off the main thread; one that is too large for a table is not opened at all. */
export function readGaugeFile(file: File): WorkerTask<GaugeTable> {
  const tooLarge = refuseTable(file.size);
  if (tooLarge) return { result: Promise.resolve(tooLarge), cancel: () => undefined };
  return workerTask<GaugeWorker, GaugeTable>(
    new Worker(new URL('./gauge.worker.ts', import.meta.url), { type: 'module' }),
    (worker) => worker.read(file),
  );
}
