export { judgeComb, type CombReading, type CombVerdict } from './comb';
export { linkedFilm, type FilmSaid, type LinkedFilm } from './linked';
export { holdFilm, type Lever } from './levers';
export { coverage, dryFromWet, wetFromDry } from './film';
export { handSpeed, solveStroke, strokeCount, strokeSpacing, type Stroke } from './stroke';
export { restorers, type Restorer } from './restorers';
export { fitBlend, planBlend, type BlendCoat, type BlendPlan, type BlendQuestion } from './blend';
export {
  handGuide,
  speedFor,
  surfaceKinds,
  type GuideQuestion,
  type GuideStroke,
  type HandGuide,
  type SurfaceKind,
} from './handguide';
export { transferFound } from './transferfound';
export { paceAt, type PaceMoment } from './pacer';
