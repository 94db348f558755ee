import { refuseUnlessPositive, type Outcome } from '../refusal';

/** Ways a coating goes on without a gun. */
export const otherWays = ['roller', 'brush', 'dip'] as const;
export type OtherWay = (typeof otherWays)[number];

/** How a single face is coated where the gun is not for it: what is dipped, is dipped whole. */
export const handMethods = ['roller', 'brush'] as const;
export type HandMethod = (typeof handMethods)[number];

interface WayFacts {
  /** Share of what is taken up that ends on the part. */
  readonly lands: number;
  /** m of wet film that one coat of it holds. */
  readonly film: number;
  /** s a m² of face, and s a m of its edges, which are cut in. */
  readonly area: number;
  readonly edge: number;
  /** Film thickness varies so much, a share of its mean. */
  readonly spread: number;
}

/** Trade figures; defaults, and none is of a product’s sheet. */
export const wayFacts: Readonly<Record<OtherWay, WayFacts>> = {
  roller: { lands: 0.95, film: 110e-6, area: 180, edge: 25, spread: 0.25 },
  brush: { lands: 0.97, film: 90e-6, area: 600, edge: 30, spread: 0.35 },
  dip: { lands: 0.9, film: 70e-6, area: 60, edge: 0, spread: 0.3 },
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
 * Source: shop practice, a roller twenty m² an hour on open ground and a brush six, edges cut in besides; defaults.
 *
 * @param area m²
 * @param edge m of outlines and openings
 * @param wetFilm m wet over all coats
 * @example 10 m² without edges, 180 µm: two coats of a roller, 1.9 L, an hour; the gun loses two fifths of more and takes minutes
 * @example byOtherWay('brush', 15, 17, 0.00018125) → { way: 'brush', coats: 3, paint: 0.00280284, time: 28530 }
 */
export function byOtherWay(way: OtherWay, area: number, edge: number, wetFilm: number): Outcome<ByOtherWay> {
  const wrong = refuseUnlessPositive({ 'area of the part': area, 'wet film': wetFilm });
  if (wrong) return wrong;
  const facts = wayFacts[way];
  const coats = Math.ceil(wetFilm / facts.film - 1e-9);
  return {
    way,
    coats,
    paint: (area * wetFilm) / facts.lands,
    time: coats * (area * facts.area + Math.max(edge, 0) * facts.edge),
  };
}
