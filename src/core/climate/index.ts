export { andradeFromPair, andradeFromSlope, shiftViscosity } from './andrade';
export { dewMargin, dewMarginLimit, dewPoint } from './dewpoint';
export { celsius, inCelsius } from './temperature';
