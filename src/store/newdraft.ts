/** Where the draft of a new job stands between visits: it is no record yet. */
const key = 'fluorite-new-job';

/** What was answered so far, as it was kept; nothing where nothing was, or it cannot be read. */
export function keptDraft(): Readonly<Record<string, unknown>> | undefined {
  try {
    const held: unknown = JSON.parse(localStorage.getItem(key) ?? 'null');
    return typeof held === 'object' && held !== null ? (held as Record<string, unknown>) : undefined;
  } catch {
    return undefined;
  }
}

/** Keeps what was answered over a reload and a closed tab; none drops it. */
export function keepDraft(draft: object | undefined): void {
  try {
    if (draft) localStorage.setItem(key, JSON.stringify(draft));
    else localStorage.removeItem(key);
  } catch {
    // No room: it lasts until the page is left.
  }
}
