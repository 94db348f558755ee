import { seeded } from '../random';
import { isRefusal, refuse, type Outcome } from '../refusal';
import { transferAt } from '../airgun';
import { fieldFacts, filmField, type FieldGun } from './field';
import { erring, type Hand } from './hand';
import { fieldStrokes, surfaceOf, unfolded, type Passes } from './strokes';

export interface Span {
  readonly min: number;
  readonly max: number;
}

export interface OptimumQuestion {
  readonly gun: FieldGun;
  readonly passes: Omit<Passes, 'spacing' | 'speed' | 'fan' | 'distance'>;
  readonly hand: Hand;
  /** m wet: what the mean is to be, and between what every place should lie. */
  readonly aim: number;
  readonly limits: Span;
  /** Within what the hand and the gun stay: shares, m, m³/s, m/s. */
  readonly overlap: Span;
  readonly distance: Span;
  readonly flow: Span;
  readonly speed: Span;
  readonly want: 'even' | 'paint' | 'time';
  /** Hands tried for each setting. */
  readonly hands?: number;
}

export interface Candidate {
  readonly overlap: number;
  readonly distance: number;
  readonly flow: number;
  /** What follows from them and the aim: m/s, m. */
  readonly speed: number;
  readonly spacing: number;
  readonly fan: number;
  /** Expected share of the face outside its limits, m³ sprayed a coat, s with the trigger pulled and turning. */
  readonly outside: number;
  readonly paint: number;
  readonly seconds: number;
}

export interface Optimum {
  readonly best: Candidate;
  readonly tried: readonly Candidate[];
  /** Nothing else tried is both evener and thriftier (or quicker, where time was asked for): from even to thrifty. */
  readonly front: readonly Candidate[];
}

const rowsPerFan = 20;
const columns = 16;
/** s a hand takes to turn at the end of a stroke. A default. */
const turn = 0.6;
/** Paint or time may cost this share more of the face outside, no more. */
const allowed = 0.02;
/** The same hands meet every setting, so that settings differ and not luck. */
const seed = 20_261;

/**
 * What one setting does, its speed solved so that the mean film is the aim; undefined where no hand can follow.
 *
 * Source: mean over the same hands for all
 */
export function judgeSetting(
  question: OptimumQuestion,
  overlap: number,
  distance: number,
  flow: number,
): Outcome<Candidate> | undefined {
  const { passes, hand, aim, limits, speed: pace, hands = 16 } = question;
  const ratio = distance / question.gun.distance;
  const fan = question.gun.fan * ratio;
  const spacing = fan * (1 - overlap);
  const gun = { ...question.gun, flow };
  const guess = (flow * transferAt(gun.transfer, ratio, 1)) / (aim * spacing);
  const whole: Passes = { ...passes, fan, distance, spacing, speed: guess };
  const strokes = fieldStrokes(whole);
  if (isRefusal(strokes)) return strokes;
  const surface = surfaceOf(
    whole,
    Math.min(Math.ceil((unfolded(whole) / question.gun.fan) * rowsPerFan), 300),
  );
  const lay = (some: typeof strokes) =>
    filmField({ surface, along: whole.along, cols: columns, gun, strokes: some });
  const straight = lay(strokes);
  if (isRefusal(straight)) return straight;
  const first = fieldFacts(straight, limits);
  if (isRefusal(first)) return first;
  // Film goes with the inverse of speed: one run at a guess tells the speed that lays the aim.
  const speed = (guess * first.mean) / aim;
  if (!(speed >= pace.min && speed <= pace.max)) return undefined;
  const paced = strokes.map((stroke) => ({ ...stroke, speed }));
  const random = seeded(seed);
  let outside = 0;
  for (let i = 0; i < hands; i += 1) {
    const field = lay(erring(paced, hand, spacing, random));
    if (isRefusal(field)) return field;
    const facts = fieldFacts(field, limits);
    if (isRefusal(facts)) return facts;
    outside += (1 - facts.inside) / hands;
  }
  const path = paced.reduce((sum, { from, to }) => sum + Math.abs(to - from), 0);
  return {
    overlap,
    distance,
    flow,
    speed,
    spacing,
    fan,
    outside,
    paint: (flow * path) / speed,
    seconds: path / speed + turn * paced.length,
  };
}

