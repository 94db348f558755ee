import type { DefectId } from '@/core/diagnosis';
import { byAccident } from '@/core/quality';
import { isRefusal } from '@/core/refusal';
import type { Use } from './uses';

/** With what a fault may come again: the material, the machine or the hand. */
export const sides = ['material', 'machine', 'hand'] as const;
export type Side = (typeof sides)[number];

/** How a fault goes with one product, lot, gun or person, over jobs. */
export interface Recurrence {
  readonly side: Side;
  readonly kind: 'sheet' | 'lot' | 'gun' | 'person';
  /** A record’s id, or a name. */
  readonly key: string;
  readonly withIt: number;
  readonly of: number;
  readonly without: number;
  readonly ofOthers: number;
  /** 0–1 that so many would fall to it were it no different from the others. */
  readonly chance: number;
}

/** Less likely by accident than this it is worth looking at. A default. */
export const tellingBelow = 0.1;

const kinds: readonly (readonly [Recurrence['kind'], Side, (use: Use) => readonly string[]])[] = [
  ['sheet', 'material', ({ sheetId }) => [sheetId]],
  ['lot', 'material', ({ cans }) => cans],
  ['gun', 'machine', ({ rigId }) => [rigId]],
  ['person', 'hand', ({ people }) => people],
];

/**
 * With what a fault comes again over jobs, the least likely by accident first. Only what had it twice at least and has
 * others to be held against: one job tells nothing, and neither does what was always there.
 */
export function recurrences(uses: readonly Use[], defect: DefectId): Recurrence[] {
  return kinds
    .flatMap(([kind, side, keysOf]) => {
      const keys = new Set(uses.flatMap(keysOf));
      return [...keys].flatMap((key): Recurrence[] => {
        const own = uses.filter((use) => keysOf(use).includes(key));
        const others = uses.filter((use) => !keysOf(use).includes(key));
        const count = (of: readonly Use[]) => of.filter(({ faults }) => faults.includes(defect)).length;
        const [withIt, without] = [count(own), count(others)];
        if (withIt < 2 || others.length === 0) return [];
        const chance = byAccident({ withIt, of: own.length, without, ofOthers: others.length });
        return isRefusal(chance)
          ? []
          : [{ kind, side, key, withIt, of: own.length, without, ofOthers: others.length, chance }];
      });
    })
    .sort((a, b) => a.chance - b.chance);
}
