export { levelling, ripple, sag, usualTension, type LandedFilm } from './flow';
export { openFor } from './late';
export { landedFilm, type Carrier, type LandingQuestion } from './landed';
export { calibrateFlow, type Calibrated, type FlowVerdict } from './verdicts';
export {
  filmWindow,
  flowMoves,
  flowWarmer,
  standing,
  usualFlowLimits,
  type FilmWindow,
  type FlowLever,
  type FlowLimits,
  type FlowPoint,
  type Moved,
} from './window';
