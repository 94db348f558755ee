export { composed } from './compose';
export { changedParts, type PartValues } from './changedparts';
export {
  answered,
  applyChange,
  changeOver,
  conflictsIn,
  copyOf,
  emptyDoc,
  isHere,
  isWhole,
  lastCount,
  mergeDoc,
  partOf,
  relaid,
  type Change,
  type Conflict,
  type Doc,
} from './doc';
export { below, here, namesIn, within, type Path } from './path';
export { valueOf, valuesOf, type Dot, type Register } from './register';
export { sameValue } from './same';
export { readDoc, writtenDoc, writtenRegister, type WrittenDoc } from './written';
export { shapes, type MergeShape } from './shape';
export { byStamp, countOf, isStamp, nextCount, stampOf, writerOf, type Stamp } from './stamp';
