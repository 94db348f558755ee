import { celsius } from '../climate';
import { thinnerAdvice, type ThinnerChoice } from '.';

const thinner = (id: string, speed: ThinnerChoice['speed'], min: number, max: number): ThinnerChoice => ({
  id,
  speed,
  air: { min: celsius(min), max: celsius(max) },
});
const table = [
  thinner('f', 'fast', 5, 18),
  thinner('m', 'medium', 16, 26),
  thinner('s', 'slow', 24, 35),
  { id: 'w' },
];
const advice = (degrees: number, area = 2) => thinnerAdvice(table, celsius(degrees), area);

describe('which thinner', () => {
  it('is the one the sheet names for this air', () => {
    expect([10, 20, 30].map((degrees) => advice(degrees))).toEqual(
      ['f', 'm', 's'].map((id) => ({ id, by: 'sheet' })),
    );
  });
  it('is one step slower for a large surface, where that is still near its air', () => {
    expect(advice(21, 8)).toEqual({ id: 's', by: 'large' });
    expect(advice(17, 8)).toEqual({ id: expect.stringMatching(/[fm]/), by: expect.any(String) });
    expect(advice(33, 8)).toEqual({ id: 's', by: 'sheet' });
  });
  it('is the nearest in air that no thinner is made for, and none where the sheet says nothing', () => {
    expect(advice(40)).toEqual({ id: 's', by: 'nearest' });
    expect(thinnerAdvice([{ id: 'w' }], celsius(20), 2)).toBeUndefined();
  });
});
