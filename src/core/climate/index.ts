export { andradeFromPair, andradeFromSlope, shiftViscosity } from './andrade';
export { dewMargin, dewMarginLimit, dewPoint, saturationPressure } from './dewpoint';
export { celsius, inCelsius } from './temperature';
