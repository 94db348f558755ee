import type { AirPartKind } from './airpartkinds';

export interface AirPartCare {
  /** Days between two times. A default; the maker's own outranks it. */
  readonly every: number;
  readonly does: string;
  readonly because: string;
}

// prettier-ignore
export const airPartCare: Record<AirPartKind, AirPartCare> = {
  drain: { every: 1, does: 'Drain the tank and the low points of the pipe.', because: 'Water in the tank rusts it and is carried on.' },
  separator: { every: 7, does: 'Drain the bowl, wipe it, look at its element.', because: 'A full bowl lets everything through at once: fish-eyes and blush.' },
  filter: { every: 180, does: 'Renew the filter element.', because: 'A full element holds the air back, or tears.' },
  dryer: { every: 365, does: 'Renew the drying charge, or have the machine serviced.', because: 'A spent charge dries nothing.' },
  regulator: { every: 365, does: 'Check that it holds its pressure with the trigger pulled.', because: 'One that creeps makes another gun of yours.' },
  gauge: { every: 365, does: 'Compare with a gauge known to be right.', because: 'Every recorded pressure hangs on it.' },
};
