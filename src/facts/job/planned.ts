import {
  hardAt,
  type CoatTask,
  type FilmBelow,
  type Piece,
  type PlanQuestion,
  type RecoatWindow,
} from '@/core/schedule';
import type { HandMethod } from '@/core/elements';
import { abrades, workSeconds } from '@/core/system';
import { usualWorkday, type Face, type Shop } from '@/records';
import type { WorkItem } from './between';
import { layerOf } from './layers';
import { areaOf } from './plan';
import { slowness, timesOver } from './recoat';
import type { CoatState } from './spray';
import type { JobView } from './view';
import { byHand, handSeconds } from './byhand';

/** A face is planned in at most this many groups. */
const groupsAtMost = 4;
/** Time to walk round, turn the gun and begin anew, beside the strokes. A default. */
export const usualPace = 1.25;

/** One step of a piece on the axis: a coat with what is done just before it, or sanding. */
export interface DayStep {
  readonly id: string;
  readonly kind: 'coat' | 'work';
  readonly coat: CoatState;
  /** The work it is, or that is done just before the coat. */
  readonly work: readonly WorkItem[];
}

/** What the planner is asked, and what its pieces are called. */
export interface DayQuestion {
  readonly question: PlanQuestion;
  /** ms since the epoch of the midnight the question counts from. */
  readonly midnight: number;
  readonly names: ReadonlyMap<string, string>;
  readonly coats: readonly CoatState[];
  /** What each piece goes through, in order: a task’s coat counts these. */
  readonly steps: readonly DayStep[];
}

/** Midnight of the day of a moment, by the clock on the wall. ms since the epoch */
export function midnightOf(moment: number): number {
  const day = new Date(moment);
  day.setHours(0, 0, 0, 0);
  return day.getTime();
}

