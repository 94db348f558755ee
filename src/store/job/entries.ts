import type { EntryOf, EntryType, Job, LogEntry } from '@/records';

/** The entries that count: not struck, in order of time. */
export const liveEntries = ({ log }: Pick<Job, 'log'>): LogEntry[] =>
  log.filter(({ struck }) => !struck).sort((a, b) => a.at.localeCompare(b.at));

export const ofType = <T extends EntryType>(entries: readonly LogEntry[], type: T): EntryOf<T>[] =>
  entries.filter((entry): entry is EntryOf<T> => entry.type === type);

export const lastOf = <T extends EntryType>(
  entries: readonly LogEntry[],
  type: T,
  fits: (entry: EntryOf<T>) => boolean = () => true,
): EntryOf<T> | undefined => ofType(entries, type).filter(fits).at(-1);

export const moment = ({ at }: { readonly at: string }): number => Date.parse(at);
