export {
  drift,
  fallSpeed,
  finerThan,
  neighbours,
  reaches,
  type Dries,
  type Drift,
  type DriftAsked,
  type Neighbour,
  type Reached,
} from './drift';
