export { zones, zonesOf, type Zone, type ZonedFace } from './zones';
export {
  answerOf,
  answers,
  asksAfter,
  founds,
  lightFor,
  lights,
  looksAt,
  ripeFor,
  roundsAfter,
  roundsBefore,
  type Answer,
  type Ask,
  type Found,
  type Light,
  type Ripe,
  type Standard,
} from './asks';
export {
  dustFrom,
  dustLimits,
  dustPattern,
  dustSources,
  dustVerdict,
  isFibrous,
  type DustCount,
  type DustMatch,
  type DustReason,
  type DustSigns,
  type DustSource,
  type DustVerdict,
} from './dust';
export {
  guideCells,
  guideGrid,
  mostCycles,
  sandAdvice,
  type GuideRead,
  type SandAdvice,
  type SandNext,
} from './sandmap';
export { touchUps, type TouchUp } from './misses';
