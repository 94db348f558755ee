import { clean, stressed } from '../../../bench/thinning/pots';
import { thinned } from '../../../bench/thinning/summary';

const method = { kind: 'model' } as const;

/** Smaller than in `npm run bench`, which prints the whole table; limits leave room for the smaller number. */
describe('pots of paints the method does not share, band ± 10 %', () => {
  it.each([6, 9, 12])(
    'first slope %p: in the band, hardly ever under it, within two or three',
    (steepness) => {
      const found = thinned(30, clean, method, 11, { steepness });
      expect(found.inBand).toBeGreaterThanOrEqual(0.94);
      expect(found.wentUnder).toBeLessThan(0.03);
      expect(found.within(2)).toBeGreaterThanOrEqual(0.8);
      expect(found.within(3)).toBeGreaterThanOrEqual(0.93);
    },
  );

  it('a suspension and a paint that thins by shear as well', () => {
    const found = thinned(30, clean, method, 12, { kinds: ['suspension', 'shear-thinning'] });
    expect(found.inBand).toBeGreaterThanOrEqual(0.94);
    expect(found.wentUnder).toBeLessThan(0.03);
  });

  it('a resin that stands still on the first water: hardly ever under the band once it is known that water thins it', () => {
    const found = thinned(40, clean, method, 15, { kinds: ['plateau'] });
    expect(found.inBand).toBeGreaterThanOrEqual(0.8);
    expect(found.wentUnder).toBeLessThan(0.2);
  });

  it('badly stirred, by two people with a poor thermometer: near one who knows the curve, better than a hand', () => {
    const [own, ideal] = [thinned(45, stressed, method, 13), thinned(45, stressed, { kind: 'ideal' }, 13)];
    const steps = thinned(25, stressed, { kind: 'volume-steps', step: 0.05 }, 13);
    expect(own.inBand).toBeGreaterThan(ideal.inBand - 0.15);
    expect(own.wentUnder).toBeLessThan(0.15);
    expect(own.held).toBeGreaterThan(0.78);
    expect(own.wentUnder).toBeLessThan(steps.wentUnder);
    expect(own.inBand).toBeGreaterThan(steps.inBand);
  });

  it('steps of 1 % take many times as many, steps of 5 % overshoot', () => {
    const small = thinned(3, clean, { kind: 'mass-steps', step: 0.01 }, 14, { steepness: 8 });
    const large = thinned(30, clean, { kind: 'volume-steps', step: 0.05 }, 14, { steepness: 8 });
    const own = thinned(15, clean, method, 14, { steepness: 8 });
    expect(small.within(3)).toBeLessThan(own.within(3) - 0.3);
    expect(large.wentUnder).toBeGreaterThan(own.wentUnder);
  });
});
