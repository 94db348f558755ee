import { coating, rig } from '@/records';
import { withoutEmpty } from './formvalues';

describe('what a form holds, by its record’s schema', () => {
  it('leaves out optional parts with amounts of which none is filled, whatever was chosen beside them', () => {
    const kept = withoutEmpty(coating)({
      target: { cupId: 'iso-4', min: undefined, max: undefined, temperature: undefined },
      totalFilm: { min: undefined, max: undefined },
      vocLimit: { value: 420, counts: 'less-water' },
      times: { flash: 300, forced: { temperature: undefined, duration: undefined } },
    });
    expect(kept).toEqual({ vocLimit: { value: 420, counts: 'less-water' }, times: { flash: 300 } });
  });

  it('leaves out choices not made and empty lists, and keeps texts that may be empty', () => {
    const kept = withoutEmpty(rig)({
      sets: [{ id: 'a', bore: 1.3e-3, since: '' }],
      airParts: [],
      tips: [],
      seals: '',
      note: '',
      viscosity: { cupId: '', min: undefined, max: undefined },
    });
    // Tips are no optional list: a rig without any says so.
    expect(kept).toEqual({ sets: [{ id: 'a', bore: 1.3e-3 }], tips: [], note: '' });
  });

  it('keeps half-filled parts, for the schema to say what is missing', () => {
    expect(withoutEmpty(coating)({ totalFilm: { min: 4e-5, max: undefined } })).toEqual({
      totalFilm: { min: 4e-5 },
    });
  });
});
