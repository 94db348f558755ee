import * as z from 'zod/mini';
import { neighbours } from '@/core/drift';
import { handMethods } from '@/core/elements';
import { surfaceKinds } from '@/core/film';
import { workplaces } from '@/core/safety';
import { groundStates, substrateKinds } from '@/core/system';
import { asked, countUpTo, day, film, id, instant, kelvin, metres, name, share, text } from './fields';
import { layer } from './layer';
import { logEntry } from './log';

const turn = z
  .number()
  .check(z.minimum(0))
  .check(z.maximum(2 * Math.PI))
  .check(z.describe('rad'));
const wind = z.number().check(z.minimum(0)).check(z.maximum(60)).check(z.describe('m/s'));

/** Where and in what weather a job is sprayed outdoors, as somebody entered it: nothing is fetched. */
export const outdoors = z.object({
  latitude: z.optional(
    z
      .number()
      .check(z.minimum(-Math.PI / 2))
      .check(z.maximum(Math.PI / 2))
      .check(z.describe('rad')),
  ),
  longitude: z.optional(
    z.number().check(z.minimum(-Math.PI)).check(z.maximum(Math.PI)).check(z.describe('rad')),
  ),
  /** The day it is planned for; the day it is looked at where nothing is said. */
  day: z.optional(day),
  /** Share of the sun the colour takes in. */
  absorptance: z.optional(share),
  coldest: z.optional(kelvin),
  warmest: z.optional(kelvin),
  dawnHumidity: z.optional(share),
  wind: z.optional(wind),
  gusts: z.optional(wind),
  /** Share of the sky that is covered. */
  cloud: z.optional(share),
  /** Where the wind comes from, clockwise from north. */
  windFrom: z.optional(turn),
  /** What stands about and must not be reached. */
  around: z.optional(
    z
      .array(
        z.object({
          id,
          what: z.enum(neighbours),
          distance: metres.check(z.positive()),
          bearing: turn,
          /** It was moved or covered. */
          covered: z.optional(z.boolean()),
        }),
      )
      .check(z.maxLength(40)),
  ),
});

export const face = z.object({
  id,
  name,
  width: metres.check(z.positive()),
  height: metres.check(z.positive()),
  count: countUpTo(100_000),
  /** Both sides are coated when 2. */
  sides: z.optional(z.union([z.literal(1), z.literal(2)])),
  /** True surface ÷ width × height: 1 for flat, more for mouldings and ribs. */
  shape: z.optional(z.number().check(z.minimum(1)).check(z.maximum(10))),
  lies: z.enum(['upright', 'flat', 'overhead']),
  /** What is under the gun: a flat face where nothing is said. */
  surface: z.optional(z.enum(surfaceKinds)),
  reach: z.optional(z.enum(['close', 'stretch', 'steps'])),
  /** What is cut out of it, m from its corner. */
  openings: z.optional(
    z
      .array(
        z.object({
          x: metres,
          y: metres,
          width: metres.check(z.positive()),
          height: metres.check(z.positive()),
          round: z.optional(z.boolean()),
        }),
      )
      .check(z.maxLength(40)),
  ),
  /** By hand where the gun is not for it; sprayed where nothing is said. */
  method: z.optional(z.enum(handMethods)),
  /** Outdoors, the direction it faces, clockwise from north. */
  facing: z.optional(turn),
  /** What must stay free of it, along its outline. */
  keepOff: z.optional(text),
  /** Places the gun does not coat: by brush when all coats are on, or never. */
  free: z.optional(
    z
      .array(
        z.object({
          id,
          name,
          width: metres.check(z.positive()),
          height: metres.check(z.positive()),
          /** Its edge is round or cut to shape. */
          shaped: z.optional(z.boolean()),
          then: z.enum(['brush', 'never']),
        }),
      )
      .check(z.maxLength(40)),
  ),
});

/** What is the same for all layers of a job. */
export const jobApproach = z.object({
  /** How a part with two sides is turned. */
  turning: z.optional(z.enum(['one-side', 'every-coat', 'back-first'])),
  /** Pieces that can lie wet at once. */
  racks: z.optional(z.int().check(z.minimum(1)).check(z.maximum(200))),
  /** Whose hand is reckoned with: the usual one where nothing is said. */
  hand: z.optional(
    z.discriminatedUnion('kind', [
      z.object({ kind: z.literal('own') }),
      z.object({ kind: z.literal('person'), name }),
    ]),
  ),
  sampling: z.optional(z.object({ first: z.int().check(z.minimum(0)), every: z.int().check(z.minimum(1)) })),
  acceptance: z.enum(['spot-mean', 'nominal', 'own']),
  /** Dry film between these, whatever the sheet says: the user’s own limits. */
  ownLimits: z.optional(z.object({ min: film.check(z.positive()), max: film.check(z.positive()) })),
});

/** How a job came out, by whoever put it away. */
export const outcomes = ['as-wanted', 'good-enough', 'failed'] as const;

export const closing = z.object({
  came: z.optional(z.enum(outcomes)),
  /** What would be done otherwise another time. */
  change: z.optional(text),
  /** Who saw it. */
  seenBy: z.optional(text),
});

/** A job: what is coated, with which layers, and the log of what was done. Nothing derived is stored. */
export const job = z.object({
  kind: z.literal('job'),
  version: z.literal(3),
  id,
  name,
  begun: instant,
  closed: z.optional(instant),
  /** What was said of it when it was put away. */
  closing: z.optional(closing),
  /** When it must be ready to handle. */
  due: z.optional(instant),
  part: z.object({
    substrate: text,
    metal: z.boolean().check(z.describe('can a magnetic or eddy-current gauge read it?')),
    faces: z.array(face).check(z.minLength(1)),
    kind: z.optional(z.enum(substrateKinds)),
    existing: z.optional(z.enum(groundStates)),
    /** Is bare metal etched before the first coat, where somebody said so or not? */
    etched: z.optional(z.boolean()),
    exposure: z.optional(z.enum(['indoors', 'damp', 'outdoors', 'sun'])),
    /** The standard it will be judged by. */
    judgedBy: z.optional(z.enum(['mirror', 'texture', 'match'])),
    /** What a thirsty surface drinks before a film stands, m³/m². */
    absorption: z.optional(film),
  }),
  /** Where it is sprayed, where that is not where the shop sprays. */
  sprayedIn: z.optional(z.enum(workplaces)),
  outdoors: z.optional(outdoors),
  /** From the part up. */
  layers: z
    .array(layer)
    .check(z.minLength(1))
    .check(z.maxLength(40))
    .check(
      z.refine((layers) => layers.some(({ coats }) => coats.length > 0), {
        error: 'A job has at least one coat.',
      }),
    ),
  approach: jobApproach,
  log: z.array(logEntry),
  asked,
});

export type Closing = z.infer<typeof closing>;
export type Job = z.infer<typeof job>;
export type Outdoors = z.infer<typeof outdoors>;
export type Face = z.infer<typeof face>;
export type JobApproach = z.infer<typeof jobApproach>;
