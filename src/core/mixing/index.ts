export { asApplied, type AsApplied } from './asapplied';
export { pouringLadder, ratioTolerance, repairBatch, type Repair, type Rung } from './ladder';
export { mixNeeded, type Need, type Needed } from './needed';
export { divide, type Measured, type Part, type RatioBy } from './parts';
