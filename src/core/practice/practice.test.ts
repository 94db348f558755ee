import { filmField, flatSurface, type FieldStroke } from '../evenness';
import { gaussian, seeded } from '../random';
import {
  drillOf,
  drills,
  filmFacts,
  judgeRun,
  newPanel,
  pullsOf,
  runsIn,
  slide,
  spray,
  type Drill,
  type GunMoment,
  type PracticePanel,
} from '.';
import { handFacts } from './judge';
import { sure } from '../../../tests/fixtures/gun';

const flat = drillOf('flat');

interface HandOf {
  readonly speed?: (stroke: number, share: number) => number;
  readonly shift?: (stroke: number) => number;
  readonly lead?: number;
  readonly bow?: number;
  readonly drill?: Drill;
}

/** A run over a panel as a pointer reports it, sixty times a second, the trigger let go at the ends. */
function run({ speed = () => 1, shift = () => 0, lead, bow = 0, drill = flat }: HandOf = {}): GunMoment[] {
  const moments: GunMoment[] = [];
  let t = 0;
  const n = Math.round(drill.height / drill.spacing);
  const beyond = lead ?? drill.lead;
  for (let k = 0; k <= n; k += 1) {
    const way = k % 2 === 0 ? 1 : -1;
    const length = drill.width + 2 * beyond;
    for (let gone = 0; gone < length;) {
      const share = gone / length;
      const x = way > 0 ? -beyond + gone : drill.width + beyond - gone;
      moments.push({
        t,
        x,
        y: (k * drill.height) / n + shift(k) + bow * (k % 2 === 0 ? 1 : -1) * (1 - (2 * share - 1) ** 2),
        pull: 1,
      });
      t += 1 / 60;
      gone += (drill.speed * speed(k, share)) / 60;
    }
    moments.push({ t, x: way > 0 ? drill.width + beyond : -beyond, y: (k * drill.height) / n, pull: 0 });
    t += 0.4;
  }
  return moments;
}

const sprayed = (moments: readonly GunMoment[], drill: Drill): PracticePanel => {
  const panel = sure(newPanel(drill.width, drill.height, 0.005, drill.runsAbove));
  for (let i = 1; i < moments.length; i += 1) sure(spray(panel, drill.gun, moments[i - 1]!, moments[i]!));
  return panel;
};
const judged = (hand: HandOf = {}) => {
  const drill = hand.drill ?? flat;
  const moments = run(hand);
  return sure(judgeRun(moments, drill, sprayed(moments, drill)));
};

describe('a panel under the pointer', () => {
  it('takes the film that the closed form gives for the same strokes', () => {
    const strokes: FieldStroke[] = [0.1, 0.3].map((y) => ({
      from: -0.1,
      to: 0.9,
      y,
      z: 0.2,
      aim: 0,
      distance: 0.2,
      speed: 0.4,
    }));
    const closed = sure(
      filmField({ surface: flatSurface(0.4, 80), along: 0.8, cols: 160, gun: flat.gun, strokes }),
    );
    const panel = sure(newPanel(0.8, 0.4, 0.005));
    for (const { from, to, y, speed } of strokes)
      sure(
        spray(panel, flat.gun, { t: 0, x: from, y, pull: 1 }, { t: (to - from) / speed, x: to, y, pull: 1 }),
      );
    const top = Math.max(...closed.film);
    closed.film.forEach((each, i) =>
      expect(Math.abs((panel.film[i] as number) - each) / top).toBeLessThan(0.02),
    );
  });

  it('puts what is transferred on the panel, with either fan, a half pulled trigger, a tilt and from further off', () => {
    const volumeOn = (moment: Partial<GunMoment>) => {
      const panel = sure(newPanel(1, 1, 0.004));
      const left = sure(
        spray(
          panel,
          flat.gun,
          { t: 0, x: 0.4, y: 0.5, pull: 1 },
          { t: 1, x: 0.6, y: 0.5, pull: 1, ...moment },
        ),
      );
      return (panel.film.reduce((sum, each) => sum + each, 0) * 0.004 ** 2) / left;
    };
    expect(volumeOn({})).toBeCloseTo(0.6, 2);
    expect(volumeOn({ level: true })).toBeCloseTo(0.6, 2);
    expect(volumeOn({ pull: 0.5 })).toBeCloseTo(0.6, 2);
    expect(volumeOn({ tilt: 0.2 })).toBeCloseTo(0.6, 1);
    expect(volumeOn({ far: 1.5 })).toBeLessThan(0.55);
  });

  it('runs where an upright panel has too much, and keeps the paint while it slides', () => {
    const upright = drillOf('upright');
    const panel = sure(newPanel(0.4, 0.4, 0.005, upright.runsAbove));
    for (let i = 0; i < 6; i += 1)
      sure(
        spray(panel, upright.gun, { t: 0, x: 0.1, y: 0.15, pull: 1 }, { t: 0.5, x: 0.3, y: 0.15, pull: 1 }),
      );
    const total = () => panel.film.reduce((sum, each) => sum + each, 0);
    const before = total();
    expect(runsIn(panel)).toBeGreaterThan(0);
    let first = 0;
    for (let i = 0; i < 30; i += 1) first = Math.max(slide(panel, 0.02), first);
    expect(first).toBeGreaterThan(0);
    expect(total() / before).toBeCloseTo(1, 5);
    const flatOne = sure(newPanel(0.4, 0.4, 0.005));
    expect(slide(flatOne, 1)).toBe(0);
  });
});

