import * as z from 'zod/mini';
import { incidents, symptoms } from '@/core/care';
import { endings } from '@/core/diagnosis/endings';
import { answers, founds, guideCells, touchUps, zones, type Ask } from '@/core/inspection';
import { stickSigns } from '@/core/thinning';
import {
  beyond,
  cubicMetres,
  film,
  flow,
  id,
  instant,
  kelvin,
  kilograms,
  metres,
  pascals,
  seconds,
  share,
  speed,
  text,
} from './fields';
import { cardPattern } from './pattern';
import { grit, workKinds } from './work';

/**
 * What every entry carries. The counter is one more than any the device had seen when it wrote the entry: it says what
 * came before what, whatever the clocks said.
 */
const base = {
  id,
  at: instant,
  counter: z
    .int()
    .check(z.minimum(0))
    .check(z.maximum(1e12, { error: beyond })),
  device: z.optional(id),
  /** What the clock of the device said, where it had been set otherwise and was not believed. */
  wall: z.optional(instant),
  by: z.optional(text),
  /** Written by a simulated device. */
  simulated: z.optional(z.boolean()),
};

const entryOf = <T extends string, S extends Record<string, z.ZodMiniType>>(type: T, shape: S) =>
  z.object({ ...base, type: z.literal(type), ...shape });

const count = z.int().check(z.minimum(0)).check(z.maximum(9999));
const cell = z
  .int()
  .check(z.minimum(0))
  .check(z.maximum(guideCells - 1));

/** m/s, the strongest outdoors. */
const gusts = z.number().check(z.minimum(0)).check(z.maximum(60));

/** A pour a live scale followed: what stood on it as stop was said, kg since it began, and how fast it ran, kg/s. */
const live = z.object({
  stopAt: kilograms,
  rate: z.number().check(z.minimum(0)).check(z.maximum(100)),
});

