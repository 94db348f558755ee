import type { Chemistry } from '../care';
import type { Family } from './names';

export interface Span {
  readonly min: number;
  readonly max: number;
}

/** A range of which a sheet may state one end. */
export interface Limits {
  readonly min?: number;
  readonly max?: number;
}

/** A film, m; `aim` where the sheet says what is usual between its ends. */
export interface FilmRead extends Span {
  readonly aim?: number;
}

export type Place = 'cap' | 'inlet' | 'tip';

export interface GunRead {
  readonly atomising?: Family;
  /** Where the paper tells guns of one kind apart by how they are fed. */
  readonly feed?: 'gravity' | 'suction' | 'pressure';
  /** m */
  readonly bore?: Span;
  readonly orifice?: Span;
  /** Pa */
  readonly pressure?: Span;
  readonly pressureAt?: Place;
  readonly distance?: Span;
}

export const warnings = [
  'isocyanate',
  'peroxide',
  'flammable',
  'solvent',
  'dust',
  'oil',
  'styrene',
  'skin',
] as const;
export type Warning = (typeof warnings)[number];

/** kg/m³, of each part apart. */
export interface PartDensities {
  readonly base?: number;
  readonly hardener?: number;
  readonly thinner?: number;
}

/** Something that may go in beside the parts and the thinner, and how much, as a share. */
export interface AdditiveRead extends Limits {
  readonly name: string;
  readonly does: 'slows' | 'quickens' | 'flexes' | 'flows' | 'mattes';
  readonly max: number;
  readonly by?: 'volume' | 'mass';
  readonly of?: 'base' | 'mix';
}

/** What a sheet states, SI; what it does not state is not there. */
export interface SheetFacts {
  readonly name?: string;
  /** ISO day, or month where no day is stated. */
  readonly issue?: string;
  readonly ratio?: { readonly by?: 'volume' | 'mass'; readonly parts: readonly number[] };
  readonly thinner?: Limits & {
    readonly by?: 'volume' | 'mass';
    readonly of?: 'base' | 'mix';
    /** What the maker calls it. */
    readonly name?: string;
  };
  readonly band?: Span & { readonly cup: string; readonly temperature?: number };
  readonly volumeSolids?: number;
  readonly density?: number;
  readonly partDensities?: PartDensities;
  readonly voc?: number;
  readonly dry?: FilmRead;
  readonly wet?: Span;
  readonly coats?: Span;
  readonly potLife?: { readonly seconds: number; readonly temperature?: number };
  readonly induction?: number;
  readonly flash?: Span;
  readonly recoatFirst?: number;
  readonly recoatLast?: number;
  /** K at which the times of drying are stated. */
  readonly timesAt?: number;
  readonly touch?: number;
  readonly handle?: number;
  readonly cure?: number;
  readonly guns?: readonly GunRead[];
  readonly air?: Limits;
  /** Of the part, where it is stated apart from the air. */
  readonly part?: Limits;
  readonly humidityMin?: number;
  readonly humidityMax?: number;
  /** K above the dew point. */
  readonly dewMargin?: number;
  /** s between two stirs. */
  readonly stirEvery?: number;
  readonly forced?: { readonly temperature: number; readonly seconds: number };
  /** As it comes, in seconds of a cup. */
  readonly supplied?: Span & { readonly cup: string };
  readonly chemistry?: Chemistry;
  readonly additives?: readonly AdditiveRead[];
  readonly shelfLife?: number;
  readonly cleaner?: string;
  readonly hazards?: readonly Warning[];
}

export type SheetFact = keyof SheetFacts;

/** Where a fact was read, and how sure that is. */
export interface Evidence {
  /** The words it came from. */
  readonly words: string;
  /** Line of the paper, from zero, and its page. */
  readonly line: number;
  readonly page: number;
  /** 0 to 1; below `doubtful` somebody is asked. */
  readonly sure: number;
}

export const doubtful = 0.7;

/** What was read from a paper: the facts, and of each where it stood. */
export interface SheetReading {
  readonly facts: SheetFacts;
  readonly evidence: Partial<Record<SheetFact, Evidence>>;
}