describe('strokes of a run', () => {
  it('are parted at releases and where the gun turns with the trigger held', () => {
    const apart = pullsOf(run());
    expect(apart.length).toBe(Math.round(flat.height / flat.spacing) + 1);
    const held = run().map((moment) => ({ ...moment, pull: 1 }));
    expect(pullsOf(held).length).toBe(apart.length);
    for (const { speed, varied, bow } of apart) {
      expect(speed).toBeCloseTo(flat.speed, 1);
      expect(varied).toBeLessThan(0.05);
      expect(Math.abs(bow)).toBeLessThan(1e-9);
    }
  });
});

describe('the judge of a run', () => {
  it('puts nearly all of a well sprayed panel inside, for each drill that has one film all over', () => {
    for (const drill of drills.filter(({ wanted }) => !wanted))
      expect(judged({ drill }).inside).toBeGreaterThan(0.8);
  });

  it('names the fault that cost most: too quick', () => {
    const { gains, hand, inside } = judged({ speed: () => 1.5 });
    expect(gains[0]).toMatchObject({ fault: 'speed' });
    expect(inside).toBeLessThan(0.3);
    expect(hand.speed).toBeCloseTo(1.5 * flat.speed, 1);
    expect(judged({ speed: () => 1.5 }).pace).toBeCloseTo(flat.speed, 1);
  });

  it('uneven places', () => {
    const { gains, hand } = judged({ shift: (k) => (k % 2 === 1 ? 0.06 : 0) });
    expect(gains[0]).toMatchObject({ fault: 'spacing' });
    expect(hand.spacingSpread).toBeGreaterThan(0.3);
  });

  it('a trigger pulled late and let go early', () => {
    const { gains, hand } = judged({ lead: -0.1 });
    expect(gains[0]).toMatchObject({ fault: 'lead' });
    expect(hand.lead).toBeCloseTo(-0.1, 1);
  });

  it('a stroke that slows down in the middle, and one that bows', () => {
    expect(judged({ speed: (_, share) => (share > 0.3 && share < 0.6 ? 0.45 : 1.3) }).gains[0]).toMatchObject(
      { fault: 'unsteady' },
    );
    const bowed = judged({ bow: 0.1 });
    expect(bowed.hand.bow).toBeGreaterThan(0.05);
    expect(bowed.gains.some(({ fault }) => fault === 'bow')).toBe(true);
  });

  it('measures the spread a hand was given, near enough to plan with', () => {
    const random = seeded(4);
    const shifts = Array.from({ length: 30 }, () => 0.08 * flat.spacing * gaussian(random));
    const { hand } = judged({ shift: (k) => shifts[k]! });
    expect(hand.spacingSpread).toBeGreaterThan(0.04);
    expect(hand.spacingSpread).toBeLessThan(0.25);
  });

  it('sees whether both edges came first', () => {
    const edges = drillOf('edges');
    expect(judged({ drill: edges }).edgesFirst).toBe(false);
    const stroke = (y: number, t: number): GunMoment[] =>
      [0, 0.5, 1].map((share) => ({ t: t + share, x: -0.08 + share * 1.06, y, pull: 1 }));
    const off = { x: 0, y: 0, pull: 0 };
    const moments = [
      ...stroke(0, 0),
      { ...off, t: 1.1 },
      ...stroke(0.5, 2),
      { ...off, t: 3.1 },
      ...stroke(0.25, 4),
    ];
    expect(sure(judgeRun(moments, edges, sprayed(moments, edges))).edgesFirst).toBe(true);
  });

  it('wants a blend to fade, and refuses a run without a stroke', () => {
    const blend = drillOf('blend');
    const all = filmFacts(sprayed(run({ drill: blend }), blend), blend);
    expect(all.inside).toBeLessThan(0.8);
    expect(judgeRun([], flat, sure(newPanel(1, 0.6, 0.01)))).toMatchObject({ refused: 'no-stroke' });
    expect(newPanel(0, 1, 0.01)).toMatchObject({ refused: 'not-positive' });
    expect(newPanel(10, 10, 0.001)).toMatchObject({ refused: 'too-fine' });
  });

  it('puts a pace on every drill that a hand can hold', () => {
    for (const { speed, spacing, gun, overlap } of drills) {
      expect(speed).toBeGreaterThan(0.2);
      expect(speed).toBeLessThan(0.8);
      expect(spacing).toBeCloseTo(gun.fan * (1 - overlap), 9);
    }
  });
});

it('tells a run in figures: a steady hand has no spread, a bowed one has its bow', () => {
  const steady = handFacts(pullsOf(run()), flat);
  expect(steady.strokes).toBe(Math.round(flat.height / flat.spacing) + 1);
  expect(steady.speed).toBeCloseTo(flat.speed, 1);
  expect(steady.speedSpread).toBeLessThan(0.02);
  expect(steady.spacing).toBeCloseTo(flat.spacing, 1);
  const bowed = handFacts(pullsOf(run({ bow: 0.05 })), flat);
  expect(bowed.bow).toBeGreaterThan(steady.bow + 0.02);
});
