import * as Comlink from 'comlink';
import { gunsOver, type GunOver } from '@/facts/shop/gunsover';

const api = {
  over: (...asked: Parameters<typeof gunsOver>): GunOver[] => gunsOver(...asked),
};

export type GunsWorker = typeof api;

Comlink.expose(api);
