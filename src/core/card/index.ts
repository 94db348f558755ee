export { cardFaults, printedSquare, readCard, type CardFault, type CardPattern } from './read';
export type { Photo } from './photo';
export { cardQuestions, ladderStep, scoreByEye, scoreOf, type LadderStep, type Rung } from './ladder';
