import { measures } from '@/facts/shop/book';
import { groupName, markWords, measureWords, scaleOf, valueWords } from './book';
import { unitsOf } from './units';

const [metric, us] = [unitsOf('metric'), unitsOf('us')];
const names = { sheet: () => 'Lacquer', gun: () => 'Turbine', fitted: () => '1.8 mm' };

describe('the book in words', () => {
  it.each([
    ['film', 0.974, '97 %', '97 %'],
    ['thinning', -0.05, '−5 %', '−5 %'],
    ['paint', 120e-6, '120 mL/m²', '0.38 fl oz/ft²'],
    ['minutes', 48, '0.80 min/m²', '4 s/ft²'],
    ['waste', 0.25e-3, '250 mL', '8 fl oz'],
    ['faults', 1.5, '1.5', '1.5'],
  ] as const)('%s', (measure, value, inMetric, inUs) => {
    expect(valueWords(measure, value, metric).replace('\u00a0', ' ')).toBe(inMetric);
    expect(valueWords(measure, value, us).replace('\u00a0', ' ')).toBe(inUs);
  });

  it('what nobody recorded is no nought', () => {
    for (const measure of measures) {
      expect(valueWords(measure, undefined, metric)).toBe('–');
      expect(measureWords[measure].says).not.toBe('');
      expect(scaleOf(measure, us).by).toBeGreaterThan(0);
    }
  });

  it('groups and changes by their names', () => {
    expect(groupName('month', '2026-11', names)).toBe('Nov 2026');
    expect(groupName('person', '', names)).toBe('nobody named');
    expect(groupName('gun', 'r', names)).toBe('Turbine');
    expect(markWords({ at: 0, kind: 'revision', of: 's', now: 'B' }, names)).toBe('Lacquer: sheet B');
    expect(markWords({ at: 0, kind: 'fitted', of: 'r', now: 'n' }, names)).toBe('Turbine: 1.8 mm');
  });
});
