import type { Shop, Speech } from '@/records';
import { say, sound } from '../spoken/mouth';
import { motifs } from '../spoken/sounds';

export type AlarmsAsked = NonNullable<Shop['alarms']>;

/** Until the shop chooses otherwise. */
export const usualAlarms: AlarmsAsked = { sound: true, vibrate: true, notify: false };

/** What calls: the worst of several gives the sound. */
export interface Call {
  readonly motif: keyof typeof motifs;
  readonly says: readonly string[];
}

/** Calls once: by its own sound, a voice, a buzz, a notification, as far as they are wanted and the device has them. */
export function ring(
  { sound: wanted, vibrate, notify }: AlarmsAsked,
  { motif, says }: Call,
  speech: Speech,
): void {
  // A volume of nothing silences the voice; the sound is switched off by itself.
  if (wanted) sound('alarm', motifs[motif], Math.max(speech.volume, 0.3));
  for (const each of says.slice(0, 3)) say('alarm', each, speech);
  if (vibrate && 'vibrate' in navigator) navigator.vibrate([300, 150, 300]);
  if (notify && 'Notification' in window && Notification.permission === 'granted') {
    const body = says.join('\n');
    new Notification('Fluorite', { body, tag: body });
  }
}
