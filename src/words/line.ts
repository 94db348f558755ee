import type { NewEntry } from '@/records';
import type { Figure, FigureState } from '@/facts/figure';
import type { Act, PermissionItem, Stage } from '@/facts/job';
import type { From } from './from';

export type Tone = 'plain' | 'act' | 'good' | 'care' | 'stop';

/** A fact beside the next line: what it is, and its value in the user's units. */
export interface Fact {
  readonly label: string;
  readonly value: string;
  /** The figure that the value puts in words. */
  readonly figure?: Figure;
  /** Where it is from, and how far it may be off. */
  readonly from?: From;
}

/** How a thing stands that is said in this tone. */
export const stateOf = (tone: Tone): FigureState => (tone === 'plain' || tone === 'act' ? 'open' : tone);

/** What one tap does. */
export type Deed =
  | { readonly kind: 'log'; readonly label: string; readonly entries: readonly NewEntry[] }
  | { readonly kind: 'go'; readonly stage: Stage; readonly part?: string }
  /** The paper says the ratio as it stands. */
  | { readonly kind: 'ratio-read'; readonly layerId: string }
  /** The layer comes out of these cans. */
  | { readonly kind: 'cans'; readonly layerId: string; readonly cans: readonly string[] }
  /** What a can is made for. */
  | { readonly kind: 'grade'; readonly canId: string; readonly grade: 'spray' | 'brush' }
  /** Go through what keeps people whole before such work. */
  | { readonly kind: 'safe'; readonly act: Act }
  /** Start a coat: at once where nothing is open, else through what is. */
  | { readonly kind: 'start'; readonly coatId: string; readonly label: string }
  /** Take a layer in hand, and one of its guns where it says which. */
  | { readonly kind: 'hand'; readonly layerId: string; readonly rigId?: string }
  /** Say what a look under a strong light found of the last coat. */
  | { readonly kind: 'judge'; readonly yes: boolean }
  /** Bring a place of this stage into view and focus it; it stands in this part of it, else in the first. */
  | { readonly kind: 'focus'; readonly place: string; readonly part?: string };

export interface Tap {
  readonly says: string;
  readonly does: Deed;
}

/** The one thing to do next at a stage, and why. */
export interface NextLine {
  readonly big: { readonly number: string; readonly unit: string };
  readonly says: string;
  readonly detail?: string;
  /** What stands open first; its limit and remedy are said where there is room for them. */
  readonly open?: PermissionItem;
  readonly tone: Tone;
  readonly tap?: Tap;
  readonly otherwise?: Tap;
  readonly because: readonly Fact[];
}

export const go = (stage: Stage, says: string, part?: string): Tap => ({
  says,
  does: { kind: 'go', stage, ...(part ? { part } : {}) },
});
export const ratioRead = (layerId: string): Tap => ({
  says: 'The paper reads so',
  does: { kind: 'ratio-read', layerId },
});
export const takeCans = (layerId: string, cans: readonly string[], says: string): Tap => ({
  says,
  does: { kind: 'cans', layerId, cans },
});
export const gradeCan = (canId: string, grade: 'spray' | 'brush', says: string): Tap => ({
  says,
  does: { kind: 'grade', canId, grade },
});
export const startCoat = (coatId: string, label: string, says: string): Tap => ({
  says,
  does: { kind: 'start', coatId, label },
});
export const focus = (place: string, says: string, part?: string): Tap => ({
  says,
  does: { kind: 'focus', place, ...(part ? { part } : {}) },
});
export const hand = (layerId: string, says: string, rigId?: string): Tap => ({
  says,
  does: { kind: 'hand', layerId, ...(rigId ? { rigId } : {}) },
});
export const judge = (yes: boolean, says: string): Tap => ({ says, does: { kind: 'judge', yes } });
export const log = (says: string, label: string, ...entries: readonly NewEntry[]): Tap => ({
  says,
  does: { kind: 'log', label, entries },
});

export const stageWords: Record<Stage, string> = {
  plan: 'Plan',
  mix: 'Mix',
  thin: 'Thin',
  set: 'Set',
  spray: 'Spray',
  check: 'Check',
  clean: 'Clean',
};

/** A name within a sentence: in small letters, but for one that has capitals or numbers of its own; “Coat 2” has none. */
export const inSentence = (name: string): string =>
  /^[A-Z]\b|.[A-Z0-9]/.test(name) && !/^coat \d+$/i.test(name) ? name : name.toLowerCase();

export const plural = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;
