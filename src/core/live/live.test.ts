import fc from 'fast-check';
import { isRefusal } from '../refusal';
import { lagOf, Lines, PourGuide, readLine, Settling, usualLag } from '.';

describe('a line of the protocol', () => {
  it.each([
    ['mass 271.3 g moving', { kind: 'mass', value: 0.2713, steady: false }],
    ['MASS +271,3 G', { kind: 'mass', value: 0.2713 }],
    ['  1.250 kg steady\r', { kind: 'mass', value: 1.25, steady: true }],
    ['mass - 2.0 oz', { kind: 'mass', value: -0.0567 }],
    ['2 lb', { kind: 'mass', value: 0.9072 }],
    ['film 62.1 um', { kind: 'film', value: 62.1e-6 }],
    ['4,1 mil', { kind: 'film', value: 104.14e-6 }],
    ['cup open', { kind: 'cup', stream: 'open' }],
    ['Cup: BREAK', { kind: 'cup', stream: 'break' }],
  ])('%s', (line, reading) => {
    const found = readLine(line);
    if (isRefusal(found) || !found) throw new Error(String(found));
    expect({ ...found, ...('value' in found ? { value: Number(found.value.toPrecision(4)) } : {}) }).toEqual({
      ...reading,
      ...('value' in reading ? { value: Number(reading.value.toPrecision(4)) } : {}),
    });
  });
  it.each([
    ['271.3', 'no-unit'],
    ['mass over', 'no-number'],
    ['mass 12 um', 'unknown-unit'],
    ['film 12 g', 'unknown-unit'],
    ['mass 9999 kg', 'beyond-scale'],
    ['film -3 um', 'beyond-gauge'],
    ['cup full', 'not-a-stream'],
    ['???', 'not-a-reading'],
    ['12 g of paint in the pot today', 'not-a-reading'],
  ])('%s is refused: %s', (line, code) => expect(readLine(line)).toMatchObject({ refused: code }));
  it.each(['', '   ', '# hello', '\u0000'])('says nothing: %j', (line) =>
    expect(readLine(line)).toBeUndefined(),
  );
  it('whatever comes over a cable is read or refused, never thrown', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (line) => {
        const found = readLine(line);
        if (found && !isRefusal(found) && 'value' in found) expect(Number.isFinite(found.value)).toBe(true);
      }),
    );
  });
  it('comes in pieces, and is whole again', () => {
    const lines = ['mass 1.0 g', 'mass 2.0 g', 'mass 3.0 g'];
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 7 }), { minLength: 20, maxLength: 20 }), (cuts) => {
        const text = lines.join('\r\n') + '\r\n';
        const parts = new Lines();
        const got: string[] = [];
        let at = 0;
        for (const cut of [...cuts, text.length]) {
          got.push(...parts.take(text.slice(at, at + cut)));
          at += cut;
        }
        expect(got.filter((line) => line !== '')).toEqual(lines);
      }),
    );
  });
});

const step = 1e-4;

describe('a scale that settles', () => {
  const over = (seconds: number, value: (t: number) => number, says?: boolean) => {
    const scale = new Settling(step);
    let seen = scale.feed(0, value(0), says);
    for (let t = 0.1; t <= seconds; t += 0.1) seen = scale.feed(t, value(t), says);
    return seen;
  };
  it('rests when it stands, and knows its rate while it runs', () => {
    expect(over(2, () => 0.5)).toMatchObject({ value: 0.5, steady: true, restless: false });
    const running = over(2, (t) => 0.02 * t);
    expect(running.steady).toBe(false);
    expect(running.rate).toBeCloseTo(0.02, 6);
  });
  it('does not believe a device that says steady while it runs, and believes one that says it moves', () => {
    expect(over(2, (t) => 0.01 * t, true).steady).toBe(false);
    expect(over(2, () => 0.5, false).steady).toBe(false);
  });
  it('one reading that jumps out moves nothing', () => {
    expect(over(3, (t) => (Math.abs(t - 2.6) < 0.04 ? 5 : 0.5)).value).toBe(0.5);
  });
  it('a draught keeps it from rest, and that is said', () => {
    const shaken = over(8, (t) => 0.5 + 10 * step * Math.sin(7.3 * t));
    expect(shaken).toMatchObject({ steady: false, restless: true });
    expect(over(8, (t) => 0.05 * t).restless).toBe(false);
  });
  it('a slow creep is told from a pour', () => {
    expect(over(9, (t) => 0.5 + 0.4 * step * t).creeps).toBeCloseTo(0.4 * step, 6);
    expect(over(9, (t) => 0.5 + 0.02 * t).creeps).toBeUndefined();
    expect(over(9, () => 0.5).creeps).toBeUndefined();
  });
  it('after a gap it begins anew', () => {
    const scale = new Settling(step);
    for (let t = 0; t < 2; t += 0.1) scale.feed(t, 0.5);
    expect(scale.feed(60, 0.9)).toMatchObject({ value: 0.9, rate: 0, steady: false });
  });
});

