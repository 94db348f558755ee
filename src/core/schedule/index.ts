export {
  dryingFactor,
  closesAt,
  hardAt,
  potLife,
  lawfulTimes,
  opensByClock,
  recoatState,
  timesMoved,
  timesUnder,
  type Drying,
  type FilmBelow,
  type LawfulTime,
  type RecoatState,
  type SheetTimes,
} from './windows';
export {
  beginning,
  handsOn,
  latestStart,
  planCoats,
  type OrderOfWork,
  type CoatTask,
  type Missed,
  type Piece,
  type PlannedTask,
  type PlanQuestion,
  type RecoatWindow,
  type ShiftHours,
} from './plan';
export { dryingIn, dryingOf, type DryingRoom } from './drying';
export { orderOfFaces, startsIn, type FaceSlots, type Quarter, type Span } from './slots';
