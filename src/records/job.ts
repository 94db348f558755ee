import * as z from 'zod';
import { surfaceKinds } from '@/core/film';
import { coatRoles, substrateKinds } from '@/core/system';
import { coating } from './coating';
import { cubicMetres, id, instant, kelvin, metres, name, seconds, share, speed, text } from './fields';
import { logEntry } from './log';

export const face = z.object({
  id,
  name,
  width: metres.positive(),
  height: metres.positive(),
  count: z.number().int().positive(),
  /** Both sides are coated when 2. */
  sides: z.union([z.literal(1), z.literal(2)]).optional(),
  /** True surface ÷ width × height: 1 for flat, more for mouldings and ribs. */
  shape: z.number().min(1).max(10).optional(),
  lies: z.enum(['upright', 'flat', 'overhead']),
  /** What is under the gun: a flat face where nothing is said. */
  surface: z.enum(surfaceKinds).optional(),
  reach: z.enum(['close', 'stretch', 'steps']).optional(),
  /** What must stay free of it. */
  keepOff: text.optional(),
});

export const plannedCoat = z.object({
  id,
  sheetId: id,
  name,
  /** Dry film aimed at in this coat. */
  dry: metres.positive(),
  role: z.enum(coatRoles).optional(),
  /** Dry film that flatting takes off again, m. */
  sandBack: metres.optional(),
  /** A recipe of its own: unthinned, or a capped extra beyond the band. By the band when there is none. */
  thinning: z
    .object({ by: z.enum(['neat', 'extra']), extra: share.optional(), thinnerId: id.optional() })
    .optional(),
});

/** A job: what is coated with what, and the log of what was done. Nothing derived is stored. */
export const job = z.object({
  kind: z.literal('job'),
  version: z.literal(1),
  id,
  name,
  begun: instant,
  closed: instant.optional(),
  /** The sheets as they stood when the job began: a later change of a sheet does not reach into it. */
  sheets: z.array(coating).min(1),
  rigId: id,
  cupId: id,
  part: z.object({
    substrate: text,
    metal: z.boolean().describe('can a magnetic or eddy-current gauge read it?'),
    faces: z.array(face).min(1),
    kind: z.enum(substrateKinds).optional(),
    existing: z.enum(['bare', 'keep', 'strip']).optional(),
    exposure: z.enum(['indoors', 'damp', 'outdoors', 'sun']).optional(),
    /** The standard it will be judged by. */
    judgedBy: z.enum(['mirror', 'texture', 'match']).optional(),
    /** What a thirsty surface drinks before a film stands, m³/m². */
    absorption: metres.optional(),
  }),
  coats: z.array(plannedCoat).min(1),
  approach: z.object({
    overlap: share,
    speed,
    transfer: share.optional(),
    reserve: share,
    reserveWhy: text.optional(),
    cards: z.number().int().min(0).max(99).optional(),
    /** m³ the mixing pot holds. */
    pot: cubicMetres.optional(),
    /** m³ of each batch, where the user wants other than what the plan asks. */
    batch: cubicMetres.positive().optional(),
    /** How this job is thinned; by the model when nothing is said. */
    thinBy: z
      .discriminatedUnion('kind', [
        z.object({ kind: z.literal('model') }),
        z.object({ kind: z.enum(['mass-steps', 'volume-steps']), step: share }),
        z.object({ kind: z.literal('fixed'), share }),
      ])
      .optional(),
    /** By scale with a running total, by scale tared each time, or by a graduated pot. */
    measure: z.enum(['total', 'tare', 'pot']).optional(),
    /** Whose band it is thinned to. */
    target: z.enum(['sheet', 'maker', 'physics', 'own']).optional(),
    ownBand: z.object({ cupId: id, min: seconds, max: seconds, temperature: kelvin }).optional(),
    /** How a part with two sides is turned. */
    turning: z.enum(['one-side', 'every-coat', 'back-first']).optional(),
    /** Dried by moving air, or forced as the sheet allows; as the room is where nothing is said. */
    drying: z.enum(['room', 'forced']).optional(),
    /** Pieces that can lie wet at once. */
    racks: z.number().int().min(1).max(200).optional(),
    /** How far the gun starts and ends beyond the part, m. */
    lead: metres.optional(),
    blend: z
      .object({
        coverage: metres,
        keepOut: metres,
        step: metres,
        order: z.enum(['outward', 'inward']),
        fade: metres,
        hides: metres,
      })
      .optional(),
    sampling: z.object({ first: z.number().int().min(0), every: z.number().int().min(1) }).optional(),
    acceptance: z.enum(['spot-mean', 'nominal']),
  }),
  /** Doses chosen for this job, by additive; the sheet's own where there is none. */
  doses: z.record(id, share).optional(),
  /** Cans chosen for this job; two of one part are boxed together. */
  cans: z.array(id).optional(),
  /** The thinner chosen, by sheet. */
  thinners: z.record(id, id).optional(),
  log: z.array(logEntry),
});

export type Job = z.infer<typeof job>;
export type Face = z.infer<typeof face>;
export type PlannedCoat = z.infer<typeof plannedCoat>;
