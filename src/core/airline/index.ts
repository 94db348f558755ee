export { airSupply, airWait, wantedMargin, type AirSupply, type Compressor } from './compressor';
export { atmosphere, hoseFixes, hoseOutlet, wallPressure, type AirHose, type HoseFix } from './hose';
export {
  capAt,
  capSpread,
  gunDropOf,
  inletFor,
  usualRated,
  type CapAir,
  type GunDrop,
  type RatedAir,
} from './gundrop';
export { waterInLine } from './water';
export { turbineAir, turbineAtGun, turbineOf, turbinePressure, type Turbine } from './turbine';
export { moistureForecast, usualBowl, type MoistureForecast, type MoistureQuestion } from './moisture';
