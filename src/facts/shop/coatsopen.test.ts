import { aJob, end, logged, start } from '../../../tests/fixtures/job';
import { coatsOpen } from './coatsopen';

it('coats on the books are those of open jobs that have not ended', () => {
  const job = aJob();
  const coats = job.layers.flatMap((layer) => layer.coats).length;
  expect(coatsOpen([job])).toBe(coats);
  const one = logged(job, [-20, start('lacquer-1')], [-10, end('lacquer-1')]);
  expect(coatsOpen([one, job])).toBe(2 * coats - 1);
  // A coat that runs is still wanted; a closed job wants none.
  expect(coatsOpen([logged(job, [-20, start('lacquer-1')])])).toBe(coats);
  expect(coatsOpen([{ ...job, closed: '2026-11-23T12:00:00.000Z' } as never])).toBe(0);
  expect(coatsOpen([])).toBe(0);
});
