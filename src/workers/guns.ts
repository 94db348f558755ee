import * as Comlink from 'comlink';
import type { gunsOver, GunOver } from '@/facts/shop/gunsover';
import type { GunsWorker } from './guns.worker';
import { workerTask, type WorkerTask } from './task';

type Asked = Parameters<typeof gunsOver>;

/** Goes over all open jobs with every gun, off the main thread: a gun and a layer take some twenty milliseconds. */
export const gunsOverJobs = (
  jobs: Asked[0],
  rigs: Asked[1],
  cups: Asked[2],
  shop: Asked[3],
  now: number,
  told: (done: number, of: number) => void,
): WorkerTask<GunOver[]> =>
  workerTask<GunsWorker, GunOver[]>(
    new Worker(new URL('./guns.worker.ts', import.meta.url), { type: 'module' }),
    (worker) => worker.over([...jobs], [...rigs], [...cups], shop, now, Comlink.proxy(told)),
  );
