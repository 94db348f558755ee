import { jobViewOf } from '@/facts/records';
import { keyOf } from '@/records';
import { nextLine } from '@/words/nextline';
import { unitsOf } from '@/words/units';
import { demoShop } from '.';

const now = Date.UTC(2026, 10, 23, 12);
const records = new Map(demoShop(now).map((record) => [keyOf(record), record]));
const jobs = [...records.values()].filter((record) => record.kind === 'job');

describe.each(['thin', 'set', 'spray', 'check'] as const)(
  'every figure beside the next line of %s',
  (stage) => {
    it.each(jobs.map(({ id, name }) => [name, id]))('says where it is from: %s', (_, id) => {
      const view = jobViewOf(records, id, now);
      if (!view) throw new Error(id);
      const { because } = nextLine(view, stage, unitsOf('metric'));
      const silent = because.filter(({ value, from }) => /\d/.test(value) && !from).map(({ label }) => label);
      expect(silent).toEqual([]);
    });
  },
);
