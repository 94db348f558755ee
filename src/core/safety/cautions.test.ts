import { chemistries, cleaningSequence } from '../care';
import { isRefusal } from '../refusal';
import { cautionsFor, hazards, protection, stepCautions, workplaces, workStages } from '.';

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
    for (const place of workplaces)
      for (const hazard of ['isocyanate', 'aziridine'] as const) {
        const breathing = protection({ hazards: [hazard, 'solvent'], technique: 'air', place }).find(
          ({ what }) => what === 'breathing',
        )!;
        expect(breathing).toMatchObject({ weight: 'stop', says: expect.stringContaining('Air-fed') });
      }
  });
});

describe('protection by coating, technique and place', () => {
  const of = (...question: Parameters<typeof protection>) =>
    protection(...question).map(({ what, weight }) => `${what} ${weight}`);

  it('grounds and watches an airless, airs what burns, keeps oily rags from burning, guards a confined space', () => {
    expect(of({ hazards: [], technique: 'airless', place: 'outdoors' })).toEqual(
      expect.arrayContaining(['ground stop', 'watch stop']),
    );
    expect(of({ hazards: ['flammable'], technique: 'air', place: 'room' })).toContain('air stop');
    expect(of({ hazards: ['flammable'], technique: 'air', place: 'booth' })).toContain('air care');
    expect(of({ hazards: ['oxidising-oil', 'flammable'], technique: 'air', place: 'booth' })).toContain(
      'rags stop',
    );
    expect(of({ hazards: [], technique: 'air', place: 'confined' }).slice(0, 2)).toEqual([
      'breathing stop',
      'watch stop',
    ]);
    expect(of({ hazards: [], technique: 'air', place: 'booth' })).not.toContain('air care');
  });
});

describe('cautions of the present step', () => {
  it('the flush speaks of mist and isocyanates, the relief of injection, the catalyst of acetone, the waste of rags', () => {
    const steps = cleaningSequence({
      chemistry: 'polyester',
      atomising: 'airless',
      feed: 'pump',
      dead: 9e-4,
      peroxide: true,
      oxidises: true,
    });
    if (isRefusal(steps)) throw new Error(steps.says);
    const said = (id: string) =>
      stepCautions(steps.steps.find((step) => step.id === id)!.risks, hazards)
        .map(({ says, weight }) => `${weight}: ${says}`)
        .join('\n');
    expect(said('flush')).toMatch(/stop: .*never as mist/);
    expect(said('flush')).toMatch(/stop: Isocyanates/);
    expect(said('flush')).toMatch(/care: Metal pail, bonded/);
    expect(said('relief')).toMatch(/through skin/);
    expect(said('catalyst')).toMatch(/never into or with acetone/);
    expect(said('waste')).toMatch(/Oily rags/);
  });

  it('no step that touches an isocyanate mix is without its caution, and harmless ones stay quiet', () => {
    for (const chemistry of chemistries)
      for (const atomising of ['hvlp', 'airless'] as const) {
        const found = cleaningSequence({
          chemistry,
          atomising,
          feed: 'gravity',
          dead: 4e-5,
          cleaner: 'K cleaner',
        });
        if (isRefusal(found)) throw new Error(found.says);
        for (const { id, risks } of found.steps.filter(({ id: step }) =>
          ['empty', 'rinse', 'flush', 'second'].includes(step),
        ))
          expect([id, stepCautions(risks, ['isocyanate'])[0]?.weight]).toEqual([id, 'stop']);
      }
    expect(stepCautions([], hazards)).toEqual([]);
    expect(stepCautions(['coating'], [])).toEqual([]);
  });
});
