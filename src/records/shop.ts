import * as z from 'zod';
import { cubicMetres, instant, kilograms, metres, seconds, text } from './fields';

/** The shop's own settings: one record, id `shop`. */
export const shop = z.object({
  kind: z.literal('shop'),
  version: z.literal(1),
  id: z.literal('shop'),
  name: text,
  operator: text,
  units: z.enum(['metric', 'us']),
  theme: z.enum(['bench', 'booth']),
  /** Days after which a sheet is to be checked again. */
  recheckAfter: z.number().int().positive().optional(),
  scaleStep: kilograms.positive(),
  /** m³, the smallest step of the graduated pot. */
  potStep: cubicMetres.positive().optional(),
  /** Stir and time again this often where the sheet says nothing: the shift rule. */
  intervals: z.object({ stir: seconds.optional(), retime: seconds.optional() }).optional(),
  /** Working hours, s since midnight. */
  workday: z.object({ begins: seconds, ends: seconds }).optional(),
  /** m above the sea. */
  altitude: metres.optional(),
  alarms: z.object({ sound: z.boolean(), vibrate: z.boolean(), notify: z.boolean() }).optional(),
  /** s a good card holds before a fresh one is asked for. */
  cardLasts: seconds.positive().optional(),
  /** Timings of a cup before a reading counts: two must agree within 5 %. */
  timings: z.union([z.literal(1), z.literal(2)]),
  /** When the demo shop was put in, and which records belong to it. */
  demo: z.object({ at: instant, ids: z.array(z.string()) }).optional(),
});

export type Shop = z.infer<typeof shop>;

/** Working hours until the shop says its own. */
export const usualWorkday = { begins: 7 * 3600, ends: 16.5 * 3600 };

/** s a good card holds until the shop says otherwise. */
export const usualCardLasts = 4 * 3600;

/** Days a checked sheet counts as current until the shop says otherwise. */
export const usualRecheck = 365;

export const newShop: Shop = {
  kind: 'shop',
  version: 1,
  id: 'shop',
  name: '',
  operator: '',
  units: 'metric',
  theme: 'bench',
  scaleStep: 0.001,
  timings: 2,
};
