import type { Outcome } from '@/core/refusal';
import { type AnyRecord, type RecordKind } from '.';
import { recordKinds } from './kinds';
import { jobFrom1 } from './jobfrom1';
import { jobFrom2, revisionFrom1, sheetFrom1 } from './jobfrom2';
import { photoFrom1 } from './photofrom1';
import { rigFrom1 } from './rigfrom1';
import { recordReader, type KindRule } from './read';

/** The way up from older versions, by kind. */
const migrations: Partial<Record<RecordKind, KindRule['migrations']>> = {
  coating: { 1: sheetFrom1 },
  revision: { 1: revisionFrom1 },
  job: { 1: jobFrom1, 2: jobFrom2 },
  rig: { 1: rigFrom1 },
  photo: { 1: photoFrom1 },
};

const rules = Object.fromEntries(
  Object.entries(recordKinds).map(([kind, rule]) => [
    kind,
    { ...rule, migrations: migrations[kind as RecordKind] ?? {} },
  ]),
);

/** Reads a record of any version: lifts it, validates it, or says what is wrong with it. */
export const readRecord: (raw: unknown) => Outcome<AnyRecord> = recordReader<AnyRecord>(rules);
