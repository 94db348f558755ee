export { coatRoles, gritFor, layingOf, type CoatRole, type Laying } from './roles';
export { templates, type Template, type TemplateCoat } from './templates';
export { leastLeft, stackTotal, type StackCoat, type StackTotal } from './stack';
export {
  prepChain,
  prepStates,
  type PrepQuestion,
  type PrepState,
  type PrepStep,
  type PrepTick,
} from './prep';
export { substrateKinds, type SubstrateKind } from './substrates';
