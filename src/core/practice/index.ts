export { drillIds, type DrillId } from './drillids';
export { drillOf, drills, type Drill } from './drills';
export {
  filmFacts,
  handFacts,
  judgeRun,
  runsIn,
  type FilmFacts,
  type HandFacts,
  type HandFault,
  type Judged,
} from './judge';
export { newPanel, slide, spray, type GunMoment, type PracticePanel } from './panel';
export { pullsOf, type Pull } from './pulls';
