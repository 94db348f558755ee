import { andradeFromPair, andradeFromSlope, shiftViscosity } from '@/core/climate';
import {
  agreement,
  conversionSpread,
  judgeSeconds,
  secondsFromViscosity,
  viscosityFromSeconds,
  type FlowCup,
} from '@/core/cups';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import {
  aged,
  blendShare,
  readingError,
  repeatOf,
  sheetShare,
  stickError,
  stickViscosity,
  updateBelief,
  type Belief,
  type StickSign,
} from '@/core/thinning';
import type { Coating, Cup, EntryOf, Thinner } from '@/records';
import type { BandChoice } from './band';
import type { BatchState } from './batch';
import { cupBehind } from './cups';
import { liveEntries, moment } from './entries';
import type { Worked } from './worked';

/** Timings of one liquid: nothing was added between them. */
export interface Reading {
  readonly entries: readonly EntryOf<'reading'>[];
  /** ms of the last of them. */
  readonly at: number;
  /** kg of thinner in the pot when it was timed, and that in the sheet's percent. */
  readonly thinner: number;
  readonly share: number;
  readonly w: number;
  readonly cup: FlowCup;
  /** Mean, s, as taken. */
  readonly seconds: number;
  readonly temperature: number;
  readonly agree: boolean;
  /** Seconds of the band's cup at the band's temperature. */
  readonly atSheet: number;
  readonly viscosity: number;
  readonly sd: number;
  /** Relative error that more timings do not take away: temperature slope, another cup than the band's. */
  readonly bias: number;
  /** Outside the range its cup is made for, and the cups that would read it inside. */
  readonly outside?: { readonly where: 'below' | 'above'; readonly better: readonly FlowCup[] };
}

/** A stick test: a reading of wide error, for want of a cup. */
export interface StickReading {
  readonly entry: EntryOf<'stick'>;
  readonly at: number;
  readonly sign: StickSign;
  readonly thinner: number;
  readonly w: number;
  /** m²/s at the band's temperature. */
  readonly viscosity: number;
}

/** How viscosity falls with warmth: from the mix's own timings, the sheet, or the class. */
export interface TemperatureLaw {
  /** K, Andrade's B. */
  readonly B: number;
  /** Share a kelvin, at the band's temperature. */
  readonly slope: number;
  readonly from: 'fitted' | 'sheet' | 'class';
}

const defaultSlope = 0.03;
/** Share of a slope that may be wrong, by where it comes from. */
const slopeError = { fitted: 0.15, sheet: 0.3, class: 0.5 } as const;
/** K that a shop’s thermometer may be off, the same for every reading of a pot. A default. */
const thermometerError = 0.5;
/** Half an hour later the pot is another liquid: solvent has left, the room has changed. */
const sameLiquid = 30 * 60_000;

export interface PotContext {
  readonly job: Worked;
  readonly sheet: Coating;
  readonly batch: BatchState;
  readonly thinner: Thinner;
  readonly choice: BandChoice;
  readonly cups: readonly Cup[];
}

interface Group {
  readonly entries: readonly EntryOf<'reading'>[];
  /** kg of thinner in the pot, and of unthinned mix. */
  readonly thinner: number;
  readonly mix: number;
}

interface Pot {
  readonly groups: Group[];
  readonly sticks: { entry: EntryOf<'stick'>; thinner: number; mix: number }[];
}

