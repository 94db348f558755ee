import type { DefectId } from '@/core/diagnosis';
import { isRefusal } from '@/core/refusal';
import { sheetShare } from '@/core/thinning';
import type { SubstrateKind } from '@/core/system';
import type { Closing, Cup, EntryOf, Job, Layer, Rig } from '@/records';
import {
  areaOf,
  batchesOf,
  checkView,
  jobWorked,
  lastOf,
  liveEntries,
  moment,
  ofType,
  type BatchState,
  type CoatState,
  type Worked,
} from '../job';
import { bandChoices, chosenBand } from '../job/band';
import { planBasis } from '../job/plan';
import { readingsOf } from '../job/readings';
import { coatStates } from '../job/spray';
import { isDefect } from './outcomes';
import { transferOf } from './paintused';

/** What became of one product of a job that was sprayed: how it was thinned and set, and what came of it. */
export interface Use {
  readonly jobId: string;
  readonly job: string;
  readonly layerId: string;
  readonly layer: string;
  readonly sheetId: string;
  readonly sheet: string;
  readonly revision: string;
  readonly rigId: string;
  readonly ground?: SubstrateKind;
  /** ms, when its last coat ended. */
  readonly at: number;
  readonly people: readonly string[];
  /** m² of one coat, and coats that are on. */
  readonly area: number;
  readonly coats: number;
  readonly thinner?: { readonly id: string; readonly name: string; readonly share: number };
  /** The last timing before the first coat, in seconds of the band’s cup at the band’s temperature, as Thin told it. */
  readonly timed?: {
    readonly seconds: number;
    readonly temperature: number;
    readonly cup: string;
    /** Relative, how far it stood from the middle of the band. */
    readonly off: number;
  };
  /** As the gun was set when the last coat began. */
  readonly setting?: EntryOf<'setting'>;
  /** Mean of what was read while it was sprayed. */
  readonly room?: { readonly air: number; readonly part: number; readonly humidity: number };
  /** m dry, of the whole film: only where this layer is the one the readings are of. */
  readonly film?: {
    readonly mean: number;
    readonly aim: number;
    readonly min: number;
    readonly max: number;
    readonly readings: readonly number[];
  };
  readonly transfer?: number;
  /** m³ poured and thinned for it, s its coats took, m³ thrown away. */
  readonly paint: number;
  readonly seconds: number;
  readonly waste: number;
  /** Cans it was poured from. */
  readonly cans: readonly string[];
  readonly faults: readonly DefectId[];
  readonly reworks: number;
  readonly closing?: Closing;
  /** What was found when somebody looked again, the worst of it. */
  readonly later?: 'good' | 'worse';
}

/** What the shop sprays and measures with. */
export interface Kit {
  readonly rigs: readonly Rig[];
  readonly cups: readonly Cup[];
}

interface Held {
  readonly rigs: readonly (Rig | undefined)[];
  readonly cups: readonly Cup[];
  readonly uses: readonly Use[];
}

/** By job: gone through once, and again only when it, its gun or a cup changes. */
const known = new WeakMap<Job, Held>();

/** Every product a job sprayed, from the part up. */
export function sprayedIn(job: Job, kit: Kit): readonly Use[] {
  const rigs = job.layers.map(({ rigId }) => kit.rigs.find(({ id }) => id === rigId));
  const held = known.get(job);
  if (
    held?.cups.length === kit.cups.length &&
    held.cups.every((cup, i) => cup === kit.cups[i]) &&
    held.rigs.every((rig, i) => rig === rigs[i])
  )
    return held.uses;
  const uses = usesIn(job, kit);
  known.set(job, { rigs, cups: kit.cups, uses });
  return uses;
}

