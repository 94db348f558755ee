export { filmTruth, gaugeReading, type FilmTruth } from './film';
export { drainSeconds, hiddenPaint, hiddenViscosity, type HiddenPaint, type PaintQuestion } from './paint';
