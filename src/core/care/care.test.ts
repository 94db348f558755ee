import { chemistries, cleaningSteps, flushLiquid } from '.';
import { cautionsFor, hazards, workStages } from '../safety';

const atomisings = ['hvlp', 'compliant', 'low-volume', 'conventional', 'airless'] as const;
const feeds = ['gravity', 'suction', 'pressure-cup', 'pressure-pot', 'pump'] as const;

describe('cleaning list', () => {
  const every = chemistries.flatMap((chemistry) =>
    atomisings.flatMap((atomising) => feeds.map((feed) => ({ chemistry, atomising, feed }))),
  );

  it.each(chemistries)('%s is complete and in order for every gun and feed', (chemistry) => {
    for (const question of every.filter((each) => each.chemistry === chemistry)) checkOrder(question);
  });

  function checkOrder(question: (typeof every)[number]) {
    const ids = cleaningSteps(question).map(({ id }) => id);
    const before = (a: string, b: string) => expect(ids.indexOf(a)).toBeLessThan(ids.indexOf(b));
    expect(ids[0]).toBe('relief');
    expect(ids.at(-1)).toBe('waste');
    expect(new Set(ids).size).toBe(ids.length);
    before('empty', 'flush');
    before('flush', question.atomising === 'airless' ? 'filters' : 'strip');
    before('grease', 'assemble');
    expect(ids.includes('strip')).toBe(question.atomising !== 'airless');
  }

  it('flushes with what the sheet names before any default', () => {
    expect(flushLiquid({ chemistry: 'water-borne', atomising: 'hvlp', feed: 'gravity' })).toBe('clean water');
    expect(
      flushLiquid({ chemistry: 'two-part', atomising: 'hvlp', feed: 'gravity', cleaner: 'cleaner C2' }),
    ).toBe('cleaner C2');
  });
});

describe('cautions', () => {
  it('shows every hazard somewhere, the heaviest first', () => {
    for (const hazard of hazards)
      expect(workStages.some((stage) => cautionsFor([hazard], stage).length > 0)).toBe(true);
    const mixed = cautionsFor(hazards, 'clean').map(({ weight }) => weight);
    expect(mixed.lastIndexOf('stop')).toBeLessThan(mixed.indexOf('care'));
    expect(cautionsFor([], 'spray')).toEqual([]);
  });

  it('never offers a cartridge mask against isocyanates', () => {
    expect(cautionsFor(['isocyanate'], 'spray')[0]?.says).toContain('air-fed');
  });
});
