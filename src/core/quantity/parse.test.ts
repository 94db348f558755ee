import fc from 'fast-check';
import { isRefusal } from '../refusal';
import {
  format,
  parse,
  show,
  showClock,
  showDuration,
  typedInTwo,
  unitTogether,
  type ParseOptions,
  type QuantityId,
} from '.';
import { quantities, toSI } from './units';

const metric: ParseOptions = { system: 'metric' };

function read(text: string, quantity: QuantityId, options: ParseOptions = metric) {
  const outcome = parse(text, quantity, options);
  if (isRefusal(outcome)) throw new Error(`refused: ${outcome.says}`);
  return outcome;
}

function refusal(text: string, quantity: QuantityId) {
  const outcome = parse(text, quantity, metric);
  if (!isRefusal(outcome)) throw new Error(`read as ${outcome.value}`);
  return outcome;
}

describe('reading what people type', () => {
  it.each<[string, QuantityId, number]>([
    ['1 1/2', 'length', 1.5],
    ['½', 'length', 0.5],
    ['2 ¼ m', 'length', 2.25],
    ['1,5', 'length', 1.5],
    ['.5', 'length', 0.5],
    ['1.234,5 mm', 'length', 1.2345],
    ['1 250 g', 'mass', 1.25],
    ['2.0 bar', 'pressure', 200_000],
    ['20 psi', 'pressure', 137_895.146],
    ['70 F', 'temperature', 294.261],
    ['-5 °C', 'temperature', 268.15],
    ['3 mil', 'film', 76.2e-6],
    ['48um', 'film', 48e-6],
    ['10', 'share', 0.1],
    ['10 %', 'share', 0.1],
    ['8 oz/min', 'fluidFlow', 3.9431e-6],
    ['1:02', 'time', 62],
    ['6 cSt', 'viscosity', 6e-6],
    ["6'", 'length', 1.8288],
  ])('%s as %s', (text, quantity, si) => {
    expect(read(text, quantity).value).toBeCloseTo(si, si < 1e-3 ? 9 : 3);
  });

  it('assumes the unit of the system when none is typed', () => {
    expect(read('3.5', 'film', { system: 'us' }).value).toBeCloseTo(88.9e-6, 9);
    expect(read('70', 'temperature', { system: 'us' }).value).toBeCloseTo(294.26, 2);
  });

  it.each<[string, QuantityId, string]>([
    ['', 'film', 'empty'],
    ['   ', 'film', 'empty'],
    ['thick', 'film', 'not-a-number'],
    ['1.2.3,4,5', 'film', 'not-a-number'],
    ['1/0', 'film', 'not-a-number'],
    ['-4', 'film', 'negative'],
    ['20 psi', 'film', 'wrong-quantity'],
    ['20 furlongs', 'film', 'unknown-unit'],
    ['1e999', 'film', 'unknown-unit'],
  ])('refuses %p as %s: %s', (text, quantity, code) => {
    expect(refusal(text, quantity).refused).toBe(code);
  });

  it('says which quantity a foreign unit belongs to and which units would be right', () => {
    expect(refusal('20 psi', 'film').says).toBe(
      'psi is a unit of pressure. Here a film thickness is wanted: µm, mil, mm.',
    );
  });

  it('asks, and does not block, when a value is likely to be in the other unit', () => {
    const wet = read('3.5', 'film', { system: 'metric', expects: [20e-6, 400e-6] });
    expect(wet.value).toBeCloseTo(3.5e-6, 12);
    expect(wet.doubt?.instead?.text).toBe('3.5 mil');
    expect(wet.doubt?.instead?.value).toBeCloseTo(88.9e-6, 9);

    const room = read('70', 'temperature', { system: 'metric', expects: [273.15, 318.15] });
    expect(room.doubt?.instead?.text).toBe('70 °F');
  });

  it.each<[string, QuantityId, number]>([
    ['4\'7"', 'length', 55 * 0.0254],
    ['4 ft 7 in', 'length', 55 * 0.0254],
    ['5\' 3 1/2"', 'length', 63.5 * 0.0254],
    ['4ft 7', 'length', 55 * 0.0254],
    ['1-1/2 in', 'length', 1.5 * 0.0254],
    ['2 pt', 'volume', 2 * 473.176473e-6],
    ['12 µ', 'film', 12e-6],
    ['1.234.567 g', 'mass', 1234.567],
  ])('reads %s', (text, id, value) => {
    expect(read(text, id, { system: 'us' }).value).toBeCloseTo(value, 9);
  });

  it.each<[string, QuantityId]>([
    ['3..5', 'length'],
    ['1,2,3', 'length'],
    ['12:5', 'length'],
    ['1.2.345', 'mass'],
    ['4\' 13"', 'length'],
    ['-500 °C', 'temperature'],
    ['-274', 'temperature'],
  ])('refuses %s: two numbers, a slip, or no such thing', (text, id) => {
    const found = parse(text, id, { system: 'metric' });
    expect(isRefusal(found)).toBe(true);
  });

  it('asks about 12:5 of a clock, 1.234 g on a scale of grams, oz in a measure; not about 1.234 m', () => {
    expect(read('12:5', 'time')).toMatchObject({ value: 725, doubt: { instead: { value: 770 } } });
    expect(read('12:05', 'time').doubt?.instead).toBeUndefined();
    expect(read('1.234 g', 'mass').doubt?.instead?.text).toBe('1234 g');
    expect(read('1.234 m', 'length').doubt).toBeUndefined();
    expect(read('3 oz', 'volume', { system: 'us' }).doubt?.says).toContain('by volume');
    expect(read('-273 °C', 'temperature').value).toBeCloseTo(0.15, 9);
  });

  it('asks which was meant by 1,234', () => {
    expect(read('1,234', 'mass').doubt?.instead?.text).toBe('1234 g');
    const fits = read('1,234', 'mass', { system: 'metric', expects: [0.1, 20] });
    expect(fits.doubt?.instead?.value).toBeCloseTo(1.234, 9);
  });

  it('has nothing to ask about a value inside the expected range', () => {
    expect(read('90', 'film', { system: 'metric', expects: [20e-6, 400e-6] }).doubt).toBeUndefined();
  });

  it('never gives NaN or throws, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.string(),
        fc.constantFrom(...(Object.keys(quantities) as QuantityId[])),
        (text, quantity) => {
          const outcome = parse(text, quantity, metric);
          if (!isRefusal(outcome)) expect(Number.isFinite(outcome.value)).toBe(true);
          else expect(outcome.says.length).toBeGreaterThan(5);
        },
      ),
    );
  });
});

