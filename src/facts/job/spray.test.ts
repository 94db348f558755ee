import { withLayer } from '@/facts/job';
import { celsius } from '@/core/climate';
import { isRefusal } from '@/core/refusal';
import {
  airless,
  aJob,
  card,
  coatsChanged,
  coatsIn,
  colour,
  end,
  fitRoom,
  lacquer,
  logged,
  mixedColour,
  mixedLacquer,
  noon,
  readyToSpray,
  seen,
  setting,
  sprayedWith,
  start,
  wallPaint,
} from '../../../tests/fixtures/job';

const tick = (step: string) => ({ type: 'tick', list: 'clean', step, done: true }) as const;

describe('plan', () => {
  it('is fit, unfit or not yet known, limit by limit', () => {
    const states = (job = aJob()) =>
      Object.fromEntries(seen(job).plan.fitness.map(({ id, state }) => [id, state]));
    expect(states()).toEqual({ air: 'unknown', part: 'unknown', humidity: 'unknown', dew: 'unknown' });
    expect(states(logged(aJob(), [-10, fitRoom]))).toEqual({
      air: 'good',
      part: 'good',
      humidity: 'good',
      dew: 'good',
    });
    const damp = { type: 'climate', air: celsius(20), part: celsius(13), humidity: 0.74 } as const;
    expect(states(logged(aJob(), [-10, damp]))).toMatchObject({ air: 'good', dew: 'stop' });
  });

  it('refuses a film the sheet does not allow', () => {
    const job = aJob();
    const thick = coatsChanged(job, () => ({ dry: 60e-6 }));
    expect(seen(thick).plan.fitness.find(({ id }) => id === 'film')).toMatchObject({
      state: 'stop',
      found: 60e-6,
    });
  });

  it('asks for the litres of the coats of the sheet at hand, and more wet film once it is thinned', () => {
    const { plan } = seen(aJob());
    // 4 faces, 7 strokes of 2.2 m on each, 125 mm apart: 7.7 m² swept × 2 × 29/0.32 µm ÷ 0.55 + 0.05 + 0.09 L, + 10 %
    const byHand = ((7.7 * 2 * (29e-6 / 0.32)) / 0.55 + 0.14e-3) * 1.1;
    expect(!isRefusal(plan.needed) && plan.needed.total).toBeCloseTo(byHand, 8);
    expect(seen(readyToSpray()).plan.coats[0]!.wet).toBeGreaterThan(plan.coats[0]!.wet * 1.05);
    expect(seen(aJob([lacquer, colour])).plan.coats).toHaveLength(4);
  });
});

describe('set', () => {
  it('names the sheet’s nozzle that passes the flow', () => {
    const { proposal } = seen(aJob()).set;
    if (isRefusal(proposal)) throw new Error(proposal.says);
    expect(proposal.fitting.bore).toBeCloseTo(1.5e-3, 9);
    expect(proposal.fitting).toMatchObject({ verdict: { grade: 'first' }, onSheet: true });
    expect(proposal.pressure).toBeCloseTo(0.42e5, 6);
    expect(proposal.spacing).toBeCloseTo(0.125, 9);
  });

  it('solves the speed for a nozzle that cannot pass the flow', () => {
    const { fittings } = seen(aJob()).set;
    if (isRefusal(fittings)) throw new Error(fittings.says);
    const small = fittings.find(({ bore }) => bore === 1e-3)!;
    expect(small.verdict).toMatchObject({ grade: 'no', why: 'off-sheet' });
  });

  it('ranks tips by how well they fit a hand', () => {
    const { fittings, proposal } = seen(aJob([wallPaint]), { rig: airless }).set;
    if (isRefusal(fittings) || isRefusal(proposal)) throw new Error('refused');
    expect(fittings.map(({ tip }) => tip).sort()).toEqual(['411', '515', '517']);
    expect(fittings[0]?.onSheet).toBe(true);
    expect(proposal.pressureAt).toBe('tip');
  });

  it('says so when there is no rig, or nothing to fit', () => {
    const bare = seen(aJob(), { rig: { ...airless, tips: [] } }).set;
    expect(isRefusal(bare.fittings) && bare.fittings.refused).toBe('no-tips');
    const job = aJob();
    expect(
      isRefusal(
        seen(sprayedWith(job, 'gone'), { rig: { ...airless, sets: [], tips: [], atomising: 'hvlp' } }).set
          .fittings,
      ),
    ).toBe(true);
  });

  it('a card counts for its setting and its batch only', () => {
    const good = logged(aJob(), [-50, mixedLacquer], [-40, setting()], [-30, card()]);
    expect(seen(good).done.has('set')).toBe(true);
    expect(seen(logged(good, [-20, setting()])).set.card).toBeUndefined();
    expect(
      seen(logged(good, [-20, { ...mixedLacquer, batchId: 'b2' } as typeof mixedLacquer])).set.card,
    ).toBeUndefined();
    const cleaned = logged(good, [-20, tick('assemble')]);
    expect(seen(cleaned).set.setting).toBeUndefined();
  });
});

