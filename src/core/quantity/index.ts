export {
  format,
  show,
  showClock,
  showDuration,
  typedInTwo,
  unitTogether,
  type FormatOptions,
  type Shown,
} from './format';
export { parse, type Doubt, type Parsed, type ParseOptions } from './parse';
export {
  fromSI,
  quantityOf,
  toSI,
  unitIn,
  unitNamed,
  unitToType,
  type QuantityId,
  type Unit,
  type UnitSystem,
} from './units';
