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
