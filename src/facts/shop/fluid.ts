import { fluidNeed, type FluidNeed } from '@/core/care';
import type { EntryOf, Job, Shop } from '@/records';
import { liveEntries, moment, ofType } from '../job/entries';
import type { JobView } from '../job';

/** Solvent for cleaning: what open jobs take, what stands settled, and the drum it ends in. m³ throughout. */
export interface FluidBudget {
  readonly wanted: FluidNeed;
  /** Guns that are still to be cleaned, over the open jobs. */
  readonly guns: number;
  /** Settled fluid that stands, by count and record; nothing where nobody counted. */
  readonly settled?: number;
  /** Of the first rinses, what settled fluid can do. */
  readonly again: number;
  readonly drum?: {
    readonly holds: number;
    readonly filled: number;
    /** A week, over the weeks that are on record, twelve at most. */
    readonly weekly: number;
    /** ms since the epoch, at this rate; nothing where nothing goes into it. */
    readonly full?: number;
  };
}

const week = 7 * 86_400_000;
/** So many weeks of record tell how fast the drum fills. */
const looksBack = 12;

type Waste = EntryOf<'waste'>;

/**
 * What ends in the drum: mix left over, and solvent that was used and not settled clear again; its sludge is in that. What
 * was used settled is part of what was used.
 */
const intoDrum = ({ what, volume = 0 }: Waste): number =>
  what === 'mix' || what === 'used' ? volume : what === 'recovered' ? -volume : 0;

/**
 * The budget of cleaning fluid.
 *
 * @param views open jobs, each seen once
 * @param jobs all jobs, for what was used and settled
 * @param now ms since the epoch
 */
export function fluidBudget(
  views: readonly JobView[],
  jobs: readonly Job[],
  { fluid = {} }: Pick<Shop, 'fluid'>,
  now: number,
): FluidBudget {
  const guns = views.flatMap((view) =>
    view.guns.flatMap(({ state, sequence }) => (sequence && state !== 'clean' ? [sequence] : [])),
  );
  const wanted = guns
    .map(({ steps }) => fluidNeed(steps))
    .reduce((all, each) => ({ first: all.first + each.first, fresh: all.fresh + each.fresh }), {
      first: 0,
      fresh: 0,
    });
  const wastes = jobs
    .flatMap((job) => ofType(liveEntries(job), 'waste'))
    .filter((entry) => moment(entry) <= now);
  const since = (from: number) => wastes.filter((entry) => moment(entry) > from);
  const { counted, drum } = fluid;
  const settled =
    counted &&
    Math.max(
      0,
      since(Date.parse(counted.at)).reduce(
        (sum, { what, volume = 0 }) =>
          sum + (what === 'recovered' ? volume : what === 'reused' ? -volume : 0),
        counted.volume,
      ),
    );
  return {
    wanted,
    guns: guns.length,
    ...(settled === undefined ? {} : { settled }),
    again: Math.min(wanted.first, settled ?? 0),
    ...(drum ? { drum: filling(drum, wastes, now) } : {}),
  };
}

function filling(
  { holds, emptied }: NonNullable<NonNullable<Shop['fluid']>['drum']>,
  wastes: readonly Waste[],
  now: number,
): NonNullable<FluidBudget['drum']> {
  const sum = (within: (at: number) => boolean) =>
    Math.max(
      0,
      wastes.filter((entry) => within(moment(entry))).reduce((all, each) => all + intoDrum(each), 0),
    );
  const filled = Math.min(
    sum((at) => at > Date.parse(emptied)),
    holds,
  );
  const first = Math.min(now, ...wastes.map(moment));
  const weeks = Math.min(Math.max((now - first) / week, 1), looksBack);
  const weekly = sum((at) => at >= now - weeks * week) / weeks;
  return {
    holds,
    filled,
    weekly,
    ...(weekly > 0 ? { full: now + ((holds - filled) / weekly) * week } : {}),
  };
}
