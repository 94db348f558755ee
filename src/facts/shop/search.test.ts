import type { NewEntry } from '@/records';
import { aJob, card, logged, noon, readyToSpray, turbine } from '../../../tests/fixtures/job';
import { searchOf, symptomOnCard } from './search';

const looked = (part: string, found = false): NewEntry => ({
  type: 'symptom',
  symptom: 'low-flow',
  part,
  found,
});
const parts = (job = aJob(), jobs = [job]) =>
  searchOf(job, jobs, turbine, 'low-flow', noon).rows.map(({ part }) => part);

describe('a search for what is wrong with the gun', () => {
  it('puts what was looked at last, and ends with what was it', () => {
    const [first, second] = parts();
    const after = logged(aJob(), [-5, looked(first!)]);
    expect(parts(after)[0]).toBe(second);
    expect(parts(after).at(-1)).toBe(first);
    const found = logged(after, [-4, looked(second!, true)]);
    const search = searchOf(found, [found], turbine, 'low-flow', noon);
    expect(search.solved).toBe(second);
    expect(search.rows.find(({ part }) => part === second)!.state).toBe('it');
  });

  it('begins anew when it comes back, and half a day later', () => {
    const [first, second, third] = parts();
    const solved = logged(aJob(), [-9, looked(first!)], [-8, looked(second!, true)]);
    const again = logged(solved, [-5, looked(third!)]);
    const search = searchOf(again, [again], turbine, 'low-flow', noon);
    expect(search.solved).toBeUndefined();
    expect(search.rows.filter(({ state }) => state === 'not-it').map(({ part }) => part)).toEqual([third]);
    expect(
      searchOf(logged(aJob(), [-800, looked(first!)]), [], turbine, 'low-flow', noon).rows[0]!.part,
    ).toBe(first);
  });

  it('what was guilty in other jobs is looked at sooner', () => {
    const last = parts().at(-1)!;
    const share = (jobs: ReturnType<typeof aJob>[]) =>
      searchOf(aJob(), jobs, turbine, 'low-flow', noon).rows.find(({ part }) => part === last)!.share;
    const guilty = logged(
      aJob(),
      [-9000, looked(last, true)],
      [-8000, looked(last, true)],
      [-7000, looked(last, true)],
    );
    expect(share([guilty])).toBeGreaterThan(2 * share([]));
  });

  it('takes the last card’s fault for the symptom', () => {
    expect(symptomOnCard(logged(readyToSpray(), [-1, card('split')]))).toBe('split');
    expect(symptomOnCard(readyToSpray())).toBeUndefined();
    expect(symptomOnCard(aJob())).toBeUndefined();
  });
});
