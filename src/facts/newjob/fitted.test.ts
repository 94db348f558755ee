import { lacquer } from '../../../tests/fixtures/job';
import type { Coating } from '@/records';
import { fitted } from './fitted';

const pa = { min: 0.5e5, max: 0.7e5 };
const distance = { min: 0.15, max: 0.2 };
const paper: Coating = {
  ...lacquer,
  id: 'own',
  guns: [
    { atomising: 'hvlp', bore: { min: 1.3e-3, max: 1.5e-3 }, pressure: pa, pressureAt: 'cap', distance },
    {
      atomising: 'airless',
      orifice: { min: 0.2794e-3, max: 0.3302e-3 },
      pressure: { min: 80e5, max: 140e5 },
      pressureAt: 'tip',
      distance,
    },
  ],
};
const of = (coatings: readonly Coating[]) =>
  fitted({ coatingId: coatings[0]?.id ?? '', class: 'quick-enamel' }, { coatings, rigs: [], jobs: [] });

describe('what is fitted in a new gun', () => {
  it('is the middle of what the paper names', () => {
    expect(of([paper]).bore).toBeCloseTo(1.4e-3, 9);
    expect(of([paper]).tip).toMatch(/^\d13$/);
  });

  it('is what is usual for the product where no paper names any', () => {
    const silent = {
      ...paper,
      guns: paper.guns.map((gun) => ({ ...gun, bore: undefined, orifice: undefined })),
    };
    expect(of([silent])).toMatchObject(of([{ ...silent, id: 'other' }]));
    expect(of([]).bore).toBeGreaterThan(1e-3);
  });
});
