import type { Job, NewEntry } from '@/records';
import { aJob, end, logged, seen, start } from '../../../tests/fixtures/job';

const match: Job = { ...aJob(), part: { ...aJob().part, judgedBy: 'match' } };
const on = logged(
  match,
  [-90, start('lacquer-1')],
  [-80, end('lacquer-1')],
  [-40, start('lacquer-2')],
  [-30, end('lacquer-2')],
);
const judged = (yes: boolean, asks: 'match' | 'texture' = 'match'): NewEntry => ({
  type: 'judged',
  coatId: 'lacquer-2',
  asks,
  yes,
});
const unproven = (job: Job) => seen(job).check.unproven;

describe('the standard a part is judged by', () => {
  it('is asked once all coats are on, and nothing passes before it was judged', () => {
    expect(unproven(match)).toContain('standard');
    expect(seen(match).check.standard).toBeUndefined();
    expect(seen(on).check.standard).toMatchObject({ asks: 'match', coatId: 'lacquer-2' });
    expect(unproven(on)).toContain('standard');
    expect(unproven(aJob())).not.toContain('standard');
  });

  it('judged so, it is proven; judged not so, it does not pass; judged by another, it is not judged', () => {
    const yes = unproven(logged(on, [-1, judged(true)]));
    expect(yes).not.toContain('standard');
    expect(yes).not.toContain('off-standard');
    expect(unproven(logged(on, [-1, judged(false)]))).toContain('off-standard');
    expect(unproven(logged(on, [-1, judged(true, 'texture')]))).toContain('standard');
    // What was seen before the last coat went on says nothing.
    expect(unproven(logged(on, [-60, judged(true)]))).toContain('standard');
  });

  it('a match wants a sprayed-out card beside its neighbour before the colour goes on', () => {
    expect(seen(match).permission.items.map(({ id }) => id)).toContain('spray-out');
    expect(seen(aJob()).permission.items.map(({ id }) => id)).not.toContain('spray-out');
  });
});