describe('showing values', () => {
  it.each<[QuantityId, number, string, string]>([
    ['film', 90e-6, '90 µm', '3.5 mil'],
    ['volume', 1.42e-3, '1.42 L', '1.50 qt'],
    ['pressure', 0.42e5, '0.42 bar', '6.1 psi'],
    ['temperature', 296.15, '23 °C', '73.4 °F'],
    ['speed', 0.4, '0.40 m/s', '15.7 in/s'],
    ['mass', 0.028, '28 g', '0.99 oz'],
    ['fluidFlow', 185e-6 / 60, '185 mL/min', '6.3 fl oz/min'],
  ])('%s', (quantity, si, metricText, usText) => {
    expect(show(quantity, si, 'metric')).toBe(metricText.replace(' ', '\u00a0'));
    expect(show(quantity, si, 'us')).toBe(usText.replace(' ', '\u00a0'));
  });

  const litre = 1e-3;
  const pound = 0.45359237;
  it.each<[QuantityId, number, string, string]>([
    ['volume', 0.47 * litre, '0.47 L', '15.9 fl oz'],
    ['volume', 0.48 * litre, '0.48 L', '0.51 qt'],
    ['volume', 3.78 * litre, '3.78 L', '3.99 qt'],
    ['volume', 3.79 * litre, '3.79 L', '1.00 gal'],
    ['mass', 9.99, '9990 g', '22 lb 0.4 oz'],
    ['mass', 29.316, '29.32 kg', '64 lb 10.1 oz'],
    ['mass', 0.999 * pound, '453 g', '15.98 oz'],
    // Never 16 ounces.
    ['mass', 1.9999 * pound, '907 g', '2 lb'],
    ['length', 3.04, '3.04 m', '119.7 in'],
    ['length', 3.05, '3.05 m', '10 ft'],
    ['length', 2.9 * 1.2, '3.48 m', '11 ft 5 in'],
    ['dose', 4.26e-6, '4.3 mL', '4.3 mL'],
    ['dose', 29e-6, '29 mL', '29 mL'],
    ['dose', 200e-6, '200 mL', '6.8 fl oz'],
    ['hoseBore', 7.94e-3, '7.9 mm', '5/16 in'],
    ['hoseBore', 6.36e-3, '6.4 mm', '1/4 in'],
    ['hoseBore', 9.5e-3, '9.5 mm', '3/8 in'],
    ['hoseBore', 12.7e-3, '12.7 mm', '1/2 in'],
    ['hoseBore', 31.75e-3, '31.8 mm', '1-1/4 in'],
    ['area', 0.05, '0.1 m²', '0.5 ft²'],
    ['distance', 0.2032, '203 mm', '8 in'],
  ])('%s by its size: %d', (quantity, si, metricText, usText) => {
    const plain = (text: string) => text.replace(/\u00a0/g, ' ');
    expect(plain(show(quantity, si, 'metric'))).toBe(metricText);
    expect(plain(show(quantity, si, 'us'))).toBe(usText);
  });

  it('what is shown in US units by its size is read back as it was, to its last digit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('volume' as const, 'mass' as const, 'length' as const),
        fc.double({ min: 0.05, max: 60, noNaN: true }),
        (id, size) => {
          const si = id === 'volume' ? size * litre : size;
          const back = parse(show(id, si, 'us'), id, { system: 'us' });
          if (isRefusal(back)) throw new Error(back.says);
          expect(Math.abs(back.value / si - 1)).toBeLessThan(0.031);
        },
      ),
    );
  });

  it('is typed in two units where it is told in two, and read back', () => {
    expect(typedInTwo('mass', 2 * pound, 'us')).toBe('2 lb 0');
    expect(typedInTwo('mass', 0.9 * pound, 'us')).toBeUndefined();
    expect(typedInTwo('mass', 5, 'metric')).toBeUndefined();
    expect(typedInTwo('length', 3.5, 'us')).toBe('11 ft 5.8');
    fc.assert(
      fc.property(
        fc.constantFrom(['mass', 0.46, 60] as const, ['length', 3.05, 30] as const),
        fc.double({ min: 0, max: 1, noNaN: true }),
        ([id, from, to], part) => {
          const si = from + part * (to - from);
          const back = parse(typedInTwo(id, si, 'us') ?? '', id, { system: 'us' });
          if (isRefusal(back)) throw new Error(back.says);
          expect(Math.abs(back.value / si - 1)).toBeLessThan(0.004);
        },
      ),
    );
  });

  it('tells both ends of a range in one unit, that of the larger', () => {
    expect(unitTogether('volume', [0.1 * litre, 2 * litre], 'us')).toBe('qt');
    expect(unitTogether('volume', [0.1 * litre, undefined], 'us')).toBe('fl oz');
    expect(unitTogether('film', [1e-6, 2e-6], 'us')).toBe('mil');
  });

  it('shows a dash where there is no value, and no minus before a zero', () => {
    expect(format('film', undefined, 'metric').number).toBe('–');
    expect(format('film', Number.NaN, 'metric').number).toBe('–');
    expect(format('temperatureStep', -0.01, 'metric').number).toBe('0.0');
  });

  it('comes back from display within half a last digit', () => {
    const ids = (Object.keys(quantities) as QuantityId[]).flatMap((id) =>
      quantities[id].units.map((unit) => [id, unit] as const),
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...ids),
        fc.double({ min: 0.01, max: 9999, noNaN: true }),
        ([id, unit], typed) => {
          const si = toSI(typed, unit);
          const text = show(id, si, 'metric', { unit: unit.id });
          const back = parse(text, id, metric);
          if (isRefusal(back)) throw new Error(back.says);
          expect(Math.abs(back.value - si)).toBeLessThanOrEqual(
            0.5001 * 10 ** -unit.digits * unit.scale + 1e-12,
          );
        },
      ),
    );
  });

  it('shows spans and clocks', () => {
    expect(showDuration(45)).toBe('45\u00a0s');
    expect(showDuration(45 * 60)).toBe('45\u00a0min');
    expect(showDuration(150 * 60)).toBe('2\u00a0h 30\u00a0min');
    expect(showDuration(72 * 3600)).toBe('3\u00a0d');
    expect(showClock(372)).toBe('06:12');
    expect(showClock(3972)).toBe('1:06:12');
    expect(showClock(-61)).toBe('−01:01');
    expect(showClock(-0.5)).toBe('00:00');
  });
});

it('a length in the wrong unit is guessed in the shop’s own system first', () => {
  const meant = (system: 'metric' | 'us') => {
    const found = parse('60', 'length', { system, expects: [0.05, 40] });
    return isRefusal(found) ? undefined : found.doubt?.instead?.text;
  };
  expect(meant('metric')).toBe('60 cm');
  expect(meant('us')).toBeUndefined();
});
