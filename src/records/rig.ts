import * as z from 'zod';
import { cubicMetres, flow, id, metres, name, pascals, share, speed, text } from './fields';

/** Needle, nozzle and cap are one set. */
export const nozzleSet = z.object({ id, bore: metres, cap: text.optional() });

/** Gun, nozzle or tip, cup or pot, air source. */
export const rig = z.object({
  kind: z.literal('rig'),
  version: z.literal(1),
  id,
  name,
  atomising: z.enum(['hvlp', 'compliant', 'low-volume', 'conventional', 'airless']),
  feed: z.enum(['gravity', 'suction', 'pressure-cup', 'pressure-pot', 'pump']),
  air: z.enum(['turbine', 'compressor', 'none']),
  stages: z.number().int().min(1).max(8).optional(),
  sets: z.array(nozzleSet).max(30),
  /** Airless tip codes. */
  tips: z.array(z.string()).max(30),
  maxPressure: pascals.optional(),
  /** Pressure that drives the fluid through the nozzle, once calibrated. */
  driving: pascals.optional(),
  transfer: share.optional(),
  cup: cubicMetres.optional(),
  dead: cubicMetres.describe('m³ that stay in gun, hose and strainer'),
  fan: metres.describe('fan width, m, at the usual distance'),
  distance: metres,
  /** The hand that usually holds it. */
  handSpeed: speed.optional(),
  airDemand: flow.optional(),
  note: text.optional(),
});

export type Rig = z.infer<typeof rig>;
export type NozzleSet = z.infer<typeof nozzleSet>;

/** A flow cup the shop owns: one of the standards' kinds. */
export const cup = z.object({
  kind: z.literal('cup'),
  version: z.literal(1),
  id,
  name,
  standardId: id.describe('which cup of the standards it is'),
  checkedOn: z.iso.date().optional(),
  note: text.optional(),
});

export type Cup = z.infer<typeof cup>;
