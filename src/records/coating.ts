import * as z from 'zod/mini';
import { coatingClasses, thinnerSpeeds } from './coatingclasses';
import { chemistries, type Abrasiveness } from '@/core/care';
import { hazards } from '@/core/safety';
import {
  asked,
  concentration,
  cubicMetres,
  day,
  days,
  density,
  film,
  id,
  instant,
  kelvin,
  kinematic,
  metres,
  countUpTo,
  name,
  pascals,
  positive,
  range,
  seconds,
  share,
  text,
} from './fields';

export const component = z.object({
  id,
  name,
  parts: positive.check(z.describe('parts in the ratio')),
  density,
  volumeSolids: share,
  voc: concentration.check(z.describe('kg/m³, actual content')),
  water: share,
  exempt: share,
  /** Parts by temperature, where the sheet has a table for it, as for a peroxide catalyst. */
  partsAt: z.optional(z.array(z.object({ temperature: kelvin, parts: positive })).check(z.maxLength(12))),
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
  air: z.optional(range(kelvin)),
  speed: z.optional(z.enum(thinnerSpeeds)),
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
  /** The dose as the paper words it, where it is not a percent. */
  said: z.optional(text),
  /** The dose by temperature, where the sheet has a table for it. */
  doseAt: z.optional(z.array(z.object({ temperature: kelvin, dose: share })).check(z.maxLength(12))),
  maximum: share,
  /** Diluents, retarders and extenders count toward the thinner’s maximum. */
  thins: z.boolean(),
  /** It moves drying and pot life: by this factor at the most that may go in, where the sheet says. */
  movesClocks: z.optional(z.boolean()),
  clockFactor: z.optional(positive.check(z.maximum(20))),
});

/** A viscosity band in one cup at one temperature. */
const band = z.object({ cupId: id, min: seconds, max: seconds, temperature: kelvin }).check(
  z.refine(({ min, max }) => min < max, {
    path: ['max'],
    error: 'The band must run from fewer seconds to more.',
  }),
);

const atomising = z.enum(['hvlp', 'compliant', 'low-volume', 'conventional', 'airless']);

/** What a sheet says for one kind of gun. */
export const gunAdvice = z.object({
  atomising,
  /** Where a sheet tells guns of one kind apart by how they are fed. */
  feed: z.optional(z.enum(['gravity', 'suction', 'pressure'])),
  /** The band for this method, where the sheet has one of its own. */
  target: z.optional(band),
  bore: z.optional(range(metres)),
  /** Orifice of airless tips. */
  orifice: z.optional(range(metres)),
  pressure: range(pascals),
  pressureAt: z.enum(['cap', 'inlet', 'tip']),
  distance: range(metres),
});

export const pigments = ['transparent', 'flake'] as const;
/** Stock made for the gun, or for brush and roller. */
export const canGrades = ['spray', 'brush'] as const;

