export { handRange, type HandRange } from './hand';
export {
  solvePoint,
  type Fitted,
  type Nearest,
  type Point,
  type PointCost,
  type PointLimit,
  type PointQuestion,
  type SolvedPoint,
} from './point';
export { grades, verdictOf, type Grade, type Verdict, type VerdictQuestion } from './verdict';
