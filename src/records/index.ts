import { can, coating, revision, type Can, type Coating, type Revision } from './coating';
import { job, type Job } from './job';
import { jobFrom1 } from './jobfrom1';
import { recordReader, type KindRule } from './read';
import { photo, type Photo } from './photo';
import { practice, type PracticeTry } from './practice';
import { cup, rig, type Cup, type Rig } from './rig';
import { shop, type Shop } from './shop';

export type AnyRecord = Coating | Revision | Can | Rig | Cup | Job | Photo | PracticeTry | Shop;
export type RecordKind = AnyRecord['kind'];

/** Every kind of record with its present version and the way up from older ones. */
export const recordKinds = {
  coating: { version: 1, schema: coating, migrations: {} },
  revision: { version: 1, schema: revision, migrations: {} },
  can: { version: 1, schema: can, migrations: {} },
  rig: { version: 1, schema: rig, migrations: {} },
  cup: { version: 1, schema: cup, migrations: {} },
  job: { version: 2, schema: job, migrations: { 1: jobFrom1 } },
  photo: { version: 1, schema: photo, migrations: {} },
  practice: { version: 1, schema: practice, migrations: {} },
  shop: { version: 1, schema: shop, migrations: {} },
} as const satisfies Record<RecordKind, KindRule>;

export const readRecord = recordReader<AnyRecord>(recordKinds);

/** The key a record is kept under. */
export const keyOf = ({ kind, id }: Pick<AnyRecord, 'kind' | 'id'>): string => `${kind}/${id}`;

export {
  additive,
  can,
  coating,
  coatingClasses,
  component,
  revision,
  thinner,
  thinnerSpeeds,
} from './coating';
export type {
  Can,
  Coating,
  CoatingClass,
  Component,
  GunAdvice,
  Revision,
  SheetAdditive,
  Thinner,
} from './coating';
export { classAbrasiveness } from './abrasive';
export { inOrder, nextCounter } from './counter';
export { newId } from './id';
export { face, job, type Face, type Job, type JobApproach } from './job';
export {
  layer,
  plannedCoat,
  workKinds,
  type Layer,
  type LayerApproach,
  type LayerWork,
  type PlannedCoat,
} from './layer';
export { logEntry, type EntryOf, type EntryType, type LogEntry, type NewEntry } from './log';
export { cardPattern, type KeptPattern } from './pattern';
export { photo, type Photo } from './photo';
export { practice, type PracticeTry } from './practice';
export { recordReader, type KindRule, type Migration } from './read';
export { cup, rig, type Cup, type NozzleSet, type Rig } from './rig';
export { newShop, shop, usualCardLasts, usualRecheck, usualWorkday, type Shop } from './shop';
export { classSheet, classWords } from './classes';
