import { newRig } from '@/facts/newjob/newrig';
import { aJob, lacquer, seen, turbine } from '../../../tests/fixtures/job';
import { pressureLimit } from './pressurelimit';

describe('where a ladder ends', () => {
  const rig = { ...turbine, air: 'compressor' as const };
  it('at the lowest limit somebody stated, and says whose it is', () => {
    expect(pressureLimit(seen(aJob(), { rig }), 'cap')).toEqual({ at: 0.48e5, whose: 'sheet' });
    expect(pressureLimit(seen(aJob(), { rig: { ...rig, maxPressure: 0.45e5 } }), 'cap')).toEqual({
      at: 0.45e5,
      whose: 'rig',
    });
    const silent = aJob([{ ...lacquer, guns: [] }]);
    expect(pressureLimit(seen(silent, { rig }), 'cap')?.whose).toBe('hvlp');
    const weak = { ...turbine, stages: 2, airDemand: 8e-3, airHose: { bore: 19e-3, length: 5 } };
    expect(pressureLimit(seen(silent, { rig: weak }), 'cap')?.whose).toBe('turbine');
  });
  it('nowhere, where nobody stated one: a pressure read elsewhere is not the sheet’s', () => {
    const compliant = { ...newRig('rig', 'compliant'), maxPressure: undefined };
    expect(
      pressureLimit(seen(aJob([{ ...lacquer, guns: [] }]), { rig: compliant }), 'inlet'),
    ).toBeUndefined();
    expect(pressureLimit(seen(aJob(), { rig }), 'inlet')).toBeUndefined();
  });
});