/** A product sheet. What is not confirmed from paper is listed in `assumed`, by field name. */
export const coating = z.object({
  kind: z.literal('coating'),
  version: z.literal(2),
  id,
  name,
  maker: z.optional(text),
  class: z.enum(coatingClasses),
  chemistry: z.enum(chemistries),
  sheetRevision: text,
  checkedOn: day,
  components: z.array(component).check(z.minLength(1)).check(z.maxLength(6)),
  ratioBy: z.enum(['volume', 'mass']),
  /** How far a part may be off the ratio, as a share of the part. */
  tolerance: z.optional(share),
  additives: z.optional(z.array(additive).check(z.maxLength(8))),
  thinning: z.object({
    thinners: z.array(thinner).check(z.maxLength(12)),
    maximum: share,
    by: z.enum(['mass', 'volume']),
    of: z.enum(['base', 'mix']),
    /** Share past which gloss or sheen suffers, though the sheet still allows it. */
    glossFrom: z.optional(share),
    /** The fixed percent the sheet names, where it names one. */
    usual: z.optional(share),
  }),
  /** Absent for coatings that no flow cup can judge. */
  target: z.optional(band),
  /** Unthinned, mixed, at the target's temperature. */
  viscosity: z.optional(kinematic),
  /** Fall of viscosity a kelvin of warming, as a share. */
  temperatureSlope: z.optional(share),
  guns: z.array(gunAdvice).check(z.maxLength(10)),
  film: z.object({ min: film, aim: film, max: film }).check(z.describe('dry, one coat, m')),
  wetFilm: z.optional(
    z
      .object({ min: film, aim: film, max: film })
      .check(z.describe('wet, one coat, where the sheet states it')),
  ),
  /** Dry film of all coats together as it stays, where the sheet states it. */
  totalFilm: z.optional(range(film)),
  coats: countUpTo(200),
  times: z.object({
    temperature: kelvin,
    induction: z.optional(seconds),
    potLife: z.optional(seconds),
    flash: seconds,
    recoatFirst: seconds,
    recoatLast: z.optional(seconds),
    /** Neither wet on wet nor recoatable from here to there. */
    forbidden: z.optional(
      z.object({ from: seconds, to: seconds }).check(
        z.refine(({ from, to }) => from < to, {
          path: ['to'],
          error: 'The forbidden middle must end after it begins.',
        }),
      ),
    ),
    /** When another product may go on it, where the sheet says other than for itself. */
    next: z.optional(z.object({ first: seconds, last: z.optional(seconds) })),
    /** The next coat goes on while it is tacky: a dry film has missed it. */
    tack: z.optional(z.boolean()),
    /** Hard enough to abrade, and so long it takes the next coat then. */
    sandable: z.optional(seconds),
    sandedFor: z.optional(seconds),
    touch: z.optional(seconds),
    handle: z.optional(seconds),
    cure: z.optional(seconds),
    /** Force dried, where the sheet allows it: so long at so warm. */
    forced: z.optional(z.object({ temperature: kelvin, duration: seconds.check(z.positive()) })),
  }),
  limits: z.object({
    air: range(kelvin),
    part: range(kelvin),
    humidity: range(share),
    /** K above the dew point, where the sheet names another margin than is usual. */
    dew: z.optional(z.number().check(z.positive()).check(z.maximum(20))),
  }),
  intervals: z.object({ stir: z.optional(seconds), retime: z.optional(seconds) }),
  cleaner: z.optional(text),
  cleanBy: z.optional(seconds),
  /** What in it shows film and settling as tone: transparent pigments, or flake. */
  pigment: z.optional(z.enum(pigments)),
  /** How it wears tips; by its class where nothing is said. */
  abrasive: z.optional(z.enum(['mild', 'middling', 'harsh'] satisfies Abrasiveness[])),
  hazards: z.array(z.enum(hazards)),
  /** Coatings that cannot be blended into a dry edge keep a larger reserve. */
  blendable: z.boolean(),
  /** Days a can keeps from its making, and from its opening. */
  shelf: z.optional(
    z.object({
      closed: z.optional(days),
      opened: z.optional(days),
    }),
  ),
  /** The limit on VOC that holds where the shop is, and which figure it counts. */
  vocLimit: z.optional(z.object({ value: concentration, counts: z.enum(['with-water', 'less-water']) })),
  /** Its solvent with the lowest explosive limit: kg/mol and volume share. */
  vapour: z.optional(z.object({ molarMass: positive, lowerLimit: share })),
  /** Sizes its parts are sold in, and what each costs. */
  packs: z.optional(
    z
      .array(
        z.object({
          componentId: id,
          volume: cubicMetres.check(z.positive()),
          price: z.optional(z.number().check(z.minimum(0)).check(z.maximum(1e6))),
        }),
      )
      .check(z.maxLength(40)),
  ),
  /** Days until an order of it is there. */
  lead: z.optional(z.number().check(z.minimum(0)).check(z.maximum(400))),
  pricePerVolume: z.optional(z.number().check(z.minimum(0)).check(z.describe('currency units a m³'))),
  note: z.optional(text),
  assumed: z.array(z.string()),
  asked,
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
  version: z.literal(2),
  id,
  coatingId: id,
  until: instant.check(z.describe('moment it was replaced')),
  sheet: coating,
  asked,
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
  grade: z.optional(z.enum(canGrades)),
  made: z.optional(day),
  opened: z.optional(day),
  useBefore: z.optional(day),
  /** What was in it when it was last looked at; what is drawn since comes off. */
  left: cubicMetres,
  countedAt: z.optional(instant),
  asked,
});

export type Can = z.infer<typeof can>;
