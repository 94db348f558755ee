export { agreement, agreementLimit, type Agreement } from './agreement';
export { flowCup, flowCups, type CupFormula, type FlowCup } from './cups';
export {
  conversionSpread,
  cupsThatRead,
  judgeSeconds,
  secondsFromViscosity,
  spreadFactor,
  viscosityFromSeconds,
  zeroSeconds,
  type SecondsVerdict,
} from './seconds';
