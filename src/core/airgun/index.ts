export { defaultDriving, defaultTransfer, type Atomising, type Feed } from './families';
export {
  nozzleFlow,
  nozzlePressure,
  thickestFor,
  rankNozzles,
  type Liquid,
  type NozzleOption,
  type NozzleQuestion,
} from './nozzle';
export { drivingFrom, measuredFlow, type FlowMeasure, type MeasuredFlow } from './calibrate';
export { capSpeed, dropIndex, dropSize, type Atomisation } from './droplets';
export { transferAt } from './transfer';
