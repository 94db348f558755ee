import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';

export interface BlendQuestion {
  /** m from the middle of the repair that must hide fully. */
  readonly coverage: number;
  /** m from the middle to the edge that must keep its colour. */
  readonly keepOut: number;
  readonly coats: number;
  /** m each coat reaches beyond, or stops short of, the one before. */
  readonly step: number;
  /** Further out with each coat, or furthest first and each later one shorter. */
  readonly order: 'outward' | 'inward';
  /** m over which a coat fades to nothing: pressure and trigger lower at the edge. */
  readonly fade: number;
  /** Dry film of one full coat, and that at which the colour hides, m. */
  readonly film: number;
  readonly hides: number;
}

export interface BlendCoat {
  /** m from the middle where the fade begins and where the coat ends. */
  readonly full: number;
  readonly ends: number;
}

export interface BlendPlan {
  readonly coats: readonly BlendCoat[];
  /** Along the distance from the middle: film, m, and hiding, 0–1. */
  readonly along: readonly { readonly x: number; readonly film: number; readonly hiding: number }[];
  /** m where the last trace ends. */
  readonly ends: number;
  /** Share of hiding lost over 100 mm where it falls fastest. */
  readonly steepest: number;
  readonly warnings: readonly ('keep-out' | 'steep' | 'thin')[];
}

/** Coats anybody blends in. */
const mostCoats = 8;
/** Hiding that counts as full: contrast ratio, ISO 6504. */
const fullHiding = 0.98;
/** More hiding than this lost over 100 mm shows as an edge. A default. */
const steepAt = 0.55;

/**
 * Coats that fade into a panel: film and hiding over the distance from the repair.
 *
 * Hiding follows Lambert: what shows through falls by the same factor with each equal film. Within its fade a coat
 * falls as a half cosine, as a wrist that rolls out lays it.
 *
 * @returns warns when the fade reaches the edge that must keep its colour, when it is steep enough to see, and when
 *   the middle does not hide; refuses lengths that are not above zero
 * Formula: 1 − 0.02^(film ÷ film that hides)
 * Source: geometry
 * @example 36 µm where 30 hide: 99.1 %
 */
export function planBlend({
  coverage,
  keepOut,
  coats,
  step,
  order,
  fade,
  film,
  hides,
}: BlendQuestion): Outcome<BlendPlan> {
  const wrong = refuseUnlessPositive({
    'area to cover': coverage,
    'distance to the kept edge': keepOut,
    fade: fade,
    'film of a coat': film,
    'film that hides': hides,
  });
  if (wrong) return wrong;
  if (!(Number.isInteger(coats) && coats >= 1 && coats <= mostCoats))
    return refuse('blend-coats', 'Blend in one to eight coats.');
  if (!(step >= 0))
    return refuse('blend-step', 'The step from coat to coat cannot be below zero.', {
      quantity: 'distance',
      value: step,
    });
  const laid = Array.from({ length: coats }, (_, i): BlendCoat => {
    const steps = order === 'outward' ? i : coats - 1 - i;
    const full = coverage + steps * step;
    return { full, ends: full + fade };
  });
  const share = ({ full, ends }: BlendCoat, x: number) =>
    x <= full ? 1 : x >= ends ? 0 : 0.5 * (1 + Math.cos((Math.PI * (x - full)) / (ends - full)));
  const ends = Math.max(...laid.map((coat) => coat.ends));
  const reach = Math.max(ends, keepOut) * 1.05;
  const along = Array.from({ length: 241 }, (_, i) => {
    const x = (i / 240) * reach;
    const total = laid.reduce((sum, coat) => sum + film * share(coat, x), 0);
    return { x, film: total, hiding: 1 - (1 - fullHiding) ** (total / hides) };
  });
  const span = 0.1;
  const at = (x: number) => along[Math.min(Math.round((x / reach) * 240), 240)]?.hiding ?? 0;
  const steepest = Math.max(...along.map(({ x, hiding }) => hiding - at(x + span)));
  const middle = along[0]?.hiding ?? 0;
  return {
    coats: laid,
    along,
    ends,
    steepest,
    warnings: [
      ...(ends > keepOut + 1e-9 ? (['keep-out'] as const) : []),
      ...(steepest > steepAt ? (['steep'] as const) : []),
      ...(middle < fullHiding - 1e-9 ? (['thin'] as const) : []),
    ],
  };
}

/** What of a blend fits inside the edge that is kept. */
export interface BlendFit {
  /** m over which each coat may fade, as many coats as planned; none where not even a hard edge would fit. */
  readonly fade?: number;
  /** Coats that fit with the fade as it is. */
  readonly coats: number;
}

/**
 * The longest fade and the most coats that do not cross the kept edge, each with the rest as it is.
 *
 * @example 0.2, 0.9, three of 0.12: 0.46 m
 * @example hides to 0.2 m, kept edge at 0.9, three coats stepping 0.12: they may fade over 0.46 m; with 0.3 m four fit
 * Formula: kept edge − cover − (coats − 1)·step
 * Source: geometry
 * @example fitBlend({ coverage: 0.8, keepOut: 0.9, coats: 3, step: 0.12, fade: 0.3 }) → { coats: 0 }
 */
export function fitBlend({
  coverage,
  keepOut,
  coats,
  step,
  fade,
}: Pick<BlendQuestion, 'coverage' | 'keepOut' | 'coats' | 'step' | 'fade'>): BlendFit {
  const longest = keepOut - coverage - (coats - 1) * step;
  const room = keepOut - coverage - fade;
  return {
    ...(longest > 0 ? { fade: longest } : {}),
    coats: room < -1e-9 ? 0 : step > 0 ? Math.min(Math.floor(room / step + 1e-9) + 1, mostCoats) : mostCoats,
  };
}
