import { celsius } from '@/core/climate';
import { isRefusal } from '@/core/refusal';
import type { Rig } from '@/records';
import { at, end, logged, readyToSpray, sprayedWith, start, turbine } from '../../../tests/fixtures/job';
import { rigMoisture, waterRows } from './water';

const rig: Rig = {
  ...turbine,
  air: 'compressor',
  airDemand: 0.5 / 60,
  compressor: { delivers: 0.6 / 60, tank: 0.1, high: 8e5, low: 6e5 },
};
const summer = { air: celsius(28), humidity: 0.7, room: celsius(22), working: 3 * 3600 };

describe('water by the weather', () => {
  it('is reckoned from the air the gun takes, and asks for a compressor', () => {
    const found = rigMoisture(rig, summer);
    if (isRefusal(found)) throw new Error(found.says);
    expect(found.aDay).toBeGreaterThan(0.8);
    expect(rigMoisture(turbine, summer)).toMatchObject({ refused: 'no-compressor' });
    const small = rigMoisture({ ...rig, compressor: { ...rig.compressor!, delivers: 0.25 / 60 } }, summer);
    if (isRefusal(small)) throw new Error(small.says);
    expect(small.aDay / found.aDay).toBeCloseTo(0.5);
    const dried = rigMoisture({ ...rig, airParts: [{ id: 'd', kind: 'dryer' }] }, summer);
    if (isRefusal(dried)) throw new Error(dried.says);
    expect(dried.atGun).toBeLessThan(found.atGun / 2);
  });

  it('sets what was found beside what was to be expected for what was sprayed since', () => {
    const weather = { air: celsius(28), humidity: 0.7 };
    const kept: Rig = {
      ...rig,
      waterFound: [
        { at: at(-200), where: 'tank', volume: 1e-4, ...weather },
        { at: at(0), where: 'tank', volume: 2e-4, ...weather },
        { at: at(-5), where: 'gun', volume: 1e-6, ...weather },
        { at: at(-2), where: 'separator', volume: 3e-5 },
      ],
    };
    const sprayed = logged(readyToSpray(), [-100, start('lacquer-1')], [-40, end('lacquer-1')]);
    const job = sprayedWith(sprayed, rig.id);
    const rows = waterRows(kept, [job]);
    expect(rows.map(({ found }) => found.where)).toEqual(['tank', 'separator', 'gun', 'tank']);
    expect(rows[0]!.sprayed).toBeCloseTo(3600);
    const hour = rigMoisture(kept, { ...weather, room: weather.air, working: 3600 });
    if (isRefusal(hour)) throw new Error(hour.says);
    expect(rows[0]!.expected).toBeCloseTo((hour.inTank * 3600) / 1000, 9);
    // Nobody noted the weather; and at the gun none is ever expected.
    expect(rows[1]!.expected).toBeUndefined();
    expect(rows[2]!.expected).toBeUndefined();
    expect(rows[3]!.expected).toBe(0);
  });
});
