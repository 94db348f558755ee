export {
  coach,
  outBy,
  outOf,
  type HandSeen,
  type HandStroke,
  type MotionPlan,
  type StrokeFault,
} from './coach';
export { evened, type MotionSample } from './recording';
