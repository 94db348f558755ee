export {
  drift,
  fallSpeed,
  finerThan,
  neighbours,
  reaches,
  swings,
  type Dries,
  type Drift,
  type DriftAsked,
  type Neighbour,
  type Reached,
} from './drift';
