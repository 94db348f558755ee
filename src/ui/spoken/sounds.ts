import type { Timer } from '@/facts/job';

/** One tone of a motif: when it begins and how long it is, s, and its pitch, Hz. */
export interface Tone {
  readonly at: number;
  readonly lasts: number;
  readonly pitch: number;
}

const run = (pitches: readonly number[], step: number, lasts = step * 0.8): Tone[] =>
  pitches.map((pitch, i) => ({ at: i * step, lasts, pitch }));

/**
 * Each alarm by its own sound, so that an ear with a mask over it knows which: what harms falls and is low, what may begin
 * rises, what is to be done beats.
 */
export const motifs: Record<Timer['id'] | 'alarm', readonly Tone[]> = {
  alarm: run([740, 850, 960], 0.35, 0.3),
  flash: run([523, 659, 784], 0.28),
  work: run([523, 784], 0.35),
  'warm-up': run([349, 440, 523], 0.3),
  induction: run([440, 554], 0.35),
  'stir-on': run([659, 659, 880], 0.22),
  extraction: run([880, 440], 0.5),
  dwell: run([587, 494, 587, 494], 0.25),
  stir: run([660, 520, 660, 520, 660], 0.18),
  retime: run([880, 880], 0.3, 0.15),
  idle: run([392, 392, 392], 0.3, 0.2),
  'recoat-closes': run([784, 622, 466], 0.32),
  'pot-life': run([622, 466, 349, 262], 0.26),
  'clean-by': run([466, 349, 466, 349], 0.3),
};

export const lengthOf = (tones: readonly Tone[]): number =>
  Math.max(...tones.map(({ at, lasts }) => at + lasts), 0);

let audio: AudioContext | undefined;

/** Plays tones; a device without sound, or a page nobody has touched yet, stays silent. */
export function playTones(tones: readonly Tone[], volume: number): { readonly stop: () => void } {
  try {
    audio ??= new AudioContext();
    void audio.resume();
    const context = audio;
    const made = tones.map(({ at, lasts, pitch }) => {
      const tone = context.createOscillator();
      const loudness = context.createGain();
      tone.frequency.value = pitch;
      const from = context.currentTime + at;
      loudness.gain.setValueAtTime(0.0001, from);
      loudness.gain.exponentialRampToValueAtTime(Math.max(0.45 * volume, 0.0002), from + 0.02);
      loudness.gain.exponentialRampToValueAtTime(0.0001, from + lasts);
      tone.connect(loudness).connect(context.destination);
      tone.start(from);
      tone.stop(from + lasts + 0.02);
      return tone;
    });
    return { stop: () => made.forEach((tone) => tone.stop()) };
  } catch {
    return { stop: () => undefined };
  }
}

/** The beat of the pace, and the turn of a stroke. */
export const ticks = {
  beat: [{ at: 0, lasts: 0.05, pitch: 1400 }],
  turn: [{ at: 0, lasts: 0.09, pitch: 900 }],
} as const satisfies Record<string, readonly Tone[]>;

/** What a live scale says without words: slow down, and stop. */
export const cues = {
  slow: run([988, 988], 0.18, 0.1),
  stop: [{ at: 0, lasts: 0.35, pitch: 1320 }],
} as const satisfies Record<string, readonly Tone[]>;
