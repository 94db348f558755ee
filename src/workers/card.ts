import * as Comlink from 'comlink';
import type { Taps } from '@/core/card';
import { refuse } from '@/core/refusal';
import type { SprayedCard } from '@/standins/cardcamera';
import type { CardWorker, ReadPhoto } from './card.worker';

/** Larger files are not opened at all. */
const fileLimit = 80 * 1024 * 1024;

export interface CardTask {
  readonly result: Promise<ReadPhoto>;
  readonly cancel: () => void;
}

const nothing = { width: 0, height: 0 };

/** Reads a card’s photo off the main thread. Cancelling ends the worker at once. */
export const readCardPhoto = (file: Blob, taps?: Taps): CardTask =>
  file.size > fileLimit
    ? {
        result: Promise.resolve({
          ...nothing,
          outcome: refuse(
            'too-large',
            `The file has ${Math.round(file.size / 1048576)} MB. Take a smaller photo.`,
          ),
        }),
        cancel: () => undefined,
      }
    : task((worker) => worker.read(file, taps));

/** Takes a picture with the simulated camera, and reads it. */
export const readSimulatedCard = (card: SprayedCard): CardTask =>
  task(async (worker) => worker.read(await worker.photograph(card)));

function task(work: (worker: Comlink.Remote<CardWorker>) => Promise<ReadPhoto>): CardTask {
  const worker = new Worker(new URL('./card.worker.ts', import.meta.url), { type: 'module' });
  let stop: (read: ReadPhoto) => void = () => undefined;
  const result = new Promise<ReadPhoto>((resolve) => {
    stop = resolve;
    const failed = () =>
      resolve({ ...nothing, outcome: refuse('unreadable', 'The picture could not be read.') });
    worker.onerror = failed;
    work(Comlink.wrap<CardWorker>(worker)).then(resolve, failed);
  }).finally(() => worker.terminate());
  return {
    result,
    cancel: () => stop({ ...nothing, outcome: refuse('cancelled', 'Reading was stopped.') }),
  };
}
