import { chemistryCare } from '@/core/care';
import type { Job } from '@/records';
import { liveEntries, moment, ofType } from './entries';
import { usesOf } from './guns';

/** One gun in one job: from when to when it had mix in it, and when it was flushed after that. ms since the epoch. */
export interface GunUse {
  readonly rigId: string;
  readonly from: number;
  readonly to: number;
  readonly flushed?: number;
  /** ms that what was in it stays soft. */
  readonly stays: number;
  /** Of which job. */
  readonly name: string;
}

const known = new WeakMap<Job, readonly GunUse[]>();

/** Every gun a job sprayed with. */
export function gunUses(job: Job): readonly GunUse[] {
  const held = known.get(job);
  if (held) return held;
  const ticks = ofType(liveEntries(job), 'tick').filter(
    ({ list, step, done }) => list === 'clean' && step === 'flush' && done,
  );
  const sprayed = usesOf(job).filter(({ entry }) => entry.type !== 'card');
  const found = [...new Set(sprayed.map(({ rigId }) => rigId))].map((rigId): GunUse => {
    const own = sprayed.filter((use) => use.rigId === rigId);
    const at = own.map(({ entry }) => moment(entry));
    const to = Math.max(...at);
    const sheet = job.layers.find(({ id }) => id === own.at(-1)?.layerId)?.sheet;
    const flush = ticks.find((tick) => (tick.rigId ?? rigId) === rigId && moment(tick) >= to);
    return {
      rigId,
      from: Math.min(...at),
      to,
      ...(flush ? { flushed: moment(flush) } : {}),
      stays: (sheet ? (sheet.cleanBy ?? chemistryCare[sheet.chemistry].cleanBy) : 0) * 1000,
      name: job.name,
    };
  });
  known.set(job, found);
  return found;
}

/** Guns of a job that another job had left with mix in them longer than that stays soft, by their ids, with its name. */
export function gunsLeft(job: Job, others: readonly Job[]): ReadonlyMap<string, string> {
  const left = new Map<string, string>();
  for (const { rigId, from } of gunUses(job)) {
    const last = others
      .flatMap(gunUses)
      .filter((use) => use.rigId === rigId && use.to <= from)
      .reduce<GunUse | undefined>((a, b) => (a && a.to >= b.to ? a : b), undefined);
    if (last && from - last.to > last.stays && (last.flushed === undefined || last.flushed > from))
      left.set(rigId, last.name);
  }
  return left;
}