/** What is to be small. Paint and time count only where the face stays nearly as even as it can be. */
const costOf = (want: OptimumQuestion['want'], evenest: number) => {
  const over = ({ outside }: Candidate) => Math.max(outside - evenest - allowed, 0);
  return (each: Candidate): number =>
    want === 'even'
      ? each.outside + 1e-3 * each.paint
      : want === 'paint'
        ? each.paint * (1 + 50 * over(each))
        : each.seconds * (1 + 50 * over(each));
};

const spread = ({ min, max }: Span, n: number) =>
  Array.from({ length: n }, (_, i) => (max > min ? min + ((max - min) * i) / (n - 1) : min)).slice(
    0,
    max > min ? n : 1,
  );

/**
 * Spacing, distance, fluid and speed for a film: a coarse grid first, then steps around the best that halve when none helps.
 *
 * @param onTried told now and then, with about the share that is done
 * @returns refuses limits that no setting within them can meet
 * Source: mean over the same hands for all
 */
export function optimise(
  question: OptimumQuestion,
  onTried: (done: number) => void = () => undefined,
): Outcome<Optimum> {
  const { want } = question;
  const tried = new Map<string, Candidate>();
  let refusal: Outcome<never> | undefined;
  let calls = 0;
  const judge = (overlap: number, distance: number, flow: number): Candidate | undefined => {
    const key = [overlap, distance, flow].map((each) => each.toPrecision(6)).join('/');
    const known = tried.get(key);
    if (known) return known;
    calls += 1;
    if (calls % 8 === 0) onTried(Math.min(calls / 240, 0.98));
    const found = judgeSetting(question, overlap, distance, flow);
    if (found === undefined) return undefined;
    if (isRefusal(found)) {
      refusal = found;
      return undefined;
    }
    tried.set(key, found);
    return found;
  };
  for (const overlap of spread(question.overlap, 7))
    for (const distance of spread(question.distance, 4))
      for (const flow of spread(question.flow, 4)) judge(overlap, distance, flow);
  if (tried.size === 0)
    return (
      refusal ??
      refuse(
        'out-of-reach',
        'No setting within these limits lays that film at a speed a hand can hold. Widen the fluid or the speed.',
      )
    );
  const evenest = Math.min(...[...tried.values()].map(({ outside }) => outside));
  const cost = costOf(want, evenest);
  const starts = [...tried.values()].sort((a, b) => cost(a) - cost(b)).slice(0, 2);
  let best = starts[0] as Candidate;
  for (const start of starts) {
    let here = start;
    let size = 1;
    const steps = [question.overlap, question.distance, question.flow].map(
      ({ min, max }, i) => (max - min) / (i === 0 ? 12 : 6),
    );
    while (size > 0.12) {
      const around = [0, 1, 2].flatMap((axis) =>
        [-1, 1].map((way) => {
          const moved = [here.overlap, here.distance, here.flow].map((value, i) => {
            const { min, max } = [question.overlap, question.distance, question.flow][i] as Span;
            return Math.min(Math.max(value + (i === axis ? way * size * (steps[i] as number) : 0), min), max);
          });
          return judge(moved[0] as number, moved[1] as number, moved[2] as number);
        }),
      );
      const next = around.reduce<Candidate>((a, b) => (b && cost(b) < cost(a) ? b : a), here);
      if (next === here) size /= 2;
      here = next;
    }
    if (cost(here) < cost(best)) best = here;
  }
  onTried(1);
  return {
    best,
    tried: [...tried.values()],
    front: frontOf([...tried.values()], want === 'time' ? 'seconds' : 'paint'),
  };
}

function frontOf(all: readonly Candidate[], against: 'paint' | 'seconds'): Candidate[] {
  const front: Candidate[] = [];
  let least = Infinity;
  for (const each of [...all].sort((a, b) => a.outside - b.outside || a[against] - b[against]))
    if (each[against] < least * (1 - 1e-9)) {
      front.push(each);
      least = each[against];
    }
  return front;
}
