import type { Can, Coating, Revision } from './coating';
import type { Job } from './job';
import type { Photo } from './photo';
import type { PracticeTry } from './practice';
import type { Cup, Rig } from './rig';
import type { Shop } from './shop';

export type AnyRecord = Coating | Revision | Can | Rig | Cup | Job | Photo | PracticeTry | Shop;
export { keyOf } from './key';
export { additive, can, canGrades, coating, component, revision, thinner } from './coating';
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
export { workKinds, type WorkKind } from './work';
export {
  face,
  job,
  outcomes,
  type Closing,
  type Face,
  type Job,
  type JobApproach,
  type Outdoors,
} from './job';
export {
  layer,
  plannedCoat,
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
export { coatingClasses, thinnerSpeeds } from './coatingclasses';
export { shop, type Person, type Shop } from './shop';
export type { Speech } from './speech';
export { spokenKinds, type SpokenKind } from './spokenkinds';
export { newShop, usualSpeech, usualCardLasts, usualRecheck, usualWorkday } from './shopdefaults';
export { versions, type RecordKind } from './versions';
export { classSheet, classWords } from './classes';
export { airlessFirst, usualFitting } from './classguns';
