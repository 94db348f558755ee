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
  /** Parts by temperature, where the sheet has a table for it, as for a peroxide catalyst. */
  partsAt: z
    .array(z.object({ temperature: kelvin, parts: positive }))
    .max(12)
    .optional(),
});

export const thinnerSpeeds = ['fast', 'medium', 'slow', 'very-slow'] as const;

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
  speed: z.enum(thinnerSpeeds).optional(),
});

/** A small dose beside the ratio: accelerator, extender, retarder. */
export const additive = z.object({
  id,
  name,
  density,
  volumeSolids: share,
  voc: concentration,
  water: share,
  exempt: share,
  doseBy: z.enum(['volume', 'mass']),
  /** A dose of the first part goes in right after it, one of the mix goes in last. */
  doseOf: z.enum(['base', 'mix']),
  /** What goes in unless the job says otherwise; zero for what is only used when wanted. */
  dose: share,
  maximum: share,
  /** Diluents, retarders and extenders count toward the thinner’s maximum. */
  thins: z.boolean(),
});

/** A viscosity band in one cup at one temperature. */
const band = z
  .object({ cupId: id, min: seconds, max: seconds, temperature: kelvin })
  .refine(({ min, max }) => min < max, {
    path: ['max'],
    error: 'The band must run from fewer seconds to more.',
  });

const atomising = z.enum(['hvlp', 'compliant', 'low-volume', 'conventional', 'airless']);

/** What a sheet says for one kind of gun. */
export const gunAdvice = z.object({
  atomising,
  /** The band for this method, where the sheet has one of its own. */
  target: band.optional(),
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
  /** How far a part may be off the ratio, as a share of the part. */
  tolerance: share.optional(),
  additives: z.array(additive).max(8).optional(),
  thinning: z.object({
    thinners: z.array(thinner).max(12),
    maximum: share,
    by: z.enum(['mass', 'volume']),
    of: z.enum(['base', 'mix']),
    /** Share past which gloss or sheen suffers, though the sheet still allows it. */
    glossFrom: share.optional(),
    /** The fixed percent the sheet names, where it names one. */
    usual: share.optional(),
  }),
  /** Absent for coatings that no flow cup can judge. */
  target: band.optional(),
  /** Unthinned, mixed, at the target's temperature. */
  viscosity: kinematic.optional(),
  /** Fall of viscosity a kelvin of warming, as a share. */
  temperatureSlope: share.optional(),
  guns: z.array(gunAdvice).max(10),
  film: z.object({ min: metres, aim: metres, max: metres }).describe('dry, one coat, m'),
  wetFilm: z
    .object({ min: metres, aim: metres, max: metres })
    .describe('wet, one coat, where the sheet states it')
    .optional(),
  coats: positive.int(),
  times: z.object({
    temperature: kelvin,
    induction: seconds.optional(),
    potLife: seconds.optional(),
    flash: seconds,
    recoatFirst: seconds,
    recoatLast: seconds.optional(),
    /** Neither wet on wet nor recoatable from here to there. */
    forbidden: z
      .object({ from: seconds, to: seconds })
      .refine(({ from, to }) => from < to, {
        path: ['to'],
        error: 'The forbidden middle must end after it begins.',
      })
      .optional(),
    touch: seconds.optional(),
    handle: seconds.optional(),
    cure: seconds.optional(),
    /** Force dried, where the sheet allows it: so long at so warm. */
    forced: z.object({ temperature: kelvin, duration: seconds.positive() }).optional(),
  }),
  limits: z.object({ air: range(kelvin), part: range(kelvin), humidity: range(share) }),
  intervals: z.object({ stir: seconds.optional(), retime: seconds.optional() }),
  cleaner: text.optional(),
  cleanBy: seconds.optional(),
  hazards: z.array(z.enum(hazards)),
  /** Coatings that cannot be blended into a dry edge keep a larger reserve. */
  blendable: z.boolean(),
  /** Days a can keeps from its making, and from its opening. */
  shelf: z.object({ closed: positive.int().optional(), opened: positive.int().optional() }).optional(),
  /** The limit on VOC that holds where the shop is, and which figure it counts. */
  vocLimit: z.object({ value: concentration, counts: z.enum(['with-water', 'less-water']) }).optional(),
  /** Its solvent with the lowest explosive limit: kg/mol and volume share. */
  vapour: z.object({ molarMass: positive, lowerLimit: share }).optional(),
  pricePerVolume: z.number().min(0).describe('currency units a m³').optional(),
  note: text.optional(),
  assumed: z.array(z.string()),
});

export type Coating = z.infer<typeof coating>;
export type CoatingClass = Coating['class'];
export type Component = z.infer<typeof component>;
export type Thinner = z.infer<typeof thinner>;
export type SheetAdditive = z.infer<typeof additive>;
export type GunAdvice = z.infer<typeof gunAdvice>;

/** A sheet as it stood before it was changed. */
export const revision = z.object({
  kind: z.literal('revision'),
  version: z.literal(1),
  id,
  coatingId: id,
  until: z.iso.datetime().describe('moment it was replaced'),
  sheet: coating,
});

export type Revision = z.infer<typeof revision>;

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
  /** What was in it when it was last looked at; what is drawn since comes off. */
  left: cubicMetres,
  countedAt: z.iso.datetime().optional(),
});

export type Can = z.infer<typeof can>;
