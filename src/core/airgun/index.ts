export { defaultDriving, defaultTransfer, type Atomising, type Feed } from './families';
export { nozzleFlow, nozzlePressure, thickestFor, slack, type Liquid } from './nozzle';
export { drivingFrom, measuredFlow, type FlowMeasure, type MeasuredFlow } from './calibrate';
export { capSpeed, dropIndex, dropSize, type Atomisation } from './droplets';
export { bounded, landsFrom, transferAt } from './transfer';
export { leastOpening, nozzleFixes, type FixQuestion, type NozzleFix } from './fixes';
export { assembled, type MatchedSet, type Pieces } from './assembled';
