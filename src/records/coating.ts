import * as z from 'zod';
import { chemistries } from '@/core/care';
import { hazards } from '@/core/safety';
import {
  concentration,
  cubicMetres,
  day,
  density,
  id,
  kelvin,
  kinematic,
  metres,
  name,
  pascals,
  positive,
  range,
  seconds,
  share,
  text,
} from './fields';

/** Classes with typical values of their own. */
export const coatingClasses = [
  'solvent-base',
  'water-base',
  'two-part-clear',
  'two-part-colour',
  'epoxy-primer',
  'filler-primer',
  'sprayed-filler',
  'gel-coat',
  'water-lacquer',
  'two-part-water',
  'furniture-paint',
  'moisture-curing',
  'quick-enamel',
  'wall-paint',
  'elastomeric',
] as const;

export const component = z.object({
  id,
  name,
  parts: positive.describe('parts in the ratio'),
  density,
  volumeSolids: share,
  voc: concentration.describe('kg/m³, actual content'),
  water: share,
  exempt: share,
});

export const thinner = z.object({
  id,
  name,
  density,
  viscosity: kinematic,
  voc: concentration,
  water: share,
  exempt: share,
  /** Air temperatures the sheet names it for. */
  air: range(kelvin).optional(),
});

/** What a sheet says for one kind of gun. */
export const gunAdvice = z.object({
  atomising: z.enum(['hvlp', 'compliant', 'low-volume', 'conventional', 'airless']),
  bore: range(metres).optional(),
  /** Orifice of airless tips. */
  orifice: range(metres).optional(),
  pressure: range(pascals),
  pressureAt: z.enum(['cap', 'inlet', 'tip']),
  distance: range(metres),
});

/** A product sheet. What is not confirmed from paper is listed in `assumed`, by field name. */
export const coating = z.object({
  kind: z.literal('coating'),
  version: z.literal(1),
  id,
  name,
  maker: text.optional(),
  class: z.enum(coatingClasses),
  chemistry: z.enum(chemistries),
  sheetRevision: text,
  checkedOn: day,
  components: z.array(component).min(1).max(6),
  ratioBy: z.enum(['volume', 'mass']),
  thinning: z.object({
    thinners: z.array(thinner).max(12),
    maximum: share,
    by: z.enum(['mass', 'volume']),
    of: z.enum(['base', 'mix']),
    /** Share past which gloss or sheen suffers, though the sheet still allows it. */
    glossFrom: share.optional(),
  }),
  /** Absent for coatings that no flow cup can judge. */
  target: z
    .object({ cupId: id, min: seconds, max: seconds, temperature: kelvin })
    .refine(({ min, max }) => min < max, {
      path: ['max'],
      error: 'The band must run from fewer seconds to more.',
    })
    .optional(),
  /** Unthinned, mixed, at the target's temperature. */
  viscosity: kinematic.optional(),
  /** Fall of viscosity a kelvin of warming, as a share. */
  temperatureSlope: share.optional(),
  guns: z.array(gunAdvice).max(10),
  film: z.object({ min: metres, aim: metres, max: metres }).describe('dry, one coat, m'),
  coats: positive.int(),
  times: z.object({
    temperature: kelvin,
    induction: seconds.optional(),
    potLife: seconds.optional(),
    flash: seconds,
    recoatFirst: seconds,
    recoatLast: seconds.optional(),
    handle: seconds.optional(),
    cure: seconds.optional(),
  }),
  limits: z.object({ air: range(kelvin), part: range(kelvin), humidity: range(share) }),
  intervals: z.object({ stir: seconds.optional(), retime: seconds.optional() }),
  cleaner: text.optional(),
  cleanBy: seconds.optional(),
  hazards: z.array(z.enum(hazards)),
  /** Coatings that cannot be blended into a dry edge keep a larger reserve. */
  blendable: z.boolean(),
  pricePerVolume: z.number().min(0).describe('currency units a m³').optional(),
  note: text.optional(),
  assumed: z.array(z.string()),
});

export type Coating = z.infer<typeof coating>;
export type CoatingClass = Coating['class'];
export type Component = z.infer<typeof component>;
export type Thinner = z.infer<typeof thinner>;
export type GunAdvice = z.infer<typeof gunAdvice>;

/** A can on the shelf. */
export const can = z.object({
  kind: z.literal('can'),
  version: z.literal(1),
  id,
  coatingId: id,
  componentId: id,
  lot: name,
  made: day.optional(),
  opened: day.optional(),
  useBefore: day.optional(),
  left: cubicMetres,
});

export type Can = z.infer<typeof can>;
