import { refuse, type Outcome } from '../refusal';
import { attitudeOf, leanOf, middle, smoothed, stillAtFirst } from './attitude';
import { evened, fairRate, type MotionSample } from './recording';
import {
  axisOf,
  back,
  cross,
  dot,
  mainAxis,
  plus,
  rotate,
  times,
  turned,
  unit,
  type Turn,
  type Vec,
} from './vector';

/** What the strokes were meant to be, from the face and the gun’s setting. */
export interface MotionPlan {
  /** m between turn-rounds, what is beyond the part with it. */
  readonly length: number;
  readonly strokes: number;
  /** m/s */
  readonly speed: number;
  readonly lies: 'upright' | 'flat' | 'overhead';
}

export type StrokeFault = 'fast' | 'slow' | 'uneven' | 'tilted' | 'arced';

/** One stroke as the hand did it. */
export interface HandStroke {
  /** s after the recording began. */
  readonly began: number;
  readonly seconds: number;
  /** m/s over the face, its turn-rounds left out; and how much it varied there, as a share. */
  readonly speed: number;
  readonly varied: number;
  /** rad the gun was tilted across the fan, against how it was held at first; rad it was swung from end to end. */
  readonly tilt: number;
  readonly arc: number;
  readonly out: readonly StrokeFault[];
  /** Samples were missing in it. */
  readonly doubtful?: true;
}

export interface HandSeen {
  readonly strokes: readonly HandStroke[];
  /** m/s, its spread from stroke to stroke as a share, and within strokes. */
  readonly speed: number;
  readonly speedSpread: number;
  readonly varied: number;
  /** rad: on the average, its spread, and what it gained from the first stroke to the last. */
  readonly tilt: number;
  readonly tiltSpread: number;
  readonly tiltGain: number;
  /** rad the wrist swings from end to end of a stroke. */
  readonly arc: number;
  /** s the gun stood between strokes. */
  readonly pauses: readonly number[];
  /** How the gun is held square was not shown at first: tilt counts from the middle of all strokes. */
  readonly unshown: boolean;
  /** The strokes run up and down: no weight tells how the gun tilts about that. */
  readonly tiltUnknown: boolean;
  /** Felt too seldom to say how even a stroke was. */
  readonly coarse: boolean;
}

/** What is out: shares of the speed, rad. Defaults: an even film bears so much. */
export const outBy = {
  speed: 0.15,
  varied: 0.2,
  tilt: (5 * Math.PI) / 180,
  arc: (12 * Math.PI) / 180,
} as const;
/**
 * What is out in a stroke against the speed that was planned; how even it was is not judged where it was felt too seldom.
 *
 * Source: estimate
 * @example outOf({ speed: 0.5, varied: 0.1, tilt: 0.2, arc: 0.1 }, 0.4, false) → ['fast', 'tilted']
 */
export function outOf(
  { speed, varied, tilt, arc }: Pick<HandStroke, 'speed' | 'varied' | 'tilt' | 'arc'>,
  planned: number,
  coarse: boolean,
): StrokeFault[] {
  const off = speed / planned - 1;
  return [
    ...(off > outBy.speed ? (['fast'] as const) : off < -outBy.speed ? (['slow'] as const) : []),
    ...(varied > outBy.varied && !coarse ? (['uneven'] as const) : []),
    ...(Math.abs(tilt) > outBy.tilt ? (['tilted'] as const) : []),
    ...(arc > outBy.arc ? (['arced'] as const) : []),
  ];
}

/** A stand of this long between strokes is a pause, s. */
const pauseFrom = 0.6;

/** Steps in which the gun goes one way, the other, or stands. */
type Way = -1 | 0 | 1;

/** Cumulative sum over time. */
function integrated(values: readonly number[], dt: number): number[] {
  let sum = 0;
  return values.map((each) => (sum += each * dt));
}

