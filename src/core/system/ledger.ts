/** One coat of a layer: dry film aimed at and what of it sanding takes off again, m. */
export interface LedgerCoat {
  readonly id: string;
  readonly dry: number;
  /** Share of a full coat it is meant to be; by its own aim where nobody says. */
  readonly weight?: number;
  readonly sanded: number;
  /** m of it that was planned for, where more or less came off. */
  readonly allowed?: number;
}

/** What a sheet says of the film of one coat, m dry, and of all its coats together. */
export interface SheetFilm {
  readonly min: number;
  readonly aim: number;
  readonly max: number;
  /** How many coats its system has, and whether that is a class default that nobody confirmed. */
  readonly coats: number;
  readonly coatsAssumed?: boolean;
  /** Dry film of all coats together, where the sheet states it, as it stays. */
  readonly total?: { readonly min: number; readonly max: number };
}

export interface LedgerLayer {
  readonly id: string;
  readonly sheet: SheetFilm;
  readonly coats: readonly LedgerCoat[];
  /** m that work on the finished layer takes off before the next, and what of it was planned for. */
  readonly sanded: number;
  readonly allowed?: number;
}

/** What a coat is judged by, m dry. */
export interface CoatFilm {
  readonly id: string;
  readonly layerId: string;
  readonly min: number;
  readonly aim: number;
  readonly max: number;
  /** The aim itself lies outside: planned so, a fault of the plan. */
  readonly outside: boolean;
  readonly sanded: number;
}

export interface LayerFilm {
  readonly id: string;
  readonly coats: readonly CoatFilm[];
  /** m laid in all, taken off in all, and what stays: laid less taken off. */
  readonly sprayed: number;
  readonly sanded: number;
  readonly stays: number;
  /** What may stay by the sheet. */
  readonly min: number;
  readonly max: number;
  readonly verdict: 'inside' | 'short' | 'over';
}

export interface FilmLedger {
  readonly layers: readonly LayerFilm[];
  readonly sprayed: number;
  readonly sanded: number;
  readonly stays: number;
  readonly min: number;
  readonly max: number;
  /** Coats whose sanding goes through everything of their layer, at the aim and where the film is least. */
  readonly cutThrough: readonly {
    readonly id: string;
    readonly at: 'aim' | 'least';
    readonly left: number;
  }[];
}

/** Film that should stay under the paper where a layer is flatted, m. A default. */
export const leastLeft = 5e-6;

const hair = 1e-9;

/**
 * The range a coat is judged by: the sheet’s for a full coat, scaled down with the coat’s own weight, never up. A light
 * bed is judged by half the range; a coat over the sheet’s most stays over.
 *
 * @param dry m aimed at
 * @returns m; `outside` where the aim lies outside its own range
 * @example a sheet of 18–22–26 µm: an aim of 11 is judged by 9–13, one of 30 by 18–26 and lies outside
 * Source: definition
 */
export function coatRange(
  sheet: Pick<SheetFilm, 'min' | 'aim' | 'max'>,
  dry: number,
  weight?: number,
): { readonly min: number; readonly max: number; readonly outside: boolean } {
  const scale = Math.min(weight ?? (sheet.aim > 0 ? dry / sheet.aim : 1), 1);
  const [min, max] = [sheet.min * scale, sheet.max * scale];
  return { min, max, outside: dry < min * (1 - hair) || dry > max * (1 + hair) };
}

/**
 * The film of a whole job, in one place: every coat with its own range, every layer with what the sheet lets stay of it.
 *
 * Scaled ranges judge a coat, never the stack: what may stay of a layer comes from its sheet, as its stated total or as
 * its range for one coat times its coats, less what sanding is planned to take. So light coats that do not add up are
 * short. A number of coats that nobody confirmed is no limit to it.
 *
 * @source first principles; the sheet’s ranges, sanding as an allowance
 * Formula: Σ dry − Σ sanded
 * Source: definition
 * @example 100 + 100 − 60 µm: 140
 */
export function filmLedger(layers: readonly LedgerLayer[]): FilmLedger {
  const films = layers.map(layerFilm);
  const sum = (of: (layer: LayerFilm) => number) => films.reduce((total, layer) => total + of(layer), 0);
  return {
    layers: films,
    sprayed: sum(({ sprayed }) => sprayed),
    sanded: sum(({ sanded }) => sanded),
    stays: sum(({ stays }) => stays),
    min: sum(({ min }) => min),
    max: sum(({ max }) => max),
    cutThrough: films.flatMap(goesThrough),
  };
}

function layerFilm({ id, sheet, coats, sanded: after, allowed = after }: LedgerLayer): LayerFilm {
  const judged = coats.map((coat): CoatFilm => ({
    id: coat.id,
    layerId: id,
    aim: coat.dry,
    ...coatRange(sheet, coat.dry, coat.weight),
    sanded: coat.sanded,
  }));
  const sprayed = coats.reduce((sum, { dry }) => sum + dry, 0);
  const sanded = coats.reduce((sum, coat) => sum + coat.sanded, after);
  const planned = coats.reduce((sum, coat) => sum + (coat.allowed ?? coat.sanded), allowed);
  const stays = sprayed - sanded;
  const { min, max } = coats.length === 0 ? { min: 0, max: 0 } : mayStay(sheet, coats.length, planned);
  return {
    id,
    coats: judged,
    sprayed,
    sanded,
    stays,
    min,
    max,
    verdict: stays < min * (1 - hair) ? 'short' : stays > max * (1 + hair) ? 'over' : 'inside',
  };
}

function mayStay({ min, max, coats, coatsAssumed, total }: SheetFilm, planned: number, sanded: number) {
  if (total) return total;
  const [least, most] = coatsAssumed ? [Math.min(coats, planned), Math.max(coats, planned)] : [coats, coats];
  return { min: Math.max(min * least - sanded, 0), max: Math.max(max * most - sanded, 0) };
}

function goesThrough({ coats }: LayerFilm): FilmLedger['cutThrough'] {
  let [aim, least] = [0, 0];
  return coats.flatMap((coat): FilmLedger['cutThrough'] => {
    aim += coat.aim - coat.sanded;
    least += Math.min(coat.min, coat.aim) - coat.sanded;
    if (coat.sanded <= 0) return [];
    if (aim < leastLeft * (1 - hair)) return [{ id: coat.id, at: 'aim', left: aim }];
    return least < leastLeft * (1 - hair) ? [{ id: coat.id, at: 'least', left: least }] : [];
  });
}
