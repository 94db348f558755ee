import type { Job, NewEntry } from '@/records';
import { aJob, end, logged, start } from '../../../tests/fixtures/job';
import { openDefects } from '../job';
import { outcomesOf } from './outcomes';
import { measuredSpots } from './process';

const defect = (id: string): NewEntry => ({ type: 'defect', name: id, defect: id });
const action = (...defects: string[]): NewEntry => ({
  type: 'action',
  text: 'Raise the air',
  cause: 'air-low',
  defects,
});
const outcome = (job: Job, helped: 'yes' | 'partly' | 'no'): Job => {
  const change = job.log.find(({ type }) => type === 'action')!;
  return logged(job, [-1, { type: 'outcome', actionId: change.id, helped }]);
};

describe('one change at a time', () => {
  const job = logged(aJob(), [-9, defect('orange-peel')], [-8, defect('runs')], [-5, action('orange-peel')]);
  it('a defect stays open until a change made for it helped', () => {
    expect(openDefects(job).open.map(({ name }) => name)).toEqual(['orange-peel', 'runs']);
    expect(openDefects(job).change).toBeDefined();
    expect(openDefects(job).outcome).toBeUndefined();
    expect(openDefects(outcome(job, 'no')).open).toHaveLength(2);
    expect(openDefects(outcome(job, 'yes')).open.map(({ name }) => name)).toEqual(['runs']);
    const again = logged(outcome(job, 'yes'), [0, defect('orange-peel')]);
    expect(openDefects(again).open).toHaveLength(2);
  });

  it('outcomes of every job are counted by cause', () => {
    expect(outcomesOf([outcome(job, 'yes'), outcome(job, 'partly'), outcome(job, 'no'), aJob()])).toEqual({
      'air-low': { helped: 1.5, not: 1.5 },
    });
    expect(outcomesOf([logged(aJob(), [-5, { type: 'action', text: 'x' }])])).toEqual({});
  });
});

describe('spots of all jobs on one chart', () => {
  it('stand against their own aim, in order of time, with who, what and where', () => {
    const film = (spot: number, reading: number): NewEntry => ({
      type: 'film',
      faceId: 'front',
      spot,
      reading,
    });
    const one = logged(
      aJob(),
      [-60, start('lacquer-1')],
      [-50, end('lacquer-1')],
      [-10, film(1, 29e-6)],
      [-20, film(0, 14.5e-6)],
    );
    const spots = measuredSpots([aJob(), one]);
    expect(spots.map(({ share }) => Number(share.toFixed(3)))).toEqual([0.5, 1]);
    expect(spots.map(({ inside }) => inside)).toEqual([false, true]);
    expect(spots[0]).toMatchObject({ rig: 'rig', sheet: 'lacquer', job: 'job' });
  });
});
