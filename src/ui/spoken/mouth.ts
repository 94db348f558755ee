import type { Speech, SpokenKind } from '@/records';
import { spokenOf } from '@/words/spoken';
import { Channel } from './channel';
import { lengthOf, playTones, ticks, type Tone } from './sounds';

/** All that this page lets be heard goes through here: never two things at once. */
const channel = new Channel();

/** A voice that works without a network, English first; nothing where the device has none. */
export function voiceHere(): SpeechSynthesisVoice | undefined {
  if (typeof speechSynthesis === 'undefined') return undefined;
  const voices = speechSynthesis.getVoices().filter(({ localService }) => localService);
  return voices.find(({ lang }) => lang.startsWith('en')) ?? voices[0];
}

/** Says when the voices of the device are known: some tell them late. */
export function onVoices(changed: () => void): () => void {
  if (typeof speechSynthesis === 'undefined') return () => undefined;
  speechSynthesis.addEventListener('voiceschanged', changed);
  return () => speechSynthesis.removeEventListener('voiceschanged', changed);
}

/** A browser that never says it has finished is not waited for: ms a letter, and at least. */
const [perLetter, atLeast] = [110, 2500];

/** Says a sentence in the device’s own voice, if whoever listens wants that kind said. */
export function say(kind: SpokenKind, text: string, { says, volume }: Speech): void {
  const words = spokenOf(text);
  if (!words || !says.includes(kind) || volume <= 0) return;
  const voice = voiceHere();
  if (!voice) return;
  let ended: (() => void) | undefined;
  channel.add({
    kind,
    play: () =>
      new Promise<void>((done) => {
        const utterance = new SpeechSynthesisUtterance(words);
        utterance.voice = voice;
        utterance.lang = voice.lang;
        utterance.volume = volume;
        const late = setTimeout(done, atLeast + perLetter * words.length);
        ended = () => {
          clearTimeout(late);
          done();
        };
        utterance.onend = ended;
        utterance.onerror = ended;
        speechSynthesis.speak(utterance);
      }),
    stop: () => {
      speechSynthesis.cancel();
      ended?.();
    },
  });
}

/** Sounds a motif; speech waits for its end. */
export function sound(kind: SpokenKind, tones: readonly Tone[], volume: number): void {
  let ended: (() => void) | undefined;
  let playing: { readonly stop: () => void } | undefined;
  channel.add({
    kind,
    play: () =>
      new Promise<void>((done) => {
        playing = playTones(tones, volume);
        const over = setTimeout(done, lengthOf(tones) * 1000 + 80);
        ended = () => {
          clearTimeout(over);
          done();
        };
      }),
    stop: () => {
      playing?.stop();
      ended?.();
    },
  });
}

/** The beat of the pace: silent while anything else is heard. */
export function tick(which: keyof typeof ticks, volume: number): void {
  if (!channel.busy) playTones(ticks[which], volume * 0.5);
}

let leading = 0;

/**
 * Takes the lead by ear, as at the gun: what is read out elsewhere keeps still meanwhile.
 *
 * @returns gives it back
 */
export function lead(): () => void {
  leading += 1;
  return () => {
    leading -= 1;
  };
}

export const isLed = (): boolean => leading > 0;

/** Nothing more is said. */
export const hush = (): void => channel.hush();
