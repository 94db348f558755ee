export { causes, type Cause, type CauseId } from './causes';
export { defectIds, defects, type Defect, type DefectId } from './defects';
export {
  diagnose,
  mostQuestions,
  weigh,
  type Diagnosis,
  type DiagnosisOptions,
  type Question,
  type Suspect,
  type Weighed,
} from './diagnose';
export {
  askedGroups,
  findingGroups,
  groupOf,
  type AskedGroup,
  type Finding,
  type FindingGroup,
} from './findings';
export { endings, takesFilm, type Ending } from './endings';
export { flattedOff, ways, waysCompared, type ReworkAsked, type Shut, type Way, type WaySeen } from './ways';
export { lateDefects, looksAfter, type FinishedWork, type LookAfter } from './looks';
export {
  cureStages,
  filmAfter,
  judgeable,
  reworkOf,
  takenOff,
  type CureStage,
  type Judgeable,
  type Polished,
  type ReworkStep,
} from './rework';
