import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import { assembled, nozzleFixes, nozzleFlow, type FixQuestion } from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const question: FixQuestion = {
  bore: 1.3e-3,
  pressure: 9e3,
  liquid: { viscosity: 0.12, density: 1050 },
  flow: 185e-6 / 60,
  temperature: 293.15,
  B: 3000,
  warmest: 303.15,
  thinnest: 0.05,
  nextFeed: 20e3,
};
const fix = (kind: string, more: Partial<FixQuestion> = {}) =>
  value(nozzleFixes({ ...question, ...more })).find((each) => each.kind === kind);

describe('what would make a nozzle work', () => {
  it('each fix by itself passes the flow the film needs', () => {
    const wanted = question.flow * 1.1;
    const thin = fix('thin')!;
    expect(value(nozzleFlow(1.3e-3, 9e3, { viscosity: thin.to, density: 1050 }))).toBeCloseTo(wanted, 10);
    const push = fix('push')!;
    expect(value(nozzleFlow(1.3e-3, push.to, question.liquid))).toBeCloseTo(wanted, 10);
    const warm = fix('warm')!;
    const warmed = 0.12 * Math.exp(question.B * (1 / warm.to - 1 / 293.15));
    expect(warmed).toBeCloseTo(thin.to, 6);
    expect(fix('slower')!.to).toBeCloseTo(value(nozzleFlow(1.3e-3, 9e3, question.liquid)) / wanted, 9);
  });

  it('says what does not: more air, thinning under the band, warming over the limit, a feed too weak', () => {
    expect(fix('air')).toMatchObject({ works: false });
    expect(fix('thin')!.works).toBe(true);
    expect(fix('thin', { thinnest: 0.09 })!.works).toBe(false);
    expect(fix('warm')!.works).toBe(false);
    expect(fix('warm', { warmest: 320 })!.works).toBe(true);
    expect(fix('push')!.works).toBe(true);
    expect(fix('push', { nextFeed: 10e3 })!.works).toBe(false);
    expect(fix('push', { nextFeed: undefined })!.works).toBe(false);
  });

  it('a nozzle that fits needs nothing; one far too wide is closed, and not thinned', () => {
    expect(value(nozzleFixes({ ...question, liquid: { viscosity: 0.05, density: 1050 } }))).toEqual([]);
    const wide = value(nozzleFixes({ ...question, bore: 2.5e-3 }));
    expect(wide.map(({ kind, works }) => [kind, works])).toEqual([
      ['close', true],
      ['thin', false],
    ]);
    expect(isRefusal(nozzleFixes({ ...question, bore: 0 }))).toBe(true);
  });

  it('never answers with a number that is none', () => {
    const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        positive(0.5e-3, 5e-3),
        positive(1e3, 1e5),
        positive(0.01, 2),
        positive(1e-7, 2e-5),
        (bore, pressure, viscosity, flow) => {
          for (const { to } of value(
            nozzleFixes({ ...question, bore, pressure, flow, liquid: { viscosity, density: 1100 } }),
          ))
            expect(to).not.toBeNaN();
        },
      ),
    );
  });
});

describe('needle, nozzle and cap', () => {
  const sets = [
    { id: 'a', needle: 'N13', nozzle: 'F13', cap: 'C1' },
    { id: 'b', needle: 'N14', nozzle: 'F14', cap: 'C1' },
    { id: 'c', needle: 'N18', nozzle: 'F18', cap: 'C2' },
  ];
  it('make up a set, whole or by what is known of it', () => {
    expect(assembled(sets, { needle: 'N14', nozzle: 'F14', cap: 'C1' })).toBe('b');
    expect(assembled(sets, { cap: 'C2' })).toBe('c');
  });
  it('mixed are refused, and the odd piece is named', () => {
    const mixed = assembled(sets, { needle: 'N13', nozzle: 'F14', cap: 'C1' });
    expect(mixed).toMatchObject({
      refused: 'mixed-set',
      says: expect.stringMatching(/“(N13|F14)” belongs to another/),
    });
    expect(assembled(sets, { needle: 'N14', nozzle: 'F14', cap: 'C2' })).toMatchObject({
      says: expect.stringContaining('the cap “C2” belongs to another; fit “C1”'),
    });
    expect(assembled(sets, { needle: 'N99', nozzle: 'F14' })).toMatchObject({ refused: 'unknown-piece' });
    expect(assembled(sets, {})).toMatchObject({ refused: 'no-pieces' });
  });
});
