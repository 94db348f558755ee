import { nextSample, sampleCount, usualSampling, type SamplingRule } from '@/core/quality';
import type { Job } from '@/records';
import { liveEntries, moment, ofType, partsCounted, runFrom } from '../job';

export interface ShiftView {
  readonly total: number;
  readonly sprayed: number;
  readonly rule: SamplingRule;
  /** The next part to measure, and how many are measured in all. */
  readonly next?: number;
  readonly samples: number;
  /** The part just sprayed is one to measure. */
  readonly measureNow: boolean;
  /** s a part, between the first count and the last; s for those that remain. */
  readonly pace?: { readonly each: number; readonly rest: number };
}

/** A run of repeated parts as it stands; undefined where there are too few to be one. */
export function shiftOf(job: Job): ShiftView | undefined {
  const { total, sprayed } = partsCounted(job);
  if (total < runFrom) return undefined;
  const entries = liveEntries(job);
  const counts = ofType(entries, 'parts');
  const rule = job.approach.sampling ?? usualSampling;
  const next = nextSample(sprayed, total, rule);
  const [first, last] = [counts[0], counts.at(-1)];
  // What the first count says was sprayed before it: nobody timed that.
  const timed = first ? sprayed - first.count : 0;
  const each = first && last && timed > 0 ? (moment(last) - moment(first)) / 1000 / timed : undefined;
  return {
    total,
    sprayed,
    rule,
    ...(next === undefined ? {} : { next }),
    samples: sampleCount(total, rule),
    measureNow: sprayed > 0 && nextSample(sprayed - 1, total, rule) === sprayed,
    ...(each && sprayed < total ? { pace: { each, rest: each * (total - sprayed) } } : {}),
  };
}
