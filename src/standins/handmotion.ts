import { gaussian, seeded, seedFrom, type Random } from '@/core/random';

/** Three numbers: along, up and out from the face for a place; about those axes for a turn. */
type Three = readonly [number, number, number];

/** One line of a made-up recording, as a phone would feel it. */
export interface FeltSample {
  readonly t: number;
  readonly a: Three;
  readonly w: Three;
}

/** What a made-up hand does, and what is wrong with its phone. SI; rad. */
export interface HandMood {
  readonly seed: string;
  /** m between turn-rounds, and how many strokes. */
  readonly length: number;
  readonly strokes: number;
  /** m/s over the face. */
  readonly speed: number;
  readonly spacing?: number;
  readonly lies?: 'upright' | 'flat' | 'overhead';
  /** How much the speed differs from stroke to stroke, and swells in the middle of each, shares. */
  readonly speedSpread?: number;
  readonly swell?: number;
  /** Strokes done at another speed, by number from 0: ×. */
  readonly rushed?: Readonly<Record<number, number>>;
  /** rad across the fan: always, gained over the face, and swung from end to end of a stroke. */
  readonly tilt?: number;
  readonly tiltGain?: number;
  readonly arc?: number;
  /** s of a turn-round; what it takes of the way grows with it. */
  readonly turns?: number;
  /** s the gun stands after these strokes, by number from 0. */
  readonly pauses?: Readonly<Record<number, number>>;
  /** s held square at first; none where it is not shown. */
  readonly shows?: number;
  /** Hz, share of samples lost, longest hole in s, and how uneven the beat is. */
  readonly rate?: number;
  readonly lost?: number;
  readonly hole?: number;
  readonly jitter?: number;
  /** rad about an axis by chance that the phone is mounted off; upside down is π. */
  readonly mounted?: number;
  /** m/s² and rad/s of bias, and what both wander by in a minute. */
  readonly push?: number;
  readonly spin?: number;
  readonly wander?: number;
  readonly tremor?: number;
}

/** What truly was done, for whoever judges a judge. */
export interface HandTruth {
  readonly speeds: readonly number[];
  readonly seconds: readonly number[];
  readonly tilts: readonly number[];
}

interface Pose {
  readonly at: Three;
  /** Rotation by its rows. */
  readonly turn: readonly [Three, Three, Three];
}

const multiply = (a: Pose['turn'], b: Pose['turn']): Pose['turn'] =>
  [0, 1, 2].map((r) =>
    [0, 1, 2].map((c) => [0, 1, 2].reduce((sum, k) => sum + (a[r]?.[k] ?? 0) * (b[k]?.[c] ?? 0), 0)),
  ) as unknown as Pose['turn'];
const transposed = (a: Pose['turn']): Pose['turn'] =>
  [0, 1, 2].map((r) => [0, 1, 2].map((c) => a[c]?.[r] ?? 0)) as unknown as Pose['turn'];
const applied = (a: Pose['turn'], v: Three): Three =>
  a.map((row) => row[0] * v[0] + row[1] * v[1] + row[2] * v[2]) as unknown as Three;

/** Rodrigues: a turn about an axis one long. */
function turnAbout([x, y, z]: Three, angle: number): Pose['turn'] {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const k = 1 - c;
  return [
    [c + x * x * k, x * y * k - z * s, x * z * k + y * s],
    [y * x * k + z * s, c + y * y * k, y * z * k - x * s],
    [z * x * k - y * s, z * y * k + x * s, c + z * z * k],
  ];
}

const weight = 9.80665;
const beat = 0.002;

/** The speed along a stroke, as a share of its top, at a share of its time: up over `soft`, level or swelling, and down. */
function shape(u: number, soft: number, swell: number): number {
  const rise = Math.min(Math.max(Math.min(u, 1 - u) / soft, 0), 1);
  return Math.sin((Math.PI / 2) * rise) ** 2 * (1 + swell * Math.sin(Math.PI * u));
}

/**
 * A made-up recording of a hand that sprays a face, with its truth: to and fro, a spacing on after each, turned round
 * hard or softly, tilted, swung, resting; felt by a phone that is mounted crookedly, trembles, leans and loses samples.
 */
