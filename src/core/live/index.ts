export { Lines, readLine, type LiveReading } from './line';
export { Settling, type ScaleSeen } from './settling';
export { lagOf, PourGuide, usualLag, type PourPhase, type PourSeen, type PourState } from './pour';
