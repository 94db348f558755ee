/** Where a figure is from, the same few words wherever one stands. */
export type Source =
  /** Read off a cup, a gauge, a scale, a clock. */
  | 'measured'
  /** As the product’s paper says. */
  | 'sheet'
  /** Of the class, the gun’s kind, the trade: until somebody says or measures otherwise. */
  | 'default'
  /** By a rule of thumb or a model that is not sure of it. */
  | 'estimate'
  /** Chosen or recorded by whoever works here. */
  | 'chosen'
  /** Arithmetic on figures that say themselves where they are from. */
  | 'reckoned';

export interface From {
  readonly source: Source;
  /** How far it may be off, in words: `8 %`, `0.4 s`. */
  readonly spread?: string;
}

const words: Record<Source, string> = {
  measured: 'measured',
  sheet: 'sheet',
  default: 'default',
  estimate: 'estimate',
  chosen: 'chosen',
  reckoned: 'reckoned',
};

/** `measured`, `estimate ± 8 %`. */
export const fromWords = ({ source, spread }: From): string =>
  spread === undefined ? words[source] : `${words[source]} ±\u00a0${spread}`;
