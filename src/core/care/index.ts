export { assemblySteps, type AssemblyQuestion, type AssemblyStep } from './assembly';
export { chemistries, chemistryCare, type Chemistry } from './chemistry';
export {
  cleanerConcerns,
  cleanerFamilies,
  cleanerFamily,
  sealKinds,
  wettedMetals,
  type CleanerConcern,
  type CleanerFamily,
  type SealKind,
  type WettedMetal,
} from './cleaners';
export { gunFamilies, gunFamily, soaking, type GunFamily, type SoakRule } from './families';
export { midwaySteps } from './midway';
export {
  cleaningApproaches,
  cleaningPhases,
  cleaningSequence,
  stepRisks,
  type CleaningApproach,
  type CleaningPhase,
  type CleaningQuestion,
  type CleaningSequence,
  type CleaningStep,
  type StepRisk,
} from './sequence';
export { lifeBelief, wearForecast, type LifeBelief, type WearForecast } from './life';
export { reorderPoint } from './reorder';
export { breakEven, costOfRunningOn, tipForecast } from './runningon';
export {
  partsToCheck,
  symptomOfCard,
  symptoms,
  symptomsOf,
  type PartCheck,
  type RankedCheck,
  type Symptom,
} from './symptoms';
export {
  abrasiveness,
  partFacts,
  wearingParts,
  type Abrasiveness,
  type WearCount,
  type WearingPart,
} from './wearparts';
export { airPartCare, airPartKinds, type AirPartCare, type AirPartKind } from './airparts';
