import { stages } from '@/facts/job';
import { viewsOf } from '@/facts/records';
import { keyOf } from '@/records';
import { nextLine } from '@/words/nextline';
import { termIn } from '@/words/terms';
import { unitsOf } from '@/words/units';
import { demoShop } from './index';

describe('the reasons of the demo shop', () => {
  it('most of what stands beside the next line of a stage can be tapped where it is no plain word', () => {
    const now = Date.parse('2026-11-23T09:00:00.000Z');
    const shop = demoShop(now);
    const records = new Map(shop.map((record) => [keyOf(record), record]));
    const units = unitsOf('metric');
    const found = new Set<string>();
    for (const job of shop)
      if (job.kind === 'job')
        for (const view of viewsOf(records, [job], now).views)
          for (const stage of stages)
            for (const { label } of nextLine(view, stage, units).because) {
              const term = termIn(label);
              if (term) found.add(term);
            }
    expect(found.size).toBeGreaterThan(8);
  });
});
