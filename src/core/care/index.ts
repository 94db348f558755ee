export { assemblySteps, type AssemblyQuestion, type AssemblyStep } from './assembly';
export { assemblyReason } from './assemblyreasons';
export { chemistries, chemistryCare, type Chemistry } from './chemistry';
export {
  cleanerConcerns,
  cleanerFamilies,
  cleanerFamily,
  type CleanerConcern,
  type CleanerFamily,
} from './cleaners';
export { incidents, type Incident } from './incidents';
export { sealKinds, wettedMetals, type SealKind, type WettedMetal } from './materials';
export { cleaningApproaches, type CleaningApproach } from './approaches';
export { gunFamilies, gunFamily, type GunFamily } from './families';
export { fluidNeed, type FluidNeed } from './fluids';
export { soaking, type SoakRule } from './soaking';
export { heldBack } from './interlock';
export { midwaySteps } from './midway';
export { cleaningSequence, type CleaningSequence } from './sequence';
export {
  cleaningPhases,
  stepRisks,
  type CleaningPhase,
  type CleaningQuestion,
  type CleaningStep,
  type StepRisk,
} from './step';
export {
  assemblyStepIds,
  midwayStepIds,
  ownStepIds,
  type AssemblyStepId,
  type CleaningStepId,
} from './stepids';
export { lifeBelief, wearForecast, type LifeBelief, type WearForecast } from './life';
export { stepReason } from './reasons';
export { reorderPoint } from './reorder';
export { breakEven, costOfRunningOn, tipForecast } from './runningon';
export { symptoms, type Symptom } from './symptomids';
export { partsToCheck, symptomOfCard, symptomsOf, type PartCheck, type RankedCheck } from './symptoms';
export {
  abrasiveness,
  partFacts,
  wearingParts,
  type Abrasiveness,
  type WearCount,
  type WearingPart,
} from './wearparts';
export { airPartCare, type AirPartCare } from './airparts';
export { airPartKinds, type AirPartKind } from './airpartkinds';
