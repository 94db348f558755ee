export { andradeFromPair, andradeFromSlope, shiftViscosity } from './andrade';
export { dewMargin, dewMarginLimit, dewPoint } from './dewpoint';
export { celsius, inCelsius } from './temperature';
export { oilViscosity, temperatureFor, type OilRow } from './oil';
export { saturation } from './saturation';
export {
  curveThrough,
  dayCurve,
  pressureAt,
  rightTimes,
  roomFits,
  type DayForecast,
  type RoomAt,
  type RoomLimits,
} from './daycurve';
export {
  absorptances,
  filmCoefficient,
  irradiance,
  surfaceTemperature,
  windLimits,
  type FaceToSky,
  type Shade,
  type Sun,
} from './outdoors';
