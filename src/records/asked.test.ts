import { classSheet } from '.';
import { openQuestions, settled } from './asked';

const sheet = { ...classSheet('water-lacquer', 's', 'Lacquer', '2026-11-01'), shelf: { opened: 36_500 } };
const asked = [{ path: 'shelf.opened', said: 1e9, taken: 36_500 }];

describe('what is asked of a record', () => {
  it('stays open while the value stands as it was taken', () => {
    expect(openQuestions({ ...sheet, asked })).toEqual(asked);
    expect(openQuestions({ ...sheet, shelf: { opened: 90 }, asked })).toEqual([]);
    expect(openQuestions(sheet)).toEqual([]);
    // The part it was in may be gone.
    expect(openQuestions({ ...sheet, shelf: undefined, asked })).toEqual([]);
  });

  it('is settled one by one', () => {
    const two = [...asked, { path: 'film.max', said: 3, taken: 0.1 }];
    expect(settled({ ...sheet, asked: two }, two[1]!).asked).toEqual(asked);
    expect(settled({ ...sheet, asked }, asked[0]!).asked).toBeUndefined();
  });
});