describe('spray', () => {
  const first = lacquer.id + '-1';
  const sprayed = logged(readyToSpray(), [-20, start(first)], [-10, end(first)]);

  it('runs coat by coat', () => {
    expect(seen(readyToSpray()).current).toBe('spray');
    const running = seen(logged(readyToSpray(), [-20, start(first)])).spray;
    expect(running.running?.coat.id).toBe(first);
    expect(running.running?.started).toBe(noon - 20 * 60_000);
    expect(seen(sprayed).spray.next?.coat.id).toBe('lacquer-2');
  });

  it('flashes, opens and closes by the sheet, and later in the cold', () => {
    const state = (minutes: number) => seen(sprayed, { minutes }).spray.recoat?.state;
    // Air a degree warmer than the part dries a water-borne film a little slower: 48 minutes, not 45.
    expect([0, 37, 39, 469, 471].map(state)).toEqual(['flashing', 'flashing', 'open', 'open', 'closed']);
    const cold = logged(sprayed, [
      -9,
      { type: 'climate', air: celsius(16), part: celsius(10), humidity: 0.4 },
    ]);
    expect(seen(cold, { minutes: 36 }).spray).toMatchObject({
      stretched: true,
      recoat: { state: 'flashing' },
    });
  });

  it('an abraded coat takes the next one at any time', () => {
    const late = logged(sprayed, [600, { type: 'abraded', coatId: first }]);
    expect(seen(late, { minutes: 700 }).spray.recoat).toEqual({ state: 'open', opens: noon + 600 * 60_000 });
  });

  it('gives strokes, seconds and the time of a coat', () => {
    const { spray, set } = seen(readyToSpray());
    const { strokes, spacing, speed, coatTime } = spray;
    expect(spacing).toBeCloseTo(0.125, 9);
    // 250 mL/min, 0.55 of it landing over 125 mm, at the pace that leaves the film the coat wants.
    expect(speed).toBeCloseTo((250e-6 / 60) * (0.55 / (set.wet * 0.125)), 9);
    // 0.7 m across 125 mm: 6 gaps, 7 strokes; 2 m and 0.1 m lead at each end.
    expect(strokes[0]).toMatchObject({ strokes: 7 });
    expect(strokes[0]!.seconds).toBeCloseTo(2.2 / speed, 9);
    expect(coatTime).toBeCloseTo((4 * 7 * 2.2) / speed, 6);
  });
});

describe('check', () => {
  const on = logged(readyToSpray(), [-90, start('lacquer-1')], [-80, end('lacquer-1')]);
  const film = (spot: number, um: number) =>
    ({ type: 'film', faceId: 'front', spot, reading: um * 1e-6 }) as const;

  it('wants a coat first, then judges what is on', () => {
    const { verdict } = seen(aJob()).check;
    expect(isRefusal(verdict) && verdict.refused).toBe('no-coat');
    const { spec } = seen(on).check;
    expect(spec).toEqual({ min: 25e-6, nominal: 29e-6, max: 35e-6 });
  });

  it('passes and fails by spot', () => {
    const all = (values: readonly number[]) =>
      logged(
        on,
        ...values.flatMap((um, spot) => [0, 1, 2].map((i) => [spot + i / 10, film(spot, um)] as const)),
      );
    const good = seen(all([29, 30, 28, 31, 29])).check;
    expect(good).toMatchObject({ taken: 5, wanted: 5 });
    expect(!isRefusal(good.verdict) && good.verdict.passes).toBe(true);
    const thin = seen(all([29, 30, 15, 31, 29]));
    expect(!isRefusal(thin.check.verdict) && thin.check.verdict.spots[2]?.state).toBe('low');
    expect(thin.current).toBe('check');
  });
});

