import * as z from 'zod';
import { cardPattern } from './pattern';
import {
  cubicMetres,
  day,
  flow,
  id,
  kinematic,
  metres,
  name,
  pascals,
  seconds,
  share,
  speed,
  text,
} from './fields';

/** Needle, nozzle and cap are one set, each by its mark. */
export const nozzleSet = z.object({
  id,
  bore: metres,
  needle: text.optional(),
  nozzle: text.optional(),
  cap: text.optional(),
  /** When it was put in new. */
  since: day.optional(),
});

/** What stands in the air line between tank and gun. */
export const airPartKinds = ['regulator', 'filter', 'separator', 'dryer', 'gauge'] as const;

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
  airDemand: flow.describe('m³/s of free air while the trigger is pulled').optional(),
  /** Passes air all the time, trigger pulled or not. */
  bleeder: z.boolean().optional(),
  airHose: z
    .object({
      bore: metres.positive(),
      length: metres.positive(),
      couplings: z.number().int().min(0).max(20).optional(),
    })
    .optional(),
  fluidHose: z.object({ bore: metres.positive(), length: metres.positive() }).optional(),
  compressor: z
    .object({ delivers: flow, tank: cubicMetres, high: pascals, low: pascals })
    .describe('free air delivered, tank, pressures it runs between')
    .optional(),
  dryer: z.boolean().optional(),
  /** Regulators, filters and the like, each with the day it was last looked after. */
  airParts: z
    .array(z.object({ id, kind: z.enum(airPartKinds), name: text.optional(), since: day.optional() }))
    .max(20)
    .optional(),
  turbine: z
    .object({ sealed: pascals.positive(), open: flow.positive() })
    .describe('pressure with the outlet shut, free air with it open')
    .optional(),
  /** What the pump can deliver, m³/s, and the guns that spray from it at once. */
  pump: z.object({ flow, guns: z.number().int().min(1).max(6).optional() }).optional(),
  /** Patterns read from its cards, the youngest last. */
  patterns: z
    .array(
      z.object({
        at: z.iso.datetime(),
        sheetId: id,
        distance: metres.optional(),
        pressure: pascals.optional(),
        pattern: cardPattern,
      }),
    )
    .max(60)
    .optional(),
  /** What was measured of tips in use: litres through them, and the fan they now spray at 305 mm. */
  tipsWorn: z
    .record(z.string(), z.object({ litres: cubicMetres.optional(), fan: metres.optional() }))
    .optional(),
  /** What the gun’s maker says it sprays, in seconds of a cup. */
  viscosity: z.object({ cupId: id, min: seconds, max: seconds }).optional(),
  note: text.optional(),
});

export type Rig = z.infer<typeof rig>;
export type NozzleSet = z.infer<typeof nozzleSet>;

/** A liquid of known viscosity timed in a cup. */
const timedLiquid = z.object({ name: text.optional(), seconds: seconds.positive(), viscosity: kinematic });

/** A flow cup the shop owns: one of the standards' kinds, or its own. */
export const cup = z
  .object({
    kind: z.literal('cup'),
    version: z.literal(1),
    id,
    name,
    standardId: id.describe('which cup of the standards it is').optional(),
    /** Drilled, bought without papers, or of unknown kind. */
    own: z
      .object({
        use: z.enum(['stand', 'dip']),
        /** Calibrated on two or more of them; with none it compares only with itself. */
        liquids: z.array(timedLiquid).max(20),
      })
      .optional(),
    /** What it read of a check liquid, and when. */
    checks: z
      .array(timedLiquid.extend({ on: z.iso.date() }))
      .max(200)
      .optional(),
    checkedOn: z.iso.date().optional(),
    note: text.optional(),
  })
  .refine(({ standardId, own }) => (standardId === undefined) !== (own === undefined), {
    path: ['standardId'],
    error: 'A cup is either one of the standards’ or the shop’s own.',
  });

export type Cup = z.infer<typeof cup>;
