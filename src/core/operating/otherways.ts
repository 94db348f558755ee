import { refuseUnlessPositive, type Outcome } from '../refusal';

/** Ways a coating goes on without a gun. */
export const otherWays = ['roller', 'brush', 'dip'] as const;
export type OtherWay = (typeof otherWays)[number];

/**
 * What each does: the share that lands, the wet film one coat of it holds (m), the area a hand does (m²/s). Trade figures;
 * defaults, and none is of a product’s sheet.
 */
const ways: Record<OtherWay, { readonly lands: number; readonly film: number; readonly rate: number }> = {
  roller: { lands: 0.95, film: 110e-6, rate: 20 / 3600 },
  brush: { lands: 0.97, film: 90e-6, rate: 5 / 3600 },
  dip: { lands: 0.9, film: 70e-6, rate: 60 / 3600 },
};

export interface ByOtherWay {
  readonly way: OtherWay;
  /** Coats that make the same wet film in all. */
  readonly coats: number;
  /** m³, s of hands. */
  readonly paint: number;
  readonly time: number;
}

/**
 * The same film without a gun: what it takes of paint and of hands.
 *
 * @param area m² and m wet over all coats
 * @example 10 m² with 180 µm: two coats of a roller, 1.9 L, an hour; the gun loses two fifths of more and takes minutes
 */
export function byOtherWay(way: OtherWay, area: number, wetFilm: number): Outcome<ByOtherWay> {
  const wrong = refuseUnlessPositive({ 'area of the part': area, 'wet film': wetFilm });
  if (wrong) return wrong;
  const { lands, film, rate } = ways[way];
  const coats = Math.ceil(wetFilm / film - 1e-9);
  return { way, coats, paint: (area * wetFilm) / lands, time: (coats * area) / rate };
}
