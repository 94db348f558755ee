import { demoShop } from '@/demo';
import { stages } from '@/facts/job';
import { viewsOf } from '@/facts/records';
import { keyOf } from '@/records';
import { glossary } from './glossary';
import { nextLine } from './nextline';
import { allTerms, termIn } from './terms';
import { unitsOf } from './units';

describe('words of the trade', () => {
  it.each([
    ['Wet film, all coats', 'wet'],
    ['Volume solids as applied', 'solids'],
    ['Transfer, class default', 'transfer'],
    ['Lost as overspray', 'overspray'],
    ['Ratio by volume', 'ratio'],
    ['Range for 2 coats, dry', 'dry'],
    ['Reserve', 'reserve'],
    ['VOC less water and exempt', 'voc'],
    ['Use before', 'pot-life'],
    ['Viscosity at the nozzle', 'viscosity'],
    ['Strokes apart', 'overlap'],
    ['Driving pressure', 'pressure'],
    ['Area, 5 faces', undefined],
    ['Costs', undefined],
    ['This batch', undefined],
  ] as const)('%s', (label, term) => {
    expect(termIn(label)).toBe(term);
  });

  it('each says what it is and why it matters, in whole sentences and under a name of its own', () => {
    for (const term of allTerms) {
      const { is, matters } = glossary[term];
      expect([term, is]).toEqual([term, expect.stringMatching(/^[A-Z].*\.$/)]);
      expect([term, matters]).toEqual([term, expect.stringMatching(/^[A-Z].*\.$/)]);
    }
    expect(new Set(allTerms.map((term) => glossary[term].name)).size).toBe(allTerms.length);
  });

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
