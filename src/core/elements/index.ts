export { handMethods, handRates, handTime, type HandMethod } from './byhand';
export { workingOrder, type OrderedTask, type Placed } from './order';
