import type { Recurrence } from '@/facts/shop/recurring';
import { oddsWords, pointsTo, recursWords } from './recurring';

const gun: Recurrence = {
  side: 'machine',
  kind: 'gun',
  key: 'g',
  withIt: 4,
  of: 5,
  without: 1,
  ofOthers: 9,
  chance: 0.023,
};

describe('a fault that comes again', () => {
  it('in counts, and how often by accident', () => {
    expect(recursWords(gun, 'Bay 2 gun')).toBe(
      '4 of 5 jobs with Bay 2 gun, 1 of 9 with others: by accident once in 43.',
    );
    expect([oddsWords(0.8), oddsWords(0.5), oddsWords(0.001)]).toEqual([
      'more often than not',
      'once in 2',
      'once in 1000',
    ]);
  });

  it('points somewhere only where accident is unlikely, and to both where they always met', () => {
    expect(pointsTo([gun])).toBe('It points to the machine.');
    expect(pointsTo([{ ...gun, chance: 0.3 }])).toMatch(/may all be accident/);
    expect(pointsTo([])).toMatch(/may all be accident/);
    expect(pointsTo([gun, { ...gun, side: 'hand', kind: 'person' }])).toMatch(/the machine or with the hand/);
    expect(pointsTo([gun, { ...gun, side: 'hand', chance: 0.2 }])).toBe('It points to the machine.');
  });
});