describe('clean', () => {
  const dirty = logged(readyToSpray(), [-20, start('lacquer-1')], [-10, end('lacquer-1')]);

  it('counts from the last coat, by the sheet or the class', () => {
    expect(seen(aJob()).clean.state).toBe('nothing-in-it');
    const { clean } = seen(dirty);
    expect(clean).toMatchObject({ state: 'dirty', assumed: false, doneCount: 0 });
    expect(clean.cleanBy).toBe(noon + (40 - 10) * 60_000);
    const silent = { ...lacquer, cleanBy: undefined };
    const job = withLayer(dirty, 'lacquer', { sheet: silent });
    expect(seen(job).clean.assumed).toBe(true);
  });

  it('is done when every step is, and dirty again with the next coat', () => {
    const steps = seen(dirty).clean.steps.map(({ id }) => id);
    const cleaned = logged(dirty, ...steps.map((step, i) => [-5 + i / 10, tick(step)] as const));
    expect(seen(cleaned)).toMatchObject({ clean: { state: 'clean' } });
    expect(seen(cleaned).clean.cleanBy).toBeUndefined();
    expect(seen(logged(cleaned, [1, start('lacquer-2')]), { minutes: 2 }).clean).toMatchObject({
      state: 'dirty',
      doneCount: 0,
    });
    expect(
      seen(logged(cleaned, [1, { type: 'tick', list: 'clean', step: 'flush', done: false }]), { minutes: 2 })
        .clean.state,
    ).toBe('dirty');
  });

  it('comes before measuring once all coats are on', () => {
    const all = logged(dirty, [-8, start('lacquer-2')], [-2, end('lacquer-2')]);
    expect(seen(all).current).toBe('clean');
  });
});

describe('timers', () => {
  const timers = (job = aJob(), minutes = 0) =>
    Object.fromEntries(
      seen(job, { minutes }).timers.map(({ id, due }) => [id, Math.round((due - noon) / 60_000)]),
    );

  it('are moments from the log, soonest first', () => {
    const job = logged(
      readyToSpray(),
      [-20, start('lacquer-1')],
      [-10, end('lacquer-1')],
      [-5, { type: 'stir', batchId: 'b' }],
    );
    expect(timers(job)).toEqual({
      idle: 0,
      stir: 15,
      retime: 26,
      'clean-by': 30,
      flash: 38,
      'recoat-closes': 470,
    });
    const dues = seen(job).timers.map(({ due }) => due);
    expect(dues).toEqual([...dues].sort((a, b) => a - b));
  });

  it('of a two-part mix are its rest and its pot life', () => {
    expect(timers(logged(aJob([colour]), [-20, mixedColour()]))).toMatchObject({
      induction: -10,
      'pot-life': 100,
    });
    const sprayed = logged(
      aJob([colour]),
      [-20, mixedColour()],
      [-8, start('colour-1')],
      [-2, end('colour-1')],
    );
    expect(timers(sprayed)).not.toHaveProperty('induction');
    expect(timers(sprayed)).toHaveProperty('pot-life');
  });

  it('do not run while a coat goes on, nor for a job not begun', () => {
    expect(timers()).toEqual({});
    const running = logged(
      readyToSpray(),
      [-20, start('lacquer-1')],
      [-10, end('lacquer-1')],
      [40, start('lacquer-2')],
    );
    expect(timers(running, 41)).not.toHaveProperty('flash');
  });
});

describe('a finger in a cold room', () => {
  // At 5 °C the clock would open the window only after it has closed.
  const cold = { type: 'climate', air: celsius(5), part: celsius(5), humidity: 0.5 } as const;
  const quick = { ...lacquer, times: { ...lacquer.times, recoatLast: 3600 } };
  const [first] = coatsIn(aJob([quick]));
  const waited = (minutes: number) =>
    logged(
      aJob([quick]),
      [-minutes - 10, cold],
      [-minutes - 5, { type: 'coat-start', coatId: first!.id }],
      [-minutes, { type: 'coat-end', coatId: first!.id }],
    );
  const found = (minutes: number, touched: number, what: 'dry' | 'wet') =>
    seen(logged(waited(minutes), [touched - minutes, { type: 'touch', coatId: first!.id, found: what }]))
      .spray.recoat;

  it('the clock alone sees no window', () => {
    expect(seen(waited(30)).spray.recoat?.state).toBe('never');
  });

  it('dry to the touch opens it, and it still closes when the sheet says', () => {
    expect(found(50, 40, 'dry')).toMatchObject({ state: 'open', opens: noon - 10 * 60_000 });
    expect(found(61, 40, 'dry')?.state).toBe('closed');
  });

  it('a touch after it closed opens nothing; wet to the end means never', () => {
    expect(found(90, 70, 'dry')?.state).toBe('never');
    expect(found(59, 58, 'wet')?.state).toBe('never');
  });
});
