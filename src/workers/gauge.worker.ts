import * as Comlink from 'comlink';
import type { Outcome } from '@/core/refusal';
import { decoded } from '@/exchange/decoded';
import { readGaugeTable, type GaugeTable } from '@/exchange/readingscsv';

const api = {
  async read(file: File): Promise<Outcome<GaugeTable>> {
    return readGaugeTable(decoded(new Uint8Array(await file.arrayBuffer())));
  },
};

export type GaugeWorker = typeof api;

Comlink.expose(api);
