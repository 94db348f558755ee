import { ways } from '@/core/diagnosis';
import { riskWords, shutWords, wayWords } from './ways';

it('every way has its words, and what is not open says why in a clause', () => {
  for (const way of ways) expect(wayWords[way]).toMatch(/^[A-Z]/);
  for (const why of Object.values(shutWords)) expect(why).toMatch(/^[a-z].*[^.]$/);
  expect([0.1, 0.3, 0.6].map(riskWords)).toEqual(['small', 'some', 'large']);
});
