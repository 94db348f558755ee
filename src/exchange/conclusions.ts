import * as z from 'zod/mini';
import '@/records/jitless';
import { costIds } from '@/core/money';
import { figureStates } from '@/facts/figure';

/** What the application concludes from a file, as other programs read it. SI; moments ISO 8601 in UTC; absent is null. */
const moment = z.nullable(z.iso.datetime().check(z.describe('moment, ISO 8601, UTC')));
const si = z.nullable(z.number().check(z.describe('SI')));
const state = z.enum(figureStates);
const stage = z.enum(['plan', 'mix', 'thin', 'set', 'spray', 'check', 'clean']);

const stageCell = z.object({
  figure: z.object({
    text: z.string().check(z.describe('as the run strip writes it')),
    fact: z.string(),
    value: si,
    unit: z.string(),
  }),
  state,
});

const film = z.object({ min: si, aim: si, max: si });

const coatPoint = z.object({
  feasible: z.boolean().check(z.describe('the hardware, the hand and the sheet allow it together')),
  why: z.nullable(z.string().check(z.describe('what forbids it'))),
  nearest: z.nullable(
    z.object({
      gives: z.enum(['film', 'pressure']).check(z.describe('what gives way')),
      fluid: si,
      speed: si,
      film: si,
      pressure: si,
      passes: z.int().check(z.describe('wet on wet, that make the coat')),
    }),
  ),
  bore: si,
  tip: z.nullable(z.string()),
  fluid: si.check(z.describe('m³/s')),
  fan: si,
  distance: si,
  overlap: si,
  spacing: si,
  speed: si,
  inlet: si.check(z.describe('Pa gauge at the gun’s inlet')),
  cap: si.check(z.describe('Pa gauge at its cap')),
  viscosity: si.check(z.describe('Pa·s at the paint’s own temperature')),
  needle: si.check(z.describe('share of what it passes fully open')),
  drops: si.check(z.describe('index beside the sheet’s set-up, which is 100')),
  transfer: si,
  air: si.check(z.describe('m³/s of free air')),
  time: si.check(z.describe('s with the trigger pulled')),
  paint: si.check(z.describe('m³ that leave the gun')),
  film: si.check(z.describe('m wet of one pass')),
  passes: z.int(),
  from: z.enum(['set', 'proposed', 'usual']),
});

const coat = z.object({
  id: z.string(),
  name: z.string(),
  wet: film.check(z.describe('m')),
  dry: z.extend(film, { outside: z.boolean() }).check(z.describe('m; outside: the aim is not in its range')),
  point: coatPoint.check(z.describe('how the gun lays it')),
  window: z.object({
    state: z.enum(['none', 'waiting', 'open', 'shut', 'missed', 'never']),
    opens: moment,
    closes: moment,
    lawful: z.array(z.object({ from: z.iso.datetime(), to: moment })),
  }),
});

const layer = z.object({
  id: z.string(),
  name: z.string(),
  sheet: z.string(),
  rig: z.nullable(z.string().check(z.describe('its name; null where the shop has it no more'))),
  film: z.extend(film, {
    outside: z.boolean(),
    sprayed: si,
    sanded: si,
    stays: si.check(z.describe('m; sprayed less sanded')),
  }),
  mix: si.check(z.describe('m³ of ready mix it needs in all')),
  permission: z
    .object({
      may: z.boolean(),
      coat: z.nullable(z.string().check(z.describe('the coat it is for; null where all are on'))),
      open: z.array(
        z.object({
          id: z.string(),
          says: z.string(),
          weight: z.enum(['stop', 'care']),
          waivable: z.boolean(),
          remedies: z.array(z.string()),
        }),
      ),
      waived: z.array(z.object({ id: z.string(), why: z.string() })),
    })
    .check(z.describe('whether the next coat of the layer may be started, and what is open, worst first')),
  coats: z.array(coat),
});

const concluded = z.object({
  id: z.string(),
  name: z.string(),
  next: z.object({ stage, layer: z.string(), sentence: z.string(), state }),
  stages: z.object({
    plan: stageCell,
    mix: stageCell,
    thin: stageCell,
    set: stageCell,
    spray: stageCell,
    check: stageCell,
    clean: stageCell,
  }),
  layers: z.array(layer),
  film: z.extend(film, {
    outside: z.boolean(),
    sprayed: si,
    sanded: si,
    stays: si,
    absorbed: si.check(z.describe('m³/m², apart from film')),
  }),
  paint: z.object({
    mix: si.check(z.describe('m³ of ready mix all layers need')),
    thinner: si.check(z.describe('kg of thinner in the pot now')),
    batches: z.nullable(
      z.int().check(z.describe('batches still to mix for the layer in hand, as the pot life allows')),
    ),
  }),
  cost: z
    .object({
      paint: si,
      thinner: si,
      masking: si,
      cleaning: si,
      waste: si,
      labour: si,
      wear: si,
      total: si,
      currency: z.nullable(z.string().check(z.describe('ISO 4217; null where the shop has set none'))),
      missing: z.array(z.enum(costIds).check(z.describe('what is used and has no price: not in the total'))),
    })
    .check(
      z.describe('by the plan, in the currency as prices were entered; null where nothing of it is priced'),
    ),
  thin: z.nullable(
    z.object({
      seconds: si.check(z.describe('s, the last reading at the band’s temperature')),
      share: si.check(z.describe('thinner in the sheet’s percent, 1 = 100 %')),
      band: z.object({ cup: z.string(), min: si, max: si }),
      side: z.enum(['below', 'inside', 'above', 'unknown']),
    }),
  ),
  clocks: z.array(z.object({ what: z.string(), layer: z.string(), at: z.iso.datetime() })),
});

export const conclusions = z.object({
  schema: z.literal(1),
  jobs: z.array(concluded),
  refused: z.array(z.object({ id: z.string(), name: z.string(), why: z.string() })),
});

export type Conclusions = z.infer<typeof conclusions>;
export type ConcludedJob = z.infer<typeof concluded>;

/** The published description of what `npm run conclude` writes. */
export const conclusionsJsonSchema = () => z.toJSONSchema(conclusions, { reused: 'ref' });
