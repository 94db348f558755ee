import type { NewEntry } from '@/records';
import { aJob, logged, readyToSpray, seen, setting } from '../../tests/fixtures/job';
import { nextLine } from './nextline';
import { itemWords } from './remedies';
import { unitsOf } from './units';

const metric = unitsOf('metric');
const tick = (step: string): NewEntry => ({ type: 'tick', list: 'ready', step, done: true });

describe('a line that would put dangerous work on record', () => {
  it('keeps what it says and goes through what keeps people whole first', () => {
    const set = logged(aJob(), [-30, setting()]);
    const line = nextLine(seen(set), 'set', metric);
    expect(line.says).toBe('Spray a test card and look at it.');
    expect(line.tap).toEqual({ says: 'Go through 2 things first', does: { kind: 'safe', act: 'card' } });
    expect(line.detail).toMatch(/^First 2 things before the gun is fired at a card\./);
    const said = logged(set, [-2, tick('sds')], [-1, tick('masks')]);
    expect(nextLine(seen(said), 'set', metric).tap?.does.kind).toBe('log');
  });
});

describe('masking in words', () => {
  const face = {
    ...aJob().part.faces[0]!,
    count: 3,
    free: [{ id: 'weld', name: 'Weld', width: 0.5, height: 0.1, then: 'brush' as const }],
  };
  const job = { ...readyToSpray(), part: { ...readyToSpray().part, faces: [face] } };
  const says = (units: typeof metric) =>
    itemWords(
      seen(job).permission.items.find(({ id }) => id === 'masking')!,
      seen(job),
      units,
    ).says;

  it('tells its length and times in the user’s units', () => {
    expect(says(metric)).toMatch(
      /^Mask weld on fronts: 3\.6\sm of edge, about 6\smin, and 1\smin to take off\.$/,
    );
    expect(says(unitsOf('us'))).toMatch(/: 11\sft 10\sin of edge/);
  });
});