const sayings = [
  entryOf('climate', {
    air: kelvin,
    part: kelvin,
    humidity: share,
    altitude: z.optional(metres),
    gusts: z.optional(gusts),
  }),
  entryOf('stir', { batchId: z.optional(id) }),
  /** One part poured into a batch under way; `volume` is what the batch was planned at, m³. */
  entryOf('poured', {
    batchId: id,
    layerId: id,
    volume: cubicMetres,
    partId: id,
    mass: kilograms,
    /** The cans it came out of: more than one when lots were boxed together. */
    from: z.optional(z.array(z.object({ canId: id, mass: kilograms }))),
    /** Thinner that was in those cans already, kg of the mass. */
    thinner: z.optional(kilograms),
    live: z.optional(live),
  }),
  /** Mix left over from another batch goes into this one, and keeps its age. */
  entryOf('leftover', {
    batchId: id,
    layerId: id,
    volume: cubicMetres,
    from: text,
    mixedAt: instant,
    mass: kilograms,
    thinner: kilograms,
  }),
  /** Mix or rinsings poured back into a can; `thinner` is how much of the mass is thinner, `liquid` which one. */
  entryOf('returned', {
    batchId: z.optional(id),
    canId: id,
    mass: kilograms,
    thinner: kilograms,
    liquid: z.optional(id),
  }),
  entryOf('mixed', {
    batchId: id,
    layerId: id,
    poured: z.array(z.object({ partId: id, mass: kilograms })).check(z.minLength(1)),
  }),
  entryOf('reading', { batchId: id, cupId: id, seconds, temperature: kelvin }),
  /** Thinner by its id, or `unthinned` for more of the same mix. */
  entryOf('addition', {
    batchId: id,
    what: id,
    mass: kilograms,
    /** The coat whose own recipe asked for it. */
    coatId: z.optional(id),
    /** Beyond what the sheet says. */
    offSheet: z.optional(z.boolean()),
    live: z.optional(live),
  }),
  /** A stick drawn through the mix, when there is no cup at hand. */
  entryOf('stick', { batchId: id, sign: z.enum(stickSigns), temperature: kelvin }),
  /** One filling timed at once and one that stood a minute in the cup: is the liquid structured? */
  entryOf('structure', { batchId: id, cupId: id, fresh: seconds, stood: seconds }),
  /** A trial piece that shows an off-sheet recipe works. */
  entryOf('trial', { coatId: id, text }),
  /** Empty where it was used up: nothing was thrown away. */
  entryOf('discard', { batchId: id, why: text, empty: z.optional(z.literal(true)) }),
  entryOf('setting', {
    layerId: id,
    bore: z.optional(metres),
    /** Which needle, nozzle and cap. */
    setId: z.optional(id),
    tip: z.optional(z.string()),
    pressure: pascals,
    pressureAt: z.enum(['cap', 'inlet', 'tip', 'wall', 'tank']),
    triggerPulled: z.boolean(),
    fluid: flow,
    fan: metres,
    distance: metres,
    overlap: share,
    speed,
    /** Knobs as numbers: turns from closed. */
    knobs: z.optional(
      z.object({
        fluid: z.optional(z.number().check(z.minimum(0)).check(z.maximum(20))),
        fan: z.optional(z.number().check(z.minimum(0)).check(z.maximum(20))),
        air: z.optional(z.number().check(z.minimum(0)).check(z.maximum(20))),
      }),
    ),
    /** How far the trigger is pulled, as a share of the flow with it pulled through; `fluid` is what comes out so. */
    trigger: z.optional(share.check(z.positive())),
  }),
  entryOf('card', {
    layerId: id,
    verdict: z.enum([
      'good',
      'heavy-centre',
      'split',
      'one-sided',
      'crescent',
      'spitting',
      'tails',
      'coarse',
      'dry',
    ]),
    /** The pressure it was sprayed at, when it is a rung of a ladder, and how it scored, 0–1. */
    pressure: z.optional(pascals),
    score: z.optional(share),
    /** What the card reader measured. */
    pattern: z.optional(cardPattern),
    /** The distance it was sprayed from, where the distance is what is looked for. */
    distance: z.optional(metres),
    /** What a finger found on a spare piece so long after it was sprayed. */
    arrival: z.optional(z.object({ after: seconds, found: z.enum(['wet', 'tacky', 'dry']) })),
  }),
  /** Something that may have hurt the gun: its card is asked for anew. */
  entryOf('incident', { what: z.enum(incidents), rigId: z.optional(id), note: z.optional(text) }),
  /** The turbine was switched on: its air is not warm and steady yet. */
  entryOf('turbine-on', { rigId: z.optional(id) }),
  /** The cup was filled again. */
  entryOf('refill', { batchId: z.optional(id) }),
  entryOf('coat-start', { coatId: id }),
  entryOf('coat-end', { coatId: id }),
  /** Scuffed and cleaned after a missed recoat window. */
  /** One face, or one side of it, has its coat. */
  entryOf('face-done', { coatId: id, faceId: id, side: z.optional(z.union([z.literal(1), z.literal(2)])) }),
  /** What a hand did over a face, from the phone on its gun: stroke by stroke, against what was planned. */
  entryOf('hand', {
    coatId: id,
    faceId: id,
    side: z.optional(z.union([z.literal(1), z.literal(2)])),
    planned: speed,
    strokes: z
      .array(
        z.object({
          lasts: seconds,
          speed,
          varied: z.number().check(z.minimum(0)).check(z.maximum(10)),
          /** rad, either way */
          tilt: z.number().check(z.minimum(-3.2)).check(z.maximum(3.2)),
          arc: z.number().check(z.minimum(0)).check(z.maximum(6.3)),
          doubtful: z.optional(z.literal(true)),
        }),
      )
      .check(z.minLength(1))
      .check(z.maxLength(400)),
    /** Nobody showed the gun square: tilt counts from the middle of the strokes. */
    unshown: z.optional(z.literal(true)),
    /** Felt too seldom to tell how even it was. */
    coarse: z.optional(z.literal(true)),
  }),
  entryOf('pause', { coatId: id }),
  entryOf('resume', { coatId: id }),
  /** A finger on a masked corner: what the clock only guesses. */
  /** How a coat flowed out, and the film it was judged of: m wet, Pa·s landed, s it sets in, rad from lying flat. */
  entryOf('flowed', {
    coatId: id,
    seen: z.enum(['peel', 'even', 'run']),
    film: film.check(z.positive()),
    viscosity: z.number().check(z.positive()),
    density: z.number().check(z.positive()),
    setting: seconds.check(z.positive()),
    angle: z.number().check(z.minimum(0)).check(z.maximum(3.2)),
    holds: z.optional(pascals),
  }),
  entryOf('touch', { coatId: id, found: z.enum(['wet', 'tacky', 'dry']) }),
  /** How a coat lies, seen before the next goes on: even, rough and wet, or rough and dry. */
  entryOf('texture', { coatId: id, found: z.enum(['even', 'wet-rough', 'dry-rough']) }),
  /** Work between coats or layers: what it took off, m dry, and how long it took. */
  entryOf('worked', {
    layerId: id,
    /** The planned work it is, where it was planned. */
    workId: z.optional(id),
    what: z.enum(workKinds),
    grit: z.optional(grit),
    takes: z.optional(film),
    lasts: z.optional(seconds),
    /** With water: masks put on before are put on again. */
    wet: z.optional(z.boolean()),
    note: z.optional(text),
  }),
  /** Planned work left out, and why. */
  entryOf('left-out', { workId: id, why: z.optional(text) }),
  /** The layer goes on with another gun from here: this one had it before. */
  entryOf('swapped', { layerId: id, rigId: id }),
  /** Looked at under a strong light: does it hide, does the flake lie even? And when all is on: is it what it is judged by? */
  entryOf('judged', {
    coatId: id,
    asks: z.enum(['hides', 'even', 'mirror', 'texture', 'match']),
    yes: z.boolean(),
  }),
  /** So many parts sprayed since the last count. */
  entryOf('parts', { count: z.int().check(z.minimum(-9999)).check(z.maximum(9999)) }),
  /**
   * Gone on without something that was asked, and why: before one coat where it says which, and of a number only while it
   * is that number, SI.
   */
  entryOf('skip', {
    item: id,
    why: text.check(z.minLength(1)),
    coatId: z.optional(id),
    found: z.optional(z.number()),
  }),
  entryOf('handover', { text }),
  entryOf('abraded', { coatId: id }),
  entryOf('comb', { coatId: id, wetted: film, dry: film }),
  entryOf('film', { faceId: id, spot: z.int().check(z.minimum(0)), reading: film }),
  entryOf('tick', {
    list: z.enum(['ready', 'clean', 'between', 'midway']),
    step: z.string(),
    done: z.boolean(),
    /** The gun that is cleaned or wiped. */
    rigId: z.optional(id),
    /** The paper that was read: whose, and which revision. */
    of: z.optional(text),
  }),
  entryOf('defect', {
    name: text,
    note: z.optional(text),
    /** Which of the known ones it is, and what eye and finger said of it. */
    defect: z.optional(id),
    faceId: z.optional(id),
    answers: z.optional(z.array(text).check(z.maxLength(12))),
  }),
  entryOf('action', {
    text,
    /** The cause it is meant to mend, what should then be seen, and the defects it is for. */
    cause: z.optional(id),
    expects: z.optional(text),
    defects: z.optional(z.array(id).check(z.maxLength(12))),
  }),
  /** How a defect came to its end on this piece, whatever its cause. */
  entryOf('rework', { defect: id, did: z.enum(endings) }),
  /** Did a change help? */
  entryOf('outcome', { actionId: id, helped: z.enum(['yes', 'partly', 'no']) }),
  /** What the gauge read on its zero plate and on a shim, m; the zero may be below nought. */
  entryOf('gauge-check', {
    zero: z.number().check(z.describe('m')),
    shim: film.check(z.positive()),
    read: film.check(z.positive()),
  }),
  /** What the gauge reads on the rough or primed part before this system. */
  entryOf('base', { faceId: id, reading: film }),
  /** Looked at on the round, before the work or after it: what was asked of this place, and what was found. */
  entryOf('inspected', {
    faceId: id,
    zone: z.enum(zones),
    asks: z.enum(Object.keys(answers) as [Ask, ...Ask[]]),
    found: z.enum(founds),
    /** Specks and fibres counted there. */
    nibs: z.optional(count),
    fibres: z.optional(count),
    /** The neighbour it was held against had been polished first. */
    polished: z.optional(z.boolean()),
  }),
  /** What a guide coat showed after a sanding: cells of the grid cut through, and cells where it still lies. */
  entryOf('guide', {
    faceId: id,
    highs: z.array(cell).check(z.maxLength(guideCells)),
    lows: z.array(cell).check(z.maxLength(guideCells)),
  }),
  /** A small miss to be touched up: what, where, how, by whom and by when. */
  entryOf('miss', {
    text: text.check(z.minLength(1)),
    faceId: z.optional(id),
    zone: z.optional(z.enum(zones)),
    how: z.enum(touchUps),
    who: z.optional(text),
    due: z.optional(instant),
  }),
  /** It was touched up, or let be. */
  entryOf('miss-closed', { missId: id, did: z.enum(['done', 'let-be']) }),
  /** Held under strong light: does it hide what is below? */
  entryOf('hiding', { faceId: id, hides: z.boolean() }),
  /** A part looked at for what the gun did: it was this, or not. */
  entryOf('symptom', { symptom: z.enum(symptoms), part: id, found: z.boolean() }),
  /** Cleaning solvent used or settled clear again, mix left over, sludge and rags. */
  entryOf('waste', {
    what: z.enum(['used', 'recovered', 'reused', 'mix', 'sludge', 'rags']),
    volume: z.optional(cubicMetres),
    mass: z.optional(kilograms),
    note: z.optional(text),
  }),
  /** Looked at again after a while. */
  entryOf('look', { text, found: z.enum(['good', 'worse']) }),
  entryOf('note', { text }),
] as const;

/** What an entry says, without what it said before. */
export const saying = z.discriminatedUnion('type', sayings);

/**
 * A mistaken entry is corrected and keeps what it said before; one that should not be there is struck, with the reason,
 * and stays readable.
 */
const past = {
  was: z.optional(z.array(z.object({ until: instant, said: saying }))),
  struck: z.optional(z.object({ at: instant, why: text })),
};

type WithPast<S> = {
  -readonly [K in keyof S]: S[K] extends z.ZodMiniObject<infer Shape>
    ? z.ZodMiniObject<Shape & typeof past>
    : never;
};

export const logEntry = z.discriminatedUnion(
  'type',
  sayings.map((each) => z.extend(each, past)) as unknown as WithPast<typeof sayings>,
);

export type LogEntry = z.infer<typeof logEntry>;
export type EntryType = LogEntry['type'];
export type EntryOf<T extends EntryType> = Extract<LogEntry, { type: T }>;

/** What a screen hands over for a new entry: the log adds id, time, order and author. */
export type NewEntry = {
  [T in EntryType]: Omit<EntryOf<T>, 'id' | 'at' | 'wall' | 'counter' | 'device' | 'by' | 'was' | 'struck'>;
}[EntryType];
