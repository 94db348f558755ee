import { prepChain, prepStates, type PrepState, type SubstrateKind } from '@/core/system';
import type { Face, Job } from '@/records';
import { compressedAir } from './compressed';
import { lastOf, liveEntries, moment, ofType } from './entries';
import type { Fitness } from './plan';
import type { JobView } from './view';

/** One thing that must be so before the gun is lifted. */
export interface ReadyItem {
  readonly id: string;
  readonly group: 'part' | 'room' | 'mix' | 'people';
  readonly says: string;
  readonly because: string;
  /** Ticked by hand, or told by what the job knows. */
  readonly by: 'hand' | 'record';
  readonly state: PrepState | 'stop';
  /** ms since the epoch: it acts until then, or lapses then. */
  readonly until?: number;
  /** Left out, with the reason given. */
  readonly skipped?: string;
}

/** What the part is made of, when nobody said: by whether a gauge reads it, and by its words. */
export function substrateOf({ substrate, metal, kind }: Job['part']): SubstrateKind {
  if (kind) return kind;
  if (metal) return /galvan|zinc/i.test(substrate) ? 'galvanised' : 'metal';
  if (/oak|pine|wood|mdf|ply|birch|ash/i.test(substrate)) return 'wood';
  if (/brick|render|plaster|concrete|wall/i.test(substrate)) return 'masonry';
  return /mould|composite|fibre|laminate/i.test(substrate) ? 'composite' : 'plastic';
}

/** Masking a metre of edge takes about this long, s. A default. */
const maskingPerMetre = 45;

/** m of edge to mask: the outline of every face that says what must be kept off. */
export const maskingOf = (faces: readonly Face[]): { length: number; seconds: number } => {
  const length = faces
    .filter(({ keepOff }) => keepOff)
    .reduce((sum, { width, height, count }) => sum + 2 * (width + height) * count, 0);
  return { length, seconds: length * maskingPerMetre };
};

/** What of a plan’s fitness is the room’s. */
const ofRoom: ReadonlySet<Fitness['id']> = new Set(['air', 'part', 'humidity', 'dew']);