export function handMotion(mood: HandMood): {
  readonly samples: readonly FeltSample[];
  readonly truth: HandTruth;
} {
  const {
    seed,
    length,
    strokes,
    speed,
    spacing = 0.12,
    lies = 'upright',
    speedSpread = 0.04,
    swell = 0,
    rushed = {},
    tilt = 0,
    tiltGain = 0,
    arc = 0,
    turns = 0.35,
    pauses = {},
    shows = 1.5,
    rate = 60,
    lost = 0.01,
    hole = 0,
    jitter = 0.1,
    mounted = 0.2,
    push = 0.03,
    spin = 0.01,
    wander = 0.5,
    tremor = 1,
  } = mood;
  const random = seeded(seedFrom(seed));
  const stretch: {
    from: number;
    lasts: number;
    way: number;
    row: number;
    top: number;
    soft: number;
    lean: number;
  }[] = [];
  const speeds: number[] = [];
  const seconds: number[] = [];
  const tilts: number[] = [];
  let clock = Math.max(shows, 0.3);
  for (let i = 0; i < strokes; i += 1) {
    const own = speed * (rushed[i] ?? 1) * (1 + speedSpread * gaussian(random));
    // Half of a turn-round lies in each of the two strokes it parts.
    const lasts0 = length / own;
    const soft = Math.min(turns / 2 / (lasts0 + turns / 2), 0.45);
    const area = integral(soft, swell);
    // The top is chosen so that over the middle of the way the gun moves as it was asked to.
    const top = own / overMiddle(soft, swell);
    const lasts = length / (top * area);
    const lean = tilt + (strokes > 1 ? (tiltGain * i) / (strokes - 1) : 0);
    stretch.push({ from: clock, lasts, way: i % 2 === 0 ? 1 : -1, row: i, top, soft, lean });
    speeds.push(own);
    seconds.push(lasts);
    tilts.push(lean);
    clock += lasts + (pauses[i] ?? 0);
  }
  const end = clock + 0.8;
  const axis = unitOf([gaussian(random), gaussian(random), gaussian(random)]);
  const mount = turnAbout(axis, mounted);
  const shake = [0, 1, 2].map(() => ({ pace: 5 + 4 * random(), at: 2 * Math.PI * random() }));
  const steps = Math.ceil(end / beat);
  const place = new Float64Array(steps + 1);
  for (let i = 1, k = 0; i <= steps; i += 1) {
    const t = i * beat;
    while (k + 1 < stretch.length && t >= (stretch[k + 1]?.from ?? Infinity)) k += 1;
    const own = stretch[k];
    const going = own && t >= own.from && t < own.from + own.lasts;
    const pace = going ? own.way * own.top * shape((t - own.from) / own.lasts, own.soft, swell) : 0;
    place[i] = (place[i - 1] as number) + pace * beat;
  }
  // Nobody steps a row on in less than this.
  const stepping = Math.max(turns, 0.5);
  const poseAt = (i: number): Pose => {
    const t = i * beat;
    const own = stretch.findLast(({ from }) => t >= from) ??
      stretch[0] ?? { row: 0, lean: 0, from: 0, lasts: 1 };
    const next = stretch[own.row + 1];
    // From one row to the next it moves, and comes to the next stroke’s lean, over the turn.
    const before = stretch[own.row - 1];
    const done = (of: { from: number; lasts: number } | undefined) =>
      of ? smooth((t - (of.from + of.lasts - stepping / 2)) / stepping) : 1;
    const [left, ahead] = [1 - done(before), next ? done(own) : 0];
    const row = own.row + ahead - left;
    const lean =
      own.lean +
      ((next?.lean ?? own.lean) - own.lean) * ahead -
      (own.lean - (before?.lean ?? own.lean)) * left;
    const share = ((place[Math.min(i, steps)] as number) / length) * 2 - 1;
    const sway = shake.map(({ pace, at }) => Math.sin(2 * Math.PI * pace * t + at));
    const begun = t >= (stretch[0]?.from ?? 0) - 0.3;
    const held = begun ? smooth((t - ((stretch[0]?.from ?? 0) - 0.3)) / 0.3) : 0;
    const tremble = 0.004 * tremor;
    const about: Three = [
      lean * held + tremble * (sway[0] ?? 0),
      // The hand that shows the gun square holds it at one end, and square.
      (arc / 2) * (share + 1) * held + tremble * (sway[1] ?? 0),
      tremble * (sway[2] ?? 0),
    ];
    const turn = multiply(
      turnAbout([0, 1, 0], about[1]),
      multiply(turnAbout([1, 0, 0], about[0]), turnAbout([0, 0, 1], about[2])),
    );
    const rest = 0.0002 * tremor;
    return {
      at: [
        (place[Math.min(i, steps)] as number) + rest * (sway[1] ?? 0),
        -row * spacing + rest * (sway[2] ?? 0),
        rest * (sway[0] ?? 0),
      ],
      turn,
    };
  };
  // Along and up as the face stands: a flat face has its rows level.
  const down: Three = lies === 'upright' ? [0, 1, 0] : [0, 0, 1];
  const samples: FeltSample[] = [];
  const wandered: number[] = [0, 0, 0, 0, 0, 0];
  const leans = [0, 1, 2, 3, 4, 5].map(() => gaussian(random));
  const holeAt = hole > 0 ? shows + (end - shows) * (0.3 + 0.4 * random()) : Infinity;
  for (let t = 4 * beat; t < end - 4 * beat;) {
    const i = Math.round(t / beat);
    const span = 3;
    const [before, now, after] = [poseAt(i - span), poseAt(i), poseAt(i + span)] as const;
    const gap = span * beat;
    const force = [0, 1, 2].map(
      (k) =>
        ((after.at[k] ?? 0) - 2 * (now.at[k] ?? 0) + (before.at[k] ?? 0)) / gap ** 2 +
        weight * (down[k] ?? 0),
    ) as unknown as Three;
    const felt = applied(mount, applied(transposed(now.turn), force));
    // Turned from before to after, seen in the phone’s own axes.
    const between = multiply(transposed(before.turn), after.turn);
    const spun = applied(mount, [
      ((between[2]?.[1] ?? 0) - (between[1]?.[2] ?? 0)) / 2 / (2 * gap),
      ((between[0]?.[2] ?? 0) - (between[2]?.[0] ?? 0)) / 2 / (2 * gap),
      ((between[1]?.[0] ?? 0) - (between[0]?.[1] ?? 0)) / 2 / (2 * gap),
    ]);
    const noise = (level: number, k: number, scale: number) => {
      wandered[k] = (wandered[k] ?? 0) + scale * wander * gaussian(random) * Math.sqrt(1 / rate / 60);
      return scale * (leans[k] ?? 0) + (wandered[k] ?? 0) + level * gaussian(random);
    };
    const sample: FeltSample = {
      t,
      a: felt.map((each, k) => each + noise(0.06, k, push)) as unknown as Three,
      w: spun.map((each, k) => each + noise(0.008, k + 3, spin)) as unknown as Three,
    };
    const inHole = t > holeAt && t < holeAt + hole;
    if (!inHole && random() >= lost) samples.push(sample);
    t += Math.max((1 / rate) * (1 + jitter * gaussian(random)), 2 * beat);
  }
  return { samples, truth: { speeds, seconds, tilts } };
}

