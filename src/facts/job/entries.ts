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

/** Every entry of a job as it was written, struck ones too: for the logbook and the report. Not to be changed. */
export const everyEntry = ({ log }: Pick<Job, 'log'>): readonly LogEntry[] => log;

/** Entries of one log by their type, gathered once: everything about a job asks for them. */
const byType = new WeakMap<readonly LogEntry[], Map<EntryType, LogEntry[]>>();

export function ofType<T extends EntryType>(entries: readonly LogEntry[], type: T): readonly EntryOf<T>[] {
  let types = byType.get(entries);
  if (!types) {
    types = new Map();
    for (const entry of entries) {
      const same = types.get(entry.type);
      if (same) same.push(entry);
      else types.set(entry.type, [entry]);
    }
    byType.set(entries, types);
  }
  return (types.get(type) ?? []) as EntryOf<T>[];
}

export const lastOf = <T extends EntryType>(
  entries: readonly LogEntry[],
  type: T,
  fits: (entry: EntryOf<T>) => boolean = () => true,
): EntryOf<T> | undefined => ofType(entries, type).findLast(fits);

export const moment = ({ at }: { readonly at: string }): number => Date.parse(at);
