import { can, coating, revision, type Can, type Coating, type Revision } from './coating';
import { job, type Job } from './job';
import type { KindRule } from './read';
import { photo, type Photo } from './photo';
import { practice, type PracticeTry } from './practice';
import { cup, rig, type Cup, type Rig } from './rig';
import { shop, type Shop } from './shop';

export type AnyRecord = Coating | Revision | Can | Rig | Cup | Job | Photo | PracticeTry | Shop;
export type RecordKind = AnyRecord['kind'];

/** Every kind of record with its present version. */
export const recordKinds = {
  coating: { version: 1, schema: coating },
  revision: { version: 1, schema: revision },
  can: { version: 1, schema: can },
  rig: { version: 1, schema: rig },
  cup: { version: 1, schema: cup },
  job: { version: 2, schema: job },
  photo: { version: 2, schema: photo },
  practice: { version: 1, schema: practice },
  shop: { version: 1, schema: shop },
} as const satisfies Record<RecordKind, Pick<KindRule, 'version' | 'schema'>>;

/**
 * A record of the present version that holds together; undefined for anything else. `readRecord` of `./readrecord` lifts
 * what is older and says what is wrong: it is fetched only when it is needed, which is rarely.
 */
export function readPresent(raw: unknown): AnyRecord | undefined {
  if (typeof raw !== 'object' || raw === null) return undefined;
  const { kind, version } = raw as { kind?: unknown; version?: unknown };
  const rule =
    typeof kind === 'string' && Object.hasOwn(recordKinds, kind)
      ? recordKinds[kind as RecordKind]
      : undefined;
  if (!rule || rule.version !== version) return undefined;
  const read = rule.schema.safeParse(raw);
  return read.success ? read.data : undefined;
}

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
export type { KindRule, Migration } from './read';
export { cup, rig, type Cup, type NozzleSet, type Rig } from './rig';
export { newShop, shop, usualCardLasts, usualRecheck, usualWorkday, type Shop } from './shop';
export { classSheet, classWords } from './classes';
