export { agreement, agreementLimit, type Agreement } from './agreement';
export { flowCup, flowCups, relativeCup, type CupFormula, type FlowCup } from './cups';
export { calibratedCup, fitCup, type CupFit, type KnownLiquid } from './fit';
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
