import { isRefusal } from '@/core/refusal';
import { keyOf, newShop, type Can, type Coating, type Cup, type Job, type Rig } from '@/records';
import { demoShop } from '.';
import { shelfOf } from '@/facts/shop/shelf';
import { jobView, stages, withLayer, type JobView, type Stage } from '@/facts/job';
import { viewsOf } from '@/facts/records';
import { nextLine } from '@/words/nextline';
import { stripCells } from '@/words/strip';
import { unitsOf } from '@/words/units';

const metric = unitsOf('metric');
const now = Date.parse('2026-11-23T09:00:00Z');
const shop = demoShop(now);
const kind = <T>(of: string) => shop.filter((record) => record.kind === of) as T[];
const jobs = kind<Job>('job').filter(({ closed }) => !closed);
const view = (job: Job): JobView =>
  jobView(job, {
    rigOf: (rigId) => kind<Rig>('rig').find(({ id }) => id === rigId),
    cups: kind<Cup>('cup'),
    shelf: shelfOf(kind<Can>('can'), kind<Coating>('coating'), jobs, '2026-11-23'),
    shop: newShop,
    now,
  });

describe('the demo shop', () => {
  it('has jobs at every stage, three of them of several products', () => {
    const at = Object.fromEntries(jobs.map((job) => [job.id, view(job).current]));
    expect(at).toEqual({
      'demo-saloon-doors': 'thin',
      'demo-livery-panels': 'spray',
      'demo-truck-frames': 'mix',
      'demo-seat-brackets': 'check',
      'demo-seat-shells': 'plan',
      'demo-depot-walls': 'clean',
      'demo-apron': 'spray',
      'demo-lining-band': 'spray',
    } satisfies Record<string, Stage>);
    expect(jobs.filter(({ layers }) => layers.length > 1)).toHaveLength(3);
  });

  it.each(jobs.map((job) => [job.name, job] as const))(
    '%s has something to show on every stage',
    (_, job) => {
      const seen = view(job);
      expect(isRefusal(seen.plan.needed)).toBe(false);
      expect(isRefusal(seen.mix.ladder)).toBe(false);
      expect(isRefusal(seen.set.fittings)).toBe(false);
      expect(isRefusal(seen.set.proposal)).toBe(false);
      expect(seen.spray.strokes.every(({ seconds }) => seconds > 0 && seconds < 120)).toBe(true);
      expect(seen.check.spots.length).toBeGreaterThan(0);
      expect(seen.clean.steps.length).toBeGreaterThan(5);
    },
  );

  it('the frames have gone wrong: their recoat window is closed', () => {
    const frames = view(jobs.find(({ id }) => id === 'demo-truck-frames') as Job);
    expect(frames.spray.recoat?.state).toBe('closed');
    expect(frames.mix.sources[0]?.expired.map(({ can }) => can.lot)).toEqual(['M1-077']);
  });

  it('the apron is to be sanded, and the silver to be looked at', () => {
    const of = (id: string) => view(jobs.find((job) => job.id === id) as Job);
    expect(of('demo-apron').spray.due).toMatchObject({ what: 'sand', grit: 180, state: 'due' });
    expect(of('demo-lining-band').spray.look).toMatchObject({ asks: 'hides', on: 2, least: 2, most: 4 });
  });

  it('the colour coat is flashing', () => {
    const panels = view(jobs.find(({ id }) => id === 'demo-livery-panels') as Job);
    expect(panels.spray.recoat?.state).toBe('flashing');
    expect(panels.timers.map(({ id }) => id)).toContain('flash');
  });

  it.each(jobs.map((job) => [job.name, job] as const))(
    '%s can be gone on with by any other gun and cup, in mid-job',
    (_, job) => {
      const records = new Map(shop.map((record) => [keyOf(record), record]));
      for (const { id: layerId } of job.layers)
        for (const rig of kind<Rig>('rig'))
          for (const cup of kind<Cup>('cup')) {
            const changed = withLayer(job, layerId, { rigId: rig.id, cupId: cup.id });
            records.set(keyOf(changed), changed);
            const { inconclusive, views } = viewsOf(records, [changed], now);
            expect(inconclusive).toEqual([]);
            for (const stage of stages) expect(nextLine(views[0]!, stage, metric).says).not.toBe('');
            stripCells(views[0]!, metric);
          }
    },
  );
});
