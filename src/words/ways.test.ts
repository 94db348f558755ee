import { unitsOf } from './units';
import { preventionSays } from './ways';

const metric = unitsOf('metric');

describe('what was left out, beside a repair', () => {
  const card = { check: 'card', seconds: 120, cost: 2 } as const;
  const comb = { check: 'comb', seconds: 30, cost: 0.5 } as const;

  it('is told in money where all of it has a price', () => {
    expect(preventionSays([card, comb], { hands: 3600, cost: 44 }, metric)).toMatch(
      /^Left out for this coat: a test card, a wet comb\. Together .*, 2\.50 beside the 44\.00 of this repair\./,
    );
  });

  it('is told in time where some of it has none, and not at all where nothing was left out', () => {
    const unpriced = { check: 'card', seconds: 120 } as const;
    expect(preventionSays([unpriced, comb], { hands: 3600, cost: 44 }, metric)).toMatch(
      /beside the (?:60\s?min|1\s?h) of/,
    );
    expect(preventionSays([unpriced], undefined, metric)).not.toContain('beside');
    expect(preventionSays([], { hands: 1 }, metric)).toBeUndefined();
  });
});
