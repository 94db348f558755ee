import { isRefusal } from '@/core/refusal';
import { aJob, colour, logged, mixedColour, seen } from '../../../tests/fixtures/job';
import { solventOfBatch, solventOfCoat } from './index';

describe('solvent that a job lets go', () => {
  it('is the planned batch’s while none is mixed, then that of what was poured', () => {
    const planned = seen(aJob([colour]));
    const { volume } = planned.mix;
    if (isRefusal(volume)) throw new Error(volume.says);
    // Four parts with 400 g/L and one with 300: 380 g in every litre.
    expect(solventOfBatch(planned)).toBeCloseTo(380 * volume, 6);
    // 0.96 kg of base is 0.8 L, 0.2 kg of hardener 0.2 L: 320 g and 60 g.
    const mixed = seen(logged(aJob([colour]), [-20, mixedColour()]));
    expect(solventOfBatch(mixed)).toBeCloseTo(0.38, 6);
  });

  it('is shared out over the coats of its sheet', () => {
    const view = seen(logged(aJob([colour]), [-20, mixedColour()]));
    expect(solventOfCoat(view)).toBeCloseTo(0.19, 6);
  });
});
