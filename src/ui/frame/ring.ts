import type { Shop } from '@/records';

export type AlarmsAsked = NonNullable<Shop['alarms']>;

/** Until the shop chooses otherwise. */
export const usualAlarms: AlarmsAsked = { sound: true, vibrate: true, notify: false };

/** Calls once: three short tones, a buzz, a notification, as far as they are wanted and the device has them. */
export function ring({ sound, vibrate, notify }: AlarmsAsked, says: string): void {
  if (sound) tones();
  if (vibrate && 'vibrate' in navigator) navigator.vibrate([300, 150, 300]);
  if (notify && 'Notification' in window && Notification.permission === 'granted')
    new Notification('Fluorite', { body: says, tag: says });
}

function tones(): void {
  try {
    const audio = new AudioContext();
    const end = audio.currentTime + 1.2;
    for (const i of [0, 1, 2]) {
      const tone = audio.createOscillator();
      const loudness = audio.createGain();
      tone.frequency.value = 740 + 110 * i;
      const from = audio.currentTime + 0.35 * i;
      loudness.gain.setValueAtTime(0.0001, from);
      loudness.gain.exponentialRampToValueAtTime(0.35, from + 0.03);
      loudness.gain.exponentialRampToValueAtTime(0.0001, from + 0.28);
      tone.connect(loudness).connect(audio.destination);
      tone.start(from);
      tone.stop(from + 0.3);
    }
    setTimeout(() => void audio.close(), (end - audio.currentTime) * 1000 + 200);
  } catch {
    // A device without sound, or a page nobody has touched yet: the title and the tray still say it.
  }
}
