import { isRefusal } from '@/core/refusal';
import {
  aJob,
  at,
  colour,
  fitRoom,
  lacquer,
  logged,
  mixedColour,
  mixedLacquer,
  noon,
  seen,
  water,
} from '../../../tests/fixtures/job';
import { celsius } from '@/core/climate';

describe('the batch a log tells of', () => {
  it('is not there before anything is mixed', () => {
    expect(seen(aJob()).mix.batch).toBeUndefined();
  });

  it('has its parts, its thinner and its as-applied figures', () => {
    const { batch } = seen(logged(aJob(), [-20, mixedLacquer], [-10, water(0.1)])).mix;
    expect(batch?.unthinned.mass).toBeCloseTo(2, 9);
    expect(batch?.thinner).toBeCloseTo(0.1, 9);
    // 2 kg at 1.04 is 1.923 L at 32 %; 0.1 L of water: 0.6154 / 2.023
    expect(batch?.applied.volumeSolids).toBeCloseTo(0.6154 / 2.0231, 3);
    expect(batch?.applied.mass).toBeCloseTo(2.1, 9);
  });

  it('grows alike when unthinned mix is added back', () => {
    const back = { type: 'addition', batchId: 'c', what: 'unthinned', mass: 0.58 } as const;
    const { batch } = seen(logged(aJob([colour]), [-20, mixedColour()], [-10, back])).mix;
    expect(batch?.unthinned.mass).toBeCloseTo(1.74, 9);
    expect(batch?.unthinned.base.mass).toBeCloseTo(0.96 * 1.5, 9);
    expect(batch?.thinner).toBe(0);
  });

  it('is gone once discarded, and a struck entry never counted', () => {
    const discarded = logged(
      aJob(),
      [-20, mixedLacquer],
      [-5, { type: 'discard', batchId: 'b', why: 'old' }],
    );
    expect(seen(discarded).mix.batch).toBeUndefined();
    const job = logged(aJob(), [-20, mixedLacquer], [-10, water(0.1)], [-9, water(0.5)]);
    const struck = {
      ...job,
      log: job.log.map((entry, i) => (i === 2 ? { ...entry, struck: { at: at(0), why: 'twice' } } : entry)),
    };
    expect(seen(struck).mix.batch?.thinner).toBeCloseTo(0.1, 9);
  });

  it('lives as long as the sheet says, shorter in the warm, never longer in the cold', () => {
    const life = (degrees: number) => {
      const room = { ...fitRoom, air: celsius(degrees) } as typeof fitRoom;
      const { batch } = seen(logged(aJob([colour]), [-30, room], [-20, mixedColour()])).mix;
      return ((batch?.useBefore ?? 0) - noon) / 60_000;
    };
    expect(life(20)).toBeCloseTo(100, 6);
    expect(life(30)).toBeCloseTo(40, 6);
    expect(life(10)).toBeCloseTo(100, 6);
  });

  it('of one sheet is not that of another', () => {
    const job = logged(aJob([lacquer, colour]), [-20, mixedColour()]);
    expect(seen(job).plan.sheet.id).toBe('lacquer');
    expect(seen(job).mix.batch).toBeUndefined();
  });
});

describe('pouring', () => {
  const pour = (partId: string, mass: number) =>
    ({ type: 'poured', batchId: 'n', layerId: 'colour', volume: 1e-3, partId, mass }) as const;

  it('goes rung by rung and keeps the volume it began with', () => {
    const job = logged(aJob([colour]), [-10, pour('base', 0.96)]);
    const { pouring, volume } = seen(job).mix;
    expect(volume).toBeCloseTo(1e-3, 12);
    expect(pouring?.poured).toEqual([0.96, 0]);
    if (!pouring || isRefusal(pouring.outcome)) throw new Error('no pouring');
    expect(pouring.outcome.rest.map(({ part, mass }) => [part.id, Math.round(mass * 1000)])).toEqual([
      ['hardener', 200],
    ]);
  });

  it('asks for more of the others after too much of one', () => {
    const { pouring } = seen(logged(aJob([colour]), [-10, pour('base', 1.2)])).mix;
    if (!pouring || isRefusal(pouring.outcome)) throw new Error('no pouring');
    expect(pouring.outcome.over?.id).toBe('base');
    expect(pouring.outcome.rest[0]?.mass).toBeCloseTo(0.25, 3);
  });

  it('ends with the mix, and a discarded one is not gone on with', () => {
    const begun = logged(aJob([colour]), [-10, pour('base', 0.96)]);
    const mixed = mixedColour('n');
    expect(seen(logged(begun, [-5, mixed])).mix.pouring).toBeUndefined();
    expect(
      seen(logged(begun, [-5, { type: 'discard', batchId: 'n', why: 'spilt' }])).mix.pouring,
    ).toBeUndefined();
  });
});

describe('cans', () => {
  const can = (lot: string, coatingId: string, useBefore?: string) =>
    ({
      kind: 'can',
      version: 1,
      id: lot,
      coatingId,
      componentId: 'base',
      lot,
      left: 1e-3,
      useBefore,
    }) as const;

  it('of this sheet are listed, those past their date apart', () => {
    const cans = [
      can('A', 'lacquer', '2026-11-22'),
      can('B', 'lacquer', '2026-11-23'),
      can('C', 'colour', '2020-01-01'),
      can('D', 'lacquer'),
    ];
    const { mix } = seen(aJob(), { cans });
    const [source] = mix.sources;
    expect(source?.choices.map(({ can: { lot } }) => lot)).toEqual(['A', 'B', 'D']);
    expect(source?.choices.filter(({ expired }) => expired).map(({ can: { lot } }) => lot)).toEqual(['A']);
    // Of those in date the one that goes out first is taken.
    expect(source?.cans.map(({ can: { lot } }) => lot)).toEqual(['B']);
  });
});
