import type { AnyRecord, Job, Rig } from '@/records';
import { aJob, lacquer, noon, turbine } from '../../tests/fixtures/job';
import type { BundleItem } from './bundle';
import { triedOut } from './trial';

const item = (record: AnyRecord, state: BundleItem['state'] = 'new'): BundleItem => ({
  key: `${record.kind}/${record.id}`,
  name: record.id,
  state,
  record,
});
const job: Job = { ...aJob(), id: 'mine', name: 'Mine' };

describe('a file tried out before it is offered', () => {
  it('leaves what can be concluded as it is', () => {
    const items = [item({ ...aJob(), id: 'other' }), item(lacquer), item(turbine, 'changed')];
    expect(triedOut(items, [job, turbine], noon)).toEqual(items);
  });

  it('refuses a job of which nothing can be concluded, with the reason, and no other', () => {
    const bad = { ...aJob(), id: 'bad', layers: [{}] } as unknown as Job;
    const [first, second] = triedOut([item(bad), item({ ...aJob(), id: 'good' })], [job], noon);
    expect(first).toMatchObject({ state: 'refused', record: undefined });
    expect(first!.why).toContain('would stop the shop');
    expect(second).toMatchObject({ state: 'new' });
  });

  it('refuses a gun with which a job of the shop could not be concluded any more', () => {
    const bad = { ...turbine, sets: null } as unknown as Rig;
    const [found] = triedOut([item(bad, 'changed')], [job, turbine], noon);
    expect(found).toMatchObject({ state: 'refused' });
    expect(found!.why).toContain('“Mine”');
  });

  it('a job that was stopped before blames nothing in the file', () => {
    const stopped = { ...job, layers: [{}] } as unknown as Job;
    expect(triedOut([item(turbine)], [stopped], noon)).toEqual([item(turbine)]);
  });
});
