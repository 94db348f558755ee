import type { Job, NewEntry } from '@/records';
import { customerPage } from './customer';
import { lookedRound } from './lookedround';
import { unitsOf } from './units';
import { coatsIn, aJob, end, logged, seen, start } from '../../tests/fixtures/job';

const sprayed: Job = logged(
  aJob(),
  ...coatsIn(aJob()).flatMap(
    ({ id }, i) =>
      [
        [-400 + i * 60, start(id)],
        [-390 + i * 60, end(id)],
      ] as const,
  ),
);
const look = (
  zone: 'edges' | 'field',
  asks: 'bare' | 'dust',
  found: 'covered' | 'bare' | 'counted',
  more: object = {},
): NewEntry => ({ type: 'inspected', faceId: 'front', zone, asks, found, ...more });
const page = (job: Job) => JSON.stringify(customerPage(seen(job), [], unitsOf('metric')));

describe('what the round found, in words', () => {
  it('is nothing where nobody walked', () => {
    expect(lookedRound(seen(sprayed))).toEqual([]);
    expect(page(sprayed)).not.toContain('place by place');
  });

  it('says what stands where, and what is still to be touched up', () => {
    const job = logged(
      sprayed,
      [-9, look('edges', 'bare', 'bare')],
      [
        -9,
        { type: 'miss', text: 'Bare spot, edges', faceId: 'front', zone: 'edges', how: 'brush', who: 'Ida' },
      ],
      [-8, look('field', 'bare', 'covered')],
    );
    const lines = lookedRound(seen(job));
    expect(lines[0]).toMatch(/^The finished part: 2 places of \d+ looked at\.$/);
    expect(lines).toContain('Bare spot, edges: still to be touched up by Ida.');
    expect(lines.some((line) => line.includes('a bare spot on Fronts, edges'))).toBe(true);
    expect(page(job)).toContain('Still to be touched up: bare spot, edges.');
  });

  it('tells the customer that all is well only of a whole round', () => {
    const half = logged(sprayed, [-8, look('field', 'bare', 'covered')]);
    expect(page(half)).not.toContain('nothing stands against it');
    const whole = logged(
      half,
      ...sprayed.part.faces.flatMap(
        ({ id: faceId }) =>
          [
            ...(['edges', 'field', 'behind'] as const).map(
              (zone) =>
                [
                  -7,
                  { type: 'inspected', faceId, zone, asks: 'bare', found: 'covered' } as NewEntry,
                ] as const,
            ),
            [-7, { type: 'hiding', faceId, hides: true } as NewEntry],
          ] as const,
      ),
    );
    expect(page(whole)).toContain('nothing stands against it');
  });
});
