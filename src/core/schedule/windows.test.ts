import fc from 'fast-check';
import { hardAt, lawfulTimes, recoatState, timesMoved, timesUnder, type SheetTimes } from '.';

const minutes = (n: number) => n * 60_000;
const times: SheetTimes = { temperature: 293.15, flash: 600, recoatFirst: 900, recoatLast: 28_800 };

describe('the next product on a film', () => {
  it('has times of its own where the sheet says so, and neither tack nor a forbidden middle of the other', () => {
    const own = {
      ...times,
      tack: true,
      forbidden: { from: 3600, to: 7200 },
      next: { first: 7200, last: 86_400 },
    };
    expect(timesUnder(own, 'same')).toBe(own);
    expect(timesUnder(own, 'other')).toMatchObject({ recoatFirst: 7200, recoatLast: 86_400 });
    expect(recoatState({ ended: 0, times: timesUnder(own, 'other') }, minutes(90)).state).toBe('flashing');
    expect(recoatState({ ended: 0, times: timesUnder(own, 'same') }, minutes(90)).state).toBe('between');
    // Nothing said of another product: it is as for itself.
    expect(timesUnder(times, 'other')).toBe(times);
  });
});

describe('a tack window', () => {
  const tacky: SheetTimes = { ...times, recoatFirst: 3600, recoatLast: 14_400, tack: true };

  it('is missed when the film is found dry, hard until its clock runs out, and then abraded', () => {
    const dry = minutes(120);
    const missed = recoatState({ ended: 0, times: tacky, found: dry, dry }, minutes(121));
    expect(missed).toMatchObject({ state: 'closed', closes: dry, hard: minutes(240) });
    // Scuffed while it was soft it is as missed as before; scuffed hard it takes a coat.
    expect(recoatState({ ended: 0, times: tacky, dry, abraded: minutes(130) }, minutes(131)).state).toBe(
      'closed',
    );
    expect(recoatState({ ended: 0, times: tacky, dry, abraded: minutes(241) }, minutes(300)).state).toBe(
      'open',
    );
  });

  it('dry by a finger closes no window of a coating that may dry', () => {
    expect(recoatState({ ended: 0, times, dry: minutes(20) }, minutes(30)).state).toBe('open');
  });
});

describe('abrading', () => {
  it('never opens a window early, and not the forbidden middle', () => {
    const odd = { ...times, recoatLast: undefined, forbidden: { from: 1800, to: 36_000 } };
    expect(recoatState({ ended: 0, times: odd, abraded: minutes(60) }, minutes(61)).state).toBe('between');
    expect(hardAt({ ended: 0, times: odd })).toBe(minutes(600));
    expect(recoatState({ ended: 0, times, abraded: minutes(5) }, minutes(6)).state).toBe('flashing');
  });

  it('waits until the sheet says it is hard, longer in the cold, and counts for as long as it says', () => {
    const primer = { ...times, sandable: 7200, sandedFor: 3600 };
    expect(hardAt({ ended: 0, times: primer, factor: 2 })).toBe(minutes(240));
    const sanded = { ended: 0, times: primer, abraded: minutes(130) };
    expect(recoatState(sanded, minutes(131))).toEqual({
      state: 'open',
      opens: minutes(130),
      closes: minutes(190),
    });
    expect(recoatState(sanded, minutes(191))).toMatchObject({ state: 'closed', hard: minutes(130) });
    expect(lawfulTimes(sanded)).toEqual([{ from: minutes(130), to: minutes(190) }]);
  });

  it('whatever was done, a coat is lawful exactly where the window is open', () => {
    const span = fc.integer({ min: 1, max: 600 });
    fc.assert(
      fc.property(
        fc.record({
          recoatFirst: span,
          recoatLast: fc.option(span, { nil: undefined }),
          sandable: fc.option(span, { nil: undefined }),
          sandedFor: fc.option(span, { nil: undefined }),
          tack: fc.boolean(),
          forbidden: fc.option(
            fc.tuple(span, span).map(([from, long]) => ({ from, to: from + long })),
            { nil: undefined },
          ),
        }),
        fc.record({
          factor: fc.double({ min: 1, max: 3, noNaN: true }),
          found: fc.option(span, { nil: undefined }),
          dry: fc.option(span, { nil: undefined }),
          abraded: fc.option(span, { nil: undefined }),
        }),
        fc.integer({ min: 0, max: 1500 }),
        (said, film, now) => {
          const of = {
            ...{ ended: 0, times: { temperature: 293, flash: 0, ...said }, factor: film.factor },
            found: film.found && film.found * 1000,
            // What was done was done before now.
            dry: film.dry !== undefined && film.dry <= now ? film.dry * 1000 : undefined,
            abraded: film.abraded !== undefined && film.abraded <= now ? film.abraded * 1000 : undefined,
          };
          const at = now * 1000 + 500;
          const lawful = lawfulTimes(of).some(({ from, to }) => at >= from && (to === undefined || at <= to));
          const { state } = recoatState(of, at);
          expect([state, lawful]).toEqual([state, state === 'open']);
        },
      ),
      { numRuns: 2000 },
    );
  });
});

describe('an additive that moves clocks', () => {
  it('moves every time of the sheet, and none where it moves nothing', () => {
    const full = {
      ...times,
      forbidden: { from: 3600, to: 7200 },
      next: { first: 60, last: 600 },
      sandable: 9000,
    };
    expect(timesMoved(full, 1)).toBe(full);
    expect(timesMoved(full, 0.1)).toMatchObject({
      flash: 60,
      recoatFirst: 90,
      recoatLast: 2880,
      forbidden: { from: 360, to: 720 },
      next: { first: 6, last: 60 },
      sandable: 900,
    });
  });
});
