import fc from 'fast-check';
import { defaultDriving, defaultTransfer, leastOpening, nozzleFlow } from '../airgun';
import { tipFlow, tipFromCode } from '../airless';
import { isRefusal, type Outcome } from '../refusal';
import { verdictCases, type VerdictCase } from './cases.fixture';
import { handRange, solvePoint, verdictOf, type PointQuestion, type VerdictQuestion } from './index';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const span = ([min, max]: readonly [number, number], unit: number) => ({ min: min * unit, max: max * unit });

function questionOf({ gun, paint, wet }: VerdictCase): VerdictQuestion {
  const shared = {
    liquid: { viscosity: paint.now / 1000, density: paint.density ?? 1000 },
    wetFilm: wet * 1e-6,
    transfer: defaultTransfer[gun.kind],
    overlap: 0.5,
    hand: handRange(gun.hand),
    ...(paint.band ? { band: span(paint.band, 1e-3) } : {}),
    ...(gun.maker ? { maker: span(gun.maker, 1e-3) } : {}),
  };
  const inside = (range: readonly [number, number] | undefined, found: number) =>
    range ? { onSheet: found >= range[0] - 1e-6 && found <= range[1] + 1e-6 } : {};
  if (gun.kind === 'airless') {
    const { orifice, fan } = value(tipFromCode(gun.tip!));
    return {
      ...shared,
      fan,
      fitted: {
        kind: 'tip',
        orifice,
        pressure: gun.bar! * 1e5,
        ...(gun.bars ? { pressures: span(gun.bars, 1e5) } : {}),
        ...(gun.pump ? { pump: gun.pump / 60e6 } : {}),
      },
      ...inside(gun.orifices, (orifice / 0.0254) * 1000),
    };
  }
  return {
    ...shared,
    fan: (gun.fan ?? 250) / 1000,
    fitted: { kind: 'nozzle', bore: gun.bore! / 1000, driving: defaultDriving[gun.feed ?? 'gravity'] },
    ...inside(gun.sheet, gun.bore!),
  };
}

describe('what a finisher says', () => {
  it.each(verdictCases.map((each) => [each.says, each] as const))('%s', (_, each) => {
    expect(value(verdictOf(questionOf(each))).grade).toBe(each.verdict);
  });

  it('never tells anybody to thin what takes no thinner', () => {
    for (const each of verdictCases.filter(({ paint }) => !paint.band))
      expect(value(verdictOf(questionOf(each))).thinTo).toBeUndefined();
  });
});

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const nozzles: fc.Arbitrary<PointQuestion> = fc.record({
  fitted: fc.record({
    kind: fc.constant('nozzle' as const),
    bore: positive(0.6e-3, 5e-3),
    driving: positive(2e3, 1e5),
  }),
  liquid: fc.record({ viscosity: positive(0.01, 1), density: positive(800, 1600) }),
  wetFilm: positive(10e-6, 400e-6),
  transfer: positive(0.2, 0.9),
  overlap: positive(0.1, 0.8),
  fan: positive(0.05, 0.45),
  hand: fc.option(positive(0.15, 0.8), { nil: undefined }).map(handRange),
});
const tips: fc.Arbitrary<PointQuestion> = fc
  .tuple(nozzles, positive(0.2e-3, 1e-3), positive(50e5, 200e5), positive(0.4, 1), positive(5e-6, 1e-4))
  .map(([question, orifice, pressure, low, pump]) => ({
    ...question,
    fitted: {
      kind: 'tip' as const,
      orifice,
      pressure,
      pressures: { min: pressure * low, max: pressure / low },
      pump,
    },
  }));

