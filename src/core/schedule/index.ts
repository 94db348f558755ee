export {
  dryingFactor,
  potLife,
  lawfulTimes,
  recoatState,
  type Drying,
  type LawfulTime,
  type RecoatState,
  type SheetTimes,
} from './windows';
export {
  latestStart,
  planCoats,
  type CoatPlan,
  type CoatTask,
  type Missed,
  type Piece,
  type PlannedTask,
  type PlanQuestion,
  type RecoatWindow,
  type Shift,
} from './plan';
export { dryingIn, dryingOf, type Room } from './drying';
