export {
  priorBelief,
  updateBelief,
  usualSteepness,
  type Belief,
  type Observation,
  type ThinnedWith,
} from './belief';
export { blendLaws, curveOf, heightAt, type BlendLaw, type Curve } from './laws';
export { blendViscosity, leastInteraction } from './blend';
export {
  expected,
  nextAddition,
  reachable,
  type AdditionQuestion,
  type Advice,
  type Band,
  type Expected,
} from './nextaddition';
export { condition, meanOf, predict, quantileOf, spreadOf, type Conditioned } from './predict';
export { cupRepeat, handError, readingError, repeatOf } from './readingerror';
export { blendShare, massAtShare, sheetShare, thinnerAt, type Batch, type ThinnerBasis } from './share';
export { additionBy, bandByFlow, type ThinningApproach } from './approach';
export { aged, fitDrift, timeInBand, usualDrift, type Drift, type DriftPoint, type TimeLeft } from './drift';
export { beliefFrom, lessonOf, type Lesson } from './learn';
export {
  stickAdvice,
  stickError,
  stickMarks,
  stickScale,
  stickSigns,
  stickViscosity,
  type StickAdvice,
  type StickSign,
} from './stick';
export { suspect, type Suspicion } from './suspect';
export { largeFrom, thinnerAdvice, type ThinnerAdvice, type ThinnerChoice } from './thinnerspeed';