const smooth = (u: number): number => {
  const k = Math.min(Math.max(u, 0), 1);
  return k * k * (3 - 2 * k);
};
const unitOf = ([x, y, z]: Three): Three => {
  const long = Math.hypot(x, y, z) || 1;
  return [x / long, y / long, z / long];
};

const parts = 400;
/** The area under a shape of top one, over a time of one. */
function integral(soft: number, swell: number): number {
  let sum = 0;
  for (let i = 0; i < parts; i += 1) sum += shape((i + 0.5) / parts, soft, swell) / parts;
  return sum;
}
/** Its mean over the middle of the way. */
function overMiddle(soft: number, swell: number): number {
  const all = Array.from({ length: parts }, (_, i) => shape((i + 0.5) / parts, soft, swell));
  const total = all.reduce((sum, each) => sum + each, 0);
  let gone = 0;
  const inner = all.filter((each) => {
    gone += each;
    return gone > 0.15 * total && gone < 0.85 * total;
  });
  return inner.reduce((sum, each) => sum + each, 0) / inner.length;
}

/** The random hand of a day, for a stand-in that is asked to be somebody. */
export const someHand = (
  seed: string,
): Pick<HandMood, 'speedSpread' | 'arc' | 'tilt' | 'turns' | 'mounted'> => {
  const random: Random = seeded(seedFrom(`hand/${seed}`));
  return {
    speedSpread: 0.04 + 0.06 * random(),
    arc: 0.3 * random(),
    tilt: 0.06 * (random() - 0.5),
    turns: 0.25 + 0.4 * random(),
    mounted: 0.5 * random(),
  };
};
