import * as z from 'zod/mini';
import { drillIds } from '@/core/practice';
import {
  asked,
  countUpTo,
  cubicMetres,
  id,
  instant,
  kilograms,
  metres,
  name,
  seconds,
  share,
  speed,
  text,
} from './fields';

const spread = z.number().check(z.minimum(0)).check(z.maximum(10));

/** One try at practice: a panel sprayed under the pointer, or a hidden gun set right. */
export const practice = z.object({
  kind: z.literal('practice'),
  version: z.literal(1),
  id,
  /** Who it was. */
  name,
  at: instant,
  drill: z.enum([...drillIds, 'set-up', 'pour', 'listen']),
  film: z.optional(
    z.object({
      inside: share,
      under: share,
      over: share,
      mean: metres,
      cv: spread,
      runs: z.int().check(z.minimum(0)),
      sprayed: cubicMetres,
      seconds,
    }),
  ),
  /** What the hand did; spreads are shares. */
  hand: z.optional(
    z.object({
      strokes: countUpTo(100_000),
      speed,
      speedSpread: spread,
      varied: spread,
      spacing: metres,
      spacingSpread: spread,
      lead: z.number().check(z.describe('m beyond the panel, below zero on it')),
      leadSpread: metres,
      bow: metres,
    }),
  ),
  /** A pour to a mark, kg: what was wanted, what came, and what stood there as stop was said, at which rate, kg/s. */
  pour: z.optional(
    z.object({
      aim: kilograms.check(z.positive()),
      took: kilograms,
      stopAt: z.optional(kilograms),
      rate: z.optional(z.number().check(z.minimum(0)).check(z.maximum(100))),
    }),
  ),
  /** Sounds and sentences that were told right, of so many. */
  listened: z.optional(z.object({ asked: countUpTo(1000), right: z.int().check(z.minimum(0)) })),
  /** What the phone on the hand felt over the panel: spreads are shares, tilts rad. */
  motion: z.optional(
    z.object({
      strokes: countUpTo(1000),
      speed,
      speedSpread: spread,
      varied: spread,
      tilt: z.number().check(z.minimum(-3.2)).check(z.maximum(3.2)),
      tiltSpread: z.number().check(z.minimum(0)).check(z.maximum(3.2)),
      arc: z.number().check(z.minimum(0)).check(z.maximum(6.3)),
      simulated: z.optional(z.literal(true)),
    }),
  ),
  gun: z.optional(z.object({ trouble: text, cards: z.int().check(z.minimum(0)), solved: z.boolean() })),
  asked,
});

export type PracticeTry = z.infer<typeof practice>;

/** How much a hand errs, standard deviations: shares, rad, m. */
export const handSpread = z.object({
  spacing: share,
  speed: share,
  distance: share,
  tilt: z.number().check(z.minimum(0)).check(z.maximum(1)).check(z.describe('rad')),
  lead: metres.check(z.maximum(0.5)),
});
