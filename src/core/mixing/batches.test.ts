import fc from 'fast-check';
import { isRefusal, type Outcome } from '../refusal';
import { fillsFor, planBatches, type BatchPiece } from '.';

const value = <T>(outcome: Outcome<T>): T => {
  if (isRefusal(outcome)) throw new Error(outcome.says);
  return outcome;
};
const minutes = 60;
const piece = (id: string, start: number, duration: number, litres: number): BatchPiece => ({
  id,
  start: start * minutes,
  duration: duration * minutes,
  volume: litres * 1e-3,
});

describe('batches', () => {
  const day = [
    piece('front 1', 0, 20, 1),
    piece('back 1', 20, 20, 1),
    piece('front 2', 70, 20, 1),
    piece('back 2', 90, 20, 1),
  ];

  it('is one batch when the life and the pot allow it', () =>
    expect(value(planBatches(day, { life: 110 * minutes }))).toMatchObject([
      { mixAt: 0, until: 110 * minutes },
    ]));

  it('begins a second batch where the first would outlive its pot life, mixed its rest earlier', () => {
    // Ten minutes of rest and a life of 60: the first two faces end at 40, the third would end at 90 + 10.
    const batches = value(planBatches(day, { life: 60 * minutes, induction: 10 * minutes }));
    expect(
      batches.map(({ mixAt, volume, because }) => [mixAt / minutes, Math.round(volume * 1e4) / 10, because]),
    ).toEqual([
      [-10, 2, undefined],
      [60, 2, 'pot-life'],
    ]);
  });

  it('begins another when the pot is full', () => {
    const batches = value(planBatches(day, { pot: 3e-3 }));
    expect(batches.map(({ pieces }) => pieces.length)).toEqual([3, 1]);
    expect(batches[1]!.because).toBe('pot-size');
  });

  it('refuses a face that alone outlasts the mix, or the pot', () => {
    expect(planBatches(day, { life: 15 * minutes })).toMatchObject({ refused: 'piece-outlasts-life' });
    expect(planBatches(day, { pot: 0.5e-3 })).toMatchObject({ refused: 'piece-over-pot', max: 0.5e-3 });
  });

  it('covers every piece once, in order, and no batch breaks a limit', () => {
    const pieces = fc
      .array(
        fc.tuple(
          fc.integer({ min: 1, max: 30 }),
          fc.integer({ min: 0, max: 60 }),
          fc.double({ min: 0.1, max: 2, noNaN: true }),
        ),
        { minLength: 1, maxLength: 12 },
      )
      .map((rows) => {
        let at = 0;
        return rows.map(([duration, gap, litres], i) => {
          const own = piece(`p${i}`, at, duration, litres);
          at += duration + gap;
          return own;
        });
      });
    fc.assert(
      fc.property(
        pieces,
        fc.integer({ min: 31, max: 240 }),
        fc.double({ min: 2, max: 6, noNaN: true }),
        (all, life, litres) => {
          const batches = value(planBatches(all, { life: life * minutes, pot: litres * 1e-3 }));
          expect(batches.flatMap((batch) => batch.pieces)).toEqual(all.map(({ id }) => id));
          for (const { mixAt, until, volume } of batches) {
            expect(until - mixAt).toBeLessThanOrEqual(life * minutes);
            expect(volume).toBeLessThanOrEqual(litres * 1e-3 * (1 + 1e-6));
          }
          expect(batches.reduce((sum, { volume }) => sum + volume, 0)).toBeCloseTo(
            all.reduce((sum, { volume }) => sum + volume, 0),
            9,
          );
        },
      ),
    );
  });
});

describe('fills', () => {
  it('a litre cup with 60 mL left in the gun does three faces of 300 mL, filled to 960', () => {
    expect(value(fillsFor(0.3e-3, 1e-3, 60e-6))).toEqual({
      faces: 3,
      perFace: 1,
      fill: expect.closeTo(0.96e-3, 9),
    });
  });
  it('says how often a large face must be refilled', () =>
    expect(value(fillsFor(2e-3, 1e-3, 60e-6))).toMatchObject({ faces: 0, perFace: 3 }));
  it('refuses a cup that the gun drinks alone', () =>
    expect(isRefusal(fillsFor(0.1e-3, 50e-6, 60e-6))).toBe(true));
});
