import * as z from 'zod/mini';
import { permissionGroups } from '@/core/permission';
import { skills } from '@/core/quality';
import { workplaces } from '@/core/safety';
import { handSpread } from './practice';
import { speech } from './speech';
import {
  asked,
  cubicMetres,
  days,
  flow,
  id,
  instant,
  kilograms,
  metres,
  name,
  seconds,
  share,
  text,
} from './fields';

const price = z.optional(z.number().check(z.minimum(0)).check(z.maximum(1e9)));

/** Currency units a second of somebody’s hands, a m³ (thinner, cleaner, waste), a metre of masking; tax a share of the net price. */
const rates = z.object({
  labour: price,
  thinner: price,
  cleaner: price,
  waste: price,
  masking: price,
  tax: z.optional(share),
  /** What is added to the cost: a share of the price, or of the cost. */
  addition: z.optional(
    z.object({
      kind: z.enum(['margin', 'mark-up']),
      share: z.number().check(z.minimum(0)).check(z.maximum(10)),
    }),
  ),
});

/** Somebody who works here. Entries carry the name, so that former ones are kept with it. */
export const person = z.object({
  id,
  name,
  formerly: z.optional(z.array(name).check(z.maxLength(20))),
  /** No longer here; what they did stays theirs. */
  left: z.optional(instant),
  /** What they may leave out with a reason: all that can be, where nothing is said. */
  waives: z.optional(z.array(z.enum(permissionGroups))),
  /** How they are spoken to: as the shop says, where they did not. */
  speech: z.optional(speech),
  /** What they were signed off for, by whom, and on what evidence. */
  signed: z.optional(
    z.array(z.object({ what: z.enum(skills), at: instant, by: text, on: text })).check(z.maxLength(200)),
  ),
});

/** The shop's own settings: one record, id `shop`. */
export const shop = z.object({
  kind: z.literal('shop'),
  version: z.literal(1),
  id: z.literal('shop'),
  name: text,
  operator: text,
  units: z.enum(['metric', 'us']),
  theme: z.enum(['bench', 'booth']),
  /** How dates and times are written; the device’s own way where the shop has not said. */
  dates: z.optional(z.enum(['day-first', 'month-first'])),
  /** The shop’s own mark on what leaves it: a small PNG. */
  logo: z.optional(
    z
      .string()
      .check(z.maxLength(200_000))
      .check(z.regex(/^data:image\/png;base64,[A-Za-z0-9+/]+={0,2}$/)),
  ),
  /** ISO 4217, of every price. */
  currency: z.optional(z.string().check(z.regex(/^[A-Z]{3}$/))),
  /** What work and what is used cost, in that currency; what is absent is not reckoned. */
  rates: z.optional(rates),
  /** Days after which a sheet is to be checked again. */
  recheckAfter: z.optional(days),
  scaleStep: kilograms.check(z.positive()),
  /** m³, the smallest step of the graduated pot. */
  potStep: z.optional(cubicMetres.check(z.positive())),
  /** Stir and time again this often where the sheet says nothing: the shift rule. */
  intervals: z.optional(z.object({ stir: z.optional(seconds), retime: z.optional(seconds) })),
  /** Working hours, s since midnight. */
  workday: z.optional(z.object({ begins: seconds, ends: seconds })),
  /** m above the sea. */
  altitude: z.optional(metres),
  /** What is used up and not by any one gun or paint: gloves, filters, masks, thinner. */
  stock: z.optional(
    z
      .array(
        z.object({
          id,
          name,
          stock: z.number().check(z.minimum(0)).check(z.maximum(1e5)),
          /** From this few on it is bought. */
          least: z.number().check(z.minimum(0)).check(z.maximum(1e5)),
          lead: z.optional(z.number().check(z.minimum(0)).check(z.maximum(400))),
          price,
        }),
      )
      .check(z.maxLength(200)),
  ),
  /** Who works here. */
  people: z.optional(z.array(person).check(z.maxLength(200))),
  /** What somebody shows before being signed off, and how long that holds. */
  signing: z.optional(
    z.object({
      parts: z.int().check(z.minimum(3)).check(z.maximum(200)),
      drills: z.int().check(z.minimum(0)).check(z.maximum(50)),
      panel: share,
      lasts: seconds.check(z.positive()),
    }),
  ),
  /** How much the hands here err, where the shop says so itself. */
  hand: z.optional(handSpread),
  /** How those are spoken to who did not choose for themselves. */
  speech: z.optional(speech),
  alarms: z.optional(z.object({ sound: z.boolean(), vibrate: z.boolean(), notify: z.boolean() })),
  /** s a good card holds before a fresh one is asked for. */
  cardLasts: z.optional(seconds.check(z.positive())),
  /** Timings of a cup before a reading counts: two must agree within 5 %. */
  timings: z.union([z.literal(1), z.literal(2)]),
  /** Cleaning steps in the shop’s own words, by what they are for. */
  careWords: z.optional(z.record(z.string(), text)),
  /** Where it is mostly sprayed: m, m³/s the extraction moves, and how badly the air mixes. */
  place: z.optional(
    z.object({
      kind: z.enum(workplaces),
      width: z.optional(metres.check(z.positive())),
      height: z.optional(metres.check(z.positive())),
      length: z.optional(metres.check(z.positive())),
      airFlow: z.optional(flow.check(z.positive())),
      mixing: z.optional(z.number().check(z.minimum(1)).check(z.maximum(10))),
    }),
  ),
  /** Cleaning fluid: settled solvent as it was counted, m³, and the drum its waste ends in. */
  fluid: z.optional(
    z.object({
      counted: z.optional(z.object({ at: instant, volume: cubicMetres })),
      drum: z.optional(z.object({ holds: cubicMetres.check(z.positive()), emptied: instant })),
    }),
  ),
  /** What holds here for solvent, sludge and rags. */
  wasteRules: z.optional(text),
  /** When the demo shop was put in, and which records belong to it. */
  demo: z.optional(z.object({ at: instant, ids: z.array(z.string()) })),
  asked,
});

export type Shop = z.infer<typeof shop>;
export type Person = z.infer<typeof person>;
