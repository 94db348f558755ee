import type { Standard } from './asks';
import type { Zone } from './zones';

/** What was counted at one place. */
export interface DustCount {
  readonly zone: Zone;
  /** m² looked over. */
  readonly area: number;
  /** Specks that stand out, and fibres. */
  readonly nibs: number;
  readonly fibres: number;
  /** It lay facing up while it was wet. */
  readonly up: boolean;
}

/** Specks and fibres a m² that still pass, by standard. Defaults: what was agreed outranks them. */
export const dustLimits: Readonly<Record<Standard, number>> = { mirror: 3, texture: 8, match: 6, film: 20 };

export interface DustVerdict {
  readonly count: number;
  /** A m². */
  readonly density: number;
  readonly limit: number;
  readonly passes: boolean;
}

/**
 * Whether the specks counted are within what the piece bears.
 *
 * @returns nothing where nothing was counted; a small part may always show one.
 * Source: count over area against a limit, a default
 * @example dustVerdict([{ zone: 'field', area: 0.5, nibs: 3, fibres: 1, up: false }], 'mirror') → { count: 4, density: 8, limit: 3, passes: false }
 */
export function dustVerdict(counts: readonly DustCount[], standard: Standard): DustVerdict | undefined {
  const area = counts.reduce((sum, each) => sum + each.area, 0);
  if (counts.length === 0 || !(area > 0)) return undefined;
  const count = counts.reduce((sum, { nibs, fibres }) => sum + nibs + fibres, 0);
  const density = count / area;
  const limit = dustLimits[standard];
  return { count, density, limit, passes: count <= 1 || density <= limit };
}

export const dustSources = ['cloth', 'wipe', 'tack', 'air', 'static', 'masking', 'gun'] as const;
export type DustSource = (typeof dustSources)[number];

/** What the job knows that bears on where dust came from. What nobody recorded is absent. */
export interface DustSigns {
  /** Was it wiped, and was the tack cloth used in time? */
  readonly wipe?: 'ok' | 'skipped';
  readonly tack?: 'ok' | 'late';
  /** Antistatic care of a part that charges. */
  readonly antistatic?: 'ok' | 'skipped' | 'late';
  /** A part that charges by itself: plastic, composite. */
  readonly charges: boolean;
  /** Relative humidity. */
  readonly humidity?: number;
  /** s from wet to where dust no longer sticks. */
  readonly open?: number;
}

export interface DustMatch {
  readonly source: DustSource;
  readonly score: number;
  readonly because: readonly DustReason[];
}

export type DustReason =
  | 'fibres'
  | 'few-fibres'
  | 'wipe-skipped'
  | 'tack-late'
  | 'tack-ok'
  | 'faces-up'
  | 'long-open'
  | 'charges'
  | 'dry-air'
  | 'antistatic-missed'
  | 'antistatic-ok'
  | 'at-edges'
  | 'everywhere';

/** Fibres from this share on point to cloth and clothes. */
const fibrous = 0.35;
/** One place this many times as thick with dust as another is a pattern, with this many specks at least. */
const [pattern, enough] = [1.8, 6];
/** Below this room air lets parts charge. */
const dryAir = 0.35;
/** s open from which what hangs in the air has time to settle: half an hour. */
const longOpen = 1800;

const densityOf = (counts: readonly DustCount[]): number => {
  const area = counts.reduce((sum, each) => sum + each.area, 0);
  return area > 0 ? counts.reduce((sum, { nibs, fibres }) => sum + nibs + fibres, 0) / area : NaN;
};

const thicker = (here: readonly DustCount[], there: readonly DustCount[]): boolean =>
  here.length > 0 && there.length > 0 && densityOf(here) > Math.max(densityOf(there), 1e-9) * pattern;

const sumOf = (counts: readonly DustCount[], what: 'nibs' | 'fibres'): number =>
  counts.reduce((sum, each) => sum + each[what], 0);

/**
 * Mostly fibres?
 *
 * Source: count over area against a limit, a default
 * @example isFibrous([{ zone: 'field', area: 1, nibs: 2, fibres: 3, up: false }]) → true
 */
export const isFibrous = (counts: readonly DustCount[]): boolean => {
  const [nibs, fibres] = [sumOf(counts, 'nibs'), sumOf(counts, 'fibres')];
  return fibres > 0 && fibres / (nibs + fibres) >= fibrous;
};

/**
 * How specks lie: on what faced up, along edges, or everywhere alike. Too few, or one place alone, make no pattern.
 *
 * Source: count over area against a limit, a default
 * @example dustPattern([{ zone: 'field', area: 1, nibs: 6, fibres: 0, up: false }, { zone: 'behind', area: 1, nibs: 5, fibres: 0, up: false }]) → 'all'
 */
export function dustPattern(counts: readonly DustCount[]): 'settled' | 'rim' | 'all' | undefined {
  if (sumOf(counts, 'nibs') + sumOf(counts, 'fibres') < enough || counts.length < 2) return undefined;
  const up = counts.filter((each) => each.up);
  if (
    thicker(
      up,
      counts.filter((each) => !each.up),
    )
  )
    return 'settled';
  const rim = counts.filter(({ zone }) => zone === 'edges');
  return thicker(
    rim,
    counts.filter(({ zone }) => zone === 'field'),
  )
    ? 'rim'
    : 'all';
}

/**
 * Where the dust of a piece most likely came from: by what it is, where it lies, and what was done or left out before.
 * Scores order, they are no probabilities. Nothing counted gives nothing.
 *
 * Source: count over area against a limit, a default
 * @example dustFrom([{ zone: 'field', area: 1, nibs: 1, fibres: 6, up: false }], { charges: false }) → [{ source: 'cloth', score: 4, because: ['fibres'] }]
 */
export function dustFrom(counts: readonly DustCount[], signs: DustSigns): DustMatch[] {
  const fibres = sumOf(counts, 'fibres');
  if (sumOf(counts, 'nibs') + fibres === 0) return [];
  const lies = dustPattern(counts);
  const found = new Map<DustSource, DustReason[]>();
  const scores = new Map<DustSource, number>();
  const speaks = (source: DustSource, score: number, reason: DustReason) => {
    scores.set(source, (scores.get(source) ?? 0) + score);
    found.set(source, [...(found.get(source) ?? []), reason]);
  };
  if (isFibrous(counts)) speaks('cloth', 4, 'fibres');
  else if (fibres > 0) speaks('cloth', 1, 'few-fibres');
  if (signs.wipe === 'skipped') speaks('wipe', 4, 'wipe-skipped');
  if (signs.tack === 'late') speaks('tack', 5, 'tack-late');
  if (lies === 'settled') speaks('air', 5, 'faces-up');
  if ((signs.open ?? 0) > longOpen) speaks('air', 2, 'long-open');
  if (signs.charges) speaks('static', 2, 'charges');
  if (signs.humidity !== undefined && signs.humidity < dryAir) speaks('static', 2, 'dry-air');
  if (signs.antistatic && signs.antistatic !== 'ok') speaks('static', 3, 'antistatic-missed');
  if (signs.antistatic === 'ok') speaks('static', -2, 'antistatic-ok');
  if (lies === 'rim') speaks('masking', 5, 'at-edges');
  // The same on every place, and the ground was clean: it came with the paint or the air of the gun.
  if (lies === 'all') {
    speaks('gun', 2, 'everywhere');
    if (signs.tack === 'ok') speaks('gun', 1, 'tack-ok');
  }
  return dustSources
    .map((source) => ({ source, score: scores.get(source) ?? 0, because: found.get(source) ?? [] }))
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score);
}
