import fc from 'fast-check';
import { coating as coatingSchema, classSheet, coatingClasses } from '@/records';
import { isRefusal } from '@/core/refusal';
import { paperOfText, readSheet, type SheetFact, type SheetFacts } from '@/core/sheet';
import { ratioUnread, sheetAsMixed } from '@/facts/job';
import { celsius } from '@/core/climate';
import { flowCup, secondsFromViscosity } from '@/core/cups';
import { classGuess, factsHeld, takenAtFirst, withPaper } from './sheetread';

const paper = `Holmbridge Epoxy Primer 4
Issue date: 4 February 2026
Mixing ratio: 3 : 1 by volume
Pot life: 5 h at 23 °C
Induction time: 10 min
Thinner: 5-10 % by volume of the mix
Spray viscosity: 22-26 s DIN 4 at 20 °C
Volume solids: 52 % mixed
Density, mixed: 1.38 kg/l
VOC, mixed: 410 g/l
Dry film: 40-60 µm per coat
Wet film: 80-115 µm per coat
Flash: 8-12 min between coats
Recoat: min. 3 h, max. 5 days
HVLP: 1.6 mm, 0.6 bar at the cap, 15-20 cm
Air temperature: 12-32 °C
Relative humidity: max. 80 %
Shelf life: 24 months
May cause an allergic skin reaction. Flammable.
`;

const reading = readSheet(paperOfText(paper));
const all = new Set(Object.keys(reading.facts) as SheetFact[]);
const base = classSheet('epoxy-primer', 'x', 'New sheet', '2026-11-29');

describe('what a paper says beside', () => {
  const beside = readSheet(
    paperOfText(`Holmbridge Rail Enamel 8
Quick-drying alkyd enamel
Viscosity as supplied: 60-80 s DIN cup 4
Force dry: 30 min at 60 °C
Surface at least 5 °C above the dew point
Stir every 15 minutes during use
Retarder R-20: up to 5 % by volume
Matting agent 10 - 20 % of the mix
`),
  );
  const enamel = classSheet('quick-enamel', 'e', 'New sheet', '2026-11-29');
  const read = withPaper(enamel, beside.facts, new Set(Object.keys(beside.facts) as SheetFact[]));

  it('goes into the sheet: oven, dew, stirring, thickness in the can, binder', () => {
    expect(read.times.forced).toEqual({ temperature: celsius(60), duration: 1800 });
    expect(read.limits.dew).toBe(5);
    expect(read.intervals.stir).toBe(900);
    expect(read.chemistry).toBe('oil-based');
    // 70 s of that cup.
    expect(secondsFromViscosity(flowCup('din-4')!, read.viscosity!)).toBeCloseTo(70, 3);
    expect(read.target).toEqual(enamel.target);
    expect(coatingSchema.safeParse(read).success).toBe(true);
  });

  it('additives are there to be asked for: none goes in by itself, and what they weigh is a default', () => {
    expect(read.additives).toMatchObject([
      { name: 'Retarder R-20', dose: 0, maximum: 0.05, doseBy: 'volume', thins: true, movesClocks: true },
      { name: 'Matting agent', dose: 0, maximum: 0.2, doseOf: 'mix', thins: false },
    ]);
    expect(read.assumed).toContain('additives');
    // One the sheet holds already keeps its own dose and weight.
    const held = {
      ...read,
      additives: read.additives!.map((each) => ({ ...each, dose: 0.02, density: 850 })),
    };
    const again = withPaper(held, beside.facts, new Set<SheetFact>(['additives']));
    expect(again.additives).toHaveLength(2);
    expect(again.additives![0]).toMatchObject({ id: 'additive-1', dose: 0.02, density: 850, maximum: 0.05 });
  });

  it('a film is aimed at where the paper says it usually lies, and the air may be as dry as it says', () => {
    const paper = readSheet(
      paperOfText(
        'Dry film: 100–200 µm (recommended 130 µm)\nWet film: 150–300 µm (recommended 190 µm)\nRelative humidity: 50 to 90 %',
      ),
    );
    const facts = Object.keys(paper.facts) as SheetFact[];
    const sheet = withPaper(enamel, paper.facts, new Set(facts));
    expect(sheet.film.aim).toBeCloseTo(130e-6, 9);
    expect(sheet.wetFilm?.aim).toBeCloseTo(190e-6, 9);
    expect(sheet.limits.humidity).toEqual({ min: 0.5, max: 0.9 });
    // The end the paper is silent about stays, as far as it leaves room.
    const dry = withPaper(enamel, { humidityMin: 0.8 }, new Set<SheetFact>(['humidityMin']));
    expect(dry.limits.humidity).toEqual({ min: 0.8, max: 0.9 });
    const damp = withPaper(enamel, { humidityMax: 0.5 }, new Set<SheetFact>(['humidityMax']));
    expect(damp.limits.humidity.max).toBe(0.5);
    expect(damp.limits.humidity.min).toBeLessThanOrEqual(0.25);
  });

  it('what a paper leaves out can be shown as its class has it', () => {
    const held = factsHeld(enamel);
    expect(held).toMatchObject({
      flash: { min: enamel.times.flash, max: enamel.times.flash },
      recoatFirst: enamel.times.recoatFirst,
      coats: { min: enamel.coats },
      humidityMax: enamel.limits.humidity.max,
      dewMargin: 3,
      chemistry: 'oil-based',
    });
    expect(held).not.toHaveProperty('ratio');
    expect(factsHeld(base).ratio).toEqual({
      by: base.ratioBy,
      parts: base.components.map(({ parts }) => parts),
    });
    // Told back as if a paper stated it, the sheet stays what it was.
    const told = withPaper(enamel, held, new Set(Object.keys(held) as SheetFact[]));
    for (const field of ['times', 'limits'] as const) expect(told[field]).toMatchObject(enamel[field]);
  });

  it('nothing of it is taken that nobody lets in', () => {
    const none = withPaper(enamel, beside.facts, new Set<SheetFact>(['name']));
    expect(none).toEqual({ ...enamel, name: 'Holmbridge Rail Enamel 8', assumed: none.assumed });
  });
});

