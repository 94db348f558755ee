import { stages } from '@/facts/job';
import { viewsOf, type Records } from '@/facts/records';
import { keyOf, type AnyRecord, type Job } from '@/records';
import { nextLine } from '@/words/nextline';
import { stripCells } from '@/words/strip';
import { unitsOf } from '@/words/units';
import type { BundleItem } from './bundle';

const units = unitsOf('metric');

/** Why nothing can be concluded of a job, or undefined where everything can. */
function failure(records: Records, job: Job, now: number): string | undefined {
  const { views, inconclusive } = viewsOf(records, [job], now);
  if (inconclusive[0]) return inconclusive[0].why;
  try {
    for (const view of views) {
      stripCells(view, units);
      for (const stage of stages) nextLine(view, stage, units);
    }
    return undefined;
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
}

/**
 * What a file would bring, tried out before it is offered: a job that cannot be concluded is refused with the reason, and so
 * is any other record with which a job of the shop could not be concluded any more. Records already refused stay so.
 *
 * @param now ms since the epoch
 */
export function triedOut(
  items: readonly BundleItem[],
  existing: readonly AnyRecord[],
  now: number,
): BundleItem[] {
  const held = new Map(existing.map((record) => [keyOf(record), record]));
  const coming = items.flatMap(({ state, record }) =>
    record && (state === 'new' || state === 'changed') ? [record] : [],
  );
  const all: Records = new Map([...held, ...coming.map((record) => [keyOf(record), record] as const)]);
  const sound = existing.filter(
    (record): record is Job => record.kind === 'job' && failure(held, record, now) === undefined,
  );
  const broken = sound.filter((job) => failure(all, job, now) !== undefined && all.get(keyOf(job)) === job);
  const why = (record: AnyRecord): string | undefined => {
    if (record.kind === 'job') return failure(all, record, now);
    const alone: Records = new Map([...held, [keyOf(record), record]]);
    const [job] = broken.filter((each) => failure(alone, each, now) !== undefined);
    return job && `“${job.name}” could not be concluded with it`;
  };
  return items.map((item) => {
    if (!item.record || (item.state !== 'new' && item.state !== 'changed')) return item;
    const found = why(item.record);
    return found === undefined
      ? item
      : { ...item, state: 'refused', why: `It would stop the shop: ${found}.`, record: undefined };
  });
}
