import { outBy } from '@/core/motion';
import type { PracticeTry } from '@/records';

/** The steps of the course for a beginner, in their order. */
export const courseSteps = [
  'listen',
  'pour',
  'flat',
  'hand',
  'gun',
  'edges',
  'upright',
  'drop-coat',
] as const;
export type CourseStep = (typeof courseSteps)[number];

export interface CourseState {
  readonly step: CourseStep;
  readonly state: 'done' | 'open' | 'locked';
  /** Good tries in a row at the end, and how many are wanted. */
  readonly good: number;
  readonly wanted: number;
}

/** Tries in a row that open the next step. */
const inARow: Record<CourseStep, number> = {
  listen: 1,
  pour: 3,
  flat: 2,
  hand: 2,
  gun: 2,
  edges: 2,
  upright: 2,
  'drop-coat': 2,
};

/** Shares: of a panel inside its film, of a pour off its mark, of sounds told right. Defaults of the course. */
export const courseAims = { panel: 0.6, pour: 0.02, listened: 0.75, spread: 0.12 } as const;

/** Was a try of this step, and was it good? Nothing where it is of another. */
export function goodAt(
  step: CourseStep,
  { drill, film, pour, listened, motion, gun }: PracticeTry,
): boolean | undefined {
  switch (step) {
    case 'listen':
      return listened && listened.right / listened.asked >= courseAims.listened;
    case 'pour':
      return pour && Math.abs(pour.took / pour.aim - 1) <= courseAims.pour;
    case 'hand':
      return motion && motion.speedSpread <= courseAims.spread && Math.abs(motion.tilt) <= outBy.tilt;
    case 'gun':
      return gun?.solved;
    default:
      return drill === step && film ? film.inside >= courseAims.panel && film.runs === 0 : undefined;
  }
}

/** How far somebody has come: a step is done once so many tries in a row were good, and stays done; the next one opens then. */
export function courseOf(tries: readonly PracticeTry[], names: readonly string[]): CourseState[] {
  const own = tries.filter(({ name }) => names.includes(name)).sort((a, b) => a.at.localeCompare(b.at));
  let open = true;
  return courseSteps.map((step): CourseState => {
    const results = own.flatMap((each) => goodAt(step, each) ?? []);
    const wanted = inARow[step];
    let [run, most] = [0, 0];
    for (const good of results) most = Math.max(most, (run = good ? run + 1 : 0));
    const done = most >= wanted;
    const state = done ? 'done' : open ? 'open' : 'locked';
    open = open && done;
    return { step, state, good: Math.min(done ? wanted : run, wanted), wanted };
  });
}

/** One week of somebody’s practice: the mean of what was tried in it, shares. */
export interface PracticeWeek {
  /** ms of its Monday, UTC. */
  readonly from: number;
  readonly tries: number;
  readonly panel?: number;
  readonly pour?: number;
  readonly listened?: number;
  readonly spread?: number;
}

const week = 7 * 86_400_000;
/** The first Monday of this clock, ms. */
const monday = 4 * 86_400_000;

/** Somebody’s practice week by week, the latest last; weeks without any are left out. */
export function weeksOf(tries: readonly PracticeTry[], names: readonly string[]): PracticeWeek[] {
  const weeks = new Map<number, PracticeTry[]>();
  for (const each of tries) {
    if (!names.includes(each.name)) continue;
    const from = Math.floor((Date.parse(each.at) - monday) / week) * week + monday;
    weeks.set(from, [...(weeks.get(from) ?? []), each]);
  }
  const mean = (values: readonly number[]) =>
    values.length === 0 ? undefined : values.reduce((sum, each) => sum + each, 0) / values.length;
  return [...weeks]
    .sort(([a], [b]) => a - b)
    .map(([from, own]): PracticeWeek => {
      const found = {
        panel: mean(own.flatMap(({ film }) => film?.inside ?? [])),
        pour: mean(own.flatMap(({ pour }) => (pour ? [Math.abs(pour.took / pour.aim - 1)] : []))),
        listened: mean(own.flatMap(({ listened }) => (listened ? [listened.right / listened.asked] : []))),
        spread: mean(own.flatMap(({ motion }) => motion?.speedSpread ?? [])),
      };
      return {
        from,
        tries: own.length,
        ...Object.fromEntries(Object.entries(found).filter(([, value]) => value !== undefined)),
      };
    });
}
