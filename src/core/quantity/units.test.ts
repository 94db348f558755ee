import fc from 'fast-check';
import { fromSI, toSI, unitIn, unitNamed, unitToType, type QuantityId } from '.';
import { quantities } from './units';

const ids = Object.keys(quantities) as QuantityId[];

describe.each(ids)('%s', (id) => {
  const { units, metric, us } = quantities[id];

  it('has a unit of its own for each system', () => {
    expect(units.map((unit) => unit.id)).toEqual(expect.arrayContaining([metric, us]));
    expect(unitIn(id, 'metric').id).toBe(metric);
  });

  it('no word means two of its units', () => {
    const words = units.flatMap((unit) => [unit.id, ...unit.aliases]);
    expect(new Set(words).size).toBe(words.length);
    for (const unit of units)
      for (const word of [unit.id, ...unit.aliases]) expect(unitNamed(id, ` ${word} `)?.id).toBe(unit.id);
  });

  it('goes to SI and back', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        (unit, value) => {
          expect(fromSI(toSI(value, unit), unit)).toBeCloseTo(value, 6);
        },
      ),
      { numRuns: 30 },
    );
  });
});

it('the trade’s own equivalents hold', () => {
  const si = (id: QuantityId, value: number, unit: string) => toSI(value, unitNamed(id, unit)!);
  expect(si('film', 1, 'mil')).toBeCloseTo(25.4e-6, 12);
  expect(si('pressure', 1, 'bar') / si('pressure', 1, 'psi')).toBeCloseTo(14.5038, 4);
  expect(si('volume', 1, 'gal')).toBeCloseTo(3.785412e-3, 9);
  expect(si('volume', 1, 'gal') / si('volume', 1, 'fl oz')).toBeCloseTo(128, 9);
  expect(si('mass', 1, 'lb') / si('mass', 1, 'oz')).toBeCloseTo(16, 9);
  expect(si('temperature', 32, '°F')).toBeCloseTo(273.15, 9);
  expect(si('temperature', 212, '°F')).toBeCloseTo(373.15, 9);
  expect(si('airFlow', 1, 'cfm') / si('airFlow', 1, 'L/min')).toBeCloseTo(28.317, 3);
  expect(si('density', 1, 'lb/gal')).toBeCloseTo(119.826, 3);
});

describe('the unit a field is typed in', () => {
  it.each([
    ['volume', 0.2e-3, 'us', 'fl oz'],
    ['volume', 0.9e-3, 'us', 'qt'],
    ['volume', 8e-3, 'us', 'gal'],
    ['volume', undefined, 'us', 'gal'],
    ['volume', 0.2e-3, 'metric', 'L'],
    ['dose', 5e-6, 'us', 'mL'],
    // Told in two, typed in the smaller.
    ['mass', 2, 'us', 'oz'],
    ['mass', 12, 'metric', 'kg'],
    ['length', 5, 'us', 'in'],
  ] as const)('%s of %s, %s: %s', (quantity, value, system, unit) => {
    expect(unitToType(quantity, value, system).id).toBe(unit);
  });
});
