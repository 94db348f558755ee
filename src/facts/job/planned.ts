import type { CoatTask, Piece, PlanQuestion, RecoatWindow } from '@/core/schedule';
import { usualWorkday, type Coating, type Face, type Shop } from '@/records';
import { lastOf, liveEntries } from './entries';
import { slowness } from './recoat';
import type { CoatState } from './spray';
import type { JobView } from './view';

/** A face is planned in at most this many groups. */
const groupsAtMost = 4;
/** Time to walk round, turn the gun and begin anew, beside the strokes. A default. */
const handling = 1.25;

/** What the planner is asked, and what its pieces are called. */
export interface DayQuestion {
  readonly question: PlanQuestion;
  /** ms since the epoch of the midnight the question counts from. */
  readonly midnight: number;
  readonly names: ReadonlyMap<string, string>;
  readonly coats: readonly CoatState[];
}

/** Midnight of the day of a moment, by the clock on the wall. ms since the epoch */
export function midnightOf(moment: number): number {
  const day = new Date(moment);
  day.setHours(0, 0, 0, 0);
  return day.getTime();
}

/** When the next coat may follow one of this sheet, in the room as last read. */
export function windowOf({ times }: Coating, factor: number): RecoatWindow {
  const opens = times.recoatFirst * factor;
  return {
    opens,
    // A cold room delays the opening; it is not trusted to hold the window open. It cannot close before it opens.
    ...(times.recoatLast === undefined ? {} : { closes: Math.max(times.recoatLast, opens) }),
    ...(times.forbidden
      ? { forbidden: { from: times.forbidden.from, to: times.forbidden.to * factor } }
      : {}),
  };
}

/**
 * The coats still to spray as a planning question: each face, in groups where it is many, each side by itself.
 *
 * @param startAt ms since the epoch; now, or later
 */
export function dayQuestion(
  { job, spray, plan, now }: Pick<JobView, 'job' | 'spray' | 'plan' | 'now'>,
  shop: Shop,
  startAt = now,
): DayQuestion {
  const midnight = midnightOf(now);
  const left = spray.coats.filter(({ state }) => state !== 'done');
  const names = new Map<string, string>();
  const { turning = 'one-side' } = job.approach;
  const factor = (sheet: Coating) => slowness(sheet, plan.climate);
  const abraded = lastOf(liveEntries(job), 'abraded');
  const lastOn = spray.coats.filter(({ state }) => state === 'done').at(-1);
  // The window that the coat already on leaves open, on the question’s scale.
  const window =
    lastOn?.ended === undefined || spray.recoat === undefined || abraded ? undefined : spray.recoat;
  const on = (moment: number) => (moment - midnight) / 1000;

  const pieces = job.part.faces.flatMap((face): Piece[] => {
    const guide = spray.strokes.find((each) => each.face.id === face.id);
    const one = (guide ? guide.strokes * guide.seconds : 60) * handling;
    const groups = Math.min(face.count, groupsAtMost);
    const sides = face.sides === 2 ? turnedSides(turning) : (['front'] as const);
    return Array.from({ length: groups }, (_, g) => g).flatMap((g) => {
      const count = Math.floor(((g + 1) * face.count) / groups) - Math.floor((g * face.count) / groups);
      const from = Math.floor((g * face.count) / groups) + 1;
      return sides.map((side, s): Piece => {
        const id = `${face.id}/${g}/${side}`;
        names.set(id, nameOf(face, from, count, sides.length > 1 ? side : undefined));
        const coats = left.map((state, i): CoatTask => ({
          id: `${id}/${state.coat.id}`,
          duration: count * one,
          coating: state.coat.layerId,
          ...(i < left.length - 1 ? { then: windowOf(state.sheet, factor(state.sheet)) } : {}),
        }));
        const sheet = left.at(-1)?.sheet;
        const settled = settle(sheet, sheet ? factor(sheet) : 1);
        return {
          id,
          coats,
          handle: settled,
          ...(window
            ? {
                release: on(window.opens),
                ...(window.closes === undefined ? {} : { due: on(window.closes) }),
              }
            : {}),
          ...(s > 0
            ? {
                after: {
                  piece: `${face.id}/${g}/${sides[0]}`,
                  coat: turning === 'every-coat' ? 0 : left.length - 1,
                  wait: settled,
                },
              }
            : {}),
        };
      });
    });
  });
  const { begins, ends } = shop.workday ?? usualWorkday;
  return {
    midnight,
    names,
    coats: left,
    question: {
      pieces,
      start: on(Math.max(startAt, now)),
      shifts: [[begins, ends]],
      racks: job.approach.racks,
      changeover: 15 * 60,
    },
  };
}

const turnedSides = (turning: 'one-side' | 'every-coat' | 'back-first') =>
  turning === 'back-first' ? (['back', 'front'] as const) : (['front', 'back'] as const);

/** s until a part can be turned over or taken from its rack: the sheet’s handling time, else its recoat time. */
const settle = (sheet: Coating | undefined, factor: number): number =>
  sheet ? (sheet.times.handle ?? sheet.times.touch ?? sheet.times.recoatFirst) * factor : 0;

function nameOf({ name, count }: Face, from: number, many: number, side: string | undefined): string {
  const which = count === 1 ? '' : many === 1 ? ` ${from}` : ` ${from}–${from + many - 1}`;
  return `${name}${which}${side === 'back' ? ', back' : ''}`;
}
