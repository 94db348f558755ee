import type { QuantityId } from '@/core/quantity';

/** How a thing stands: as it should, not yet, wants care, must not go on. */
export const figureStates = ['good', 'open', 'care', 'stop'] as const;
export type FigureState = (typeof figureStates)[number];

/** Whose figure it is. */
export interface Owner {
  readonly job: string;
  readonly layer?: string;
  readonly coat?: string;
  /** One of several of it: a batch by its number, a face, a spot, a part of the mix. */
  readonly item?: string;
}

/**
 * Every fact that is shown as a figure, and what it is measured in: a quantity in SI, a moment in s since the epoch, or a
 * number of things.
 */
export const facts = {
  area: 'area',
  'face.area': 'area',
  'room.air': 'temperature',
  'room.humidity': 'share',
  'room.dew-margin': 'temperatureStep',
  'coat.takes': 'duration',
  'coat.wet': 'film',
  'coat.dry': 'film',
  'layer.wet': 'film',
  'layer.solids': 'share',
  'film.stays': 'film',
  // What Check asks of the coats that are on; least and most are the whole stack’s.
  'film.wanted': 'film',
  'film.wanted-least': 'film',
  'film.wanted-most': 'film',
  'film.least': 'film',
  'film.most': 'film',
  'film.sprayed': 'film',
  'film.measured': 'film',
  'spot.mean': 'film',
  'mix.needed': 'volume',
  'mix.volume': 'volume',
  'pot.left': 'volume',
  'mix.left': 'volume',
  'mix.waste': 'share',
  'mix.scale': 'mass',
  'batch.volume': 'volume',
  'pot.thinner': 'mass',
  'thin.seconds': 'time',
  'thin.aim': 'time',
  'gun.transfer': 'share',
  'gun.viscosity': 'dynamicViscosity',
  'gun.pressure': 'pressure',
  'gun.overlap': 'share',
  'gun.spacing': 'distance',
  'gun.speed': 'speed',
  'gun.distance': 'distance',
  'gun.fan': 'distance',
  'gun.fluid': 'fluidFlow',
  'coats.on': 'count',
  'coats.running': 'count',
  'clean.steps': 'count',
  'clean.done': 'count',
  'clean.by': 'moment',
  'clock.flash': 'moment',
  'clock.work': 'moment',
  'clock.recoat-closes': 'moment',
  'clock.induction': 'moment',
  'clock.pot-life': 'moment',
  'clock.stir-on': 'moment',
  'clock.dwell': 'moment',
  'clock.extraction': 'moment',
  'clock.stir': 'moment',
  'clock.retime': 'moment',
  'clock.idle': 'moment',
  'clock.clean-by': 'moment',
  'clock.warm-up': 'moment',
} as const satisfies Record<string, QuantityId | 'count' | 'moment'>;

export type FactId = keyof typeof facts;

/** One fact of one owner, in SI; null where it is not known. */
export interface Figure {
  readonly fact: FactId;
  readonly of: Owner;
  readonly value: number | null;
  readonly state: FigureState;
}

const si: Partial<Record<(typeof facts)[FactId], string>> = {
  area: 'm²',
  mass: 'kg',
  duration: 's',
  temperature: 'K',
  temperatureStep: 'K',
  film: 'm',
  volume: 'm³',
  time: 's',
  share: '1',
  dynamicViscosity: 'Pa·s',
  pressure: 'Pa',
  distance: 'm',
  speed: 'm/s',
  fluidFlow: 'm³/s',
  count: '1',
  moment: 's',
};

/** The SI unit of a fact; `1` for a plain number. */
export const unitOf = (fact: FactId): string => si[facts[fact]] ?? '1';
