import { classSheet, type GunAdvice } from '@/records';
import { turbine } from '../../../tests/fixtures/job';
import { adviceFor } from './advice';

const sheet = classSheet('two-part-colour', 's', 'Colour', '2026-11-01');
const conventional = sheet.guns.find(({ atomising }) => atomising === 'conventional') as GunAdvice;
const fed = (feed: GunAdvice['feed'], bore: number): GunAdvice => ({
  ...conventional,
  ...(feed ? { feed } : {}),
  bore: { min: bore, max: bore },
});
const gun = (feed: typeof turbine.feed) => ({ ...turbine, atomising: 'conventional' as const, feed });

describe('what a sheet advises for a gun', () => {
  const told = { guns: [fed('pressure', 1.2e-3), fed('gravity', 1.8e-3)] };

  it.each([
    ['gravity', 1.8e-3],
    ['pressure-cup', 1.2e-3],
    ['pressure-pot', 1.2e-3],
    ['pump', 1.2e-3],
  ] as const)('is of its feed where feeds are told apart: %s', (feed, bore) => {
    expect(adviceFor(told, gun(feed))?.bore?.min).toBe(bore);
  });

  it('is what holds for any feed before another feed’s', () => {
    expect(adviceFor({ guns: [...told.guns, fed(undefined, 1.5e-3)] }, gun('suction'))?.bore?.min).toBe(
      1.5e-3,
    );
    expect(adviceFor(told, gun('suction'))?.bore?.min).toBe(1.2e-3);
  });

  it('is none for a kind it does not name, and without a gun', () => {
    expect(adviceFor(told, { ...gun('gravity'), atomising: 'airless' })).toBeUndefined();
    expect(adviceFor(told, undefined)).toBeUndefined();
  });
});