function usesIn(stored: Job, { rigs, cups }: Kit): readonly Use[] {
  const rigOf = (id: string) => rigs.find((rig) => rig.id === id);
  const job = jobWorked(stored, rigOf);
  const entries = liveEntries(job);
  const states = coatStates(job);
  const top = states.findLast(({ state }) => state === 'done');
  if (!top) return [];
  const check = checkView(job, states);
  const area = areaOf(job.part.faces);
  const looks = ofType(entries, 'look');
  const climates = ofType(entries, 'climate');
  return job.layers.flatMap((layer): Use[] => {
    const on = states.filter(({ coat, state }) => coat.layerId === layer.id && state === 'done');
    const [first, last] = [on[0], on.at(-1)];
    if (!first || !last) return [];
    const [from, to] = [first.started ?? 0, last.ended ?? 0];
    const batches = batchesOf(job, layer);
    const paint = batches.reduce(
      (sum, { mixedMass, additions, applied }) =>
        sum + (applied.density > 0 ? (mixedMass + massOf(additions)) / applied.density : 0),
      0,
    );
    const during = climates.filter((entry) => moment(entry) >= from - hour && moment(entry) <= to);
    const room = during.length > 0 ? during : climates.slice(-1);
    const timed = timedIn(jobWorked(stored, rigOf, layer.id), layer, batches, rigOf(layer.rigId), cups, from);
    const setting = lastOf(
      entries,
      'setting',
      (entry) => entry.layerId === layer.id && moment(entry) <= (last.started ?? to),
    );
    const topmost = top.coat.layerId === layer.id;
    const films = topmost ? check.spots.flatMap((spot) => spot.films) : [];
    const transfer = topmost ? transferOf({ work: job, coats: states, check, area }) : undefined;
    const thinner = thinnerIn(batches);
    return [
      {
        jobId: job.id,
        job: job.name,
        layerId: layer.id,
        layer: layer.name,
        sheetId: layer.sheet.id,
        sheet: layer.sheet.name,
        revision: layer.sheet.sheetRevision,
        rigId: layer.rigId,
        ...(job.part.kind === undefined ? {} : { ground: job.part.kind }),
        at: to,
        people: [...new Set(entries.flatMap(({ by }) => (by ? [by] : [])))],
        area,
        coats: on.length,
        ...(thinner ? { thinner } : {}),
        ...(timed ? { timed } : {}),
        ...(setting ? { setting } : {}),
        ...(room.length > 0
          ? {
              room: {
                air: meanOf(room.map(({ air }) => air)),
                part: meanOf(room.map(({ part }) => part)),
                humidity: meanOf(room.map(({ humidity }) => humidity)),
              },
            }
          : {}),
        ...(films.length > 0
          ? {
              film: {
                mean: meanOf(films),
                aim: check.spec.nominal,
                min: check.spec.min,
                max: check.spec.max,
                readings: films,
              },
            }
          : {}),
        ...(transfer && !isRefusal(transfer.transfer) ? { transfer: transfer.transfer } : {}),
        paint,
        seconds: on.reduce((sum, coat) => sum + sprayedFor(coat), 0),
        waste: topmost ? thrownAway(entries) : 0,
        cans: cansOf(entries, layer.id),
        faults: topmost
          ? [
              ...new Set(
                ofType(entries, 'defect').flatMap(({ defect }) => (isDefect(defect) ? [defect] : [])),
              ),
            ]
          : [],
        reworks: topmost ? ofType(entries, 'rework').filter(({ did }) => worked(did)).length : 0,
        ...(job.closing ? { closing: job.closing } : {}),
        ...(looks.length > 0
          ? { later: looks.some(({ found }) => found === 'worse') ? ('worse' as const) : ('good' as const) }
          : {}),
      },
    ];
  });
}

const hour = 3_600_000;

/** An end that cost somebody work; one that went by itself or was taken as it is did not. */
const worked = (did: EntryOf<'rework'>['did']): boolean => did !== 'gone' && did !== 'accepted';

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, each) => sum + each, 0) / values.length;

const massOf = (additions: readonly { readonly mass: number }[]): number =>
  additions.reduce((sum, { mass }) => sum + mass, 0);

const sprayedFor = ({ started, ended, rested }: CoatState): number =>
  started === undefined || ended === undefined ? 0 : Math.max(ended - started - rested, 0) / 1000;

const thrownAway = (entries: ReturnType<typeof liveEntries>): number =>
  ofType(entries, 'waste')
    .filter(({ what }) => what === 'mix')
    .reduce((sum, { volume = 0 }) => sum + volume, 0);

const cansOf = (entries: ReturnType<typeof liveEntries>, layerId: string): readonly string[] => [
  ...new Set(
    ofType(entries, 'poured')
      .filter((entry) => entry.layerId === layerId)
      .flatMap(({ from = [] }) => from.map(({ canId }) => canId)),
  ),
];

/** The thinner of the last batch that took one, in the sheet’s own percent. */
function thinnerIn(batches: ReturnType<typeof batchesOf>): Use['thinner'] {
  const batch = batches.findLast(({ additions }) => additions.some(({ what }) => what !== 'unthinned'));
  const what = batch?.additions.findLast((each) => each.what !== 'unthinned')?.what;
  const thinner = batch?.sheet.thinning.thinners.find(({ id }) => id === what);
  if (!batch || !thinner) return undefined;
  const share = sheetShare(batch.thinner, thinner.density, batch.unthinned, batch.sheet.thinning);
  return { id: thinner.id, name: thinner.name, share };
}

/** The last timing of the last batch that was timed before the first coat. */
function timedIn(
  job: Worked,
  { sheet }: Layer,
  batches: readonly BatchState[],
  rig: Rig | undefined,
  cups: readonly Cup[],
  before: number,
): Use['timed'] {
  const timed = ofType(liveEntries(job), 'reading').findLast(
    (entry) => moment(entry) <= before && batches.some(({ id }) => id === entry.batchId),
  );
  const batch = batches.find(({ id }) => id === timed?.batchId);
  const thinner =
    sheet.thinning.thinners.find(({ id }) => batch?.additions.some(({ what }) => what === id)) ??
    sheet.thinning.thinners[0];
  if (!batch || !thinner) return undefined;
  const choice = chosenBand(job, bandChoices(job, sheet, rig, planBasis(job, rig), cups));
  if (!choice) return undefined;
  const reading = readingsOf({ job, sheet, batch, thinner, choice, cups }).readings.findLast(
    ({ at }) => at <= before,
  );
  const { cup, min, max } = choice.band;
  return (
    reading && {
      seconds: reading.atSheet,
      temperature: choice.temperature,
      cup: cup.name,
      off: (2 * reading.atSheet) / (min + max) - 1,
    }
  );
}
