export { readCard, type CardPattern } from './read';
export { printedSquare } from './square';
export type { Taps } from './flat';
export type { Point, Quad } from './plane';
export { distanceStep, type DistanceCard, type DistanceStep } from './distance';
export { fanAtTurns, turnsForFan, type KnobFan } from './fanknob';
export { cardFaults, type CardFault } from './signs';
export type { CardPhoto } from './photo';
export { cardQuestions, ladderStep, scoreByEye, scoreOf, type LadderStep, type CardRung } from './ladder';
