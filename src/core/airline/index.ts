export { airSupply, wantedMargin, type AirSupply, type Compressor } from './compressor';
export { atmosphere, hoseFixes, hoseOutlet, wallPressure, type AirHose, type HoseFix } from './hose';
export { waterInLine } from './water';
export { turbineAir, turbineAtGun, turbineOf, turbinePressure, type Turbine } from './turbine';
export { moistureForecast, usualBowl, type MoistureForecast, type MoistureQuestion } from './moisture';
