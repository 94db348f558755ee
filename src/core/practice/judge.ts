import { isRefusal, refuse, type Outcome } from '../refusal';
import type { Drill } from './drills';
import { newPanel, slide, spray, type GunMoment, type PracticePanel } from './panel';
import { pullsOf, type Pull } from './pulls';

/** What a hand can do wrong, each of which can be taken away alone. */
export type HandFault = 'speed' | 'unsteady' | 'spacing' | 'lead' | 'bow';

export interface FilmFacts {
  /** Share of the face whose film is what the drill wants. */
  readonly inside: number;
  readonly under: number;
  readonly over: number;
  /** m wet over the face, standard deviation as a share of it. */
  readonly mean: number;
  readonly cv: number;
}

export interface HandFacts {
  readonly strokes: number;
  /** m/s, and its spread from stroke to stroke as a share. */
  readonly speed: number;
  readonly speedSpread: number;
  /** How much it varies within a stroke, as a share. */
  readonly varied: number;
  /** m between strokes, and its spread as a share of the drill’s spacing. */
  readonly spacing: number;
  readonly spacingSpread: number;
  /** m beyond the panel where strokes begin and end, on the average and their spread; below zero on the panel. */
  readonly lead: number;
  readonly leadSpread: number;
  /** m the strokes bow, on the average. */
  readonly bow: number;
}

export interface Judged extends FilmFacts {
  readonly hand: HandFacts;
  /** m³ that left the gun, s the trigger was pulled. */
  readonly sprayed: number;
  readonly seconds: number;
  /** m/s that would have laid the film with the strokes as they were. */
  readonly pace: number;
  /** Runs that came, counted across the panel. */
  readonly runs: number;
  /** Were both long edges sprayed before the face? */
  readonly edgesFirst: boolean;
  /** What would put more of the face inside, the greatest first: share gained if that alone had been right. */
  readonly gains: readonly { readonly fault: HandFault; readonly gain: number }[];
}

/** Coarser than the eye sees and finer than a fan: what a hand did shows just as well. m */
const cell = 8e-3;
/** A fault that costs less than this share of the face is not worth a word. */
const worthSaying = 0.02;

/**
 * Share of a face inside the drill’s film, where a place wants less than all of it the same tolerance about its own.
 *
 * Source: spread and share inside a range
 */
export function filmFacts(panel: PracticePanel, drill: Drill): FilmFacts {
  const { film, cols, rows } = panel;
  let [under, over, sum, squares] = [0, 0, 0, 0];
  const [down, up] = [drill.aim - drill.min, drill.max - drill.aim];
  for (let r = 0; r < rows; r += 1)
    for (let c = 0; c < cols; c += 1) {
      const each = film[r * cols + c] as number;
      const aim = drill.aim * (drill.wanted?.((c + 0.5) / cols, (r + 0.5) / rows) ?? 1);
      sum += each;
      squares += each * each;
      if (each < aim - down) under += 1;
      else if (each > aim + up) over += 1;
    }
  const n = film.length;
  const mean = sum / n;
  return {
    inside: (n - under - over) / n,
    under: under / n,
    over: over / n,
    mean,
    cv: mean > 0 ? Math.sqrt(Math.max(squares / n - mean * mean, 0)) / mean : 0,
  };
}

const mean = (values: readonly number[]) => values.reduce((sum, each) => sum + each, 0) / values.length;
const spreadOf = (values: readonly number[]) => {
  if (values.length < 2) return 0;
  const middle = mean(values);
  return Math.sqrt(values.reduce((sum, each) => sum + (each - middle) ** 2, 0) / (values.length - 1));
};

/** m a pull begins and ends beyond the panel; below zero inside it. */
const leadsOf = ({ from, to, upright }: Pull, { width, height }: Drill) => {
  const far = upright ? height : width;
  return [-Math.min(from, to), Math.max(from, to) - far];
};

/** Strokes next to each other that follow the usual way; pulls along the other edges say nothing of spacing. */
const steps = (pulls: readonly Pull[]): number[] => {
  const places = pulls
    .filter(({ upright }) => !upright)
    .map(({ place }) => place)
    .sort((a, b) => a - b);
  return places.slice(1).map((place, i) => place - (places[i] as number));
};

/**
 * A run in figures: overlap, speed, distance, tilt, trigger.
 *
 * Source: spread and share inside a range
 */
export function handFacts(pulls: readonly Pull[], drill: Drill): HandFacts {
  const speeds = pulls.map(({ speed }) => speed);
  const apart = steps(pulls);
  const leads = pulls.flatMap((pull) => leadsOf(pull, drill));
  return {
    strokes: pulls.length,
    speed: mean(speeds),
    speedSpread: spreadOf(speeds) / mean(speeds),
    varied: mean(pulls.map(({ varied }) => varied)),
    spacing: apart.length > 0 ? mean(apart) : 0,
    spacingSpread: spreadOf(apart) / drill.spacing,
    lead: mean(leads),
    leadSpread: spreadOf(leads),
    bow: mean(pulls.map(({ bow }) => Math.abs(bow))),
  };
}

/** The same run laid again on a panel of its own. */
function lay(moments: readonly (readonly GunMoment[])[], drill: Drill): Outcome<PracticePanel> {
  const panel = newPanel(drill.width, drill.height, cell, drill.runsAbove);
  if (isRefusal(panel)) return panel;
  for (const own of moments)
    for (let i = 1; i < own.length; i += 1) {
      const laid = spray(panel, drill.gun, own[i - 1] as GunMoment, own[i] as GunMoment);
      if (isRefusal(laid)) return laid;
    }
  return panel;
}

