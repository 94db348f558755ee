import { quantityOf, unitIn, type QuantityId } from '@/core/quantity';
import { refuse } from '@/core/refusal';
import { unitsOf } from './units';
import { expects } from './expects';
import { scaleDigits } from '@/words/mix';

const plain = (text: string) => text.replace(/\u00a0/g, ' ');
const metric = unitsOf('metric');
const us = unitsOf('us');

describe('units on screen', () => {
  it('shows ranges with one unit at the end', () => {
    expect(plain(metric.range('film', 25e-6, 35e-6))).toBe('25–35 µm');
    expect(plain(us.range('temperature', 291.15, 303.15))).toBe('64.4–86 °F');
    expect(plain(metric.range('pressure', 0.7e5, 0.7e5))).toBe('0.70 bar');
  });

  it('tells how much a degree takes by the degrees of the shop', () => {
    expect(plain(metric.show('temperatureSlope', 0.06))).toBe('6.0 %/°C');
    expect(plain(us.show('temperatureSlope', 0.06))).toBe('3.3 %/°F');
  });

  it('says a refusal in the user’s units', () => {
    const cold = refuse('x', 'Between {min} and {max}, not {value}.', {
      quantity: 'temperature',
      min: 291.15,
      max: 303.15,
      value: 283.15,
    });
    expect(plain(metric.says(cold))).toBe('Between 18 °C and 30 °C, not 10 °C.');
    expect(plain(us.says(cold))).toBe('Between 64.4 °F and 86 °F, not 50 °F.');
    expect(metric.says(refuse('x', 'Just words.'))).toBe('Just words.');
  });

  it('tells masses as finely as the scale weighs', () => {
    expect([0.001, 0.005, 0.0001, 0.00001, 0.01].map(scaleDigits)).toEqual([0, 0, 1, 2, 0]);
  });

  it('asks about no value that is usual in the other system’s own unit', () => {
    for (const [low, high] of Object.values(expects)) expect(low).toBeLessThan(high);
    const ids: QuantityId[] = ['film', 'pressure', 'temperature', 'volume', 'mass', 'speed', 'fluidFlow'];
    for (const id of ids) {
      expect(unitIn(id, 'metric').id).toBe(quantityOf(id).metric);
      expect(unitIn(id, 'us').id).toBe(quantityOf(id).us);
    }
  });
});
