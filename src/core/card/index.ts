export { printedSquare, readCard, type CardPattern } from './read';
export { cardFaults, type CardFault } from './signs';
export type { CardPhoto } from './photo';
export { cardQuestions, ladderStep, scoreByEye, scoreOf, type LadderStep, type CardRung } from './ladder';