/** A pull without one fault: everything else stays as the hand did it. */
function mended(pull: Pull, fault: HandFault, drill: Drill, rate: number, place: number): GunMoment[] {
  const { moments, upright, from, to, speed } = pull;
  const along = ({ x, y }: GunMoment) => (upright ? y : x);
  const aside = ({ x, y }: GunMoment) => (upright ? x : y);
  const at = (moment: GunMoment, a: number, b: number, t: number): GunMoment => ({
    ...moment,
    x: upright ? b : a,
    y: upright ? a : b,
    t,
  });
  const [first, end] = [moments[0], moments.at(-1)] as readonly [GunMoment, GunMoment];
  switch (fault) {
    case 'speed':
      return moments.map((each) => ({ ...each, t: first.t + (each.t - first.t) * rate }));
    case 'unsteady':
      return moments.map((each) =>
        at(each, along(each), aside(each), first.t + Math.abs(along(each) - from) / speed),
      );
    case 'spacing':
      return moments.map((each) => at(each, along(each), aside(each) + place - pull.place, each.t));
    case 'bow':
      // Onto the straight line between where it began and where it ended.
      return moments.map((each) =>
        at(
          each,
          along(each),
          aside(first) + ((aside(end) - aside(first)) * (along(each) - from)) / (to - from),
          each.t,
        ),
      );
    case 'lead': {
      const far = upright ? drill.height : drill.width;
      const way = Math.sign(to - from) || 1;
      const [start, stop] = way > 0 ? [-drill.lead, far + drill.lead] : [far + drill.lead, -drill.lead];
      const begins = way * (start - from) < 0 ? start : from;
      const ends = way * (stop - to) > 0 ? stop : to;
      return [
        at(first, begins, aside(first), first.t - Math.abs(from - begins) / speed),
        ...moments,
        at(end, ends, aside(end), end.t + Math.abs(ends - to) / speed),
      ];
    }
  }
}

/**
 * What a run on the practice panel came to, and which single fault of the hand cost most: the run is laid again with
 * each fault taken away alone, and what that would have gained is said.
 *
 * @param runs runs seen while it was sprayed
 * @returns refuses a run without a stroke
 * Source: spread and share inside a range
 */
export function judgeRun(
  moments: readonly GunMoment[],
  drill: Drill,
  panel: PracticePanel,
  runs = 0,
): Outcome<Judged> {
  const pulls = pullsOf(moments);
  if (pulls.length === 0)
    return refuse(
      'no-stroke',
      'There is no stroke to judge yet. Press, move across the panel, and let go past its edge.',
    );
  const now = lay(
    pulls.map(({ moments: own }) => own),
    drill,
  );
  if (isRefusal(now)) return now;
  const inside = settled(now, drill);
  // One rate for every stroke, so that the mean comes to the aim: film goes with the inverse of speed.
  const asked = mean(
    Array.from({ length: 20 }, (_, i) => drill.aim * (drill.wanted?.((i + 0.5) / 20, 0.5) ?? 1)),
  );
  const rate = asked / Math.max(filmFacts(now, drill).mean, asked * 0.1);
  const level = pulls.filter(({ upright }) => !upright).sort((a, b) => a.place - b.place);
  const even = (pull: Pull) => {
    const i = level.indexOf(pull);
    const n = level.length;
    return i < 0 || n < 2 ? pull.place : (i * drill.height) / (n - 1);
  };
  const hand = handFacts(pulls, drill);
  const gains: { fault: HandFault; gain: number }[] = [];
  for (const fault of ['speed', 'unsteady', 'spacing', 'lead', 'bow'] as const) {
    const without = lay(
      pulls.map((pull) => mended(pull, fault, drill, rate, even(pull))),
      drill,
    );
    if (isRefusal(without)) return without;
    gains.push({ fault, gain: settled(without, drill) - inside });
  }
  const seconds = pulls.reduce((sum, { moments: own }) => sum + ((own.at(-1)?.t ?? 0) - (own[0]?.t ?? 0)), 0);
  return {
    ...filmFacts(panel, drill),
    hand,
    pace: hand.speed / rate,
    sprayed: drill.gun.flow * seconds,
    seconds,
    runs,
    edgesFirst: edgesFirst(pulls, drill),
    gains: gains.filter(({ gain }) => gain > worthSaying).sort((a, b) => b.gain - a.gain),
  };
}

/** The first two strokes along the panel lie on its two long edges, in either order. */
function edgesFirst(pulls: readonly Pull[], { height, gun }: Drill): boolean {
  const near = gun.fan / 4;
  const [a, b] = pulls.filter(({ upright }) => !upright).map(({ place }) => place);
  if (a === undefined || b === undefined) return false;
  return Math.abs(Math.min(a, b)) < near && Math.abs(Math.max(a, b) - height) < near;
}

/** Share inside once runs have slid for two seconds. */
function settled(panel: PracticePanel, drill: Drill): number {
  for (let i = 0; i < 20; i += 1) slide(panel, 0.1);
  return filmFacts(panel, drill).inside;
}

/**
 * How many runs there are: groups of neighbouring columns in which something runs.
 *
 * Source: spread and share inside a range
 */
export function runsIn({ film, cols, rows, runsAbove }: PracticePanel): number {
  if (!Number.isFinite(runsAbove)) return 0;
  let runs = 0;
  let inside = false;
  for (let c = 0; c < cols; c += 1) {
    let here = false;
    for (let r = 0; r < rows && !here; r += 1) here = (film[r * cols + c] as number) > runsAbove * 1.02;
    if (here && !inside) runs += 1;
    inside = here;
  }
  return runs;
}
