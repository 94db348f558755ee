import { inOrder, type EntryOf, type EntryType, type Job, type LogEntry } from '@/records';

/** Logs already put in order: everything about a job asks for them, and a gauge’s file may bring thousands. */
const ordered = new WeakMap<readonly LogEntry[], LogEntry[]>();

/** Entries in their order, none before an earlier one of the same device: a clock set back makes no time negative. */
function neverBack(entries: readonly LogEntry[]): LogEntry[] {
  const last = new Map<string, string>();
  return entries.map((entry) => {
    const device = entry.device ?? '';
    const before = last.get(device);
    if (before !== undefined && entry.at < before && device !== '') return { ...entry, at: before };
    last.set(device, entry.at);
    return entry;
  });
}

/** When the latest entry of each log was written. */
const latest = new WeakMap<readonly LogEntry[], number | undefined>();

/** When the latest entry of a job was written, by whichever device, ms since the epoch; undefined where there is none. */
export function lastEntryAt(job: Pick<Job, 'log'>): number | undefined {
  if (latest.has(job.log)) return latest.get(job.log);
  const last = liveEntries(job).reduce((most, { at }) => (at > most ? at : most), '');
  const at = last === '' ? undefined : Date.parse(last);
  latest.set(job.log, at);
  return at;
}

/** The entries that count: not struck, in the order they were written, whatever the clocks said. Not to be changed. */
export function liveEntries({ log }: Pick<Job, 'log'>): LogEntry[] {
  const known = ordered.get(log);
  if (known) return known;
  const live = neverBack(log.filter(({ struck }) => !struck).sort(inOrder));
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
