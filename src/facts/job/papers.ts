import type { Coating, Job, LogEntry, Rig } from '@/records';
import { liveEntries } from './entries';

/** What of the paper somebody answers for: a product’s safety data sheet as it stands, a machine’s manual. */
export const sheetPaper = ({ id, sheetRevision }: Pick<Coating, 'id' | 'sheetRevision'>): string =>
  `sheet/${id}/${sheetRevision}`;
export const machinePaper = ({ id }: Pick<Rig, 'id'>): string => `machine/${id}`;

/** A paper and who read it. */
export const readBy = (paper: string, person: string): string => `${paper}\n${person}`;

const found = new WeakMap<readonly LogEntry[], readonly string[]>();

/** The papers somebody said to have read, in the log of a job; each with who it was. */
export function papersIn({ log }: Pick<Job, 'log'>): readonly string[] {
  const known = found.get(log);
  if (known) return known;
  const read = new Set<string>();
  for (const entry of liveEntries({ log }))
    if (entry.type === 'tick' && entry.list === 'ready' && entry.of !== undefined) {
      const key = readBy(entry.of, entry.by ?? '');
      if (entry.done) read.add(key);
      else read.delete(key);
    }
  const papers = [...read].sort();
  found.set(log, papers);
  return papers;
}
