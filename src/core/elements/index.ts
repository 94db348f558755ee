export {
  byOtherWay,
  handMethods,
  otherWays,
  wayFacts,
  type ByOtherWay,
  type HandMethod,
  type OtherWay,
} from './otherways';
export { workingOrder, type OrderedTask, type Placed } from './order';