describe('a point', () => {
  it('that is feasible lays the film aimed at, within what nozzle and hand can do', () => {
    fc.assert(
      fc.property(nozzles, (question) => {
        const solved = value(solvePoint(question));
        const { point } = solved.feasible ? solved : solved.nearest;
        const { bore, driving } = question.fitted as Extract<PointQuestion['fitted'], { kind: 'nozzle' }>;
        expect(point.fluid).toBeLessThanOrEqual(
          value(nozzleFlow(bore, driving, question.liquid)) * (1 + 1e-9),
        );
        expect(point.needle).toBeLessThanOrEqual(1);
        expect(point.fan).toBeLessThanOrEqual(question.fan);
        expect(point.fan).toBeGreaterThanOrEqual(question.fan / 2 - 1e-12);
        expect(point.spacing).toBeCloseTo(point.fan * (1 - question.overlap), 12);
        expect(point.speed).toBeGreaterThanOrEqual(question.hand.crawl - 1e-12);
        expect(point.speed).toBeLessThanOrEqual(question.hand.rush + 1e-12);
        if (solved.feasible) {
          expect(Math.abs(point.film / question.wetFilm - 1)).toBeLessThan(1e-3);
          expect(point.needle).toBeGreaterThanOrEqual(leastOpening - 1e-9);
        } else if (solved.why === 'starves') {
          expect(point.film).toBeLessThan(question.wetFilm);
          expect(point.film * solved.nearest.passes).toBeGreaterThanOrEqual(question.wetFilm * (1 - 1e-9));
        } else expect(point.film).toBeGreaterThan(question.wetFilm);
      }),
    );
  });

  it('of a tip sprays what its orifice passes at a pressure that it and the pump have', () => {
    fc.assert(
      fc.property(tips, (question) => {
        const solved = value(solvePoint(question));
        const { point } = solved.feasible ? solved : solved.nearest;
        const tip = question.fitted as Extract<PointQuestion['fitted'], { kind: 'tip' }>;
        expect(point.fluid).toBeCloseTo(
          value(tipFlow(tip.orifice, point.pressure!, question.liquid.density)),
          12,
        );
        expect(point.fluid).toBeLessThanOrEqual(tip.pump! * (1 + 1e-9));
        expect(point.pressure).toBeLessThanOrEqual(tip.pressures!.max * (1 + 1e-9));
        if (!solved.feasible) return;
        expect(point.pressure).toBeGreaterThanOrEqual(tip.pressures!.min * (1 - 1e-9));
        expect(Math.abs(point.film / question.wetFilm - 1)).toBeLessThan(1e-3);
        expect(point.speed).toBeLessThanOrEqual(question.hand.rush * (1 + 1e-9));
        expect(point.speed).toBeGreaterThanOrEqual(question.hand.crawl * (1 - 1e-9));
      }),
    );
  });

  it('never begins to starve for being thinner, or driven harder', () => {
    fc.assert(
      fc.property(nozzles, positive(0.3, 1), (question, share) => {
        const starves = (each: PointQuestion) => {
          const solved = value(solvePoint(each));
          return !solved.feasible && solved.why === 'starves';
        };
        if (starves(question)) return;
        const { viscosity, density } = question.liquid;
        expect(starves({ ...question, liquid: { viscosity: viscosity * share, density } })).toBe(false);
      }),
    );
  });

  it('is thinned to within the band, never past its thin end, and works there', () => {
    fc.assert(
      fc.property(nozzles, positive(0.01, 0.3), positive(1, 3), (question, thin, times) => {
        const band = { min: thin, max: thin * times };
        const { thinTo, grade } = value(verdictOf({ ...question, band }));
        expect(grade === 'thin').toBe(thinTo !== undefined);
        if (thinTo === undefined) return;
        expect(thinTo).toBeGreaterThanOrEqual(band.min);
        expect(thinTo).toBeLessThanOrEqual(Math.min(band.max, question.liquid.viscosity));
        const liquid = { ...question.liquid, viscosity: thinTo };
        expect(value(solvePoint({ ...question, liquid })).feasible).toBe(true);
      }),
    );
  });

  it('needs a film, a fan and an overlap that are there', () => {
    const [question] = fc.sample(nozzles, { numRuns: 1, seed: 7 }) as [PointQuestion];
    for (const wrong of [{ wetFilm: 0 }, { fan: NaN }, { overlap: 1 }, { transfer: -1 }])
      expect(isRefusal(solvePoint({ ...question, ...wrong }))).toBe(true);
  });
});

