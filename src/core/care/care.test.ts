import fc from 'fast-check';
import { isRefusal } from '../refusal';
import {
  chemistries,
  cleanerConcerns,
  cleanerFamilies,
  cleanerFamily,
  cleaningApproaches,
  cleaningPhases,
  cleaningSequence,
  gunFamilies,
  midwaySteps,
  sealKinds,
  soaking,
  wettedMetals,
  type CleaningQuestion,
  type CleaningSequence,
  stepReason,
} from '.';

const question = fc.record(
  {
    chemistry: fc.constantFrom(...chemistries),
    atomising: fc.constantFrom('hvlp', 'compliant', 'low-volume', 'conventional', 'airless' as const),
    feed: fc.constantFrom('gravity', 'suction', 'pressure-cup', 'pressure-pot', 'pump' as const),
    approach: fc.constantFrom(...cleaningApproaches),
    dead: fc.double({ min: 10e-6, max: 5e-3, noNaN: true }),
    cleaner: fc.constantFrom(
      'clean water',
      'acetone',
      'gun thinner',
      'lacquer thinner',
      'white spirit',
      'styrene',
      'ethanol',
      'methylene chloride',
      'C cleaning solvent',
    ),
    seals: fc.constantFrom(...sealKinds),
    wetted: fc.subarray([...wettedMetals]),
    bleeder: fc.boolean(),
    sets: fc.boolean(),
    peroxide: fc.boolean(),
    oxidises: fc.boolean(),
    gelled: fc.boolean(),
  },
  { requiredKeys: ['chemistry', 'atomising', 'feed', 'approach', 'dead'] },
);

/** The question’s sequence, where it has one. */
const of = (asked: CleaningQuestion): CleaningSequence | undefined => {
  const found = cleaningSequence(asked);
  return isRefusal(found) ? undefined : found;
};

describe('a cleaning sequence, for every chemistry, gun and approach', () => {
  it('is whole: relief first, flush, waste last, every step once, with reason, mistake, and liquid where it is wet', () => {
    fc.assert(
      fc.property(question, (asked) => {
        const found = of(asked);
        if (!found) return;
        const ids = found.steps.map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
        expect(ids[0]).toBe('relief');
        expect(ids.at(-1)).toBe('waste');
        for (const id of ['empty', 'rinse', 'flush']) expect(ids).toContain(id);
        if (asked.approach === 'store') expect(ids).toContain('store');
        else
          for (const id of [
            'grease',
            asked.atomising === 'airless' ? 'filters' : 'prove',
            asked.atomising === 'airless' ? 'fit-seat' : 'fit-knobs',
          ])
            expect(ids).toContain(id);
        for (const step of found.steps) {
          const { says, liquid, volume, takes } = step;
          const { because, prevents } = stepReason(step);
          for (const words of [says, because, prevents]) expect(words).toMatch(/^[A-Z].{10,}[.]$/s);
          expect((liquid === undefined) === (volume === undefined)).toBe(true);
          if (volume !== undefined) expect(volume).toBeGreaterThan(0);
          expect(takes).toBeGreaterThan(0);
        }
        expect(found.volume).toBeCloseTo(found.steps.reduce((sum, { volume = 0 }) => sum + volume, 0));
      }),
      { numRuns: 700 },
    );
  });

  it('lets the pressure out before anything is opened, and again before the gun is put away', () => {
    fc.assert(
      fc.property(question, (asked) => {
        let loaded = true;
        for (const { pressurises, relieves, opens } of of(asked)?.steps ?? []) {
          if (relieves) loaded = false;
          if (opens) expect(loaded).toBe(false);
          if (pressurises) loaded = true;
        }
        if (of(asked)) expect(loaded).toBe(false);
      }),
      { numRuns: 700 },
    );
  });

  it('flushes before it strips, strips before it greases, greases before it fits, and water goes before solvent', () => {
    fc.assert(
      fc.property(question, (asked) => {
        const found = of(asked);
        if (!found) return;
        const phases = found.steps.map(({ phase }) => phase).filter((phase) => phase !== 'safe');
        const order = phases.map((phase) => cleaningPhases.indexOf(phase));
        expect(order).toEqual([...order].sort((a, b) => a - b));
        const wet = found.steps.filter(({ liquid }) => liquid !== undefined);
        if (asked.chemistry !== 'water-borne') return;
        expect(found.steps.map(({ id }) => id)).toContain('second');
        const solvent = wet.findIndex(
          ({ liquid }) => cleanerFamily(liquid!) !== 'water' && liquid !== asked.cleaner,
        );
        const water = wet.map(({ liquid }) => cleanerFamily(liquid!)).lastIndexOf('water');
        expect(water).toBeLessThan(solvent);
      }),
      { numRuns: 700 },
    );
  });

  it('uses no liquid that coating, seals or metals do not bear', () => {
    fc.assert(
      fc.property(question, (asked) => {
        const found = of(asked);
        for (const { id, liquid } of found?.steps ?? []) {
          if (!liquid) continue;
          const first = ['rinse', 'soften', 'flush'].includes(id);
          const concerns = cleanerConcerns({
            ...asked,
            cleaner: liquid,
            stands: id === 'store',
            second: !first,
          });
          expect(concerns.filter(({ weight }) => weight === 'stop')).toEqual([]);
        }
      }),
      { numRuns: 700 },
    );
  });

  it('is urgent for what sets, and stays so whatever is named for it', () => {
    fc.assert(
      fc.property(question, (asked) => {
        const found = of(asked);
        if (!found) return;
        const sets =
          asked.sets === true ||
          ['two-part', 'polyester', 'moisture-curing', 'unknown'].includes(asked.chemistry);
        expect(found.urgent !== undefined).toBe(sets);
        if (sets) expect(found.steps.map(({ id }) => id)).toContain('second');
      }),
    );
  });
});