describe('a pour', () => {
  const rest = (value: number) => ({ value, rate: 0, steady: true, restless: false });
  const run = (value: number, rate: number) => ({ value, rate, steady: false, restless: false });
  it('runs, slows, stops ahead of the mark by what the hand still pours, and is done', () => {
    const pour = new PourGuide(0.3, 1, 0.5, step);
    expect(pour.feed(rest(1)).phase).toBe('empty');
    expect(pour.feed(run(1.1, 0.03))).toMatchObject({ phase: 'pour', left: expect.closeTo(0.2, 9) });
    expect(pour.feed(run(1.22, 0.03)).phase).toBe('slow');
    // 0.02 kg/s for half a second: stop at ten grams before.
    expect(pour.feed(run(1.2895, 0.02))).toMatchObject({ phase: 'slow' });
    expect(pour.feed(run(1.2905, 0.02))).toMatchObject({ phase: 'stop', stopIn: 0 });
    expect(pour.said).toEqual({ stopAt: expect.closeTo(0.2905, 9), rate: 0.02 });
    expect(pour.feed(run(1.299, 0.004)).phase).toBe('stop');
    expect(pour.feed(rest(1.3004)).phase).toBe('done');
  });
  it('past the mark it is over, resting or not', () => {
    const pour = new PourGuide(0.3, 0, 0.5, step);
    pour.feed(run(0.295, 0.05));
    expect(pour.feed(run(0.32, 0.05)).phase).toBe('over');
    expect(pour.feed(rest(0.33))).toMatchObject({ phase: 'over', left: expect.closeTo(-0.03, 9) });
  });
  it('at rest before the mark it is short, and goes on', () => {
    const pour = new PourGuide(0.3, 0, 0.5, step);
    pour.feed(run(0.28, 0.05));
    expect(pour.feed(rest(0.29)).phase).toBe('short');
    expect(pour.feed(run(0.291, 0.002)).phase).toBe('pour');
    expect(pour.feed(run(0.297, 0.002)).phase).toBe('slow');
  });
  it('a pot that is lifted is no pour, and goes on when it stands again', () => {
    const pour = new PourGuide(0.3, 1, 0.5, step);
    expect(pour.feed(rest(0)).phase).toBe('off');
    expect(pour.feed(rest(1)).phase).toBe('empty');
    expect(pour.feed(run(1.1, 0.02)).phase).toBe('pour');
  });
  it('a hand is known from its own pours', () => {
    const seen = (lag: number) => ({ stopAt: 0.2, rate: 0.02, took: 0.2 + 0.02 * lag });
    expect(lagOf([])).toEqual({ lag: usualLag, from: 0 });
    expect(lagOf([seen(1.1), seen(1.3)])).toEqual({ lag: usualLag, from: 0 });
    const { lag, from } = lagOf([seen(9), seen(1.1), seen(1.2), seen(1.3)]);
    expect([lag, from]).toEqual([expect.closeTo(1.3, 9), 4]);
    expect(lagOf([seen(-5), seen(-5), seen(-5)]).lag).toBe(0.1);
  });
});
