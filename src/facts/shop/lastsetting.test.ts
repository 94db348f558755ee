import { aJob, at, logged, setting, sprayedWith } from '../../../tests/fixtures/job';
import { setAgain } from '../job';
import { lastSettingOf } from './lastsetting';

const job = (id: string, minutes: number, pressure: number) => ({
  ...logged(aJob(), [minutes, { ...(setting() as object), pressure } as ReturnType<typeof setting>]),
  id,
});

describe('restoring a setting', () => {
  it('finds the youngest of this rig and coating, in whatever job', () => {
    const jobs = [job('a', -300, 1e5), job('b', -100, 2e5), sprayedWith(job('c', -10, 3e5), 'other')];
    expect(lastSettingOf(jobs, 'rig', 'lacquer')?.pressure).toBe(2e5);
    expect(lastSettingOf(jobs, 'rig', 'colour')).toBeUndefined();
  });

  it('never one that was struck', () => {
    const struck = job('a', -10, 1e5);
    const log = struck.log.map((entry) => ({ ...entry, struck: { at: at(0), why: 'wrong gun' } }));
    expect(lastSettingOf([{ ...struck, log }], 'rig', 'lacquer')).toBeUndefined();
  });

  it('is the same setting as a new entry, without what belongs to the old one', () => {
    const held = lastSettingOf([job('a', -10, 1e5)], 'rig', 'lacquer')!;
    const again = setAgain({ ...held, by: 'Wren', simulated: true, setId: 's14', knobs: { fluid: 1.5 } });
    expect(again).toMatchObject({
      type: 'setting',
      setId: 's14',
      pressure: 1e5,
      bore: 1.5e-3,
      knobs: { fluid: 1.5 },
    });
    for (const own of ['id', 'at', 'by', 'simulated', 'tip']) expect(again).not.toHaveProperty(own);
  });
});
