import fc from 'fast-check';
import { coatRange, filmLedger, type LedgerCoat, type LedgerLayer, type SheetFilm } from '.';

const µm = 1e-6;
const sheet: SheetFilm = { min: 18 * µm, aim: 22 * µm, max: 26 * µm, coats: 2 };
const coat = (dry: number, more: Partial<LedgerCoat> = {}, id = '1'): LedgerCoat => ({
  id,
  dry: dry * µm,
  sanded: 0,
  ...more,
});
const layer = (coats: readonly LedgerCoat[], more: Partial<LedgerLayer> = {}): LedgerLayer => ({
  id: 'a',
  sheet,
  coats,
  sanded: 0,
  ...more,
});
const inMicrons = (metres: number) => Math.round(metres * 1e7) / 10;

describe('the range of one coat', () => {
  it('goes down with a light coat, and never up with a heavy one', () => {
    const light = coatRange(sheet, 11 * µm);
    expect([inMicrons(light.min), inMicrons(light.max), light.outside]).toEqual([9, 13, false]);
    const heavy = coatRange(sheet, 30 * µm);
    expect([inMicrons(heavy.min), inMicrons(heavy.max), heavy.outside]).toEqual([18, 26, true]);
  });

  it.each([
    [18, 1, false],
    [17.9, 1, true],
    [26, undefined, false],
    [26.1, undefined, true],
    [13, 0.5, false],
    [13.1, 0.5, true],
    [9, 0.5, false],
    [8.9, 0.5, true],
  ])('of %f µm, weight %s: outside %s', (dry, weight, outside) => {
    expect(coatRange(sheet, dry * µm, weight).outside).toBe(outside);
  });
});

describe('the ledger of film', () => {
  it('judges what stays by the sheet’s range times its coats: light coats that do not add up are short', () => {
    const verdict = (...coats: number[]) =>
      filmLedger([layer(coats.map((dry) => coat(dry)))]).layers[0]!.verdict;
    expect([verdict(22, 22), verdict(14, 14), verdict(14, 22), verdict(18, 18), verdict(22)]).toEqual([
      'inside',
      'short',
      'inside',
      'inside',
      'short',
    ]);
    expect([verdict(26, 26), verdict(22, 22, 22)]).toEqual(['inside', 'over']);
  });

  it('by the sheet’s own total where it states one, and by no count that nobody confirmed', () => {
    const of = (more: Partial<SheetFilm>, ...coats: number[]) =>
      filmLedger([
        layer(
          coats.map((dry) => coat(dry)),
          { sheet: { ...sheet, ...more } },
        ),
      ]).layers[0]!.verdict;
    const total = { min: 40 * µm, max: 50 * µm };
    expect([of({ total }, 20, 20), of({ total }, 19, 20), of({ total }, 25, 26)]).toEqual([
      'inside',
      'short',
      'over',
    ]);
    expect([of({ coatsAssumed: true }, 22, 22, 22), of({ coatsAssumed: true }, 22)]).toEqual([
      'inside',
      'inside',
    ]);
    expect(of({ coatsAssumed: true }, 11, 11, 11)).toBe('short');
  });

  it('takes sanding off what stays and off what may stay alike, between coats and after them', () => {
    const { layers, stays, sprayed, sanded } = filmLedger([
      layer([coat(22), coat(22, { sanded: 6 * µm })], { sanded: 4 * µm }),
    ]);
    expect([sprayed, sanded, stays].map(inMicrons)).toEqual([44, 10, 34]);
    expect([inMicrons(layers[0]!.min), inMicrons(layers[0]!.max)]).toEqual([26, 42]);
    expect(layers[0]!.verdict).toBe('inside');
  });

  it('says where sanding goes through, at the aim or where the film is least', () => {
    const through = (...layers: LedgerLayer[]) =>
      filmLedger(layers).cutThrough.map(({ id, at }) => `${id} ${at}`);
    expect(through(layer([coat(22), coat(22, { sanded: 40 * µm }, '2')]))).toEqual(['2 aim']);
    expect(through(layer([coat(22), coat(22, { sanded: 32 * µm }, '2')]))).toEqual(['2 least']);
    expect(through(layer([coat(22), coat(22, { sanded: 20 * µm }, '2')]))).toEqual([]);
    // Film that is left is pinned on both sides: 5 µm is enough, a hair less is not.
    expect(through(layer([coat(22), coat(22, { sanded: 31 * µm }, '2')]))).toEqual([]);
    expect(through(layer([coat(22), coat(22, { sanded: 31.01 * µm }, '2')]))).toEqual(['2 least']);
    // The thick layer below does not help one that is sanded through.
    expect(through(layer([coat(22)]), layer([coat(22, { sanded: 22 * µm }, '2')], { id: 'b' }))).toEqual([
      '2 aim',
    ]);
  });

  it('adds up, whatever the stack: a layer is its coats less what is sanded, the job its layers', () => {
    const anyCoat = fc.record({
      dry: fc.integer({ min: 2, max: 60 }),
      sanded: fc.integer({ min: 0, max: 5 }),
      weight: fc.option(fc.double({ min: 0.1, max: 1, noNaN: true }), { nil: undefined }),
    });
    const anyLayer = fc.record({
      coats: fc.array(anyCoat, { maxLength: 6 }),
      sanded: fc.integer({ min: 0, max: 5 }),
    });
    fc.assert(
      fc.property(fc.array(anyLayer, { minLength: 1, maxLength: 4 }), (all) => {
        const layers = all.map(({ coats, sanded }, i) =>
          layer(
            coats.map((each, c) =>
              coat(each.dry, { sanded: each.sanded * µm, weight: each.weight }, `${i}/${c}`),
            ),
            { id: `${i}`, sanded: sanded * µm },
          ),
        );
        const ledger = filmLedger(layers);
        ledger.layers.forEach((film, i) => {
          const own = all[i]!;
          const taken = own.coats.reduce((sum, each) => sum + each.sanded, own.sanded);
          const laid = own.coats.reduce((sum, each) => sum + each.dry, 0);
          expect(film.stays).toBeCloseTo((laid - taken) * µm, 12);
          for (const { min, aim, max, outside } of film.coats) {
            expect(min).toBeLessThanOrEqual(max);
            expect(outside || (min <= aim * (1 + 1e-8) && aim <= max * (1 + 1e-8))).toBe(true);
            expect(max).toBeLessThanOrEqual(sheet.max);
          }
          expect(film.verdict === 'inside').toBe(
            film.stays >= film.min * (1 - 1e-9) && film.stays <= film.max * (1 + 1e-9),
          );
        });
        expect(ledger.stays).toBeCloseTo(
          ledger.layers.reduce((sum, { stays }) => sum + stays, 0),
          12,
        );
      }),
    );
  });
});
