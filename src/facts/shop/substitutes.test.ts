import { classSheet, type Can, type Coating } from '@/records';
import type { ShelfCan } from './shelf';
import { substitutesFor } from './substitutes';

const sheet = (of: Coating['class'], id: string, says: Partial<Coating> = {}): Coating => ({
  ...classSheet(of, id, id, '2026-01-01'),
  ...says,
});
const can = (coatingId: string, left: number, says: Partial<ShelfCan> = {}): ShelfCan => ({
  can: {
    kind: 'can',
    version: 1,
    id: `${coatingId}c`,
    coatingId,
    componentId: 'base',
    lot: 'L',
    left,
  } satisfies Can,
  ...{ left, mass: left * 1000, thinned: 0, thinners: [], expired: false },
  ...says,
});

describe('what could stand in for a product', () => {
  const clear = sheet('two-part-clear', 'clear');

  it('is the same class first, then the same chemistry, then what is on the shelf; never itself', () => {
    const others = [
      sheet('water-lacquer', 'water'),
      sheet('two-part-clear', 'zed'),
      sheet('two-part-clear', 'abc'),
      sheet('wall-paint', 'wall'),
      clear,
    ];
    expect(substitutesFor(clear, others, [can('zed', 2e-3)]).map(({ sheet: { id } }) => id)).toEqual([
      'zed',
      'abc',
      'water',
    ]);
  });

  it('counts what is in date, and says what it brings with it', () => {
    const lacquer = sheet('water-lacquer', 'lacquer', { guns: [] });
    const [clearInstead] = substitutesFor(
      lacquer,
      [clear],
      [can('clear', 2e-3), can('clear', 5e-3, { expired: true })],
    );
    expect(clearInstead).toMatchObject({ left: 2e-3, other: true });
    expect(clearInstead!.moreHazards).toEqual(['isocyanate', 'flammable', 'solvent']);
    const [lacquerInstead] = substitutesFor(clear, [lacquer], []);
    expect(lacquerInstead!.moreHazards).toEqual([]);
    expect(lacquerInstead!.guns).toEqual(clear.guns.map(({ atomising }) => atomising));
  });

  it('a gel coat has only gel coats', () => {
    const gel = sheet('gel-coat', 'gel');
    expect(substitutesFor(gel, [sheet('sprayed-filler', 'f'), sheet('gel-coat', 'g')], [])).toHaveLength(1);
  });
});
