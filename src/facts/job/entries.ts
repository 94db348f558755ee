import { inOrder, type EntryOf, type EntryType, type Job, type LogEntry } from '@/records';

/** Logs already put in order: everything about a job asks for them, and a gauge’s file may bring thousands. */
const ordered = new WeakMap<readonly LogEntry[], LogEntry[]>();

/** The entries that count: not struck, in the order they were written, whatever the clocks said. Not to be changed. */
export function liveEntries({ log }: Pick<Job, 'log'>): LogEntry[] {
  const known = ordered.get(log);
  if (known) return known;
  const live = log.filter(({ struck }) => !struck).sort(inOrder);
  ordered.set(log, live);
  return live;
}

export const ofType = <T extends EntryType>(entries: readonly LogEntry[], type: T): EntryOf<T>[] =>
  entries.filter((entry): entry is EntryOf<T> => entry.type === type);

export const lastOf = <T extends EntryType>(
  entries: readonly LogEntry[],
  type: T,
  fits: (entry: EntryOf<T>) => boolean = () => true,
): EntryOf<T> | undefined => ofType(entries, type).filter(fits).at(-1);

export const moment = ({ at }: { readonly at: string }): number => Date.parse(at);
