import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import {
  assumedVapour,
  dilutionAir,
  faceVelocities,
  runOn,
  usualRunOn,
  ventilation,
  type VentilationFound,
} from '.';

const the = (outcome: Outcome<VentilationFound>): VentilationFound => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const acetone = { molarMass: 0.05808, lowerLimit: 0.025 };
/** A kilogram in ten minutes, a booth of 3 × 2.5 m face and 45 m³, 3.75 m³/s. */
const booth = {
  solvent: 1,
  seconds: 600,
  vapour: assumedVapour,
  temperature: 293.15,
  airFlow: 3.75,
  face: { width: 3, height: 2.5 },
  room: 45,
  mixing: 1,
};

describe('ventilation', () => {
  it('xylene wants 91 m³ a kilogram, acetone 66, and the calculator agrees with the plain figure', () => {
    expect(the(ventilation(booth)).air).toBeCloseTo(90.6, 1);
    expect(the(ventilation({ ...booth, vapour: acetone })).air).toBeCloseTo(66.3, 1);
    expect(the(ventilation(booth)).air).toBeCloseTo(dilutionAir(1, assumedVapour) as number);
  });

  it('a booth by hand: face, changes, level and purge', () => {
    const found = the(ventilation(booth));
    expect(found.faceVelocity).toBeCloseTo(0.5);
    expect(found.changes).toBeCloseTo(300);
    expect(found.needed).toBeCloseTo(90.6 / 600, 3);
    expect(found.enough).toBe(true);
    // A quarter of the limit at the air needed, in proportion less at more.
    expect(found.level).toBeCloseTo((0.25 * found.needed) / 3.75, 6);
    expect(found.purge).toBeCloseTo((4 * 45) / 3.75);
    const close = the(ventilation({ ...booth, airFlow: 0.1, face: undefined }));
    expect(close.enough).toBe(false);
    expect(close.faceVelocity).toBeUndefined();
    expect(close.purge).toBeCloseTo(Math.max((45 / 0.1) * Math.log(close.level / 0.05), 1800));
  });

  it('at the needed flow the level is a quarter of the limit, whatever solvent, heat and mixing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 20, noNaN: true }),
        fc.double({ min: 1, max: 10, noNaN: true }),
        fc.double({ min: 273, max: 333, noNaN: true }),
        (solvent, mixing, temperature) => {
          const asked = { ...booth, solvent, mixing, temperature };
          const { needed } = the(ventilation(asked));
          expect(the(ventilation({ ...asked, airFlow: needed })).level).toBeCloseTo(0.25, 6);
          // More air never takes longer to purge.
          expect(the(ventilation({ ...asked, airFlow: needed * 2 })).purge).toBeLessThan(
            the(ventilation({ ...asked, airFlow: needed })).purge,
          );
        },
      ),
    );
  });

  it('what moves just enough is enough, what moves a little less is not', () => {
    const { needed } = the(ventilation(booth));
    expect(the(ventilation({ ...booth, airFlow: needed })).enough).toBe(true);
    expect(the(ventilation({ ...booth, airFlow: 0.999 * needed })).enough).toBe(false);
  });

  it('badly mixed air takes as many times longer to purge', () => {
    const found = the(ventilation({ ...booth, airFlow: 0.1, mixing: 3 }));
    expect(found.purge).toBeCloseTo(((45 * 3) / 0.1) * Math.log(found.level / 0.05), 6);
  });

  it('its defaults: a face of 0.4 to 0.75 m/s, usually 0.5; a quarter of an hour running on', () => {
    expect(faceVelocities).toEqual({ least: 0.4, usual: 0.5, most: 0.75 });
    expect(usualRunOn).toBe(900);
  });

  it('lets nothing stand for a purge when nothing was let go, and refuses what cannot be', () => {
    expect(the(ventilation({ ...booth, solvent: 0 }))).toMatchObject({ purge: 0, level: 0, enough: true });
    expect(ventilation({ ...booth, airFlow: 0 })).toMatchObject({
      says: expect.stringContaining('extraction'),
    });
    // The factor lies between 1 and 10: both are taken, what lies just outside is not.
    expect(ventilation({ ...booth, mixing: 0.99 })).toMatchObject({ refused: 'mixing' });
    expect(ventilation({ ...booth, mixing: 10.01 })).toMatchObject({ refused: 'mixing' });
    expect(the(ventilation({ ...booth, mixing: 1 })).needed).toBeGreaterThan(0);
    expect(the(ventilation({ ...booth, mixing: 10 })).needed).toBeGreaterThan(0);
    expect(ventilation({ ...booth, solvent: NaN })).toMatchObject({ refused: 'solvent' });
    expect(ventilation({ ...booth, face: { width: 0, height: 2 } })).toMatchObject({
      says: expect.stringContaining('face'),
    });
  });
});

describe('extraction running on', () => {
  it('takes ln 5 changes of badly mixed air, and four changes at least', () => {
    // 45 m³ at 3.75 m³/s: 12 s a change.
    expect(runOn({ room: 45, airFlow: 3.75, mixing: 1 })).toBeCloseTo(48, 9);
    expect(runOn({ room: 45, airFlow: 3.75, mixing: 3 })).toBeCloseTo(36 * Math.log(5), 9);
    expect(runOn({ room: 45, airFlow: 3.75 })).toBe(runOn({ room: 45, airFlow: 3.75, mixing: 3 }));
  });
});
