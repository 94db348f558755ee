import fc from 'fast-check';
import { isRefusal } from '@/core/refusal';
import { rig as rigSchema, type Rig } from '@/records';
import { gunWords } from '@/records/rigwords';
import { tipFromCode } from '@/core/airless';
import { newRig } from '../newjob/newrig';
import { ofItsFamily, switched } from './rigfamily';

const families = Object.keys(gunWords) as Rig['atomising'][];
const full = (atomising: Rig['atomising']): Rig => ({
  ...newRig('r', atomising, { bore: 1.3e-3, tip: '517' }),
  turbine: { sealed: 0.5e5, open: 2000e-3 / 60 },
  stages: 4,
  compressor: { delivers: 300e-3 / 60, tank: 0.1, high: 10e5, low: 4e5 },
  pump: { flow: 2e-3 / 60 },
  fluidHose: { bore: 6e-3, length: 15 },
  transfer: 0.7,
  maxPressure: 3e5,
});

describe('a rig of its family', () => {
  it('holds nothing another family has, and what its own needs', () => {
    const airless = ofItsFamily(full('airless'));
    for (const foreign of ['turbine', 'stages', 'compressor', 'driving', 'airHose'])
      expect(airless).not.toHaveProperty(foreign);
    expect(airless).toMatchObject({ sets: [], feed: 'pump', air: 'none', tips: ['517'] });
    const turbine = ofItsFamily({ ...full('hvlp'), air: 'turbine' });
    expect(turbine).toMatchObject({ turbine: { sealed: 0.5e5 }, stages: 4, tips: [] });
    for (const foreign of ['compressor', 'pump', 'fluidHose']) expect(turbine).not.toHaveProperty(foreign);
    expect(ofItsFamily({ ...full('hvlp'), feed: 'pressure-pot' })).toHaveProperty('fluidHose');
    expect(ofItsFamily({ ...full('conventional'), air: 'none', sets: [] })).toMatchObject({
      air: 'compressor',
      sets: [{ bore: 1.4e-3 }],
    });
  });

  it('switched through any families it is always whole, and ends as the last is from new', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...families),
        fc.array(fc.constantFrom(...families), { minLength: 1, maxLength: 6 }),
        (first, through) => {
          const last = through.reduce(switched, ofItsFamily(full(first)));
          expect(rigSchema.safeParse(last).success).toBe(true);
          expect(last).toEqual(ofItsFamily(last));
          expect(last.atomising).toBe(through.at(-1));
          if (last.atomising === 'airless') {
            expect(last.tips.length).toBeGreaterThan(0);
            expect(last.tips.every((code) => !isRefusal(tipFromCode(code)))).toBe(true);
          } else expect(last.sets.length).toBeGreaterThan(0);
          // A limit or a transfer of the family it was says nothing of the one it is.
          if (first !== last.atomising && through.every((each) => each !== first))
            expect(last.transfer).toBeUndefined();
        },
      ),
      { numRuns: 300 },
    );
  });

  it('keeps a name somebody gave it', () => {
    expect(switched(newRig('r', 'hvlp'), 'airless').name).toBe('Airless gun');
    expect(switched({ ...newRig('r', 'hvlp'), name: 'Old faithful' }, 'airless').name).toBe('Old faithful');
  });
});
