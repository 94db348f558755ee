import { closesAt, hardAt, opensByClock } from '@/core/schedule';
import { pressingBefore } from './clean';
import { cureStageOf } from './curestage';
import { lingers } from './timers';
import type { JobView } from './view';

/** Midnight after a moment, UTC, ms: what is in date today may not be tomorrow. */
const nextMidnight = (now: number): number => (Math.floor(now / 86_400_000) + 1) * 86_400_000;

/**
 * The moments at which something concluded of a job changes by itself, ms since the epoch, soonest first: a pot’s life, a
 * card’s age, a reading of the room, a tick, the edges of a recoat window, a mix that sets, a day’s end. Between two of them a job seen anew is the job
 * as it was seen; only countdowns run on, and those are moments.
 */
export function deadlinesOf(view: JobView): number[] {
  const { thin, set, spray, guns, pots, permission, timers, now } = view;
  const { recoat, film, work } = spray;
  const edges: (number | undefined)[] = [
    thin.batch?.useBefore,
    ...pots.flatMap(({ useBefore, readyAt }) => [useBefore, readyAt]),
    ...guns.flatMap(({ gels, cleanBy }) => [
      gels,
      cleanBy === undefined ? undefined : cleanBy - pressingBefore,
    ]),
    set.cardUntil,
    cureStageOf(view).hardens,
    recoat?.opens,
    recoat && 'closes' in recoat ? recoat.closes : undefined,
    ...work.map(({ until }) => until),
    ...permission.items.flatMap((item) => [item.until, item.by === 'hand' ? item.counts : undefined]),
    ...timers.map(({ id, due }) => (id === 'extraction' ? due + lingers : undefined)),
    nextMidnight(now),
  ];
  if (film) {
    const { ended, times, factor = 1 } = film;
    edges.push(opensByClock(film), closesAt(film), hardAt(film));
    if (times.forbidden)
      edges.push(ended + times.forbidden.from * 1000, ended + times.forbidden.to * factor * 1000);
  }
  return edges
    .filter((edge): edge is number => edge !== undefined && Number.isFinite(edge))
    .sort((a, b) => a - b);
}

/** The first deadline not yet behind a view: until then it stands. */
export const standsUntil = (view: JobView): number =>
  deadlinesOf(view).find((deadline) => deadline >= view.now) ?? Infinity;
