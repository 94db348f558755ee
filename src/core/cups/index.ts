export { agreement, agreementLimit, type Agreement } from './agreement';
export { flowCup, flowCups, type CupFormula, type FlowCup } from './cups';
export { fitCup, type CupFit, type KnownLiquid } from './fit';
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
export { checkCup, wearLimit, type CupCheck } from './wear';
