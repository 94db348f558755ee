export { fanAt, jointOrifice, tipCode, tipDistance, tipFlow, tipFromCode, type Tip } from './tip';
export {
  compareTips,
  lowPressureShare,
  sortTips,
  tipOrders,
  tipSchools,
  type TipOrder,
  type TipQuestion,
  type TipRow,
  type TipSchool,
} from './compare';
export { checkPump, filterMesh, fluidHoseLoss, pumpMargin, type PumpCheck } from './line';
export { renewAt, wearFromFan, wearFromFlow, wornWaste, type TipWear } from './wear';
