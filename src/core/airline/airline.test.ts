import fc from 'fast-check';
import { celsius } from '../climate';
import { isRefusal, type Outcome } from '../refusal';
import { airSupply, airWait, hoseFixes, hoseOutlet, wallPressure, waterInLine } from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const litres = (perMinute: number) => perMinute / 60_000;
const bar = 1e5;

describe('air hose', () => {
  it.each([
    [8, 0.56],
    [10, 0.18],
  ])('350 L/min at 3 bar through 10 m of %d mm loses %d bar', (mm, loss) => {
    const outlet = value(hoseOutlet(litres(350), 3 * bar, { bore: mm / 1000, length: 10 }));
    expect((3 * bar - outlet) / bar).toBeCloseTo(loss, 1);
    expect(Math.abs((3 * bar - outlet) / bar - loss)).toBeLessThan(0.02);
  });

  it('6 mm cannot pass it', () =>
    expect(hoseOutlet(litres(350), 3 * bar, { bore: 6e-3, length: 10 })).toMatchObject({
      refused: 'hose-chokes',
    }));

  it('loses nothing without flow, more with length, couplings and flow', () => {
    const hose = { bore: 8e-3, length: 10 };
    expect(hoseOutlet(0, 3 * bar, hose)).toBe(3 * bar);
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 300 }),
        fc.integer({ min: 2, max: 20 }),
        fc.integer({ min: 0, max: 4 }),
        (flow, length, couplings) => {
          const out = (more: object) => {
            const found = hoseOutlet(litres(flow), 4 * bar, { bore: 9e-3, length, couplings, ...more });
            return isRefusal(found) ? 0 : found;
          };
          const now = out({});
          expect(out({ length: length + 5 })).toBeLessThanOrEqual(now);
          expect(out({ couplings: couplings + 1 })).toBeLessThanOrEqual(now);
          expect(out({ bore: 11e-3 })).toBeGreaterThanOrEqual(now);
        },
      ),
    );
  });

  it('the wall is set to what the gun then has', () => {
    const hose = { bore: 8e-3, length: 10, couplings: 2 };
    const wall = value(wallPressure(litres(300), 2 * bar, hose));
    expect(wall).toBeGreaterThan(2 * bar);
    expect(value(hoseOutlet(litres(300), wall, hose)) / bar).toBeCloseTo(2, 3);
    expect(wallPressure(litres(900), 2 * bar, { bore: 5e-3, length: 30 })).toMatchObject({
      refused: 'hose-too-small',
    });
  });

  it('tells what each fix gains, the best first', () => {
    const fixes = hoseFixes(litres(300), 3 * bar, { bore: 8e-3, length: 10, couplings: 3 });
    expect(fixes.map(({ id }) => id)).toContain('fewer-couplings');
    expect(fixes[0]?.id).toBe('wider');
    expect(fixes.every(({ gains }) => gains > 0)).toBe(true);
    expect(fixes[0]!.gains).toBeGreaterThan(fixes.at(-1)!.gains);
  });

  it('refuses a hose of no bore', () =>
    expect(isRefusal(hoseOutlet(litres(100), 3 * bar, { bore: 0, length: 10 }))).toBe(true));
});

describe('compressor', () => {
  const small = { delivers: litres(200), tank: 0.05, high: 8 * bar, low: 4 * bar };
  it('a 50 L tank from 8 to 4 bar, 150 L/min short, lasts 79 s', () => {
    // 0.05 · 4e5 / (101325 · 2.5e-3) = 78.95
    const supply = value(airSupply(small, litres(350)));
    expect(supply.lasts).toBeCloseTo(78.95, 1);
    expect(supply).toMatchObject({ duty: 1, margin: expect.closeTo(-0.4286, 3) });
  });
  it('waits 0.75 s for each second past what the tank holds, and not at all where it keeps up', () => {
    const supply = value(airSupply(small, litres(350)));
    expect(airWait(supply, supply.lasts + 100)).toBeCloseTo(75, 6);
    expect(airWait(supply, supply.lasts * 0.9)).toBe(0);
    expect(airWait(value(airSupply(small, litres(150))), 1e5)).toBe(0);
  });
  it('keeps up when the trigger is pulled half of the time', () => {
    const supply = value(airSupply(small, litres(350), 0.5));
    expect(supply.lasts).toBe(Infinity);
    expect(supply.duty).toBeCloseTo(0.875, 9);
    expect(isRefusal(airSupply({ ...small, low: 9 * bar }, litres(350)))).toBe(true);
  });
});

describe('water in the line', () => {
  const tank = { pressure: 8 * bar, temperature: celsius(35) };
  it('500 L/min at 28 °C and 70 %, tank 8 bar and 35 °C: 0.44 kg an hour', () =>
    expect(value(waterInLine(litres(500), celsius(28), 0.7, tank)) * 3600).toBeCloseTo(0.44, 2));
  it('none falls out of dry air', () =>
    expect(value(waterInLine(litres(500), celsius(10), 0.1, { ...tank, temperature: celsius(45) }))).toBe(0));
});
