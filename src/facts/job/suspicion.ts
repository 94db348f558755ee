import { shiftViscosity } from '@/core/climate';
import { secondsFromViscosity, zeroSeconds, type FlowCup } from '@/core/cups';
import { seeded, seedFrom } from '@/core/random';
import { isRefusal } from '@/core/refusal';
import { drainSeconds, hiddenPaint } from '@/core/simulation';
import { aged, blendShare, condition, suspect, type Suspicion } from '@/core/thinning';
import type { Cup } from '@/records';
import { cupBehind, cupOf } from './cups';
import type { JobView } from './view';

/** So little over a cup’s zero its seconds tell nothing, as a factor of it. */
const aboveZero = 1.02;

/** A cup time so short that the cup tells nothing of the liquid. */
export const tooThinFor = (cup: FlowCup | undefined, seconds: number | undefined): boolean =>
  cup !== undefined && seconds !== undefined && seconds <= zeroSeconds(cup) * aboveZero;

export interface Timed {
  readonly cup: FlowCup | undefined;
  /** s */
  readonly seconds: number | undefined;
  /** K */
  readonly temperature: number | undefined;
}

/** What makes a reading one to ask about before it is recorded; undefined where it is as expected, or nothing is known yet. */
export function suspicionOf(
  { thin, now }: Pick<JobView, 'thin' | 'now'>,
  cups: readonly Cup[],
  { cup, seconds, temperature }: Timed,
): Suspicion | undefined {
  const { question, law, choice, batch, readings } = thin;
  if (!question || !law || !choice || !batch || !cup || cup.relative || choice.band.cup.relative)
    return undefined;
  // Before the first reading everything is possible.
  if (seconds === undefined || temperature === undefined || readings.length === 0) return undefined;
  const shift = shiftViscosity(1, temperature, choice.temperature, law.B);
  const others = cups.flatMap((each) => {
    const behind = cupOf(each);
    return behind && !behind.relative ? [{ ...behind, id: each.id, name: each.name }] : [];
  });
  const w = blendShare(batch.thinner, batch.unthinned.mass);
  const hours = (now - (readings.at(-1)?.at ?? now)) / 3_600_000;
  return suspect(condition(aged(question.belief, hours)), w, cup, seconds, shift, others);
}

/** The cups of the shop that would read this band inside their own range; none where the one in hand does. */
export function betterCups(
  { thin: { choice } }: Pick<JobView, 'thin'>,
  cupId: string,
  cups: readonly Cup[],
): readonly Cup[] {
  if (!choice || choice.band.cup.relative) return [];
  const reads = (cup: Cup) => {
    const behind = cupOf(cup);
    if (!behind || behind.relative) return false;
    const seconds = secondsFromViscosity(behind, choice.middle);
    return !isRefusal(seconds) && seconds >= behind.valid.min && seconds <= behind.valid.max;
  };
  const held = cups.find(({ id }) => id === cupId);
  return !held || reads(held) ? [] : cups.filter(reads);
}

/** Where nothing says how long the simulated cup takes, s. */
const usualDrain = 30;

/**
 * Seconds the simulated cup will truly take this time. The paint in it is hidden: only the stream tells.
 *
 * @param temperature K; the band’s own where it was not read
 */
export function simulatedDrain(
  { thin }: Pick<JobView, 'thin'>,
  cupId: string,
  cups: readonly Cup[],
  temperature: number | undefined,
): number {
  const { batch, sheet, thinner, choice, readings } = thin;
  const cup = cupBehind(cupId, cups);
  if (!batch || !cup || !choice) return usualDrain;
  const count = readings.reduce((sum, { entries }) => sum + entries.length, 0);
  const paint = hiddenPaint({
    seed: batch.id,
    expects: sheet.viscosity ?? 100e-6,
    temperature: choice.temperature,
    thinner: thinner?.viscosity ?? 1e-6,
    slope: sheet.temperatureSlope ?? 0.03,
  });
  const w = blendShare(batch.thinner, batch.unthinned.mass);
  const noise = seeded(seedFrom(`${batch.id}/${count}`));
  const seconds = drainSeconds(paint, cup, w, temperature ?? choice.temperature, noise);
  return isRefusal(seconds) ? usualDrain : seconds;
}
