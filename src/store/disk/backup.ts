const key = 'fluorite-backup';

/** A shop that has not been exported for so long is reminded of it, ms. A default. */
const remindAfter = 14 * 86_400_000;

/** When everything was last exported from this browser, ms since the epoch; undefined where it never was. */
export function lastBackup(): number | undefined {
  try {
    const at = Number(localStorage.getItem(key));
    return at > 0 ? at : undefined;
  } catch {
    return undefined;
  }
}

export function noteBackup(now: number): void {
  try {
    localStorage.setItem(key, String(now));
  } catch {
    // No room, or no storage: it will be asked for again, which harms nobody.
  }
}

/** Whole days since the last backup; undefined where there was none. A clock that went back is no day less than none. */
export const daysSince = (last: number | undefined, now: number): number | undefined =>
  last === undefined ? undefined : Math.max(Math.floor((now - last) / 86_400_000), 0);

/**
 * Is it time for a backup?
 *
 * @param begun when the oldest of what would be lost was begun, ms since the epoch; undefined where there is nothing
 */
export const backupDue = (last: number | undefined, begun: number | undefined, now: number): boolean =>
  begun !== undefined && now - Math.max(last ?? begun, begun) > remindAfter;
