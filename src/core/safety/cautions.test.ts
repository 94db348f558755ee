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

describe('protection, line by line, as the trade would set it', () => {
  type Asked = Parameters<typeof protection>[0];
  const line = (asked: Partial<Asked>, what: string, nth = 0) =>
    protection({ hazards: [], technique: 'air', place: 'booth', ...asked }).filter(
      (each) => each.what === what,
    )[nth];
  // What is asked, whose line, how heavy it is, a word it must say and one it must not, and why.
  const table: readonly [Partial<Asked>, string, 'stop' | 'care', RegExp, RegExp, RegExp][] = [
    [{ hazards: ['isocyanate'] }, 'breathing', 'stop', /Air-fed/, /filters/, /not smelled in time/],
    [{ hazards: ['aziridine'] }, 'breathing', 'stop', /Air-fed/, /filters/, /not smelled in time/],
    [
      { hazards: ['solvent'], place: 'confined' },
      'breathing',
      'stop',
      /Air-fed/,
      /filters/,
      /confined space/,
    ],
    [
      { hazards: ['isocyanate'], place: 'confined' },
      'breathing',
      'stop',
      /Air-fed/,
      /filters/,
      /not smelled/,
    ],
    [{ hazards: ['solvent'] }, 'breathing', 'care', /vapour and particle filters/, /Air-fed/, /Vapour/],
    [{ hazards: ['styrene'] }, 'breathing', 'care', /vapour and particle filters/, /Air-fed/, /Vapour/],
    [{ hazards: ['flammable'] }, 'breathing', 'care', /vapour and particle filters/, /Air-fed/, /Vapour/],
    [{ hazards: ['dust'] }, 'breathing', 'care', /Particle mask/, /vapour/, /Water-borne/],
    [{ hazards: ['sensitiser'] }, 'breathing', 'care', /Particle mask/, /Air-fed/, /Water-borne/],
    [{ hazards: ['peroxide'] }, 'eyes', 'stop', /Tight goggles; water/, /full-face/, /blind/],
    [{ technique: 'airless' }, 'eyes', 'stop', /full-face/, /Tight/, /Bounce-back/],
    [{ hazards: ['solvent'] }, 'eyes', 'care', /full-face/, /Tight/, /Bounce-back/],
    [{ hazards: ['isocyanate', 'solvent'] }, 'hands', 'stop', /resist this solvent/, /Thin/, /nitrile/],
    [{ hazards: ['sensitiser'] }, 'hands', 'stop', /Thin chemical/, /resist/, /sensitise/],
    [{ hazards: ['dust'] }, 'hands', 'care', /Thin chemical/, /resist/, /sensitise/],
    [{ hazards: ['styrene'] }, 'hands', 'care', /resist this solvent/, /Thin/, /nitrile/],
    [{ hazards: ['sensitiser'] }, 'skin', 'stop', /Closed suit/, /mask/, /through the skin/],
    [{ hazards: ['solvent'] }, 'skin', 'care', /Closed suit/, /mask/, /Mist settles/],
    [{ technique: 'airless' }, 'hearing', 'care', /pump/, /turbines/, /Eight hours/],
    [{}, 'hearing', 'care', /turbines/, /pump/, /Eight hours/],
    [{ technique: 'airless' }, 'watch', 'stop', /Trigger lock/, /permit/, /injected/],
    [{ technique: 'airless' }, 'ground', 'stop', /Pump, pails and part/, /^Part/, /spark/],
    [{ hazards: ['solvent'] }, 'ground', 'care', /^Part, pot/, /Pump/, /spark/],
    [{ hazards: ['solvent'] }, 'air', 'care', /Extraction on/, /Upwind|floor height/, /Vapour/],
    [{ hazards: ['solvent'], place: 'outdoors' }, 'air', 'care', /Upwind/, /Extraction/, /Vapour/],
    [{ hazards: ['solvent'], place: 'room' }, 'air', 'stop', /floor height/, /Extraction|Upwind/, /Vapour/],
    [{ hazards: ['solvent'], place: 'confined' }, 'air', 'stop', /floor height/, /Extraction/, /Vapour/],
    [{ place: 'confined' }, 'watch', 'stop', /permit, a gas meter and a person outside/, /wind/, /falls too/],
    [{ place: 'outdoors' }, 'watch', 'care', /wind/, /permit/, /further/],
    [{ hazards: ['oxidising-oil', 'solvent'] }, 'rags', 'stop', /under water/, /lidded/, /heat themselves/],
    [{ hazards: ['solvent'] }, 'rags', 'care', /lidded metal bin/, /under water/, /vapour/],
  ];
  it.each(table)('%j: %s is %s', (asked, what, weight, says, never, because) => {
    const found = line(asked, what);
    expect(found?.weight).toBe(weight);
    expect(found?.says).toMatch(says);
    expect(found?.says).not.toMatch(never);
    expect(found?.because).toMatch(because);
  });

  // What does not apply is not said: a line that always stands is no longer read.
  it.each([
    [{ hazards: ['dust'] }, 'ground'],
    [{ hazards: ['dust'] }, 'air'],
    [{ hazards: ['dust'] }, 'rags'],
    [{ hazards: ['dust'] }, 'watch'],
    [{ hazards: ['solvent'], place: 'room' }, 'watch'],
  ] satisfies [Partial<Asked>, string][])('%j: nothing of %s', (asked, what) => {
    expect(line(asked, what)).toBeUndefined();
  });

  it('rags are spoken of once', () => {
    expect(line({ hazards: ['oxidising-oil', 'solvent'] }, 'rags', 1)).toBeUndefined();
    expect(line({ hazards: ['oxidising-oil'] }, 'rags')?.weight).toBe('stop');
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

  it('what may injure stands before what wants care, whatever the order of the risks', () => {
    const weights = stepCautions(
      ['pressure', 'coating', 'waste', 'rags', 'injection', 'flush-mist'],
      hazards,
    ).map(({ weight }) => weight);
    expect(weights.lastIndexOf('stop')).toBeLessThan(weights.indexOf('care'));
    expect(weights.filter((each) => each === 'stop').length).toBeGreaterThan(1);
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