/** The batch's timings in groups, and its stick tests, each with the thinner that was in the pot. */
function groupsOf(job: Worked, batch: BatchState): Pot {
  let added = batch.thinnedBefore;
  let mix = batch.mixedMass;
  let group: EntryOf<'reading'>[] = [];
  const groups: Group[] = [];
  const sticks: Pot['sticks'] = [];
  const close = () => {
    if (group.length > 0) groups.push({ entries: group, thinner: added, mix });
    group = [];
  };
  for (const entry of liveEntries(job)) {
    if (entry.type === 'addition' && entry.batchId === batch.id) {
      close();
      if (entry.what === 'unthinned') mix += entry.mass;
      else added += entry.mass;
    }
    if (entry.type === 'poured' && entry.batchId === batch.id && moment(entry) > batch.stirredAt) {
      close();
      mix += entry.mass;
    }
    if (entry.type === 'stick' && entry.batchId === batch.id) sticks.push({ entry, thinner: added, mix });
    if (entry.type !== 'reading' || entry.batchId !== batch.id) continue;
    const last = group.at(-1);
    if (
      last &&
      (last.cupId !== entry.cupId ||
        moment(entry) - moment(last) > sameLiquid ||
        // A pot that was warmed or cooled is timed anew: the two together tell the temperature law.
        Math.abs(last.temperature - entry.temperature) >= 2)
    )
      close();
    group.push(entry);
  }
  close();
  return { groups, sticks };
}

/** The temperature law: from two timings of one liquid at least 2 K apart, else from the sheet, else the class. */
function lawOf(groups: readonly Group[], { sheet, choice, cups }: PotContext): TemperatureLaw {
  const at = choice.temperature;
  const assumed = sheet.temperatureSlope ?? defaultSlope;
  const taken = groups.flatMap(({ entries, thinner }) => {
    const [first] = entries;
    const cup = first && cupBehind(first.cupId, cups);
    const agreed = agreement(entries.map(({ seconds }) => seconds));
    if (!first || !cup || isRefusal(agreed)) return [];
    const viscosity = viscosityFromSeconds(cup, agreed.mean);
    const own = { cupId: first.cupId, thinner, at: moment(first), temperature: meanTemperature(entries) };
    return isRefusal(viscosity) ? [] : [{ ...own, viscosity }];
  });
  const fits: number[] = [];
  taken.forEach((one, i) => {
    for (const other of taken.slice(i + 1)) {
      if (Math.abs(one.thinner - other.thinner) > 1e-9 || one.cupId !== other.cupId) continue;
      if (Math.abs(other.at - one.at) > 4 * sameLiquid) continue;
      const B = andradeFromPair(one, other);
      // A liquid that thickens with warmth, or falls by a quarter a degree, was not the same liquid.
      if (!isRefusal(B) && B / at ** 2 > 0.005 && B / at ** 2 < 0.15) fits.push(B);
    }
  });
  if (fits.length > 0) {
    const B = fits.reduce((sum, each) => sum + each, 0) / fits.length;
    return { B, slope: B / at ** 2, from: 'fitted' };
  }
  return {
    B: andradeFromSlope(assumed, at),
    slope: assumed,
    from:
      sheet.temperatureSlope === undefined || sheet.assumed.includes('temperatureSlope') ? 'class' : 'sheet',
  };
}

const meanTemperature = (entries: readonly { readonly temperature: number }[]) =>
  entries.reduce((sum, { temperature }) => sum + temperature, 0) / entries.length;

export interface PotReadings {
  readonly readings: readonly Reading[];
  readonly sticks: readonly StickReading[];
  readonly law: TemperatureLaw;
}

/** Sticks drawn through a pot, with the share of thinner it had then. */
export const sticksOf = (job: Worked, batch: BatchState) =>
  groupsOf(job, batch).sticks.map(({ entry, thinner, mix }) => ({
    entry,
    at: moment(entry),
    sign: entry.sign,
    thinner,
    w: blendShare(thinner, mix),
  }));

