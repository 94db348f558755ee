import { stickSigns } from '@/core/thinning';
import * as z from 'zod/mini';
import { cleaningApproaches } from '@/core/care';
import { coatRoles } from '@/core/system';
import { coating } from './coating';
import { grit, workKinds } from './work';
import {
  countUpTo,
  cubicMetres,
  film,
  id,
  kelvin,
  metres,
  name,
  pascals,
  seconds,
  share,
  speed,
  text,
} from './fields';

/** How the gun is set for one coat, where it is not as for the others of its layer. */
const coatSetting = z.object({
  pressure: z.optional(pascals),
  distance: z.optional(metres),
  overlap: z.optional(share),
});

export const plannedCoat = z.object({
  id,
  name,
  /** Dry film aimed at in this coat. */
  dry: film.check(z.positive()),
  /** Share of a full coat it is meant to be, as of a bed or a drop coat; by its own aim where nothing is said. */
  weight: z.optional(share.check(z.positive())),
  role: z.optional(z.enum(coatRoles)),
  /** Dry film that flatting takes off again, m. */
  sandBack: z.optional(film),
  /** How its strokes go where they are not as usual: m the outermost lie beyond the edges, both ways, the short way. */
  path: z.optional(
    z.object({ beyond: metres, cross: z.optional(z.boolean()), shortWay: z.optional(z.boolean()) }),
  ),
  /** A recipe of its own: unthinned, or a capped extra beyond the band. By the band when there is none. */
  thinning: z.optional(
    z.object({ by: z.enum(['neat', 'extra']), extra: z.optional(share), thinnerId: z.optional(id) }),
  ),
  setting: z.optional(coatSetting),
});

/** Work done on a layer before the next one goes on. */
export const layerWork = z.object({
  id,
  what: z.enum(workKinds),
  grit: z.optional(grit),
  /** Dry film it takes off, m. */
  takes: z.optional(film),
  /** How long it takes or lasts. */
  lasts: z.optional(seconds),
  note: z.optional(text),
});

/** How a layer is worked: what the schools differ in, and what the user wants otherwise than the plan. */
export const layerApproach = z.object({
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
  /** How it is thinned; by the model when nothing is said. */
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
  /** It is thinned until a stick shows this, and by no cup. */
  endPoint: z.optional(z.enum(stickSigns)),
  /** Whether a pot is judged at the temperature its band is for or as it is sprayed; as the pot shows where nothing is said. */
  judged: z.optional(z.enum(['sheet', 'sprayed'])),
  /** Dried by moving air, or forced as the sheet allows; as the room is where nothing is said. */
  drying: z.optional(z.enum(['room', 'forced'])),
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
  /** Colour coats go on until it hides: at least so many, and at most. By the plan alone where nothing is said. */
  hides: z.optional(
    z.object({ least: countUpTo(20), most: countUpTo(20) }).check(
      z.refine(({ least, most }) => least <= most, {
        path: ['most'],
        error: 'The most coats are no fewer than the least.',
      }),
    ),
  ),
  /** Drop coats repeat until the flake lies even: at most so many. */
  drops: z.optional(countUpTo(10)),
  /** Stripped every time, or flushed and stored with solvent; stripped where nothing is said. */
  cleaning: z.optional(z.enum(cleaningApproaches)),
  /** What it is cleaned with, where the sheet’s own paper says other than its record. */
  cleaner: z.optional(text),
});

/** One product of a job: its sheet as it stood when the job began, what it is sprayed with, and its coats. */
export const layer = z.object({
  id,
  name,
  role: z.optional(z.enum(coatRoles)),
  /** A later change of the shop’s sheet does not reach into it. */
  sheet: coating,
  rigId: id,
  cupId: id,
  /** The job whose recipe it was begun with. */
  begunAs: z.optional(z.object({ jobId: id, job: name })),
  /** The thinner chosen. */
  thinnerId: z.optional(id),
  /** Cans chosen; two of one part are boxed together. */
  cans: z.optional(z.array(id)),
  /** Doses chosen, by additive; the sheet's own where there is none. */
  doses: z.optional(z.record(id, share)),
  approach: layerApproach,
  coats: z.array(plannedCoat).check(z.maxLength(200)),
  /** Work on it before the next layer. */
  work: z.optional(z.array(layerWork).check(z.maxLength(40))),
});

export type PlannedCoat = z.infer<typeof plannedCoat>;
export type LayerWork = z.infer<typeof layerWork>;
export type LayerApproach = z.infer<typeof layerApproach>;
export type Layer = z.infer<typeof layer>;
