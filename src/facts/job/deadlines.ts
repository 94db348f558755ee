import { slowness } from './spray';
import type { JobView } from './view';

/** Midnight after a moment, UTC, ms: what is in date today may not be tomorrow. */
const nextMidnight = (now: number): number => (Math.floor(now / 86_400_000) + 1) * 86_400_000;

/**
 * The moments at which something concluded of a job changes by itself, ms since the epoch, soonest first: a pot’s life, a
 * card’s age, the edges of a recoat window, a mix that sets, a day’s end. Between two of them a job seen anew is the job
 * as it was seen; only countdowns run on, and those are moments.
 */
export function deadlinesOf({ thin, set, spray, clean, plan, now }: JobView): number[] {
  const below = spray.coats.filter(({ state }) => state === 'done').at(-1);
  const edges: (number | undefined)[] = [
    thin.batch?.useBefore,
    set.cardUntil,
    spray.recoat?.opens,
    spray.recoat && 'closes' in spray.recoat ? spray.recoat.closes : undefined,
    clean.gels,
    nextMidnight(now),
  ];
  if (below?.ended !== undefined && spray.next) {
    const { ended, sheet } = below;
    const { recoatFirst, recoatLast, forbidden } = sheet.times;
    const factor = slowness(sheet, plan.climate);
    const after = (seconds: number | undefined) =>
      seconds === undefined ? undefined : ended + seconds * 1000;
    edges.push(after(recoatFirst * factor), after(recoatLast));
    if (forbidden) edges.push(after(forbidden.from), after(forbidden.to * factor));
  }
  return edges
    .filter((edge): edge is number => edge !== undefined && Number.isFinite(edge))
    .sort((a, b) => a - b);
}

/** The first deadline not yet behind a view: until then it stands. */
export const standsUntil = (view: JobView): number =>
  deadlinesOf(view).find((deadline) => deadline >= view.now) ?? Infinity;
