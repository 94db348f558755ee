export { asApplied, type AsApplied } from './asapplied';
export { pouringLadder, remainingPours, type Pouring, type Rung } from './ladder';
export { mixNeeded, type Need, type Needed } from './needed';
export { divide, type Measured, type Part, type RatioBy } from './parts';
