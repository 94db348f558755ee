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
export { individuals, type Individuals } from './individuals';
export { isSample, nextSample, sampleCount, usualSampling, type SamplingRule } from './sampling';
