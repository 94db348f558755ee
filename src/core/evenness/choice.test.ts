import { isRefusal } from '../refusal';
import { gaussian, seeded } from '../random';
import {
  handTraces,
  judgeSetting,
  optimise,
  overlapBands,
  overlapChoice,
  perfectHand,
  quickerBy,
  shapeProfile,
  usualHand,
  type OptimumQuestion,
} from '.';
import { sure, handbookGun as gun, handbookPasses as passes } from '../../../tests/fixtures/gun';

describe('overlap and a hand', () => {
  const ask = (hand = usualHand, profile = shapeProfile(1)) =>
    sure(
      overlapBands(
        { gun: { ...gun, profile }, passes, hand, overlaps: [0.5, 0.75, 0.9], hands: 60 },
        seeded(5),
      ),
    );

  it('gives the handbook’s peak to valley without errors and worse with them, the less so the more layers', () => {
    const bands = ask();
    expect(bands[0]!.steady.peakToValley).toBeCloseTo(0.375, 2);
    expect(bands[1]!.steady.peakToValley).toBeCloseTo(0.094, 2);
    for (const { steady, peakToValley, cv } of bands) {
      expect(peakToValley.low).toBeGreaterThan(steady.peakToValley);
      expect(peakToValley.low).toBeLessThanOrEqual(peakToValley.middle);
      expect(peakToValley.middle).toBeLessThanOrEqual(peakToValley.high);
      expect(cv.middle).toBeGreaterThan(steady.cv);
    }
    expect(bands[2]!.cv.high).toBeLessThan(bands[0]!.cv.low);
  });

  it('is worse for a hand that errs more, and steady for one that does not', () => {
    const twice = { ...usualHand, spacing: 0.2, speed: 0.2 };
    const still = ask(perfectHand);
    ask(twice).forEach(({ cv }, i) => expect(cv.middle).toBeGreaterThan(ask()[i]!.cv.middle));
    still.forEach(({ cv, steady }) => expect(cv.high).toBeCloseTo(steady.cv, 9));
  });

  it('names the most forgiving among those the hand keeps pace with', () => {
    const bands = ask();
    // At nine tenths the hand would have to do 2 m/s.
    expect(bands[2]!.speed).toBeCloseTo(2, 6);
    expect(overlapChoice(bands, 0.8)!.forgiving.overlap).toBe(0.75);
    expect(overlapChoice(bands, 2.1)!.forgiving.overlap).toBe(0.9);
    expect(overlapChoice(bands, 0.1)).toBeUndefined();
  });

  it('tells how far it is, and refuses what the field refuses', () => {
    const heard: number[] = [];
    overlapBands({ gun, passes, hand: usualHand, overlaps: [0.5, 0.6], hands: 2 }, seeded(1), (done) =>
      heard.push(done),
    );
    expect(heard).toEqual([0.5, 1]);
    expect(
      overlapBands(
        { gun: { ...gun, flow: -1 }, passes, hand: usualHand, overlaps: [0.5], hands: 2 },
        seeded(1),
      ),
    ).toMatchObject({ refused: 'not-positive' });
  });
});

describe('the best setting', () => {
  const question: OptimumQuestion = {
    gun,
    passes: { kind: 'flat', along: 1, across: 0.6, lead: 0.1 },
    hand: usualHand,
    aim: 45e-6,
    limits: { min: 36e-6, max: 56e-6 },
    overlap: { min: 0.4, max: 0.85 },
    distance: { min: 0.15, max: 0.25 },
    flow: { min: 120e-6 / 60, max: 300e-6 / 60 },
    speed: { min: 0.25, max: 0.8 },
    want: 'even',
    hands: 8,
  };

  it('is no worse than a fine grid finds, and lays the aim', () => {
    const { best, tried, front } = sure(optimise(question));
    let least = Infinity;
    for (let overlap = 0.4; overlap <= 0.851; overlap += 0.045)
      for (const distance of [0.15, 0.17, 0.19, 0.21, 0.23, 0.25])
        for (const flow of [2e-6, 3e-6, 4e-6, 5e-6]) {
          const found = judgeSetting(question, overlap, distance, flow);
          if (found && !isRefusal(found)) least = Math.min(least, found.outside);
        }
    expect(best.outside).toBeLessThanOrEqual(least + 0.01);
    expect(tried.length).toBeLessThan(264);
    expect(best.speed).toBeGreaterThanOrEqual(0.25);
    expect(best.speed).toBeLessThanOrEqual(0.8);
    // From even to thrifty: each is thriftier than the one before it, and none is evener.
    front.slice(1).forEach((each, i) => {
      expect(each.paint).toBeLessThan(front[i]!.paint);
      expect(each.outside).toBeGreaterThanOrEqual(front[i]!.outside);
    });
  });

  it('saves paint or time where that is asked for, at little cost in evenness', () => {
    const even = sure(optimise(question)).best;
    const thrifty = sure(optimise({ ...question, want: 'paint' })).best;
    const quick = sure(optimise({ ...question, want: 'time' })).best;
    expect(thrifty.paint).toBeLessThan(even.paint);
    expect(quick.seconds).toBeLessThan(even.seconds);
    for (const each of [thrifty, quick]) expect(each.outside).toBeLessThan(even.outside + 0.05);
  });

  it('refuses limits that nothing within them meets', () => {
    expect(optimise({ ...question, flow: { min: 1e-8, max: 2e-8 } })).toMatchObject({
      refused: 'out-of-reach',
    });
  });
});

describe('readings beside the map', () => {
  const places = [-0.8, 0, 0.8].flatMap((x) => [-0.7, 0, 0.7].map((y) => [x, y] as const));
  const laid = (off: (x: number, y: number) => number, noise = 0.02) => {
    const random = seeded(9);
    return places.map(([x, y]) => ({
      x,
      y,
      predicted: 50e-6,
      measured: 50e-6 * (1 + off(x, y) + noise * gaussian(random)),
    }));
  };

  it('finds a hand that was quicker at the left, and says nothing of what is not there', () => {
    const { level, right, far, ends } = sure(handTraces(laid((x) => -0.1 + 0.12 * x)));
    expect(level.value).toBeCloseTo(0.9, 1);
    expect(level.sure).toBe(true);
    expect(right.value).toBeCloseTo(0.12, 1);
    expect(right.sure).toBe(true);
    expect(far.sure || ends.sure).toBe(false);
    // The left has 12 % less than the middle: the hand was 14 % quicker there.
    expect(quickerBy(-0.12)).toBeCloseTo(0.136, 3);
  });

  it('finds thin ends of an arcing hand, and claims little of three readings', () => {
    expect(sure(handTraces(laid((x) => -0.15 * x * x))).ends).toMatchObject({ sure: true });
    const few = sure(handTraces(laid((x) => 0.08 * x, 0.05).slice(0, 3)));
    expect(few.right.sure).toBe(false);
    expect(handTraces(laid(() => 0).slice(0, 2))).toMatchObject({ refused: 'few-readings' });
  });
});
