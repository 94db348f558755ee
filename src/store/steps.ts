import { emptyDoc, here, partOf, sameValue, type Doc, type Path } from '@/records/replica';
import type { Held } from './held';

/** One step of undo: what each part it wrote held before and after; nothing where there was none. */
export interface Step {
  readonly label: string;
  readonly changes: readonly {
    readonly key: string;
    readonly parts: readonly (readonly [path: Path, before: unknown, after: unknown])[];
  }[];
}

const deepest = 50;
/** How many outlive a reload, and how large one may be, in parts: what a tab keeps over a reload is little. */
const kept = 10;
const largest = 2000;

/** The last steps that are small enough; what lies before one that is not could not be taken back without it. */
function keeping(steps: readonly Step[]): readonly Step[] {
  const tooLarge = ({ changes }: Step) => changes.reduce((sum, { parts }) => sum + parts.length, 0) > largest;
  return steps.slice(Math.max(steps.findLastIndex(tooLarge) + 1, steps.length - kept));
}

/** What a writing of these parts changes, to be taken back by. */
export const stepChange = (
  key: string,
  doc: Doc,
  parts: ReadonlyMap<Path, unknown>,
): Step['changes'][number] => ({
  key,
  parts: [...parts].map(([path, after]) => [path, partOf(doc, path), after] as const),
});

/** The steps done and taken back in this tab. */
export class Steps {
  private done: Step[] = [];
  private undone: Step[] = [];

  get canUndo(): string | undefined {
    return this.done.at(-1)?.label;
  }

  get canRedo(): string | undefined {
    return this.undone.at(-1)?.label;
  }

  /** The last change this tab made, whatever it was: another one is another object. */
  get last(): Step | undefined {
    return this.done.at(-1);
  }

  add(step: Step): void {
    this.done = [...this.done, step].slice(-deepest);
    this.undone = [];
  }

  /**
   * Takes the last step back, or does it again.
   *
   * @returns what to write, by record, or undefined when there is none or somebody has built upon it since
   */
  turn(
    way: 'undo' | 'redo',
    held: ReadonlyMap<string, Held>,
  ): { readonly label: string; readonly writes: ReadonlyMap<string, Map<Path, unknown>> } | undefined {
    const [from, to] = way === 'undo' ? [this.done, this.undone] : [this.undone, this.done];
    const step = from.pop();
    if (!step) return undefined;
    const [gives, expects] = way === 'undo' ? ([1, 2] as const) : ([2, 1] as const);
    const writes = new Map<string, Map<Path, unknown>>();
    for (const { key, parts } of step.changes) {
      const doc = held.get(key)?.doc ?? emptyDoc();
      // Made again: what it said lies where it was left, and only its being there is looked at.
      const [presence] = parts.filter(
        ([path, before, after]) => path === here && !sameValue(before ?? undefined, after ?? undefined),
      );
      const comes = presence && (presence[gives] ?? undefined) !== undefined;
      const looked = presence && comes ? [presence] : parts;
      if (!looked.every((part) => sameValue(partOf(doc, part[0]), part[expects] ?? undefined)))
        return undefined;
      // Unmade: the record goes as a whole, and what it said stays with it; what an earlier one of its name had said returns.
      const unmade = ([path, ...values]: (typeof parts)[number]) =>
        path === here || (values[gives - 1] ?? undefined) !== undefined;
      const written = presence && !comes ? parts.filter(unmade) : parts;
      writes.set(key, new Map(written.map((part) => [part[0], part[gives] ?? undefined])));
    }
    to.push(step);
    return { label: step.label, writes };
  }

  /** The steps as text, for the tab to find again after a reload. */
  saved(): string {
    return JSON.stringify({ done: keeping(this.done), undone: keeping(this.undone) });
  }

  load(text: string | null): boolean {
    try {
      const { done, undone } = JSON.parse(text ?? '') as { done: unknown; undone: unknown };
      if (![done, undone].every((list) => Array.isArray(list) && list.every(isStep))) return false;
      this.done = done as Step[];
      this.undone = undone as Step[];
      return true;
    } catch {
      // No steps, or not ours: undo starts afresh.
      return false;
    }
  }
}

const isStep = (raw: unknown): raw is Step =>
  typeof raw === 'object' &&
  raw !== null &&
  'changes' in raw &&
  Array.isArray(raw.changes) &&
  raw.changes.every((each: unknown) => typeof each === 'object' && each !== null && 'parts' in each);