/** The readiness list of a job: from its part, room, sheet and rig, each with its reason. */
export function readinessOf(view: JobView): ReadyItem[] {
  const { job, plan, mix, spray, rig, now, thin } = view;
  const entries = liveEntries(job);
  const next = spray.next ?? spray.running;
  const ticks = ofType(entries, 'tick').filter(({ list }) => list === 'ready');
  const ticked = (id: string): PrepState =>
    ticks.filter(({ step }) => step === id).at(-1)?.done ? 'done' : 'todo';
  const skips = ofType(entries, 'skip');
  const { hazards } = plan.sheet;
  const inWindow = spray.recoat !== undefined && spray.recoat.state !== 'closed';
  const chain = prepStates(
    prepChain({
      substrate: substrateOf(job.part),
      existing: job.part.existing ?? 'bare',
      next: next?.coat.role,
      inWindow,
    }),
    ticks.map(({ step, at, done }) => ({ step, at: Date.parse(at), done })),
    now,
  );
  const hand = (id: string, group: ReadyItem['group'], says: string, because: string): ReadyItem => ({
    id,
    group,
    says,
    because,
    by: 'hand',
    state: ticked(id),
  });
  const told = (
    id: string,
    group: ReadyItem['group'],
    good: boolean | undefined,
    says: string,
    because: string,
  ): ReadyItem => ({
    id,
    group,
    says,
    because,
    by: 'record',
    state: good === undefined ? 'todo' : good ? 'done' : 'stop',
  });
  const masking = maskingOf(job.part.faces);
  const flammable = hazards.includes('flammable');
  const items: (ReadyItem | false)[] = [
    ...chain.map(({ step, state, until }): ReadyItem => ({
      id: step.id,
      group: 'part',
      says: step.says,
      because: step.because,
      by: 'hand',
      state,
      ...(until === undefined ? {} : { until }),
    })),
    masking.length > 0 &&
      hand(
        'masking',
        'part',
        `Mask ${job.part.faces
          .filter(({ keepOff }) => keepOff)
          .map(({ keepOff, name }) => `${keepOff} on ${name.toLowerCase()}`)
          .join(', ')}: about ${Math.max(Math.round(masking.seconds / 60), 1)} minutes.`,
        'What must stay free of it is cheaper to mask than to clean.',
      ),
    hand(
      'supports',
      'part',
      job.approach.racks
        ? `Supports and ${job.approach.racks} rack slots free.`
        : 'Supports ready, and a place to dry.',
      'A wet part has nowhere else to go.',
    ),
    hand(
      'swing',
      'room',
      'Room to swing the gun: an arm’s length beside each face.',
      'A cramped stroke arcs and starts on the part.',
    ),
    told(
      'room',
      'room',
      plan.climate
        ? plan.fitness.filter(({ id }) => ofRoom.has(id)).every(({ state }) => state === 'good')
        : undefined,
      'Air, part and humidity inside the sheet’s limits.',
      'Read the room: dew, cold and damp undo everything after.',
    ),
    hand(
      'clean-room',
      'room',
      'Floor damped, extraction on, filters clear, light across the face.',
      'Dust and dim light show on the finish.',
    ),
    flammable &&
      hand(
        'ignition',
        'room',
        'No ignition, everything grounded: gun, pails, part.',
        'Vapour travels along the floor to the spark.',
      ),
    rig !== undefined && rig.air === 'compressor' && airItem(view, hand, told),
    told(
      'mixed',
      'mix',
      mix.batch ? thin.step.kind !== 'expired' && thin.step.kind !== 'doubled' : undefined,
      'A mix in the pot, within its life.',
      'Nothing else can be sprayed.',
    ),
    told(
      'dates',
      'mix',
      mix.sources.every(({ expired }) => expired.length === 0),
      'Cans in date.',
      'An old hardener cures soft.',
    ),
    hand(
      'masks',
      'people',
      maskWords(hazards),
      'The safety sheet decides; these are the usual ones for what is in this coating.',
    ),
  ];
  return items
    .filter((item) => item !== false)
    .map((item) => {
      const why = skips.filter((entry) => entry.item === item.id).at(-1);
      const tick = lastOf(entries, 'tick', ({ list, step }) => list === 'ready' && step === item.id);
      return why && (!tick || moment(tick) < moment(why)) ? { ...item, skipped: why.why } : item;
    });
}

function airItem(
  view: JobView,
  hand: (id: string, group: ReadyItem['group'], says: string, because: string) => ReadyItem,
  told: (
    id: string,
    group: ReadyItem['group'],
    good: boolean | undefined,
    says: string,
    because: string,
  ) => ReadyItem,
): ReadyItem {
  const air = compressedAir(view);
  if (air && air.state !== 'ample' && !view.rig?.dryer)
    return told(
      'air',
      'room',
      false,
      'Air: dry, and enough of it.',
      air.state === 'short'
        ? 'The compressor gives less than the gun takes and its air is not dried: drain it and pause, or note why not.'
        : 'The compressor has little to spare and its air is not dried: drain it and pause between strokes, or note why not.',
    );
  return hand(
    'air',
    'room',
    'Air drained and dry; wall gauge set with the trigger pulled.',
    'Water in the line gives fish-eyes, blush and rust.',
  );
}

const maskWords = (hazards: readonly string[]): string =>
  hazards.includes('isocyanate')
    ? 'Air-fed protection, gloves, eyes, skin covered; nobody else in the room.'
    : 'Vapour and particle mask, eyes, gloves that resist the solvent.';

/** What is still open, worst first. */
export const openItems = (items: readonly ReadyItem[]): ReadyItem[] =>
  items
    .filter(({ state, skipped }) => state !== 'done' && skipped === undefined)
    .sort((a, b) => Number(b.state === 'stop') - Number(a.state === 'stop'));
