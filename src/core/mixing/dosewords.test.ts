import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { readDose, type DoseReading } from './dosewords';

const densities = { dose: 950, paint: 1200 };
const read = (words: string) => readDose(words, densities);
const readings = (words: string): DoseReading[] => {
  const found = read(words);
  if (isRefusal(found)) throw new Error(found.says);
  return found;
};
const percents = (words: string) => readings(words).map(({ share }) => Number((share * 100).toFixed(3)));

describe('a dose in the words of a paper', () => {
  it('a quarter ounce to the quart is three things', () => {
    const found = readings('¼ oz per quart');
    expect(found.map(({ as }) => as)).toEqual([
      'fluid, US',
      'fluid, imperial',
      'by weight, US',
      'by weight, imperial',
    ]);
    // 1/128, 1/160; 7.087 g of 950 kg/m³ are 7.46 mL to 946.35 and 1136.5 mL.
    expect(percents('¼ oz per quart')).toEqual([0.781, 0.625, 0.788, 0.656]);
  });

  it.each<[string, number[]]>([
    ['15 mL/L', [1.5]],
    ['15 ml per litre', [1.5]],
    ['1,5 cl/l', [1.5]],
    ['1/4 oz. per US quart', [0.781, 0.788]],
    ['1 fl oz per gallon', [0.781, 0.625]],
    ['1 oz by weight to each gallon', [0.788, 0.656]],
    ['20 drops per 100 g', [1.2]],
    ['5 g per kg', [0.5]],
    ['5 g/L', [0.526]],
    ['1 1/2 fl. oz per quart', [4.688, 3.75]],
    ['2 % by mass', [2]],
    ['2% by weight of the base', [2]],
    ['3 % v/v', [3]],
    ['2 %', [2, 2]],
    ['1 teaspoon per pint', [1.057, 0.88]],
    ['10 cc in 1 litre', [1]],
    ['10 g in 500 g', [2]],
  ])('%s', (words, shares) => expect(percents(words)).toEqual(shares));

  it('says what it is a share of, where the words do', () => {
    expect(readings('2 % by mass of the resin')[0]).toMatchObject({ by: 'mass', of: 'base' });
    expect(readings('15 mL/L of ready mix')[0]).toMatchObject({ by: 'volume', of: 'mix' });
    expect(readings('15 mL/L')[0]?.of).toBeUndefined();
  });

  it.each([
    ['a capful', 'dose-words'],
    ['', 'dose-words'],
    ['0 mL/L', 'dose-words'],
    ['2 capfuls per litre', 'dose-unit'],
    ['500 mL/L', 'dose-large'],
  ])('%s is refused', (words, code) => expect(read(words)).toMatchObject({ refused: code }));

  it('never throws, and never reads a dose that is none', () => {
    const word = fc.constantFrom(
      '¼',
      '1/4',
      '2',
      'oz',
      'mL',
      '/',
      'per',
      'quart',
      'L',
      '%',
      'by mass',
      'g',
      '0',
    );
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.array(word).map((all) => all.join(' ')),
        ),
        (words) => {
          const found = read(words);
          if (!isRefusal(found))
            for (const { share } of found) {
              expect(Number.isFinite(share)).toBe(true);
              expect(share).toBeGreaterThan(0);
            }
        },
      ),
    );
  });
});
