export { factsAsJson } from './asjson';
export { paperOfPages, type Placed } from './layout';
export { paperOfText, type Cell, type Line, type Paper } from './paper';
export { paperKind, type PaperKind } from './kind';
export { readSheet } from './read';
export {
  doubtful,
  type AdditiveRead,
  type Evidence,
  type FilmRead,
  type GunRead,
  type SheetFact,
  type SheetFacts,
  type SheetReading,
  type Span,
} from './reading';
