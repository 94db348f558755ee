import { newShop, usualSpeech } from '@/records';
import { speechOf, withSpeech } from './speech';

const quiet = { says: ['alarm' as const], volume: 0.3, tick: false };
const shop = { ...newShop, operator: 'Ada', people: [{ id: 'p1', name: 'Ada', formerly: ['Addie'] }] };

test('until somebody chooses, everything is spoken', () => {
  expect(speechOf(shop)).toEqual(usualSpeech);
});

test('a choice belongs to whoever is at the bench, under any name they went by', () => {
  const chosen = withSpeech(shop, quiet);
  expect(speechOf(chosen)).toEqual(quiet);
  expect(speechOf({ ...chosen, operator: 'Addie' })).toEqual(quiet);
  expect(speechOf({ ...chosen, operator: 'Ben' })).toEqual(usualSpeech);
});

test('who is not listed chooses for all who did not', () => {
  const chosen = withSpeech({ ...shop, operator: 'Ben' }, quiet);
  expect(speechOf(chosen)).toEqual(quiet);
  expect(speechOf({ ...chosen, operator: 'Ada' })).toEqual(quiet);
  expect(withSpeech(chosen, usualSpeech).people).toEqual(shop.people);
});
