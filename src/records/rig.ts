import * as z from 'zod/mini';
import { airPartKinds, sealKinds, wearingParts, wettedMetals } from '@/core/care';
import { cardPattern } from './pattern';
import {
  asked,
  cubicMetres,
  day,
  flow,
  id,
  instant,
  kelvin,
  kinematic,
  metres,
  name,
  pascals,
  positive,
  seconds,
  share,
  speed,
  text,
} from './fields';

/** Needle, nozzle and cap are one set, each by its mark. */
export const nozzleSet = z.object({
  id,
  bore: metres,
  needle: z.optional(text),
  nozzle: z.optional(text),
  cap: z.optional(text),
  /** When it was put in new. */
  since: z.optional(day),
});

/** Gun, nozzle or tip, cup or pot, air source. */
export const rig = z.object({
  kind: z.literal('rig'),
  version: z.literal(2),
  id,
  name,
  atomising: z.enum(['hvlp', 'compliant', 'low-volume', 'conventional', 'airless']),
  feed: z.enum(['gravity', 'suction', 'pressure-cup', 'pressure-pot', 'pump']),
  air: z.enum(['turbine', 'compressor', 'none']),
  stages: z.optional(z.int().check(z.minimum(1)).check(z.maximum(8))),
  sets: z.array(nozzleSet).check(z.maxLength(30)),
  /** Airless tip codes. */
  tips: z.array(z.string()).check(z.maxLength(30)),
  maxPressure: z.optional(pascals),
  /** Pressure that drives the fluid through the nozzle, once calibrated. */
  driving: z.optional(pascals),
  transfer: z.optional(share),
  cup: z.optional(cubicMetres),
  dead: cubicMetres.check(z.describe('m³ that stay in gun, hose and strainer')),
  fan: metres.check(z.describe('fan width, m, at the usual distance')),
  distance: metres,
  /** The hand that usually holds it. */
  handSpeed: z.optional(speed),
  airDemand: z.optional(flow.check(z.describe('m³/s of free air while the trigger is pulled'))),
  /** What stands at its cap while its inlet has so much, and the air it takes then: its maker’s chart, or a cap gauge. */
  rated: z.optional(
    z.object({
      inlet: pascals.check(z.positive()),
      cap: pascals.check(z.positive()),
      air: z.optional(flow.check(z.positive())),
      by: z.enum(['maker', 'gauge']),
    }),
  ),
  /** Passes air all the time, trigger pulled or not. */
  bleeder: z.optional(z.boolean()),
  airHose: z.optional(
    z.object({
      bore: metres.check(z.positive()),
      length: metres.check(z.positive()),
      couplings: z.optional(z.int().check(z.minimum(0)).check(z.maximum(20))),
    }),
  ),
  fluidHose: z.optional(z.object({ bore: metres.check(z.positive()), length: metres.check(z.positive()) })),
  compressor: z.optional(
    z
      .object({ delivers: flow, tank: cubicMetres, high: pascals, low: pascals })
      .check(z.describe('free air delivered, tank, pressures it runs between')),
  ),
  dryer: z.optional(z.boolean()),
  /** Regulators, filters and the like, each with the day it was last looked after. */
  airParts: z.optional(
    z
      .array(
        z.object({
          id,
          kind: z.enum(airPartKinds),
          name: z.optional(text),
          since: z.optional(day),
          /** Days between two times, where it is not the usual. */
          every: z.optional(positive),
        }),
      )
      .check(z.maxLength(20)),
  ),
  turbine: z.optional(
    z
      .object({ sealed: pascals.check(z.positive()), open: flow.check(z.positive()) })
      .check(z.describe('pressure with the outlet shut, free air with it open')),
  ),
  /** What the pump can deliver, m³/s, and the guns that spray from it at once. */
  pump: z.optional(z.object({ flow, guns: z.optional(z.int().check(z.minimum(1)).check(z.maximum(6))) })),
  /** Patterns read from its cards, the youngest last. */
  patterns: z.optional(
    z
      .array(
        z.object({
          at: instant,
          sheetId: id,
          distance: z.optional(metres),
          pressure: z.optional(pascals),
          /** Turns of the fan knob from closed. */
          turns: z.optional(z.number().check(z.minimum(0)).check(z.maximum(20))),
          pattern: cardPattern,
        }),
      )
      .check(z.maxLength(60)),
  ),
  /** What was measured of tips in use: litres through them, and the fan they now spray at 305 mm. */
  tipsWorn: z.optional(
    z.record(z.string(), z.object({ litres: z.optional(cubicMetres), fan: z.optional(metres) })),
  ),
  /** Distance that was found best with a sheet, by cards, m. */
  distances: z.optional(z.record(z.string(), metres.check(z.positive()))),
  /** Codes of tips it owns that its guard and housing do not take: not all are of one make. */
  misfits: z.optional(z.array(z.string()).check(z.maxLength(30))),
  /** What its seals are made of, and the metals that what is in it touches. */
  seals: z.optional(z.enum(sealKinds)),
  wetted: z.optional(z.array(z.enum(wettedMetals)).check(z.maxLength(4))),
  /** Worn parts as they were renewed, the youngest last. */
  renewals: z.optional(
    z
      .array(
        z.object({
          id,
          part: z.enum(wearingParts),
          /** Of which set or tip. */
          which: z.optional(text),
          on: day,
          /** Only what was worn says how long a part lasts. */
          why: z.enum(['worn', 'early', 'new-gun']),
        }),
      )
      .check(z.maxLength(400)),
  ),
  /** How long parts last by the maker’s word: s, or m³ for what counts litres. */
  intervals: z.optional(z.partialRecord(z.enum(wearingParts), positive)),
  /** Parts kept for it on the shelf. */
  kit: z.optional(
    z
      .array(
        z.object({
          id,
          part: z.enum(wearingParts),
          name: z.optional(text),
          stock: z.int().check(z.minimum(0)).check(z.maximum(999)),
          /** Days until an order is there. */
          lead: z.optional(z.number().check(z.minimum(0)).check(z.maximum(400))),
          price: z.optional(z.number().check(z.minimum(0))),
        }),
      )
      .check(z.maxLength(60)),
  ),
  /** Water found in its air, and the weather it was found in. */
  waterFound: z.optional(
    z
      .array(
        z.object({
          at: instant,
          where: z.enum(['tank', 'separator', 'gun']),
          volume: cubicMetres,
          air: z.optional(kelvin),
          humidity: z.optional(share),
        }),
      )
      .check(z.maxLength(400)),
  ),
  /** What the gun’s maker says it sprays, in seconds of a cup. */
  viscosity: z.optional(z.object({ cupId: id, min: seconds, max: seconds })),
  note: z.optional(text),
  asked,
});

