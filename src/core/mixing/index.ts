export { oddPeroxide, peroxideShares } from './peroxide';
export { asApplied, judgeVoc, type AppliedMix, type VocLimit } from './asapplied';
export {
  fillsFor,
  planBatches,
  type BatchLimits,
  type Fills,
  type BatchPiece,
  type PlannedBatch,
} from './batches';
export {
  pouredWithin,
  pouringLadder,
  remainingPours,
  smallDoses,
  type Pouring,
  type Rung,
  type SmallDose,
} from './ladder';
export { mixNeeded, usualReserve, type Need, type Needed } from './needed';
export { judgeRatio, usualTolerance, type PartVerdict, type RatioVerdict } from './offratio';
export {
  diluentOf,
  refusedDiluent,
  type NamedLiquid,
  type Binder,
  type Diluent,
  type DiluentRefusal,
  type DiluentWhy,
} from './diluents';
export { readDose, type DoseDensities, type DoseReading } from './dosewords';
export { doseMeasure, stepsToWeighWell, type DoseMeasure } from './instrument';
export { divide, type Measured, type Part, type RatioBy } from './parts';
export {
  atTemperature,
  doseShare,
  recipeOf,
  type Additive,
  type AtTemperature,
  type RecipePart,
} from './recipe';
