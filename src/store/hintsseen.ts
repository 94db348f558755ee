/** Which first hints were read on this device, apart by spaces. No record: another device has another reader. */
const key = 'fluorite-hints-seen';
const watchers = new Set<() => void>();
let held: string | undefined;

export function hintsSeen(): string {
  if (held !== undefined) return held;
  try {
    held = localStorage.getItem(key) ?? '';
  } catch {
    held = '';
  }
  return held;
}

/** Read: it does not come again. */
export function sawHint(hint: string): void {
  held = [...new Set([...hintsSeen().split(' '), hint])].filter(Boolean).join(' ');
  try {
    localStorage.setItem(key, held);
  } catch {
    // No room: it is gone until the page is left.
  }
  watchers.forEach((tell) => tell());
}

export const watchHints = (tell: () => void) => {
  watchers.add(tell);
  return () => watchers.delete(tell);
};