/** Weighed straight line through a window around every step: what a slow drift is, jumps of the hand left out. */
function drifting(values: readonly number[], reach: number, counts?: readonly boolean[]): number[] {
  const n = values.length;
  const [s0, s1, sv, ss, st] = [1, 2, 3, 4, 5].map(() => new Float64Array(n + 1)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  values.forEach((value, i) => {
    const own = counts?.[i] === false ? 0 : 1;
    s0[i + 1] = (s0[i] as number) + own;
    s1[i + 1] = (s1[i] as number) + own * i;
    ss[i + 1] = (ss[i] as number) + own * i * i;
    sv[i + 1] = (sv[i] as number) + own * value;
    st[i + 1] = (st[i] as number) + own * value * i;
  });
  return values.map((_value, i) => {
    const [from, to] = [Math.max(i - reach, 0), Math.min(i + reach + 1, n)];
    const sum = (of: Float64Array) => (of[to] as number) - (of[from] as number);
    const [c, x, xx, v, xv] = [sum(s0), sum(s1), sum(ss), sum(sv), sum(st)];
    const below = c * xx - x * x;
    if (below <= 0) return v / Math.max(c, 1);
    const slope = (c * xv - x * v) / below;
    return (v - slope * x) / c + slope * i;
  });
}

const mean = (values: readonly number[]): number =>
  values.length === 0 ? 0 : values.reduce((sum, each) => sum + each, 0) / values.length;
const spread = (values: readonly number[]): number => {
  if (values.length < 2) return 0;
  const m = mean(values);
  return Math.sqrt(values.reduce((sum, each) => sum + (each - m) ** 2, 0) / (values.length - 1));
};
/** Slope of values by their number. */
const slope = (values: readonly number[]): number => {
  const m = (values.length - 1) / 2;
  const below = values.reduce((sum, _each, i) => sum + (i - m) ** 2, 0);
  return below > 0 ? values.reduce((sum, each, i) => sum + (i - m) * each, 0) / below : 0;
};

/** A turn-round is looked at over this long to either side at most, s: what drifts meanwhile is little. */
const turnReach = 0.9;
/** What the speed always changes by is looked for over this long to either side, s. */
const around = 4;

const reachOf = (stroke: number, dt: number): number =>
  Math.max(Math.round(Math.min(0.4 * stroke, turnReach / dt)), 2);

/** The middle of a peak whose top is flat: as far to either side as most of it holds. */
function middleOf(change: readonly number[], at: number): number {
  const least = 0.7 * Math.abs(change[at] as number);
  const way = Math.sign(change[at] as number);
  const out = (step: 1 | -1): number => {
    let i = at;
    while ((change[i + step] ?? 0) * way > least) i += step;
    return i;
  };
  return (out(-1) + out(1)) >> 1;
}

/**
 * How much the speed changes over a turn-round’s reach on either side of each step, what it always changes by taken off: the
 * mean over whole strokes to and fro, or of long strokes the middle of what lies around.
 */
function changes(speed: readonly number[], stroke: number, dt: number): number[] {
  const n = speed.length;
  const half = reachOf(stroke, dt);
  // Nearer to an end than that there is nothing to hold it against.
  const change = speed.map((_each, i) => {
    const at = Math.min(Math.max(i, half), Math.max(n - 1 - half, half));
    return (speed[Math.min(at + half, n - 1)] as number) - (speed[Math.max(at - half, 0)] as number);
  });
  const long = stroke * dt > around;
  const reach = long ? Math.round(around / dt) : stroke * Math.max(Math.round(3 / dt / stroke), 1);
  const usual = long ? movingMiddle(change, reach) : movingMean(change, reach);
  // Near an end half a window is one-sided: what holds a whole window further in holds there too.
  const whole = Math.min(reach, n >> 1);
  return change.map((each, i) => each - (usual[Math.min(Math.max(i, whole), n - 1 - whole)] ?? 0));
}

/** The middle of what lies around each step, found on a coarse grid and drawn out between. */
function movingMiddle(values: readonly number[], reach: number): number[] {
  const stride = Math.max(reach >> 4, 1);
  const grid: number[] = [];
  for (let i = 0; i < values.length + stride; i += stride) {
    const own: number[] = [];
    for (let k = Math.max(i - reach, 0); k < Math.min(i + reach + 1, values.length); k += stride)
      own.push(values[k] as number);
    grid.push(middle(own));
  }
  return values.map((_each, i) => {
    const k = Math.floor(i / stride);
    const [low, high] = [grid[k] ?? 0, grid[k + 1] ?? grid[k] ?? 0];
    return low + ((high - low) * (i - k * stride)) / stride;
  });
}

function movingMean(values: readonly number[], reach: number): number[] {
  const sums = [0];
  for (const each of values) sums.push((sums.at(-1) as number) + each);
  return values.map((_each, i) => {
    const [from, to] = [Math.max(i - reach, 0), Math.min(i + reach + 1, values.length)];
    return ((sums[to] as number) - (sums[from] as number)) / (to - from);
  });
}

/** The direction the gun goes to and fro in: that in which its speed changes most from stroke to stroke. A step on ends as it began, and does not show. */
function directionOf(push: readonly Vec[], dt: number, expected: number): Vec {
  const each = ([0, 1, 2] as const).map((k) =>
    changes(
      integrated(
        push.map((all) => all[k]),
        dt,
      ),
      Math.round(expected / dt),
      dt,
    ),
  );
  return mainAxis(push.map((_all, i): Vec => [each[0]?.[i] ?? 0, each[1]?.[i] ?? 0, each[2]?.[i] ?? 0]));
}

/** Steps a stroke takes, from the speed’s own changes: what comes back the other way after so long. */
function strokeSteps(raw: readonly number[], dt: number, expected: number): number {
  // Turns are seconds apart: a tenth of a second more or less tells nothing.
  const stride = Math.max(Math.round(0.06 / dt), 1);
  const soft = changes(raw, Math.round((0.6 * expected) / dt), dt).filter((_each, i) => i % stride === 0);
  const m = mean(soft);
  const own = soft.map((each) => each - m);
  const [from, to] = [0.48, 2.4].map((k) => Math.round((k * expected) / dt / stride)) as [number, number];
  const against: { readonly lag: number; readonly same: number }[] = [];
  for (let lag = Math.max(from, 2); lag <= Math.min(to, own.length - 4); lag += 1) {
    let sum = 0;
    for (let i = lag; i < own.length; i += 1) sum += (own[i] as number) * (own[i - lag] as number);
    against.push({ lag, same: sum });
  }
  const least = Math.min(...against.map(({ same }) => same), 0);
  // Of what goes against itself nearly as much the shortest is a stroke: three of them do so too.
  const near = against.findIndex(({ same }) => same < 0.7 * least);
  if (near < 0) return Math.round(expected / dt);
  let best = near;
  while (best + 1 < against.length && (against[best + 1]?.same ?? 0) <= (against[best]?.same ?? 0)) best += 1;
  return Math.max((against[best]?.lag ?? 1) * stride, 4);
}

/** Where the gun turns round, begins or stops, and which way it goes from there. */
interface Turning {
  readonly at: number;
  readonly way: Way;
}

/**
 * Turns, begins and stops, each by how much the speed changes there and there alone: a slow drift has no part in it.
 * Between two strokes it changes by twice their speed, where the gun begins or stops by once.
 */
function turnings(raw: readonly number[], stroke: number, dt: number): Turning[] {
  const change = changes(raw, stroke, dt);
  const size = change.map(Math.abs);
  const large = some(size).sort((a, b) => a - b);
  const most = large[Math.floor(large.length * 0.93)] ?? 0;
  const near = Math.round(0.35 * stroke);
  const peaks: { at: number; by: number }[] = [];
  // Nearer to an end than a turn’s reach nothing new is seen.
  const clear = reachOf(stroke, dt);
  const short = clear * dt < turnReach * 0.98;
  for (let i = clear; i < size.length - clear; i += 1) {
    const each = size[i] as number;
    if (each < 0.3 * most) continue;
    // Whatever is larger hides it; of short strokes a turn back stands close beside it, and hides it only where it is much larger.
    let highest = true;
    for (let k = Math.max(i - near, 0); k <= Math.min(i + near, size.length - 1) && highest; k += 1) {
      const other = size[k] as number;
      const same = (change[k] as number) * (change[i] as number) > 0;
      if (same ? other > each || (other === each && k < i) : other > (short ? 1.6 : 1) * each)
        highest = false;
    }
    if (highest) peaks.push({ at: middleOf(change, i), by: change[i] as number });
  }
  const whole = middle(peaks.map(({ by }) => Math.abs(by)).filter((each) => each > 0.6 * most));
  const found: Turning[] = [];
  let way: Way = 0;
  let before = 0;
  for (const [i, { at, by }] of peaks.entries()) {
    const to = by > 0 ? 1 : -1;
    // So near to an end of the recording there is no stroke beyond it: there the gun begins or stops.
    const first = at < 0.5 * stroke;
    const last = raw.length - at < 0.5 * stroke;
    const turns = Math.abs(by) > 0.72 * whole && !first && !last;
    if (turns) {
      // The recording began in the middle of a stroke.
      if (i === 0) found.push({ at: 0, way: to > 0 ? -1 : 1 });
      // Nobody turns out of a rest: what looked like a stop was a turn.
      else if (way === 0 && at - before > 0.5 * stroke)
        found[found.length - 1] = { at: found.at(-1)?.at ?? 0, way: to > 0 ? -1 : 1 };
      // Twice the same way: it came back between the two, less plainly.
      else if (way === to) {
        const missed = turnBetween(change, before + near, at - near, -to);
        if (missed !== undefined) found.push({ at: missed, way: to > 0 ? -1 : 1 });
      }
      if (found.at(-1)?.way !== to) found.push({ at, way: (way = to) });
    } else if (way === 0 && !last) found.push({ at, way: (way = to) });
    else if (way !== 0 && to !== way) found.push({ at, way: (way = 0) });
    before = at;
  }
  return found;
}

/** Where the speed changes most in this direction between two steps; nowhere where it does not. */
function turnBetween(change: readonly number[], from: number, to: number, way: number): number | undefined {
  let best: number | undefined;
  for (let i = from; i < to; i += 1)
    if ((change[i] as number) * way > Math.max((change[best ?? -1] ?? 0) * way, 0)) best = i;
  return best;
}

/** Which way the gun goes at every step, and its speed with the drift of the sensor taken off. */
function waysOf(push: readonly number[], dt: number, expected: number): { ways: Way[]; speed: number[] } {
  const raw = integrated(push, dt);
  const stroke = strokeSteps(raw, dt, expected);
  let turns = turnings(raw, stroke, dt);
  const reach = reachOf(stroke, dt);
  let level = middle(
    turns.map(({ at, way }, i) => {
      const change =
        (raw[Math.min(at + reach, raw.length - 1)] as number) - (raw[Math.max(at - reach, 0)] as number);
      return Math.abs(change) / (Math.abs(way - (turns[i - 1]?.way ?? 0)) || 1);
    }),
  );
  // The drift is read off the level parts of strokes and rests; on its way from one to another the gun is on neither.
  const close = Math.round(Math.min(0.28 * stroke, turnReach / dt));
  let [ways, speed] = [waysAt(turns, raw.length), raw];
  for (let round = 0; round < 4; round += 1) {
    const counts = new Array<boolean>(raw.length).fill(true);
    for (const { at } of turns) counts.fill(false, Math.max(at - close, 0), at + close);
    const left = raw.map((each, i) => each - level * (ways[i] as number));
    const drift = drifting(left, Math.round(1.6 * stroke), counts);
    speed = raw.map((each, i) => each - (drift[i] as number));
    const going = speed.filter((_each, i) => ways[i] !== 0 && counts[i]).map(Math.abs);
    if (going.length > 0) level = middle(some(going));
    turns = placed(turns, speed, level, stroke);
    ways = waysAt(turns, raw.length);
  }
  return { ways, speed };
}

function waysAt(turns: readonly Turning[], steps: number): Way[] {
  const ways = new Array<Way>(steps).fill(0);
  turns.forEach(({ at, way }, i) => ways.fill(way, at, turns[i + 1]?.at ?? steps));
  return ways;
}

/** Where the gun begins and stops, by its speed: half of its level is passed there. */
function placed(
  turns: readonly Turning[],
  speed: readonly number[],
  level: number,
  stroke: number,
): Turning[] {
  return turns.map((each, i) => {
    const before = turns[i - 1]?.way ?? 0;
    if (each.at === 0 || (before !== 0 && each.way !== 0)) return each;
    const way = each.way === 0 ? before : each.way;
    // From well inside the stroke outwards, to where it is no longer under way.
    const out = each.way === 0 ? 1 : -1;
    const inside = each.at - out * Math.round(0.3 * stroke);
    const most = Math.round(0.9 * stroke);
    for (let k = 0; k < most; k += 1) {
      const at = inside + out * k;
      if (at <= 0 || at >= speed.length - 1)
        return { ...each, at: Math.min(Math.max(at, 1), speed.length - 1) };
      if ((speed[at] as number) * way < level / 2) return { ...each, at };
    }
    return each;
  });
}

/** Every few of many: as good for a middle, and sorted in no time. */
const some = (values: readonly number[]): number[] => {
  const step = Math.max(values.length >> 8, 1);
  return step === 1 ? [...values] : values.filter((_each, i) => i % step === 0);
};

interface Run {
  readonly way: Way;
  readonly from: number;
  readonly to: number;
}

function runsOf(ways: readonly Way[]): Run[] {
  const runs: { way: Way; from: number; to: number }[] = [];
  ways.forEach((way, i) => {
    const last = runs.at(-1);
    if (last && last.way === way) last.to = i + 1;
    else runs.push({ way, from: i, to: i + 1 });
  });
  return runs;
}

/** Strokes as ranges of steps: flickers are taken up by what they interrupt, what is too short is none. */
function strokesIn(ways: readonly Way[], dt: number): Run[] {
  let runs = runsOf(ways).filter(({ way }) => way !== 0);
  const join = () => {
    const joined: Run[] = [];
    for (const run of runs) {
      const last = joined.at(-1);
      // The same way again after a breath: one stroke. After a stand it is another, that begins where the first ended.
      if (last && last.way === run.way && run.from - last.to < 0.35 / dt)
        joined[joined.length - 1] = { ...last, to: run.to };
      else joined.push(run);
    }
    runs = joined;
  };
  join();
  const typical = middle(
    runs.filter(({ from, to }) => to - from > 0.3 / dt).map(({ from, to }) => to - from),
  );
  runs = runs.filter(({ from, to }) => to - from > 0.4 * typical);
  join();
  return runs;
}

/**
 * Where a run truly begins and ends: at the turn between two ways. At its first and last end it comes up from nothing as it
 * does after a turn: so long before it has half of its speed, which can be told where nothing itself cannot.
 */
function edges(
  runs: readonly Run[],
  speed: readonly number[],
  dt: number,
): { from: number; to: number; way: Way }[] {
  const near = Math.round(pauseFrom / dt);
  const half = (run: Run, end: -1 | 1): number => {
    const level = middle(speed.slice(run.from, run.to).map(Math.abs));
    const most = Math.round((run.to - run.from) / 2) + near;
    let i = (run.from + run.to) >> 1;
    for (let steps = 0; steps < most && i > 0 && i < speed.length - 1; steps += 1, i += end)
      if ((speed[i] as number) * run.way < level / 2) break;
    return i;
  };
  const found = runs.map((run) => ({ way: run.way, from: half(run, -1), to: half(run, 1) }));
  const turned: { before: (typeof found)[number]; after: (typeof found)[number] }[] = [];
  found.slice(1).forEach((after, i) => {
    const before = found[i];
    if (before && after.from - before.to <= near * 2 && before.way !== after.way)
      turned.push({ before, after });
  });
  const rises =
    middle(turned.map(({ before, after }) => Math.max(after.from - before.to, 2) / 2)) || near / 4;
  const free = { from: new Set(found), to: new Set(found) };
  for (const { before, after } of turned) {
    free.to.delete(before);
    free.from.delete(after);
    // One turn between the two: where the speed is nought.
    let at = (before.to + after.from) >> 1;
    for (let k = Math.min(before.to, after.from); k <= Math.max(before.to, after.from); k += 1)
      if (Math.abs(speed[k] ?? 0) < Math.abs(speed[at] ?? Infinity)) at = k;
    before.to = at;
    after.from = at;
  }
  for (const each of free.from) each.from = Math.max(Math.round(each.from - rises), 0);
  for (const each of free.to) each.to = Math.min(Math.round(each.to + rises), speed.length - 1);
  const typical = middle(found.map(({ from, to }) => to - from));
  return found.filter(({ from, to }) => to - from > 0.35 * typical);
}

/**
 * What a hand did, from the phone on its gun or wrist: how many strokes, each with its time, its speed over the face (the
 * length of a stroke is known from the face), how even it was, how the gun was tilted and swung.
 *
 * The speed is the shape of the push along the strokes, stood on the ground at every turn and stretched to the length:
 * neither the scale of the sensor nor its drift comes into it. Tilt is how weight points against the first square hold.
 *
 * @returns refuses a recording that tells nothing, and one in which nothing goes to and fro
 * Source: estimate
 */
export function coach(samples: readonly MotionSample[], plan: MotionPlan): Outcome<HandSeen> {
  const recording = evened(samples);
  if (!('dt' in recording)) return recording;
  const { dt, gap, rate } = recording;
  const expected = plan.length / plan.speed;
  let { turn, push } = attitudeOf(recording, stillAtFirst(recording));
  let found = goneOver(push, dt, expected);
  // Once it is known how the gun is pushed to and fro, weight is told from it better, and the push with it.
  for (let round = 0; round < 2 && found.runs.length > 1; round += 1) {
    const pushedBy = pushOf(found, plan.length, dt);
    const known = turn.map((each, i) => rotate(back(each), times(found.along, pushedBy[i] as number)));
    ({ turn, push } = attitudeOf(recording, shownBefore(found, dt), known));
    found = goneOver(push, dt, expected);
  }
  const { along, speed, runs, typicalPush } = found;
  const lasts = runs.map(({ from, to }) => to - from);
  if (runs.length === 0 || typicalPush < 0.01)
    return refuse('no-strokes', 'Nothing in it goes to and fro. Was the phone fast to the gun?');
  // Strokes of one face are alike: where they are not, what was found are not they.
  if (Math.max(...lasts) > 2.6 * middle(lasts) || middle(lasts) * dt > 4 * expected)
    return refuse(
      'unclear',
      'Its strokes do not stand out: the phone was loose, or shook too much. Fasten it, hold the gun square for two seconds, and record again.',
    );
  const upDown = leanOf(along) > Math.PI / 4;
  const square = squareHold(dt, turn, runs);
  // Turned about the stroke it tilts across the fan; about what stands square to stroke and face it swings.
  const normal: Vec = plan.lies === 'upright' ? unit(cross(along, [0, 0, 1])) : [0, 0, 1];
  const swing = unit(cross(along, upDown ? unit(cross(along, [1, 0, 0])) : normal));
  const turns = turn.map((each) => axisOf(turned(each, back(square.turn))));
  const rates = runs.map(({ from, to }) => slope(turns.slice(from, to).map((each) => dot(each, swing))));
  const strokes = runs.map((run, i): HandStroke => {
    const { from, to } = run;
    const seconds = (to - from) * dt;
    const shape = grounded(speed.slice(from, to + 1)).map((each) => each * run.way);
    const area = shape.reduce((sum, each) => sum + each * dt, 0);
    const scale = area > 0 ? plan.length / area : 0;
    const over = middlePart(shape, 0.15).map((each) => each * scale);
    const speedOver = over.length > 0 ? mean(over) : plan.length / seconds;
    const inner = turns.slice(from + Math.round((to - from) * 0.15), to - Math.round((to - from) * 0.15));
    const tilt = middle(inner.map((each) => dot(each, along)));
    // To and fro the wrist swings one way and back; what stays is the sensor’s own drift.
    const beside = [rates[i - 1], rates[i + 1]].filter((each) => each !== undefined);
    const drift = beside.length > 0 ? ((rates[i] ?? 0) + mean(beside)) / 2 : 0;
    const arc = Math.abs((rates[i] ?? 0) - drift) * (to - from);
    const varied = speedOver > 0 ? spread(smoothedNumbers(over, Math.round(0.1 / dt))) / speedOver : 0;
    const stroke = { speed: speedOver, varied, tilt: upDown ? 0 : tilt, arc };
    return {
      began: from * dt,
      seconds,
      ...stroke,
      out: outOf(stroke, plan.speed, rate < fairRate),
      ...(gap.slice(from, to).some(Boolean) ? { doubtful: true as const } : {}),
    };
  });
  // A stroke with a hole in it is counted, and tells nothing else.
  const sure = strokes.some(({ doubtful }) => !doubtful)
    ? strokes.filter(({ doubtful }) => !doubtful)
    : strokes;
  const speeds = sure.map((each) => each.speed);
  const tilts = sure.map((each) => each.tilt);
  return {
    strokes,
    speed: mean(speeds),
    speedSpread: mean(speeds) > 0 ? spread(speeds) / mean(speeds) : 0,
    varied: mean(sure.map(({ varied }) => varied)),
    tilt: mean(tilts),
    tiltSpread: spread(tilts),
    tiltGain: slope(tilts) * Math.max(tilts.length - 1, 0),
    arc: mean(sure.map(({ arc }) => arc)),
    pauses: runs
      .slice(1)
      .map(({ from }, i) => (from - (runs[i]?.to ?? from)) * dt)
      .filter((each) => each >= pauseFrom),
    unshown: !square.shown,
    tiltUnknown: upDown,
    coarse: rate < fairRate,
  };
}

interface GoneOver {
  readonly along: Vec;
  readonly speed: readonly number[];
  readonly runs: readonly { readonly from: number; readonly to: number; readonly way: Way }[];
  readonly typicalPush: number;
}

/** The strokes in a push: their direction, the speed along it, and where each begins and ends. */
function goneOver(push: readonly Vec[], dt: number, expected: number): GoneOver {
  const soft = smoothed(push, Math.round(0.06 / dt));
  const along = directionOf(soft, dt, expected);
  const pushed = soft.map((each) => dot(each, along));
  const { ways, speed } = waysOf(pushed, dt, expected);
  return {
    along,
    speed,
    runs: edges(strokesIn(ways, dt), speed, dt),
    typicalPush: middle(pushed.map(Math.abs)),
  };
}

/** m/s² along the strokes that their speeds, stretched to their length, come from. */
function pushOf({ runs, speed }: GoneOver, length: number, dt: number): number[] {
  const along = new Array<number>(speed.length).fill(0);
  for (const { from, to } of runs) {
    const shape = grounded(speed.slice(from, to + 1));
    const area = Math.abs(shape.reduce((sum, each) => sum + each * dt, 0));
    const scale = area > 0 ? Math.min(length / area, 3) : 0;
    shape.forEach((each, i) => (along[from + i] = each * scale));
  }
  return along.map((_each, i) => ((along[i + 1] ?? 0) - (along[i - 1] ?? 0)) / (2 * dt));
}

/** s the gun is held square before the first stroke for that to show how square it is; and what just before it does not count. */
const [shownFrom, lifting] = [0.7, 0.35];

/** The steps before the first stroke in which the gun was held square. */
function shownBefore(
  { runs }: { readonly runs: readonly { readonly from: number }[] },
  dt: number,
): { readonly from: number; readonly to: number } | undefined {
  const to = (runs[0]?.from ?? 0) - Math.round(lifting / dt);
  return to * dt >= shownFrom ? { from: Math.max(to - Math.round(3 / dt), 0), to } : undefined;
}

/** How the gun stands when it is square: as it was held before the first stroke, else the middle of all strokes. */
function squareHold(
  dt: number,
  turn: readonly Turn[],
  runs: readonly { readonly from: number; readonly to: number }[],
): { readonly turn: Turn; readonly shown: boolean } {
  const held = shownBefore({ runs }, dt);
  if (held) return { turn: turn[(held.from + held.to) >> 1] as Turn, shown: true };
  // The middle of all: a rotation and small ones off it.
  const some = runs.map(({ from, to }) => turn[(from + to) >> 1] as Turn);
  const [one = turn[0] as Turn] = some;
  const off = times(
    some
      .map((each) => axisOf(turned(each, back(one))))
      .reduce((sum, each) => plus(sum, each), [0, 0, 0] as Vec),
    1 / Math.max(some.length, 1),
  );
  const half = Math.hypot(...off);
  const by: Turn =
    half > 1e-9
      ? [Math.cos(half / 2), ...(times(off, Math.sin(half / 2) / half) as [number, number, number])]
      : [1, 0, 0, 0];
  return { turn: turned(by, one), shown: false };
}

/** A stroke’s speed stood on nought at both its ends. */
function grounded(speed: readonly number[]): number[] {
  const [first = 0] = speed;
  const last = speed.at(-1) ?? 0;
  const n = Math.max(speed.length - 1, 1);
  return speed.map((each, i) => each - first - ((last - first) * i) / n);
}

/** What lies in the middle of the way, not of the time: a share of the length is left out at both ends. */
function middlePart(shape: readonly number[], share: number): number[] {
  const total = shape.reduce((sum, each) => sum + Math.max(each, 0), 0);
  let gone = 0;
  return shape.filter((each) => {
    gone += Math.max(each, 0);
    return gone > share * total && gone < (1 - share) * total;
  });
}

function smoothedNumbers(values: readonly number[], reach: number): number[] {
  return values.map((_each, i) => mean(values.slice(Math.max(i - reach, 0), i + reach + 1)));
}
