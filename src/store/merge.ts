import { inOrder, type AnyRecord } from '@/records';

/**
 * Puts an overtaken change on top of what another tab wrote.
 *
 * Jobs keep every log entry of both, by id and in their order; their plan, and every other record, is taken
 * from mine.
 */
export function mergeRecords(mine: AnyRecord, theirs: AnyRecord | undefined): AnyRecord {
  if (mine.kind !== 'job' || theirs?.kind !== 'job') return mine;
  const ids = new Set(theirs.log.map(({ id }) => id));
  const log = [...theirs.log, ...mine.log.filter(({ id }) => !ids.has(id))];
  return { ...mine, log: log.sort(inOrder) };
}
