export {
  judgeFilm,
  readingsPerSpot,
  spotsWanted,
  type AcceptanceRule,
  type Condition,
  type FilmSpec,
  type FilmVerdict,
  type Spot,
  type SpotVerdict,
} from './acceptance';
export {
  capability,
  histogram,
  partsToSignOff,
  signOff,
  type Bin,
  type Capability,
  type SignOff,
} from './capability';
export { correctedFilm, gaugeCorrection, type GaugeCheck, type GaugeCorrection } from './gauge';
export { extraCoat, mendings, type ExtraCoat, type MendingPlan } from './mending';
export { individuals, type Individuals } from './individuals';
export { byAccident, type Counts } from './recurs';
export { isSample, nextSample, sampleCount, usualSampling, type SamplingRule } from './sampling';
export {
  skills,
  trained,
  usualSigning,
  type Met,
  type SigningRules,
  type Skill,
  type Trained,
  type TrainingEvidence,
} from './trained';
