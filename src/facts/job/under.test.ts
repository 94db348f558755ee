import { prepChain } from '@/core/system';
import type { Job, LayerWork } from '@/records';
import { aJob, coatsChanged, coatsIn, colour, lacquer, seen } from '../../../tests/fixtures/job';
import { gritUnder } from './coatrole';
import { underCoats } from './under';

const on = (job: Job, part: Partial<Job['part']>): Job => ({ ...job, part: { ...job.part, ...part } });
const under = (job: Job) => {
  const found = underCoats(seen(job));
  return coatsIn(job).map(({ id }) => found.get(id));
};
const work = (own: LayerWork[]): Job => {
  const job = aJob([lacquer, colour]);
  return { ...job, layers: job.layers.map((layer, i) => (i === 0 ? { ...layer, work: own } : layer)) };
};

describe('a coat that lies wetter than its sheet lets it', () => {
  it('is told, as soon as thinner makes it so', () => {
    const most = (max: number) =>
      seen(aJob([{ ...lacquer, wetFilm: { min: max / 2, aim: max, max } }])).plan.coats.map(
        ({ wetPast }) => wetPast,
      );
    const [{ wet } = { wet: 0 }] = seen(aJob()).plan.coats;
    expect(most(wet * 1.01)).toEqual([undefined, undefined]);
    expect(most(wet * 0.99)).toEqual([wet * 0.99, wet * 0.99]);
  });
});

describe('what a coat goes over', () => {
  it('is the scratch the preparation leaves, under the first coat: what the list before the gun says', () => {
    const job = on(aJob(), { kind: 'wood', existing: 'bare' });
    expect(under(job)[0]).toEqual({ over: 'paper', coarse: 150, fine: 180 });
    const says = prepChain({ substrate: 'wood', existing: 'bare', next: 'lacquer' }).map((step) => step.says);
    expect(says.join()).toContain('P150 to P180');
    expect(under(on(aJob(), { kind: 'wood', existing: 'filler' }))[0]).toMatchObject({
      coarse: 180,
      fine: 240,
    });
    expect(under(on(aJob(), { kind: 'mould', existing: 'bare' }))[0]).toEqual({ over: 'ground' });
    expect(under(on(aJob(), { kind: 'metal', existing: 'keep' }))[0]).toEqual({
      over: 'paper',
      ...gritUnder({}, lacquer),
    });
  });

  it('is the film below as it is, until sanding is planned between', () => {
    const job = aJob();
    expect(under(job)[1]).toEqual({ over: 'film' });
    const flatted = coatsChanged(job, (_, i) => (i === 0 ? { sandBack: 10e-6 } : {}));
    const { fine } = gritUnder(coatsIn(job)[1], lacquer);
    expect(under(flatted)[1]).toEqual({ over: 'paper', coarse: fine, fine });
    expect(under(work([{ id: 's', what: 'sand', grit: 320 }]))[2]).toEqual({
      over: 'paper',
      coarse: 320,
      fine: 320,
    });
    expect(under(work([{ id: 's', what: 'scuff' }]))[2]).toEqual({
      over: 'paper',
      ...gritUnder(coatsIn(work([]))[2], colour),
    });
    expect(under(work([{ id: 'w', what: 'wipe' }]))[2]).toEqual({ over: 'film' });
  });
});
