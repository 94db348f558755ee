import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { cureStages, ways, waysCompared, type ReworkAsked, type Way } from '.';
import { sure } from '../../../tests/fixtures/gun';

const um = 1e-6;
/** A cured gloss clear of two coats, 90 µm of 80 to 120, a run of a hand’s size on a door. */
const clear: ReworkAsked = {
  kind: 'sag',
  stage: 'cured',
  film: 90 * um,
  spec: { min: 60 * um, aim: 100 * um, max: 130 * um },
  off: 25 * um,
  coat: 45 * um,
  coats: 2,
  toCome: false,
  blendable: true,
  glossy: true,
  hardIn: 0,
  curedIn: 7 * 86_400,
  between: 900,
  spot: 0.02,
  face: 1.4,
  mixPerFilm: 4,
  price: 20_000,
};
const seen = (says: Partial<ReworkAsked>, way: Way) =>
  sure(waysCompared({ ...clear, ...says })).find((each) => each.way === way)!;

describe('ways compared', () => {
  it.each<[string, Way, Partial<ReworkAsked>, string | undefined]>([
    ['a gloss is polished once it is cured', 'polish', {}, undefined],
    ['and not before', 'polish', { stage: 'dry' }, 'not-hard'],
    ['satin and uncleared metallic never', 'polish', { glossy: false }, 'not-glossy'],
    ['not where too little would be left', 'polish', { film: 70 * um }, 'too-thin'],
    ['craters go deeper than a polish', 'polish', { kind: 'crater' }, 'goes-deeper'],
    ['wiped off only while wet', 'wipe-off', {}, 'not-wet'],
    ['craters are wiped off while they are', 'wipe-off', { stage: 'wet', kind: 'crater' }, undefined],
    ['a texture may flow out while wet', 'flow-out', { stage: 'wet', kind: 'surface' }, undefined],
    ['a run does not', 'flow-out', { stage: 'wet' }, 'does-not-heal'],
    [
      'a wet rough coat heals under the next',
      'cover',
      { kind: 'surface', toCome: true, film: 45 * um },
      undefined,
    ],
    [
      'a dry rough one does not',
      'cover',
      { kind: 'surface', toCome: true, dryTexture: true },
      'does-not-heal',
    ],
    ['without a coat to come nothing covers it', 'cover', { kind: 'surface' }, 'no-coat-to-come'],
    ['what blends is mended in a spot', 'spot-blend', {}, undefined],
    ['what does not, never', 'spot-blend', { blendable: false }, 'does-not-blend'],
    ['then over the whole face', 'whole-face', { blendable: false }, undefined],
    ['unless a coat alone is too thick', 'whole-face', { coat: 140 * um }, 'too-thick'],
    ['what peels is stripped', 'strip', { kind: 'adhesion' }, undefined],
    ['and nothing less', 'whole-face', { kind: 'adhesion' }, 'goes-deeper'],
    ['nor left', 'leave', { kind: 'adhesion' }, 'cannot-stay'],
  ])('%s', (_, way, says, shut) => {
    expect(seen(says, way).shut).toBe(shut);
  });

  it('film, papers, days and paint of each', () => {
    // A run takes 25 µm off.
    expect(seen({}, 'polish')).toMatchObject({
      papers: ['P1500', 'P2000', 'P3000', 'compound'],
      mix: 0,
      cost: 0,
    });
    expect(seen({}, 'polish').film).toBeCloseTo(65 * um, 12);
    expect(seen({}, 'whole-face').film).toBeCloseTo(110 * um, 12);
    // 1.4 m² × 45 µm × 4 m³/m³, at 20 000 a m³.
    expect(seen({}, 'whole-face').mix).toBeCloseTo(1.4 * 45e-6 * 4, 12);
    expect(seen({}, 'whole-face').cost).toBeCloseTo(1.4 * 45e-6 * 4 * 20_000, 9);
    expect(seen({}, 'spot-blend').mix).toBeLessThan(seen({}, 'whole-face').mix);
    // What would end over the most is flatted further: 125 + 45 less 40.
    expect(seen({ film: 125 * um }, 'whole-face').film).toBeCloseTo(130 * um, 12);
    expect(seen({ price: undefined }, 'whole-face').cost).toBeUndefined();
    const paid = seen({ labour: 1 / 60 }, 'whole-face');
    expect(paid.cost! - seen({}, 'whole-face').cost!).toBeCloseTo(paid.hands / 60, 9);
    expect(paid.unpriced).toEqual([]);
    expect(seen({ price: undefined, labour: 1 / 60 }, 'whole-face').unpriced).toEqual(['paint']);
    expect(seen({}, 'whole-face').unpriced).toEqual(['hands']);
    expect(seen({}, 'strip').hands).toBeGreaterThan(seen({}, 'whole-face').hands);
    expect(seen({}, 'polish').calendar).toBeGreaterThan(7 * 86_400);
  });

  it('what is open comes first, and a run on a cured gloss is polished', () => {
    const all = sure(waysCompared(clear));
    expect(all[0]?.way).toBe('polish');
    const shut = all.map((each) => each.shut !== undefined);
    expect(shut).toEqual([...shut].sort());
    expect(sure(waysCompared({ ...clear, stage: 'wet', kind: 'crater' }))[0]?.way).toBe('wipe-off');
    expect(sure(waysCompared({ ...clear, kind: 'adhesion' }))[0]?.way).toBe('strip');
  });

  it('never leaves less than nothing, never joins what does not blend, never opens what ends too thin', () => {
    const kinds = [
      'surface',
      'sag',
      'crater',
      'bubble',
      'colour',
      'thin',
      'haze',
      'adhesion',
      'cure',
      'rust',
      'gun',
    ] as const;
    const film = fc.double({ min: 1e-7, max: 300e-6, noNaN: true });
    const asked = fc.record({
      kind: fc.constantFrom(...kinds),
      stage: fc.constantFrom(...cureStages),
      film,
      off: film,
      coat: film,
      coats: fc.integer({ min: 1, max: 5 }),
      toCome: fc.boolean(),
      blendable: fc.boolean(),
      glossy: fc.boolean(),
      hardIn: fc.integer({ min: 0, max: 1e6 }),
      curedIn: fc.integer({ min: 0, max: 1e7 }),
      spot: fc.double({ min: 1e-4, max: 1, noNaN: true }),
      face: fc.double({ min: 1, max: 50, noNaN: true }),
    });
    fc.assert(
      fc.property(asked, (says) => {
        const all = sure(waysCompared({ ...clear, ...says }));
        expect(all.map(({ way }) => way).sort()).toEqual([...ways].sort());
        for (const each of all) {
          expect(each.film).toBeGreaterThanOrEqual(0);
          expect(each.hands).toBeGreaterThanOrEqual(0);
          expect(each.calendar).toBeGreaterThanOrEqual(0);
          expect(each.mix).toBeGreaterThanOrEqual(0);
          if (each.shut) continue;
          if (each.way === 'spot-blend') expect(says.blendable).toBe(true);
          if (each.way === 'polish') expect(each.film).toBeGreaterThanOrEqual(clear.spec.min);
          if (each.way === 'whole-face') expect(each.film).toBeLessThanOrEqual(clear.spec.max + 1e-12);
          if (each.way === 'wipe-off') expect(says.stage).toBe('wet');
        }
      }),
    );
  });

  it.each([{ film: 0 }, { coat: -1 }, { spot: 0 }, { face: 0 }, { spot: 2, face: 1 }])(
    'refuses %o',
    (says) => {
      expect(isRefusal(waysCompared({ ...clear, ...says }))).toBe(true);
    },
  );
});
