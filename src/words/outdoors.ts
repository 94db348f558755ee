import type { Shade } from '@/core/climate';
import type { Neighbour, Reached } from '@/core/drift';
import type { DriftChange } from '@/facts/job/driftseen';
import type { OutReason } from '@/facts/job/outdoors';

export const outWords: Record<OutReason, string> = {
  wind: 'gusts',
  hot: 'surface too hot',
  cold: 'surface too cold',
  dew: 'near the dew point',
  damp: 'air too damp or dry',
  air: 'air too warm or cold',
  dark: 'dark',
  late: 'too late to be done and safe in time',
  fits: 'fits',
};

export const shadeWords: Record<Shade, string> = {
  white: 'White',
  light: 'Light',
  middle: 'Middling',
  dark: 'Dark',
  black: 'Black',
};

export const neighbourWords: Record<Neighbour, string> = {
  car: 'Cars',
  window: 'Windows',
  neighbour: 'A neighbour',
  open: 'Open ground, water',
};

/** One letter for each on a sketch of the site. */
export const neighbourMarks: Record<Neighbour, string> = { car: 'C', window: 'W', neighbour: 'H', open: 'O' };

/** What reaches something that stands about, its mark first. */
export const reachedWords: Record<Reached, string> = {
  wet: '■ drops fall on it wet',
  sticky: '■ mist lands on it sticky',
  dust: '▲ dry dust at most',
  clear: '✓ clear of it',
};

export const changeWords: Record<DriftChange, string> = {
  'lower-pressure': 'A fifth less pressure',
  shield: 'A shield behind the edge',
  'half-wind': 'An hour with half the wind',
};

/** Eight directions a wall may face. */
export const compass = [
  'North',
  'North-east',
  'East',
  'South-east',
  'South',
  'South-west',
  'West',
  'North-west',
] as const;

/** The direction nearest to an angle, rad clockwise from north. */
export const compassOf = (facing: number): (typeof compass)[number] =>
  compass[Math.round((facing / (2 * Math.PI)) * compass.length) % compass.length] ?? 'North';
