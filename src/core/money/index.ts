export { costIds, jobCost, type CostId, type CostItem, type CostLine, type JobCost } from './cost';
export { paidBackAfter, quote, type Addition, type Quote } from './quote';
export { packsFor, type Bought, type Pack, type PackAim } from './packs';
