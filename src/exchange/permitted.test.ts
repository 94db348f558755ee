import type { Job, NewEntry } from '@/records';
import type { JobView, PermissionItem } from '@/facts/job';
import { remediesOf } from '@/facts/job/remedies';
import { jobViewOf } from '@/facts/records';
import { nextLine } from '@/words/nextline';
import { unitsOf } from '@/words/units';
import { anyShop } from '../../tests/fixtures/anyjob';
import { conclude } from './conclude';

const metric = unitsOf('metric');

/** What somebody enters at the bench for one open thing: a tick, the room read fit, a reason; nothing where nothing helps. */
function answerOf(item: PermissionItem, { permission }: JobView): NewEntry | undefined {
  if (item.by === 'hand') return { type: 'tick', list: 'ready', step: item.id, done: true };
  if (!item.waivable || !permission.coat) return undefined;
  return {
    type: 'skip',
    item: item.id,
    why: 'Tried beforehand',
    coatId: permission.coat.coat.id,
    ...(item.found === undefined ? {} : { found: item.found }),
  };
}

/** The shop with everything that can be answered at the bench answered, a little later. */
function answered(seed: number): {
  readonly before: JobView;
  readonly after: JobView;
  readonly concluded: boolean;
} {
  const { records, job, now } = anyShop(seed);
  const before = jobViewOf(records, job.id, now)!;
  const log = [...job.log];
  for (const item of before.permission.open) {
    const entry = answerOf(item, before);
    if (entry)
      log.push({
        id: `answer-${item.id}`,
        at: new Date(now).toISOString(),
        counter: log.length,
        ...entry,
      } as Job['log'][number]);
  }
  const next = new Map([...records, [`job/${job.id}`, { ...job, log }] as const]);
  const after = jobViewOf(next, job.id, now)!;
  const [found] = conclude(next, { at: now, units: 'metric' }).jobs;
  const own = found!.layers.find(({ id }) => id === after.work.layer.id)!;
  return { before, after, concluded: own.permission.may };
}

describe('permission over random jobs', () => {
  const all = Array.from({ length: 250 }, (_, i) => answered(i + 1));
  const told = ({ permission }: JobView) =>
    permission.open.filter(({ by, weight }) => by === 'record' && weight === 'stop');

  it('what is ticked and waived with a reason opens it, unless something stands that nobody may leave out', () => {
    for (const { after } of all) {
      const acting = after.permission.open.some((item) => item.by === 'hand' && item.state === 'acting');
      if (!after.permission.coat || acting) continue;
      expect(after.permission.may).toBe(told(after).length === 0);
      expect(told(after).every(({ waivable }) => !waivable)).toBe(true);
    }
  });

  it('at least one job in ten may spray then, and hardly any before anybody said anything', () => {
    const may = (views: readonly JobView[]) => views.filter(({ permission }) => permission.may).length;
    expect(may(all.map(({ after }) => after)) / all.length).toBeGreaterThanOrEqual(0.1);
    expect(may(all.map(({ before }) => before)) / all.length).toBeLessThan(0.05);
  });

  it('the command, the next line and the view say the same', () => {
    for (const { before, after, concluded } of all) {
      expect(concluded).toBe(after.permission.may);
      for (const view of [before, after]) {
        const line = nextLine(view, 'spray', metric);
        if (/^Start coat/.test(line.says)) expect(view.permission.may).toBe(true);
        // No tap starts a coat but through the one gate.
        for (const tap of [line.tap, line.otherwise])
          if (tap?.does.kind === 'log')
            expect(tap.does.entries.some(({ type }) => type === 'coat-start')).toBe(false);
      }
    }
  });

  it('every stop says what it is, and what can be done about it', () => {
    for (const { before } of all)
      for (const item of before.permission.open)
        if (item.by === 'record')
          expect([item.cause, remediesOf(item, before).length > 0]).toEqual([item.cause, true]);
  });
});