export function readingsOf(context: PotContext): PotReadings {
  const { job, batch, choice } = context;
  const { groups } = groupsOf(job, batch);
  const law = lawOf(groups, context);
  // How well the timings of this pot agree says how far its readings may be trusted.
  const repeat = repeatOf(groups.map(({ entries }) => entries.map(({ seconds }) => seconds)));
  const hands = new Set(groups.flatMap(({ entries }) => entries.map(({ by = '' }) => by))).size;
  return {
    law,
    readings: groups
      .map((group) => readGroup(group, context, law, { repeat, hands }))
      .filter((reading): reading is Reading => !isRefusal(reading)),
    sticks: sticksOf(job, batch).map((stick) => ({
      ...stick,
      viscosity: shiftViscosity(
        stickViscosity(stick.sign),
        stick.entry.temperature,
        choice.temperature,
        law.B,
      ),
    })),
  };
}

function readGroup(
  { entries, thinner, mix }: Group,
  context: PotContext,
  law: TemperatureLaw,
  { repeat, hands }: { readonly repeat: number; readonly hands: number },
): Outcome<Reading> {
  const { sheet, batch, thinner: liquid, choice, cups } = context;
  const [first] = entries;
  const cup = first && cupBehind(first.cupId, cups);
  if (!first || !cup) return refuse('cup', 'The cup of this reading is not known.');
  const { band } = choice;
  const across = conversionSpread(cup, band.cup);
  if (!Number.isFinite(across))
    return refuse('private', `${cup.name} compares only with itself; the band is in ${band.cup.name}.`);
  const agreed = agreement(entries.map(({ seconds }) => seconds));
  if (isRefusal(agreed)) return agreed;
  const temperature = meanTemperature(entries);
  const taken = viscosityFromSeconds(cup, agreed.mean);
  if (isRefusal(taken)) return taken;
  const viscosity = shiftViscosity(taken, temperature, choice.temperature, law.B);
  const atSheet = secondsFromViscosity(band.cup, viscosity);
  const sd = readingError(cup, agreed.mean, agreed.used.length, 0, repeat, hands);
  const verdict = judgeSeconds(cup, agreed.mean);
  if (isRefusal(atSheet)) return atSheet;
  if (isRefusal(sd)) return sd;
  return {
    entries,
    at: moment(entries.at(-1) ?? first),
    thinner,
    share:
      (sheetShare(thinner, liquid.density, batch.unthinned, sheet.thinning) * batch.unthinned.mass) / mix +
      batch.doseShare,
    w: blendShare(thinner, mix),
    cup,
    seconds: agreed.mean,
    temperature,
    agree: agreed.agree,
    atSheet,
    viscosity,
    sd,
    bias: Math.hypot(
      Math.abs(temperature - choice.temperature) * law.slope * slopeError[law.from],
      thermometerError * law.slope,
      across,
    ),
    ...(isRefusal(verdict) || verdict.where === 'inside'
      ? {}
      : { outside: { where: verdict.where, better: verdict.better } }),
  };
}

/** One piece of evidence for the belief, in order of time. */
interface Evidence {
  readonly at: number;
  readonly w: number;
  readonly viscosity: number;
  readonly sd: number;
}

export function potEvidence({ readings, sticks }: PotReadings): Evidence[] {
  // Timings of one cup share its bias, so that it drops out between them; between cups it does not.
  const mixed = new Set(readings.map(({ cup }) => cup.id)).size > 1;
  const timed = readings.map(({ at, w, viscosity, sd, bias }) => ({
    at,
    w,
    viscosity,
    sd: mixed ? Math.hypot(sd, bias) : sd,
  }));
  return [...timed, ...sticks.map(({ at, w, viscosity }) => ({ at, w, viscosity, sd: stickError }))].sort(
    (a, b) => a.at - b.at,
  );
}

/** The belief after a batch's evidence, each piece counting less the longer ago it is. */
export function believe(prior: Belief, evidence: readonly Evidence[]): Belief {
  let belief = prior;
  let before: number | undefined;
  for (const { at, w, viscosity, sd } of evidence) {
    const hours = before === undefined ? 0 : (at - before) / 3_600_000;
    before = at;
    belief = updateBelief(aged(belief, hours), { w, viscosity, sd });
  }
  return belief;
}
