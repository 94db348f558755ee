/** What somebody can be signed off for. */
export const skills = ['air', 'airless', 'two-part'] as const;
export type Skill = (typeof skills)[number];

/** What is wanted before somebody is signed off, and for how long it then holds. */
export interface SigningRules {
  /** Parts or mixes in a row that came out inside their limits. */
  readonly parts: number;
  /** Gun drills solved in a row. */
  readonly drills: number;
  /** Share of a practice panel inside its film, on the average of the last ones. */
  readonly panel: number;
  /** s */
  readonly lasts: number;
}

/** Defaults: the shop sets its own. */
export const usualSigning: SigningRules = { parts: 10, drills: 2, panel: 0.8, lasts: 365 * 86_400 };

/** What a person’s work and practice show; absent where there is nothing of it. */
export interface TrainingEvidence {
  /** In order of time: inside its limits, or not. */
  readonly parts: readonly boolean[];
  readonly drills?: readonly boolean[];
  /** Shares inside of the last panels. */
  readonly panels?: readonly number[];
}

export interface Met {
  readonly what: 'parts' | 'drills' | 'panel';
  readonly found: number;
  readonly wanted: number;
  readonly met: boolean;
}

export interface Trained {
  /** Signed and holding; signed but run out; nothing signed and all shown; or something wanting. */
  readonly state: 'signed' | 'expired' | 'ready' | 'short';
  readonly shows: readonly Met[];
  /** ms since the epoch until when the signature holds. */
  readonly until?: number;
}

const inRow = (all: readonly boolean[]): number => all.length - 1 - all.lastIndexOf(false);
const panelsCounted = 3;

/**
 * Where somebody stands with one skill. Only a signature signs somebody off, and only evidence lets one be given: neither
 * does alone.
 *
 * @param signed ms since the epoch of the last signature
 * Source: shop practice, defaults
 * @example trained('two-part', { parts: [] }, { parts: 10, drills: 2, panel: 0.8, lasts: 31536000 }, 1795435200000, undefined) → { state: 'short', shows: [{ what: 'parts', found: 0, wanted: 10, met: false }] }
 */
export function trained(
  skill: Skill,
  { parts, drills = [], panels = [] }: TrainingEvidence,
  rules: SigningRules,
  now: number,
  signed?: number,
): Trained {
  const last = panels.slice(-panelsCounted);
  const panel = last.length === 0 ? 0 : last.reduce((sum, each) => sum + each, 0) / last.length;
  const all: readonly Met[] = [
    { what: 'parts', found: inRow(parts), wanted: rules.parts, met: inRow(parts) >= rules.parts },
    { what: 'drills', found: inRow(drills), wanted: rules.drills, met: inRow(drills) >= rules.drills },
    { what: 'panel', found: panel, wanted: rules.panel, met: last.length > 0 && panel >= rules.panel },
  ];
  // A mix is weighed, not sprayed.
  const shows =
    skill === 'two-part' ? all.slice(0, 1) : skill === 'airless' ? [all[0] as Met, all[2] as Met] : all;
  const until = signed === undefined ? undefined : signed + rules.lasts * 1000;
  if (until !== undefined) return { state: now < until ? 'signed' : 'expired', shows, until };
  return { state: shows.every(({ met }) => met) ? 'ready' : 'short', shows };
}
