import * as z from 'zod/mini';
import { cleaningApproaches } from '@/core/care';
import { surfaceKinds } from '@/core/film';
import { coatRoles, substrateKinds } from '@/core/system';
import { coating } from './coating';
import { cubicMetres, id, instant, kelvin, metres, name, seconds, share, speed, text } from './fields';
import { logEntry } from './log';

export const face = z.object({
  id,
  name,
  width: metres.check(z.positive()),
  height: metres.check(z.positive()),
  count: z.int().check(z.positive()),
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
  /** What must stay free of it. */
  keepOff: z.optional(text),
});

export const plannedCoat = z.object({
  id,
  sheetId: id,
  name,
  /** Dry film aimed at in this coat. */
  dry: metres.check(z.positive()),
  role: z.optional(z.enum(coatRoles)),
  /** Dry film that flatting takes off again, m. */
  sandBack: z.optional(metres),
  /** How its strokes go where they are not as usual: m the outermost lie beyond the edges, both ways, the short way. */
  path: z.optional(
    z.object({ beyond: metres, cross: z.optional(z.boolean()), shortWay: z.optional(z.boolean()) }),
  ),
  /** A recipe of its own: unthinned, or a capped extra beyond the band. By the band when there is none. */
  thinning: z.optional(
    z.object({ by: z.enum(['neat', 'extra']), extra: z.optional(share), thinnerId: z.optional(id) }),
  ),
});

/** A job: what is coated with what, and the log of what was done. Nothing derived is stored. */
export const job = z.object({
  kind: z.literal('job'),
  version: z.literal(1),
  id,
  name,
  begun: instant,
  closed: z.optional(instant),
  /** The sheets as they stood when the job began: a later change of a sheet does not reach into it. */
  sheets: z.array(coating).check(z.minLength(1)),
  rigId: id,
  cupId: id,
  part: z.object({
    substrate: text,
    metal: z.boolean().check(z.describe('can a magnetic or eddy-current gauge read it?')),
    faces: z.array(face).check(z.minLength(1)),
    kind: z.optional(z.enum(substrateKinds)),
    existing: z.optional(z.enum(['bare', 'keep', 'strip'])),
    exposure: z.optional(z.enum(['indoors', 'damp', 'outdoors', 'sun'])),
    /** The standard it will be judged by. */
    judgedBy: z.optional(z.enum(['mirror', 'texture', 'match'])),
    /** What a thirsty surface drinks before a film stands, m³/m². */
    absorption: z.optional(metres),
  }),
  coats: z.array(plannedCoat).check(z.minLength(1)),
  approach: z.object({
    overlap: share,
    speed,
    transfer: z.optional(share),
    reserve: share,
    reserveWhy: z.optional(text),
    cards: z.optional(z.int().check(z.minimum(0)).check(z.maximum(99))),
    /** m³ the mixing pot holds. */
    pot: z.optional(cubicMetres),
    /** m³ of each batch, where the user wants other than what the plan asks. */
    batch: z.optional(cubicMetres.check(z.positive())),
    /** How this job is thinned; by the model when nothing is said. */
    thinBy: z.optional(
      z.discriminatedUnion('kind', [
        z.object({ kind: z.literal('model') }),
        z.object({ kind: z.enum(['mass-steps', 'volume-steps']), step: share }),
        z.object({ kind: z.literal('fixed'), share }),
      ]),
    ),
    /** By scale with a running total, by scale tared each time, or by a graduated pot. */
    measure: z.optional(z.enum(['total', 'tare', 'pot'])),
    /** Whose band it is thinned to. */
    target: z.optional(z.enum(['sheet', 'maker', 'physics', 'own'])),
    ownBand: z.optional(z.object({ cupId: id, min: seconds, max: seconds, temperature: kelvin })),
    /** How a part with two sides is turned. */
    turning: z.optional(z.enum(['one-side', 'every-coat', 'back-first'])),
    /** Dried by moving air, or forced as the sheet allows; as the room is where nothing is said. */
    drying: z.optional(z.enum(['room', 'forced'])),
    /** Pieces that can lie wet at once. */
    racks: z.optional(z.int().check(z.minimum(1)).check(z.maximum(200))),
    /** The pattern as a shape, where no card says it. */
    fanShape: z.optional(
      z.object({
        flatness: z.number().check(z.minimum(0)).check(z.maximum(0.95)),
        softness: z.number().check(z.minimum(0.1)).check(z.maximum(5)),
        skew: z.number().check(z.minimum(-0.95)).check(z.maximum(0.95)),
        split: z.number().check(z.minimum(0)).check(z.maximum(0.95)),
        tilt: z.number().check(z.minimum(-0.8)).check(z.maximum(0.8)).check(z.describe('rad')),
      }),
    ),
    /** Whose hand is reckoned with: the usual one where nothing is said. */
    hand: z.optional(
      z.discriminatedUnion('kind', [
        z.object({ kind: z.literal('own') }),
        z.object({ kind: z.literal('person'), name }),
      ]),
    ),
    /** How far the gun starts and ends beyond the part, m. */
    lead: z.optional(metres),
    blend: z.optional(
      z.object({
        coverage: metres,
        keepOut: metres,
        step: metres,
        order: z.enum(['outward', 'inward']),
        fade: metres,
        hides: metres,
      }),
    ),
    sampling: z.optional(
      z.object({ first: z.int().check(z.minimum(0)), every: z.int().check(z.minimum(1)) }),
    ),
    /** Stripped every time, or flushed and stored with solvent; stripped where nothing is said. */
    cleaning: z.optional(z.enum(cleaningApproaches)),
    /** What it is cleaned with, where the sheet’s own paper says other than its record. */
    cleaner: z.optional(text),
    acceptance: z.enum(['spot-mean', 'nominal', 'own']),
    /** Dry film between these, whatever the sheet says: the user’s own limits. */
    ownLimits: z.optional(z.object({ min: metres.check(z.positive()), max: metres.check(z.positive()) })),
  }),
  /** Doses chosen for this job, by additive; the sheet's own where there is none. */
  doses: z.optional(z.record(id, share)),
  /** Cans chosen for this job; two of one part are boxed together. */
  cans: z.optional(z.array(id)),
  /** The thinner chosen, by sheet. */
  thinners: z.optional(z.record(id, id)),
  log: z.array(logEntry),
});

export type Job = z.infer<typeof job>;
export type Face = z.infer<typeof face>;
export type PlannedCoat = z.infer<typeof plannedCoat>;
