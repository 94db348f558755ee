import { glossary } from './glossary';
import { allTerms, termIn } from './terms';

describe('words of the trade', () => {
  it.each([
    ['Wet film, all coats', 'wet'],
    ['Volume solids as applied', 'solids'],
    ['Transfer', 'transfer'],
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
    ['Paint costs', undefined],
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
});
