/**
 * Why something is not on disk: no room, no storage at all, a write that failed, a newer version at work here, or another tab
 * that writes where only one may.
 */
export type Trouble = 'full' | 'no-disk' | 'write-failed' | 'newer' | 'second-tab';

/** What the failure of a write says is the matter. */
export function troubleOf(error: unknown): Trouble {
  const name = error instanceof Error || error instanceof DOMException ? error.name : '';
  return /quota/i.test(name) ? 'full' : 'write-failed';
}
