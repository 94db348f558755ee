import { paperOfText, readSheet } from '@/core/sheet';
import { sheetFactOrder, sheetFactSays, sheetFactWords } from './sheetread';
import { unitsOf } from './units';

const text = `Holmbridge Epoxy Primer 4
Issue date: 4 February 2026
Mixing ratio: 3 : 1 by volume
Pot life: 5 h at 23 °C
Thinner: 5-10 % by volume of the mix
Spray viscosity: 22-26 s DIN 4 at 20 °C
Dry film: 40-60 µm per coat
Coats: 2-3
Airless: tip 0.015", 2000 psi
Air temperature: at least 12 °C
Shelf life: 24 months
Contains styrene.
`;

describe('facts of a paper in words', () => {
  const { facts } = readSheet(paperOfText(text));

  it('says each in the user’s units, with nothing left unfilled', () => {
    for (const units of [unitsOf('metric'), unitsOf('us')])
      for (const fact of sheetFactOrder) {
        const says = sheetFactSays(fact, facts, units);
        expect([fact, says.length > 0]).toEqual([fact, facts[fact] !== undefined]);
        expect(says).not.toMatch(/undefined|NaN/);
        expect(sheetFactWords[fact].length).toBeGreaterThan(1);
      }
  });

  it('reads as a person would write it', () => {
    const says = (fact: (typeof sheetFactOrder)[number]) =>
      sheetFactSays(fact, facts, unitsOf('metric')).replaceAll('\u00a0', ' ');
    expect(says('ratio')).toBe('3 : 1 by volume');
    expect(says('thinner')).toBe('5 % to 10 % by volume of the mix');
    expect(says('band')).toBe('22–26 s DIN cup 4 at 20 °C');
    expect(says('timesAt')).toBe('');
    expect(sheetFactSays('timesAt', { timesAt: 298.15 }, unitsOf('us')).replace(/\s/g, ' ')).toBe('77 °F');
    expect(says('guns')).toBe('Airless 15 mil, 138 bar, not said where');
    expect(says('air')).toBe('at least 12 °C');
    expect(sheetFactSays('thinner', { thinner: { max: 0 } }, unitsOf('metric'))).toBe('none allowed');
  });
});
