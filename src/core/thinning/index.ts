export { defaultInteraction, priorBelief, updateBelief, type Belief, type Observation } from './belief';
export { blendViscosity, leastInteraction } from './blend';
export {
  expected,
  nextAddition,
  reachable,
  riskLimit,
  type AdditionQuestion,
  type Advice,
  type Band,
  type Expected,
} from './nextaddition';
export { condition, meanOf, predict, quantileOf, spreadOf, type Conditioned } from './predict';
export { cupRepeat, handError, readingError } from './readingerror';
export { blendShare, massAtShare, sheetShare, thinnerAt, type Batch, type ThinnerBasis } from './share';
