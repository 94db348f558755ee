import * as Comlink from 'comlink';
import type { Outcome } from '@/core/refusal';
import type { AnyRecord } from '@/records';
import { readRecord } from '@/records/readrecord';

const api = {
  /** Lifts and checks a record of any version, or says what is wrong with it. */
  read(raw: unknown): Outcome<AnyRecord> {
    return readRecord(raw);
  },
};

export type RecordWorker = typeof api;

Comlink.expose(api);
