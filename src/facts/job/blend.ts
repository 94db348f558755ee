import { planBlend, type BlendPlan } from '@/core/film';
import type { Outcome } from '@/core/refusal';
import type { CoatPlan } from './plan';
import type { LaidCoat, Worked } from './worked';

export type Blend = NonNullable<Worked['approach']['blend']>;

/** How a colour is faded in where nobody said: defaults, which forbid nothing. */
const usualBlend = (film: number): Blend => ({
  coverage: 0.2,
  keepOut: 0.9,
  step: 0.12,
  order: 'outward',
  fade: 0.3,
  hides: film * 2,
});

/** The fade of the layer’s blend coats: how far each reaches, and whether one crosses the edge that is kept. */
export interface BlendView {
  readonly blend: Blend;
  /** Somebody said so, rather than a default. */
  readonly said: boolean;
  readonly coats: readonly LaidCoat[];
  readonly found: Outcome<BlendPlan>;
}

/** None where no coat of this layer is blended. */
export function blendOf(
  { approach, layer }: Pick<Worked, 'approach' | 'layer'>,
  plans: readonly CoatPlan[],
): BlendView | undefined {
  const own = plans.filter(({ coat }) => coat.layerId === layer.id && coat.role === 'blend');
  const [first] = own;
  if (!first) return undefined;
  const blend = approach.blend ?? usualBlend(first.sheet.film.aim);
  const film = own.reduce((sum, { coat }) => sum + coat.dry, 0) / own.length;
  return {
    blend,
    said: approach.blend !== undefined,
    coats: own.map(({ coat }) => coat),
    found: planBlend({ ...blend, coats: own.length, film }),
  };
}
