import { PourGuide, readLine, Settling, lagOf, type PourSeen } from '@/core/live';
import { isRefusal } from '@/core/refusal';
import { SimulatedScale, type ScaleMood } from './livescale';

const step = 1e-4;

/** One pour to its mark, the hand doing what it is told; kg truly in the pot and what the reader took. */
function poured(aim: number, lag: number, mood: Partial<ScaleMood> = {}) {
  const scale = new SimulatedScale({ seed: `${aim}/${lag}`, ...mood });
  const seen = new Settling(step);
  const guide = new PourGuide(aim, 0, lag, step);
  let told = '';
  let t = 0;
  for (let i = 0; i < 1200; i += 1) {
    for (const line of scale.pass(0.1)) {
      t += 0.1;
      const read = readLine(line);
      if (!read || isRefusal(read) || read.kind !== 'mass') throw new Error(line);
      const state = guide.feed(seen.feed(t, read.value, read.steady));
      if (state.phase === 'done' || state.phase === 'over')
        if (seen.feed(t + 1e-6, read.value, read.steady).steady)
          return {
            state,
            truth: scale.truth / 1000,
            seen: guide.said && { ...guide.said, took: state.added },
          };
      if (state.phase !== told) {
        told = state.phase;
        if (told === 'empty' || told === 'pour') scale.tip(1);
        if (told === 'slow') scale.tip(0.4);
        if (told === 'short') scale.tip(0.2);
        if (told === 'stop' || told === 'over') scale.tip(0);
      }
    }
  }
  throw new Error(`never ended: ${told}`);
}

test('its lines are read, in every unit it writes', () => {
  for (const unit of ['g', 'kg', 'oz', 'lb'] as const) {
    const scale = new SimulatedScale({ seed: unit, unit, noise: 0 });
    scale.tip(1);
    const lines = scale.pass(4);
    expect(lines).toHaveLength(40);
    const last = readLine(lines.at(-1)!);
    if (!last || isRefusal(last) || last.kind !== 'mass') throw new Error(lines.at(-1));
    // Behind by the swing of its pan and the step it shows.
    expect(Math.abs(last.value - scale.truth / 1000)).toBeLessThan(0.006 + 0.005);
  }
});

test('what was taken is what truly is in the pot, within two steps and the drops still to fall', () => {
  for (const aim of [0.05, 0.271, 0.8]) {
    const { state, truth } = poured(aim, 0.6);
    expect(Math.abs(state.added - truth)).toBeLessThan(5e-4);
  }
});

test('once the hand is known it lands on the mark', () => {
  const slow = { reaction: 0.9 };
  const pours: PourSeen[] = [];
  for (let i = 0; i < 5; i += 1) {
    const { seen } = poured(0.3 + 0.01 * i, lagOf(pours).lag, { ...slow, seed: `learn${i}` });
    if (seen) pours.push(seen);
  }
  expect(lagOf(pours).from).toBeGreaterThan(2);
  expect(lagOf(pours).lag).toBeGreaterThan(0.6);
  const errors = Array.from({ length: 10 }, (_, i) => {
    const aim = 0.25 + 0.02 * i;
    const known = poured(aim, lagOf(pours).lag, { ...slow, seed: `known${i}` }).truth - aim;
    const unknown = poured(aim, 0.2, { ...slow, seed: `known${i}` }).truth - aim;
    return [Math.abs(known), Math.abs(unknown)] as const;
  });
  const sum = (k: 0 | 1) => errors.reduce((total, each) => total + each[k], 0);
  expect(sum(0)).toBeLessThan(sum(1) / 2);
});