describe('the bounds of a verdict', () => {
  const hand = handRange(undefined);
  const nozzle = (viscosity: number, more: Partial<VerdictQuestion> = {}): VerdictQuestion => ({
    fitted: { kind: 'nozzle', bore: 1.4e-3, driving: defaultDriving.gravity },
    liquid: { viscosity, density: 1000 },
    ...{ wetFilm: 60e-6, transfer: defaultTransfer.hvlp, overlap: 0.5, fan: 0.25, hand },
    ...more,
  });
  const judged = (...said: Parameters<typeof nozzle>) => value(verdictOf(nozzle(...said)));
  /** Thick enough to want a slow hand, thin enough to be sprayed. */
  const slow = 0.1;

  it('lie where the sheet’s band and the maker’s word end, and not before', () => {
    expect(judged(0.05, { maker: { min: 0.05, max: 0.05 } })).toMatchObject({ grade: 'first', costs: [] });
    expect(judged(0.05, { maker: { min: 0.0501, max: 1 } })).toMatchObject({
      grade: 'usable',
      costs: ['under-maker'],
    });
    expect(judged(0.05, { maker: { min: 0.01, max: 0.0499 } })).toMatchObject({
      grade: 'no',
      why: 'over-maker',
    });
    expect(judged(slow, { band: { min: 0.03, max: slow } }).grade).toBe('usable');
    expect(judged(slow * (1 + 0.9e-9), { band: { min: 0.03, max: slow } }).grade).toBe('usable');
    expect(judged(slow * (1 + 1.1e-9), { band: { min: 0.03, max: slow } }).grade).toBe('thin');
    // Thicker than its sheet, and it sprays well: nothing is asked.
    expect(judged(0.05, { band: { min: 0.02, max: 0.04 } }).grade).toBe('first');
  });

  it('thin no further than to the hand’s own speed, nor past what the band and the maker leave', () => {
    const eased = judged(slow, { band: { min: 0.02, max: 0.09 } });
    expect(eased.thinTo).toBeGreaterThan(0.05);
    const { feasible, ...rest } = value(solvePoint(nozzle(eased.thinTo!)));
    expect(feasible && 'point' in rest && rest.point.speed).toBeCloseTo(hand.slow, 6);
    expect(judged(slow, { band: { min: 0.02, max: 0.04 } }).thinTo).toBe(0.04);
    expect(judged(slow, { band: { min: 0.08, max: 0.09 } }).thinTo).toBe(0.08);
    expect(judged(slow, { band: { min: 0.02, max: 0.09 }, maker: { min: 0.01, max: 0.03 } })).toMatchObject({
      ...{ grade: 'thin', why: 'over-maker', thinTo: 0.03 },
    });
    // The maker’s thick end is the band’s thin one: there, and nowhere else.
    expect(judged(slow, { band: { min: 0.03, max: 0.09 }, maker: { min: 0.01, max: 0.03 } }).thinTo).toBe(
      0.03,
    );
    expect(
      judged(slow, { band: { min: 0.0301, max: 0.09 }, maker: { min: 0.01, max: 0.03 } }).thinTo,
    ).toBeUndefined();
    // As thin as its sheet lets it be already.
    expect(
      judged(slow, { band: { min: slow, max: slow }, maker: { min: 0, max: 0.09 } }).thinTo,
    ).toBeUndefined();
  });

  it('of a tip lie where its maker’s do: it takes what is as thick as that', () => {
    const fitted = {
      ...{ kind: 'tip' as const, orifice: 0.33e-3, pressure: 140e5, pump: 20e-6 },
      pressures: { min: 80e5, max: 200e5 },
    };
    const more = { fitted, wetFilm: 150e-6, band: { min: 0.02, max: 0.08 } };
    expect(judged(0.2, { ...more, maker: { min: 0.01, max: 0.09 } })).toMatchObject({
      ...{ grade: 'thin', why: 'over-maker', thinTo: 0.08 },
    });
  });

  it('say the one reason there is', () => {
    expect('why' in judged(slow, { band: { min: 0.02, max: 0.09 } })).toBe(false);
    expect('why' in judged(slow, { band: { min: slow, max: slow } })).toBe(false);
    // A band whose own end is too thick for the nozzle helps nothing.
    const thick = { viscosity: 3, band: { min: 2.9, max: 2.95 } };
    expect(judged(thick.viscosity, { band: thick.band })).toMatchObject({ grade: 'no', why: 'starves' });
    expect(judged(thick.viscosity, { band: { min: 0.05, max: 0.1 } })).toMatchObject({
      ...{ grade: 'thin', why: 'starves' },
    });
    expect(judged(thick.viscosity, { onSheet: false })).toMatchObject({ grade: 'no', why: 'starves' });
    expect(judged(slow, { onSheet: false })).toMatchObject({ grade: 'no', why: 'off-sheet' });
    expect(judged(0.05, { onSheet: false })).toMatchObject({ grade: 'usable', costs: ['off-sheet'] });
    expect(judged(0.05, { misfit: true })).toMatchObject({ grade: 'no', why: 'misfit', costs: [] });
    expect(isRefusal(verdictOf(nozzle(0.05, { wetFilm: 0 })))).toBe(true);
  });
});

describe('the handbook’s nozzle', () => {
  const one = (hand: number | undefined, viscosity = 0.072) =>
    value(
      verdictOf({
        fitted: { kind: 'nozzle', bore: 1.3e-3, driving: 9e3 },
        liquid: { viscosity, density: 1050 },
        wetFilm: 60e-6,
        transfer: 0.55,
        overlap: 0.5,
        fan: 0.26,
        hand: handRange(hand),
      }),
    );
  it('passes 185 mL/min and lays 60 µm at 0.22 m/s: usable for a hand of 0.25', () => {
    const { grade, costs, solved } = one(0.25);
    expect(grade).toBe('usable');
    expect(costs).toEqual(['slow']);
    expect(solved.feasible && solved.point.speed).toBeCloseTo(0.218, 2);
    expect(solved.feasible && solved.point.needle).toBe(1);
  });
  it('is first choice just where the hand is slow enough, and a cost just where it is not', () => {
    const { solved } = one(0.25);
    const open = solved.feasible ? solved.point.speed : 0;
    expect(one((open / 0.9) * 0.999).grade).toBe('first');
    expect(one((open / 0.9) * 1.001).grade).toBe('usable');
  });
  it('draws in the fan just where no hand could go so slowly', () => {
    const costs = (hand: number) => one(hand).costs;
    const { solved } = one(0.25);
    const open = solved.feasible ? solved.point.speed : 0;
    expect(costs((open / 0.54) * 0.999)).toEqual(['slow']);
    expect(costs((open / 0.54) * 1.001)).toContain('narrow');
  });
});

describe('a hand', () => {
  it('that was measured keeps near its own speed; of another only what hands do is known', () => {
    expect(handRange(0.25)).toMatchObject({ slow: 0.225, usual: 0.25, fast: 0.3125 });
    expect(handRange()).toMatchObject({ slow: 0.25, usual: 0.4, fast: 0.8 });
    expect(handRange(0)).toEqual(handRange());
  });
});
