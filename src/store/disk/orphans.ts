const key = 'fluorite-orphans';

/** Since when pictures have had no photo they belong to, ms since the epoch, by the ids of those photos. */
export type Orphans = Readonly<Record<string, number>>;

export function knownOrphans(): Orphans {
  try {
    const held: unknown = JSON.parse(localStorage.getItem(key) ?? '{}');
    return typeof held === 'object' && held !== null ? (held as Orphans) : {};
  } catch {
    return {};
  }
}

export function noteOrphans(orphans: Orphans): void {
  try {
    localStorage.setItem(key, JSON.stringify(orphans));
  } catch {
    // No room, or no storage: they are found again at the next opening, and stay that much longer.
  }
}
