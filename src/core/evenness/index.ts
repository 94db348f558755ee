export { handTraces, quickerBy, type HandTraces, type Laid, type Term } from './against';
export {
  fieldFacts,
  filmField,
  tabled,
  type FieldFacts,
  type FieldGun,
  type FieldQuestion,
  type FieldStroke,
  type FilmField,
  type Opening,
} from './field';
export { asDone, erring, perfectHand, usualHand, type Hand, type StrokeDone } from './hand';
export { judgeSetting, optimise, type Candidate, type Optimum, type OptimumQuestion } from './optimise';
export { overlapBands, overlapChoice, type BandsQuestion, type OverlapBand } from './overlapbands';
export { unposted, type PostedGun } from './postedgun';
export {
  massOf,
  measuredProfile,
  normalised,
  parabola,
  shapedProfile,
  shapeProfile,
  type FanShape,
  type Profile,
} from './profile';
export { sectionAcross } from './section';
export { steadiness, type Steadiness } from './steady';
export { canCross, fieldStrokes, surfaceOf, unfolded, type Passes } from './strokes';
export { cornerSurface, flatSurface, roundSurface, type Surface } from './surface';
