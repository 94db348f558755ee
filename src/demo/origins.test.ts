import { jobViewOf } from '@/facts/records';
import { keyOf } from '@/records';
import { ownerKey } from '@/words/figures';
import { nextLine } from '@/words/nextline';
import { origins } from '@/words/origins';
import { unitsOf } from '@/words/units';
import { demoShop } from '.';

const now = Date.UTC(2026, 10, 23, 12);
const records = new Map(demoShop(now).map((record) => [keyOf(record), record]));
const jobs = [...records.values()].filter((record) => record.kind === 'job');
const units = unitsOf('metric');

const viewOf = (id: string) => {
  const view = jobViewOf(records, id, now);
  if (!view) throw new Error(id);
  return view;
};

describe.each(['thin', 'set', 'spray', 'check'] as const)('where figures of %s are from', (stage) => {
  it.each(jobs.map(({ id, name }) => [name, id]))('%s: each once, with a value and a way to it', (_, id) => {
    const rows = origins(viewOf(id), stage, units);
    expect(rows.length).toBeGreaterThan(0);
    expect(new Set(rows.map(({ label }) => label)).size).toBe(rows.length);
    expect(rows.filter(({ value, by }) => !/\d/.test(value) || !by)).toEqual([]);
  });

  it.each(jobs.map(({ id, name }) => [name, id]))('%s: no figure has two origins', (_, id) => {
    const view = viewOf(id);
    const told = new Map(
      origins(view, stage, units).flatMap(({ figure, value, from }) =>
        figure ? [[`${figure.fact} ${ownerKey(figure.of)}`, { value, from }]] : [],
      ),
    );
    const beside = nextLine(view, stage, units).because.flatMap(({ figure, value, from }) => {
      const own = figure && told.get(`${figure.fact} ${ownerKey(figure.of)}`);
      return own && from && !value.includes('–') ? [[own, { value, from }]] : [];
    });
    for (const [own, other] of beside) expect(other).toEqual(own);
  });
});

it('a gun nobody set is reckoned, one that is set is chosen; what no cup timed is an estimate', () => {
  const sources = (id: string) =>
    Object.fromEntries(origins(viewOf(id), 'set', units).map(({ label, from }) => [label, from.source]));
  const seen = jobs.map(({ id }) => ({ id, view: viewOf(id), of: sources(id) }));
  const unset = seen.filter(({ view }) => view.set.point.from !== 'set');
  const set = seen.filter(({ view }) => view.set.point.from === 'set');
  expect(unset.length).toBeGreaterThan(0);
  expect(set.length).toBeGreaterThan(0);
  for (const { of } of unset) expect(of).not.toMatchObject({ Distance: 'chosen' });
  for (const { of } of set) expect(of).toMatchObject({ Distance: 'chosen', Speed: 'reckoned' });
});
