import { newId } from '@/records';

const key = 'fluorite-device';
let known: string | undefined;

/** What this browser calls itself in the log: made up once and kept, or kept for this page where nothing can be stored. */
export function deviceId(): string {
  if (known) return known;
  try {
    known = localStorage.getItem(key) ?? newId();
    localStorage.setItem(key, known);
  } catch {
    known ??= newId();
  }
  return known;
}
