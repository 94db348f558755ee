import { lagOf, PourGuide, readLine, Settling, type PourSeen } from '../../src/core/live';
import { isRefusal } from '../../src/core/refusal';
import { SimulatedScale, type ScaleMood } from '../../src/standins/livescale';

export interface PoursTold {
  readonly name: string;
  /** g: off the mark, 50 and 95 of 100 within, and what was taken against what truly is in the pot. */
  readonly middle: number;
  readonly most: number;
  readonly taken: number;
  /** ms a reading took. */
  readonly took: number;
}

const step = 1e-4;

/** One pour by somebody who does as told; nothing where it never came to rest. */
function poured(aim: number, lag: number, mood: ScaleMood, clock: { ms: number; readings: number }) {
  const scale = new SimulatedScale(mood);
  const settling = new Settling(step);
  const guide = new PourGuide(aim, 0, lag, step);
  let told = '';
  for (let t = 0.1; t < 120; t += 0.1)
    for (const line of scale.pass(0.1)) {
      const began = performance.now();
      const read = readLine(line);
      if (!read || isRefusal(read) || read.kind !== 'mass') continue;
      const seen = settling.feed(t, read.value, read.steady);
      const state = guide.feed(seen);
      clock.ms += performance.now() - began;
      clock.readings += 1;
      if ((state.phase === 'done' || state.phase === 'over') && seen.steady)
        return {
          off: scale.truth / 1000 - aim,
          took: state.added,
          truth: scale.truth / 1000,
          said: guide.said,
        };
      if (state.phase === told) continue;
      told = state.phase;
      if (told === 'empty' || told === 'pour') scale.tip(1);
      if (told === 'slow') scale.tip(0.4);
      if (told === 'short') scale.tip(0.2);
      if (told === 'stop' || told === 'over') scale.tip(0);
    }
  return undefined;
}

const kinds: readonly (readonly [string, Partial<ScaleMood>])[] = [
  ['a usual hand', {}],
  ['a slow hand', { reaction: 0.9 }],
  ['a scale that trembles', { noise: 0.15 }],
  ['a scale that creeps', { creep: 0.01 }],
  ['a wide can', { fastest: 90 }],
];

/** Pours of 100 to 600 g: the first three of a hand, and those after it is known. */
export const poursTold = (each = 60): PoursTold[] =>
  kinds.flatMap(([name, mood]) => {
    const clock = { ms: 0, readings: 0 };
    const pours: PourSeen[] = [];
    const first: number[] = [];
    const later: number[] = [];
    const taken: number[] = [];
    for (let i = 0; i < each; i += 1) {
      const aim = 0.1 + (0.5 * ((i * 7) % 11)) / 11;
      const end = poured(aim, lagOf(pours).lag, { seed: `${name}/${i}`, ...mood }, clock);
      if (!end) continue;
      (i < 3 ? first : later).push(Math.abs(end.off) * 1000);
      taken.push(Math.abs(end.took - end.truth) * 1000);
      if (end.said) pours.push({ ...end.said, took: end.took });
    }
    const at = (values: readonly number[], share: number) =>
      [...values].sort((a, b) => a - b)[Math.floor(values.length * share)] ?? NaN;
    return [
      {
        name: `${name}, once it is known`,
        middle: at(later, 0.5),
        most: at(later, 0.95),
        taken: at(taken, 0.95),
        took: clock.ms / clock.readings,
      },
      {
        name: `${name}, its first three`,
        middle: at(first, 0.5),
        most: at(first, 0.99),
        taken: NaN,
        took: NaN,
      },
    ];
  });
