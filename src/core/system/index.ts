export { coatRoles, gritFor, layingOf, type CoatRole, type Laying } from './roles';
export { stackDoubts, type StackDoubt, type StackedLayer } from './fits';
export { standingDoubts, type Standing, type StandingLayer } from './exposed';
export { templates, type Template, type TemplateCoat } from './templates';
export {
  coatRange,
  filmLedger,
  leastLeft,
  type CoatFilm,
  type FilmLedger,
  type LayerFilm,
  type LedgerCoat,
  type LedgerLayer,
  type SheetFilm,
} from './ledger';
export {
  canBeEtched,
  etchedUnlessSaid,
  prepChain,
  prepStates,
  type PrepQuestion,
  type PrepState,
  type PrepStep,
  type PrepTick,
} from './prep';
export { maskRates, maskingTime, type MaskedPlace } from './masking';
export { abrades } from './abrades';
export { usualDrops, usualHiding } from './bylooking';
export { workSeconds } from './workrates';
export {
  groundStates,
  isMetal,
  isMineral,
  isTimber,
  statesOn,
  substrateKinds,
  type GroundState,
  type SubstrateKind,
} from './substrates';
export { prepReason } from './prepreasons';