describe('bad input', () => {
  const gun = { atomising: 'hvlp', feed: 'gravity', dead: 40e-6 } as const;

  it('an unknown coating is not guessed at, but cleaned with what its sheet names', () => {
    expect(cleaningSequence({ ...gun, chemistry: 'unknown' })).toMatchObject({
      refused: 'unknown-chemistry',
      says: expect.stringContaining('Read on its sheet'),
    });
    expect(cleaningSequence({ ...gun, chemistry: 'unknown', cleaner: ' ' })).toMatchObject({
      refused: 'unknown-chemistry',
    });
    expect(of({ ...gun, chemistry: 'unknown', cleaner: 'K cleaner' })).toMatchObject({
      liquid: 'K cleaner',
      assumed: false,
    });
  });

  it('a cleaner that fights the coating is left out, with what to do instead', () => {
    const found = of({ ...gun, chemistry: 'moisture-curing', cleaner: 'tap water' })!;
    expect(found.liquid).toBe('the cleaning solvent the sheet names');
    expect(found.concerns[0]).toMatchObject({
      weight: 'stop',
      with: 'coating',
      says: expect.stringContaining('gas'),
    });
    expect(of({ ...gun, chemistry: 'water-borne', cleaner: 'acetone' })!.concerns[0]!.instead).toContain(
      'water until clear',
    );
  });

  it('halogenated solvent is refused unless only other metals are wetted', () => {
    const dry = { ...gun, chemistry: 'two-part', cleaner: 'methylene chloride' } as const;
    expect(of(dry)!.liquid).not.toContain('chloride');
    expect(of({ ...dry, wetted: ['aluminium'] })!.concerns[0]!.says).toContain('explode');
    expect(of({ ...dry, wetted: ['stainless', 'brass'] })!.liquid).toBe('methylene chloride');
    expect(cleaningSequence({ ...dry, chemistry: 'unknown' })).toMatchObject({
      says: expect.stringContaining('explode'),
    });
  });

  it('solvent does not stand on seals that it swells', () => {
    const stored = { ...gun, chemistry: 'polyester', seals: 'nitrile' } as const;
    expect(of({ ...stored, approach: 'strip' })!.concerns[0]).toMatchObject({
      weight: 'care',
      with: 'seals',
    });
    expect(cleaningSequence({ ...stored, approach: 'store' })).toMatchObject({ refused: 'store-conflict' });
    expect(of({ ...stored, approach: 'store', seals: 'solvent-proof' })).toBeDefined();
  });

  it('past its gel the gun is not forced, its pot goes outdoors, and nothing is stored', () => {
    const set = of({ ...gun, chemistry: 'polyester', gelled: true })!;
    const said = (id: string) => set.steps.find((step) => step.id === id)!.says;
    expect(said('empty')).toContain('outdoors');
    expect(said('soften')).toContain('Do not force');
    expect(said('flush')).toContain('renewed');
    expect(
      cleaningSequence({ ...gun, chemistry: 'polyester', gelled: true, approach: 'store' }),
    ).toMatchObject({ refused: 'store-gelled' });
    const airless = of({
      atomising: 'airless',
      feed: 'pump',
      dead: 9e-4,
      chemistry: 'two-part',
      gelled: true,
    })!;
    expect(airless.steps.find(({ id }) => id === 'flush')!.pressurises).toBeUndefined();
  });

  it('keeps the catalyst from the acetone', () => {
    const ids = of({ ...gun, chemistry: 'polyester', peroxide: true })!.steps.map(({ id }) => id);
    expect(ids.indexOf('catalyst')).toBeLessThan(ids.indexOf('rinse'));
  });
});

describe('the two schools, the short way and what may be soaked', () => {
  it('storing keeps the knobs and takes less work; stripping shows every part', () => {
    const gun = { chemistry: 'lacquer', atomising: 'conventional', feed: 'suction', dead: 60e-6 } as const;
    const [strip, store] = (['strip', 'store'] as const).map((approach) => of({ ...gun, approach })!);
    expect(store!.takes).toBeLessThan(strip!.takes);
    expect(store!.steps.map(({ id }) => id)).not.toContain('fit-knobs');
    expect(strip!.steps.map(({ id }) => id)).toContain('fit-knobs');
  });

  it('between coats is shorter than cleaning, relieves first and opens nothing under pressure', () => {
    fc.assert(
      fc.property(question, (asked) => {
        const steps = midwaySteps({ ...asked, liquid: 'gun thinner' });
        expect(steps[0]!.relieves).toBe(true);
        expect(steps.map(({ id }) => id)).toContain('mid-cover');
        for (const step of steps) expect(stepReason(step).prevents.length).toBeGreaterThan(10);
        expect(steps.reduce((sum, { takes }) => sum + takes, 0)).toBeLessThan(120);
      }),
    );
  });

  it('says of every gun what never goes into solvent', () => {
    for (const family of gunFamilies) {
      expect(soaking(family).find(({ part }) => part.startsWith('Gaskets'))?.may).toBe(false);
      expect(soaking(family).some(({ may }) => may)).toBe(true);
    }
  });

  it.each([
    ['clean water', 'water'],
    ['acetone', 'acetone'],
    ['Lacquer thinner', 'lacquer-thinner'],
    ['white spirit', 'paint-thinner'],
    ['isopropanol', 'alcohol'],
    ['water-borne gun wash', 'gun-thinner'],
    ['trichloroethylene', 'halogenated'],
    ['methylated spirits', 'alcohol'],
    ['cleaner as per sheet', 'named'],
  ])('%s is %s', (words, family) => {
    expect(cleanerFamily(words)).toBe(family);
    expect(cleanerFamilies).toContain(family);
  });
});
