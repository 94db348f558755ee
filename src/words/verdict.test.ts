import { isRefusal } from '@/core/refusal';
import type { Rig } from '@/records';
import { aJob, airless, seen, turbine, wallPaint } from '../../tests/fixtures/job';
import { unitsOf } from './units';
import { verdictSays } from './verdict';

const units = unitsOf('metric');
const said = (rig: Rig, job = aJob()) => {
  const { set } = seen(job, { rig });
  if (isRefusal(set.fittings)) throw new Error(set.fittings.says);
  return set.fittings.map((fitting) => [fitting.verdict.grade, verdictSays(fitting, set, units)] as const);
};
const of = (grade: string, rig: Rig, job = aJob()) => said(rig, job).filter(([own]) => own === grade);

describe('how well something fits, in words', () => {
  it('a slow nozzle: the needle, the speed, and what your hand would lay', () => {
    const [usable] = of('usable', { ...turbine, driving: 9e3, handSpeed: 0.25 });
    expect(usable![1]).toMatch(
      /^○ usable: .*needle fully open, 0\.\d\d\sm\/s; your hand, 0\.25\sm\/s, would lay \d\d\sµm/,
    );
  });
  it('of a hand nobody timed it says so', () => {
    const slow = said({ ...turbine, driving: 9e3, handSpeed: undefined }).filter(([, words]) =>
      words.includes('would lay'),
    );
    expect(slow.length).toBeGreaterThan(0);
    for (const [, words] of slow) expect(words).toMatch(/a hand of 0\.40\sm\/s, a default, would lay/);
  });
  it('a tip has no needle to open; what floods or starves says what a pass would be', () => {
    const rig: Rig = { ...airless, tips: ['509', '517', '531'] };
    const all = said(rig, aJob([wallPaint]));
    expect(all[0]).toEqual(['first', '✓ first choice']);
    expect(all.map(([, words]) => words).join()).not.toContain('needle');
    expect(of('no', rig, aJob([wallPaint])).map(([, words]) => words)).toEqual(
      expect.arrayContaining([expect.stringMatching(/^■ no: floods: \d+\sµm at 0\.80\sm\/s/)]),
    );
  });
});