describe('a sheet from its paper', () => {
  it('lets in what is sure, and leaves the ratio and the warnings to a person', () => {
    const first = takenAtFirst(reading);
    expect(first.has('potLife')).toBe(true);
    expect(first.has('ratio')).toBe(false);
    expect(first.has('hazards')).toBe(false);
    const sheet = withPaper(base, reading.facts, first);
    expect(ratioUnread(sheet)).toBe(true);
    expect(sheet.components.map(({ parts }) => parts)).toEqual([4, 1]);
  });

  it('the mix weighs and holds what the paper states of it, whatever its parts', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('volume' as const, 'mass' as const),
        fc.tuple(fc.integer({ min: 1, max: 100 }), fc.integer({ min: 1, max: 100 })),
        fc.record({
          density: fc.double({ min: 800, max: 2600, noNaN: true }),
          volumeSolids: fc.double({ min: 0.05, max: 0.95, noNaN: true }),
          voc: fc.double({ min: 10, max: 800, noNaN: true }),
        }),
        (by, parts, stated) => {
          const facts = { ratio: { by, parts }, ...stated };
          const sheet = withPaper(base, facts, new Set(Object.keys(facts) as SheetFact[]));
          const mixed = sheetAsMixed(sheet);
          if (isRefusal(mixed)) throw new Error(mixed.says);
          for (const fact of ['density', 'volumeSolids', 'voc'] as const)
            expect(mixed[fact] / stated[fact]).toBeCloseTo(1, 6);
        },
      ),
    );
  });

  it('takes every fact over, and the mix is as the paper states it', () => {
    const sheet = withPaper(base, reading.facts, all);
    expect(sheet.name).toBe('Holmbridge Epoxy Primer 4');
    expect(sheet.sheetRevision).toBe('2026-02-04');
    expect(ratioUnread(sheet)).toBe(false);
    expect(sheet.components.map(({ parts }) => parts)).toEqual([3, 1]);
    const mixed = sheetAsMixed(sheet);
    if (isRefusal(mixed)) throw new Error(mixed.says);
    expect(mixed.volumeSolids).toBeCloseTo(0.52, 3);
    expect(mixed.density).toBeCloseTo(1380, 0);
    expect(mixed.voc).toBeCloseTo(410, 0);
    expect(sheet.target).toEqual({ cupId: 'din-4', min: 22, max: 26, temperature: celsius(20) });
    expect(sheet.times).toMatchObject({
      potLife: 18_000,
      temperature: celsius(23),
      induction: 600,
      flash: 720,
      recoatFirst: 10_800,
      recoatLast: 432_000,
    });
    expect(sheet.thinning).toMatchObject({ maximum: 0.1, by: 'volume', of: 'mix' });
    expect(sheet.limits.humidity.max).toBe(0.8);
    expect(sheet.shelf?.closed).toBe(731);
    // What the paper does not name is not advised; what it warns of joins what the class may hold.
    expect(sheet.guns.map(({ atomising }) => atomising)).toEqual(['hvlp']);
    expect(sheet.hazards).toEqual(expect.arrayContaining(['flammable', 'sensitiser', 'solvent']));
    // Coats and the part’s temperature are not on it: their groups stay marked.
    // Nor what its hardener weighs: that is marked beside it.
    expect(sheet.assumed).toEqual([
      'temperatureSlope',
      'film',
      'limits',
      'intervals',
      'hazards',
      'densities',
    ]);
  });

  it('takes as many coats as are usual, inside what the paper says', () => {
    const sheet = { ...classSheet('two-part-colour', 's', 'Colour', '2026-11-01'), coats: 2 };
    const of = (min: number, max: number) =>
      withPaper(sheet, { coats: { min, max } }, new Set(['coats'] as const)).coats;
    expect([of(1, 3), of(3, 4), of(1, 1), of(2.5, 3)]).toEqual([2, 3, 1, 3]);
  });

  it('reckons drying from the temperature its times are stated at; a pot life outranks that', () => {
    const sheet = classSheet('water-lacquer', 's', 'Lacquer', '2026-11-01');
    const taken = new Set(['timesAt', 'recoatFirst', 'potLife'] as const);
    const at = (facts: SheetFacts) => withPaper(sheet, facts, taken).times.temperature;
    expect(at({ recoatFirst: 7200 })).toBe(sheet.times.temperature);
    expect(at({ recoatFirst: 7200, timesAt: celsius(25) })).toBe(celsius(25));
    const potLife = { seconds: 3600, temperature: celsius(20) };
    expect(at({ timesAt: celsius(25), potLife })).toBe(celsius(20));
    expect(at({ timesAt: celsius(25), potLife: { seconds: 3600 } })).toBe(celsius(25));
  });

  it('keeps guns of one kind apart by their feed, each with its own nozzle', () => {
    const sheet = withPaper(
      classSheet('two-part-colour', 's', 'Colour', '2026-11-01'),
      {
        guns: [
          { atomising: 'conventional', feed: 'pressure', bore: { min: 1.2e-3, max: 1.4e-3 } },
          { atomising: 'conventional', feed: 'gravity', bore: { min: 1.8e-3, max: 1.8e-3 } },
        ],
      },
      new Set(['guns'] as const),
    );
    expect(sheet.guns.map(({ feed, bore }) => [feed, bore?.min])).toEqual([
      ['pressure', 1.2e-3],
      ['gravity', 1.8e-3],
    ]);
  });

  it('is a sound record whatever of it is let in, for every class', () => {
    for (const of of coatingClasses)
      for (const skip of [undefined, ...all]) {
        const taken = new Set([...all].filter((fact) => fact !== skip));
        const sheet = withPaper(classSheet(of, 'x', 'New sheet', '2026-11-29'), reading.facts, taken);
        expect([of, skip, coatingSchema.safeParse(sheet).success]).toEqual([of, skip, true]);
      }
  });

  it('weighs parts and thinner as the paper does, calls them by its names, and takes one wet film for the most', () => {
    const { facts } = readSheet(
      paperOfText(`${paper.replace('Wet film: 80-115 µm per coat', 'Wet film maximum: 130 µm').replace('Thinner: 5-10 %', 'Thinner: OT-2 (0.88 kg/L), at most 10 %')}
Density: base 1.46 kg/L, hardener 0.98 kg/L
Clean gun with OT-2`),
    );
    const sheet = withPaper(base, facts, new Set(Object.keys(facts) as SheetFact[]));
    expect(sheet.components.map(({ density }) => density)).toEqual([1460, 980]);
    expect(sheet.assumed).not.toContain('densities');
    expect(sheet.thinning.thinners.map(({ name, density }) => [name, density])).toEqual([['OT-2', 880]]);
    expect(sheet.cleaner).toBe('OT-2');
    const { wetFilm } = sheet;
    expect(wetFilm?.max).toBeCloseTo(130e-6, 12);
    expect(wetFilm?.aim).toBeCloseTo(50e-6 / 0.52, 12);
    expect(wetFilm?.min).toBeCloseTo(40e-6 / 0.52, 12);
    // A sheet somebody read keeps its own thinners.
    const held = { ...base, assumed: base.assumed.filter((field) => field !== 'thinning') };
    expect(withPaper(held, facts, new Set<SheetFact>(['thinner'])).thinning.thinners).toEqual(
      base.thinning.thinners,
    );
  });

  it('takes one end of a range, and keeps the other where it still lies beyond', () => {
    const ends = (text: string) => {
      const { facts } = readSheet(paperOfText(`Name of it\n\n${text}\n`));
      return withPaper(base, facts, new Set(Object.keys(facts) as SheetFact[])).limits.part;
    };
    const { part } = base.limits;
    expect(ends('Substrate temperature min. 8 °C')).toEqual({ min: celsius(8), max: part.max });
    expect(ends('Substrate temperature min. 60 °C')).toEqual({ min: celsius(60), max: celsius(61) });
    expect(ends('Surface temperature: 10-30 °C')).toEqual({ min: celsius(10), max: celsius(30) });
  });

  it('keeps what the shop holds where the newer paper is silent', () => {
    const held = withPaper(base, reading.facts, all);
    const newer = readSheet(
      paperOfText('Holmbridge Epoxy Primer 4\nPot life: 4 h at 23 °C\nDry film: 50-70 µm per coat'),
    );
    const after = withPaper(held, newer.facts, new Set<SheetFact>(['potLife', 'dry']));
    expect(after.times.potLife).toBe(14_400);
    expect(after.film.min).toBeCloseTo(50e-6, 12);
    expect(after.film.max).toBeCloseTo(70e-6, 12);
    expect({ ...after, times: held.times, film: held.film }).toEqual(held);
  });

  it('guesses the class from its words and its ratio', () => {
    const guess = (text: string, ratio?: { parts: number[] }) => classGuess(text, ratio ? { ratio } : {});
    expect(guess('Gelcoat for boats')).toBe('gel-coat');
    expect(guess('Acid etch primer')).toBe('etch-primer');
    expect(guess('Water-borne clear lacquer')).toBe('water-lacquer');
    expect(guess('Water-based top coat', { parts: [4, 1] })).toBe('two-part-water');
    expect(guess('Acrylic clear', { parts: [2, 1] })).toBe('two-part-clear');
    expect(guess('Metallic base coat')).toBe('solvent-base');
    expect(guess('Quick alkyd enamel')).toBe('quick-enamel');
  });
});