export type Rig = z.infer<typeof rig>;
export type NozzleSet = z.infer<typeof nozzleSet>;

/** A liquid of known viscosity timed in a cup. */
const timedLiquid = z.object({
  name: z.optional(text),
  seconds: seconds.check(z.positive()),
  viscosity: kinematic,
});

/** A flow cup the shop owns: one of the standards' kinds, or its own. */
export const cup = z
  .object({
    kind: z.literal('cup'),
    version: z.literal(1),
    id,
    name,
    standardId: z.optional(id.check(z.describe('which cup of the standards it is'))),
    /** Drilled, bought without papers, or of unknown kind. */
    own: z.optional(
      z.object({
        use: z.enum(['stand', 'dip']),
        /** Calibrated on two or more of them; with none it compares only with itself. */
        liquids: z.array(timedLiquid).check(z.maxLength(20)),
      }),
    ),
    /** What it read of a check liquid, and when. */
    checks: z.optional(z.array(z.extend(timedLiquid, { on: day })).check(z.maxLength(200))),
    checkedOn: z.optional(day),
    note: z.optional(text),
    asked,
  })
  .check(
    z.refine(({ standardId, own }) => (standardId === undefined) !== (own === undefined), {
      path: ['standardId'],
      error: 'A cup is either one of the standards’ or the shop’s own.',
    }),
  );

export type Cup = z.infer<typeof cup>;
