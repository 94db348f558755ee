import { condition, expected, lessonOf, type Expected, type Lesson } from '@/core/thinning';
import type { Cup, Layer, Rig } from '@/records';
import { bandChoices, chosenBand } from './band';
import type { BatchState } from './batch';
import type { PlanBasis } from './plan';
import { believe, potEvidence, readingsOf, type Reading } from './readings';
import { startingBelief } from './thin';
import type { Worked } from './worked';

/** What a batch was predicted to read after each addition, and what it read. */
export interface Foretold {
  readonly at: number;
  readonly expect: Expected;
  readonly measured: number;
  readonly held: boolean;
}

/** What one batch taught: its belief at the end, and, worked out when somebody looks, its predictions against its readings. */
export interface Taught {
  readonly lesson: Lesson;
  readonly foretold: () => readonly Foretold[];
}

/** Goes through a batch again, reading by reading, knowing at each only what came before. */
export function replay(
  job: Worked,
  { sheet }: Layer,
  batch: BatchState,
  cups: readonly Cup[],
  plan: PlanBasis,
  rig?: Rig,
): Taught | undefined {
  const thinner =
    sheet.thinning.thinners.find(({ id }) => batch.additions.some(({ what }) => what === id)) ??
    sheet.thinning.thinners[0];
  const choice = chosenBand(job, bandChoices(job, sheet, rig, plan, cups));
  if (!thinner || !choice || choice.band.cup.relative) return undefined;
  const pot = readingsOf({ job, sheet, batch, thinner, choice, cups });
  const evidence = potEvidence(pot);
  if (new Set(evidence.map(({ w }) => w.toFixed(6))).size < 2) return undefined;
  const prior = startingBelief(sheet, thinner, choice, []);
  const foretoldAt = (reading: Reading, i: number): Foretold[] => {
    const before = pot.readings[i - 1];
    if (!before || reading.w <= before.w + 1e-9) return [];
    const known = believe(
      prior,
      evidence.filter(({ at }) => at <= before.at),
    );
    const expect = expected(
      condition(known),
      reading.w,
      choice.band.cup,
      reading.sd ** 2 + reading.bias ** 2,
    );
    return [
      {
        at: reading.at,
        expect,
        measured: reading.atSheet,
        held: reading.atSheet >= expect.low && reading.atSheet <= expect.high,
      },
    ];
  };
  return { lesson: lessonOf(believe(prior, evidence)), foretold: () => pot.readings.flatMap(foretoldAt) };
}