/** When the next coat may follow, in the room as last read: by a film’s times, its window counted from its end, s. */
function windowOf({ times, factor = 1 }: Pick<FilmBelow, 'times' | 'factor'>): RecoatWindow {
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

/** A window as the work before the coat sees it: that begins so much sooner. */
function sooner({ opens, closes, forbidden }: RecoatWindow, by: number, least: number): RecoatWindow {
  const from = Math.max(opens - by, least);
  return {
    opens: from,
    ...(closes === undefined ? {} : { closes: Math.max(closes - by, from) }),
    ...(forbidden
      ? { forbidden: { from: Math.max(forbidden.from - by, 0), to: Math.max(forbidden.to - by, 0) } }
      : {}),
  };
}

/** A step before it is shared out over the pieces. */
interface Step extends DayStep {
  /** s of work on the whole job, beside spraying. */
  readonly hands: number;
  readonly then?: RecoatWindow;
}

const ahead: readonly WorkItem['state'][] = ['to-come', 'due', 'waiting', 'again'];

/** Everything still to do to a piece, in order, with what must pass between. The last has nothing after it. */
function stepsOf(view: AskedOf, left: readonly CoatState[]): Step[] {
  const { job, work, spray, plan } = view;
  const area = areaOf(job.part.faces);
  const steps: Step[] = [];
  for (const coat of left) {
    const below = spray.coats[spray.coats.indexOf(coat) - 1];
    const items = below
      ? spray.work.filter(({ coatId, state }) => coatId === below.coat.id && ahead.includes(state))
      : [];
    let [hands, wait, pending]: [number, number, WorkItem[]] = [0, 0, []];
    const layer = below && layerOf(work, below.coat.layerId);
    const factor = below ? slowness(below.sheet, plan.climate) : 1;
    const times = layer && timesOver(layer, layerOf(work, coat.coat.layerId));
    let sanded = false;
    const follow = (window: RecoatWindow) => {
      const before = steps.at(-1);
      if (before) steps[steps.length - 1] = { ...before, then: window };
    };
    for (const item of items) {
      if (item.what === 'wait') {
        wait += item.lasts ?? 0;
        continue;
      }
      const own = item.lasts ?? workSeconds(item.what, area);
      if (!abrades(item.what)) {
        hands += own;
        pending.push(item);
        continue;
      }
      const hard = sanded || !times ? 0 : hardAt({ ended: 0, times, factor }) / 1000;
      follow({ opens: Math.max(hard - hands, wait) });
      const id = item.id;
      steps.push({ id, kind: 'work', coat, work: [...pending, item], hands: hands + own });
      [hands, wait, pending, sanded] = [0, 0, [], true];
    }
    const { sandedFor } = times ?? {};
    if (sanded)
      follow({
        opens: wait,
        ...(sandedFor === undefined ? {} : { closes: Math.max(sandedFor - hands, wait) }),
      });
    else if (times) follow(sooner(windowOf({ times, factor }), hands, wait));
    steps.push({ id: coat.coat.id, kind: 'coat', coat, work: pending, hands });
  }
  return steps;
}

type AskedOf = Pick<JobView, 'job' | 'work' | 'spray' | 'plan' | 'now' | 'pace'>;

/**
 * What is still to do as a planning question: each face, in groups where it is many, each side by itself, with its coats
 * and the work between them.
 *
 * @param startAt ms since the epoch; now, or later
 */
export function dayQuestion(view: AskedOf, shop: Shop, startAt = view.now): DayQuestion {
  const { job, work, spray, plan, now } = view;
  const midnight = midnightOf(now);
  const left = spray.coats.filter(({ state }) => state !== 'done');
  const steps = stepsOf(view, left);
  const names = new Map<string, string>();
  const { turning = 'one-side' } = job.approach;
  const lastOn = spray.coats.filter(({ state }) => state === 'done').at(-1);
  // What the coat already on leaves open, on the question’s scale, for the first step.
  const window = lastOn?.ended === undefined ? undefined : spray.recoat;
  const on = (moment: number) => (moment - midnight) / 1000;
  const opening = (piece: number): Pick<Piece, 'release' | 'due'> => {
    if (!window) return {};
    const lead = steps[0]?.kind === 'coat' ? steps[0].hands * piece : 0;
    return {
      release: on(window.opens) - lead,
      ...(window.closes === undefined || window.closes < window.opens
        ? {}
        : { due: on(window.closes) - lead }),
    };
  };
  const whole = areaOf(job.part.faces);
  /** s of one coat by hand on one piece: what the layer’s coats take together, shared out over them. */
  const byHandOnce = (face: Face, method: HandMethod, { coat }: DayStep): number => {
    const films = plan.coats.filter((each) => each.coat.layerId === coat.coat.layerId).map(({ wet }) => wet);
    return handSeconds({ ...face, count: 1, sides: 1 }, method, films) / Math.max(films.length, 1);
  };

  const pieces = job.part.faces.flatMap((face): Piece[] => {
    const guide = spray.strokes.find((each) => each.face.id === face.id);
    const method = byHand(face);
    const one = method ? 0 : (guide ? guide.strokes * guide.seconds : 60) * (view.pace?.ratio ?? usualPace);
    const groups = Math.min(face.count, groupsAtMost);
    const sides = face.sides === 2 ? turnedSides(turning) : (['front'] as const);
    return Array.from({ length: groups }, (_, g) => g).flatMap((g) => {
      const count = Math.floor(((g + 1) * face.count) / groups) - Math.floor((g * face.count) / groups);
      const from = Math.floor((g * face.count) / groups) + 1;
      const share = whole > 0 ? areaOf([{ ...face, count, sides: 1 }]) / whole : 1;
      const sideId = (side: string) => `${face.id}/${g}/${side}`;
      return sides.map((side, s): Piece => {
        const id = sideId(side);
        names.set(id, nameOf(face, from, count, sides.length > 1 ? side : undefined));
        const other = sides[1 - s];
        const coats = steps.map((step, i): CoatTask => {
          const layer = layerOf(work, step.coat.coat.layerId);
          const sprays = step.kind === 'coat';
          const waits = other && turnedOver(steps, i, s, turning);
          return {
            id: `${id}/${step.id}`,
            duration: Math.max(
              step.hands * share + (sprays ? count * (method ? byHandOnce(face, method, step) : one) : 0),
              1,
            ),
            ...(sprays && step.hands > 0 ? { before: step.hands * share } : {}),
            ...(sprays ? { coating: layer.sheet.id, gun: layer.rigId } : {}),
            ...(step.then ? { then: step.then } : {}),
            ...(waits === undefined
              ? {}
              : {
                  waits: {
                    piece: sideId(other ?? ''),
                    coat: waits,
                    wait: settle(steps[waits], plan.climate),
                  },
                }),
          };
        });
        return { id, coats, handle: settle(steps.at(-1), plan.climate), ...opening(share) };
      });
    });
  });
  const { begins, ends } = shop.workday ?? usualWorkday;
  return {
    midnight,
    names,
    coats: left,
    steps,
    question: {
      pieces,
      start: on(Math.max(startAt, now)),
      shifts: [[begins, ends]],
      racks: job.approach.racks,
      changeover: 15 * 60,
    },
  };
}

/**
 * Which step of the other side a step waits for, because the part is turned between them: all of the first side before the
 * second, or coat by coat.
 */
function turnedOver(
  steps: readonly Step[],
  step: number,
  side: number,
  turning: 'one-side' | 'every-coat' | 'back-first',
): number | undefined {
  if (turning !== 'every-coat') return side === 1 && step === 0 ? steps.length - 1 : undefined;
  return side === 1 ? step : step > 0 ? step - 1 : undefined;
}

const turnedSides = (turning: 'one-side' | 'every-coat' | 'back-first') =>
  turning === 'back-first' ? (['back', 'front'] as const) : (['front', 'back'] as const);

/** s until a part can be turned over or taken from its rack: the sheet’s handling time, else its recoat time. */
const settle = (step: DayStep | undefined, room: JobView['plan']['climate']): number => {
  if (step?.kind !== 'coat') return 0;
  const { sheet } = step.coat;
  const { handle, touch, recoatFirst } = sheet.times;
  return (handle ?? touch ?? recoatFirst) * slowness(sheet, room);
};

function nameOf({ name, count }: Face, from: number, many: number, side: string | undefined): string {
  const which = count === 1 ? '' : many === 1 ? ` ${from}` : ` ${from}–${from + many - 1}`;
  return `${name}${which}${side === 'back' ? ', back' : ''}`;
}
