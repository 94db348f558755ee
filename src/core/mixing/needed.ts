import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';

export interface Need {
  /** m² over all faces. */
  readonly area: number;
  /** Wet film of each coat, m. */
  readonly wetFilms: readonly number[];
  /** Share of the sprayed solids that lands, 0–1. */
  readonly transfer: number;
  /** What stays in gun, hose and strainer, m³. */
  readonly dead: number;
  /** For test cards, m³. */
  readonly cards: number;
  /** Share kept in reserve, 0.1 for 10 %. */
  readonly reserve: number;
  /** What a thirsty surface drinks before a film stands, m³/m², once. */
  readonly absorption?: number;
  /** m³ that strokes carry past edges and ends of the faces. */
  readonly past?: number;
}

export interface Needed {
  /** m³ on the part. */
  readonly film: number;
  /** m³ drunk by the surface, apart from film. */
  readonly absorbed: number;
  /** m³ lost as overspray. */
  readonly overspray: number;
  /** m³ carried past edges and ends. */
  readonly past: number;
  readonly dead: number;
  readonly cards: number;
  readonly reserve: number;
  /** m³ to mix. */
  readonly total: number;
  /** Share of it that does not end on the part. */
  readonly waste: number;
}

/**
 * Reserve to start from, as a share. Running out of a coating that cannot be blended means the whole face again.
 *
 * Source: conservation of volume
 * @example usualReserve(true) → 0.1
 */
export const usualReserve = (blendable: boolean): number => (blendable ? 0.1 : 0.2);

/**
 * Ready mix needed = area × (Σ wet film + absorption) ÷ transfer efficiency + what strokes carry past the edges + dead volume +
 * cards, and a reserve on it.
 *
 * @returns each share of it in m³; refuses no area, no coat, and a transfer efficiency outside 0.05–1
 * Formula: A·(ΣWFT + absorption)/TE + dead + cards, plus reserve
 * Source: conservation of volume
 * @example 10 m², 100 µm, 0.5: 2.365 L with 10 %
 * @example mixNeeded({ area: 10, wetFilms: [0.0001], transfer: 0.5, dead: 0, cards: 0, reserve: 0, absorption: 0.00004 }) → { film: 0.001, absorbed: 0.0004, overspray: 0.0014, past: 0, dead: 0, cards: 0, reserve: 0, total: 0.0028, waste: 0.5 }
 */
export function mixNeeded({
  area,
  wetFilms,
  transfer,
  dead,
  cards,
  reserve,
  absorption = 0,
  past = 0,
}: Need): Outcome<Needed> {
  const wet = wetFilms.reduce((sum, each) => sum + each, 0);
  const wrong = refuseUnlessPositive({ 'area of the part': area, 'wet film': wet });
  if (wrong) return wrong;
  if (!(transfer >= 0.05 && transfer <= 1))
    return refuse('transfer', 'Transfer efficiency must lie between {min} and {max}.', {
      quantity: 'share',
      value: transfer,
      min: 0.05,
      max: 1,
    });
  if (![dead, cards, reserve, absorption, past].every((each) => each >= 0))
    return refuse('negative', 'Dead volume, cards, reserve and absorption cannot be below zero.');
  const film = area * wet;
  const absorbed = area * absorption;
  const overspray = (film + absorbed) * (1 / transfer - 1);
  const used = film + absorbed + overspray + past + dead + cards;
  const total = used * (1 + reserve);
  return {
    film,
    absorbed,
    overspray,
    past,
    dead,
    cards,
    reserve: used * reserve,
    total,
    waste: 1 - (film + absorbed) / total,
  };
}
