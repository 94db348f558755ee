import type { EntryOf, Job } from '@/records';
import { liveEntries, ofType } from '../job/entries';

type What = EntryOf<'waste'>['what'];

/** One job’s waste in one month. */
export interface WasteRow {
  readonly jobId: string;
  readonly job: string;
  /** Such as 2026-11, by the universal day. */
  readonly month: string;
  /** m³ or kg by kind. */
  readonly volume: Readonly<Partial<Record<What, number>>>;
  readonly mass: Readonly<Partial<Record<What, number>>>;
}

const add = (sums: Partial<Record<What, number>>, what: What, more: number | undefined) =>
  more === undefined ? sums : { ...sums, [what]: (sums[what] ?? 0) + more };

/** Waste by job and month, the youngest month first. */
export function wasteRows(jobs: readonly Job[]): WasteRow[] {
  const rows = new Map<string, WasteRow>();
  for (const job of jobs)
    for (const { at, what, volume, mass } of ofType(liveEntries(job), 'waste')) {
      const month = at.slice(0, 7);
      const key = `${month}/${job.id}`;
      const row = rows.get(key) ?? { jobId: job.id, job: job.name, month, volume: {}, mass: {} };
      rows.set(key, { ...row, volume: add(row.volume, what, volume), mass: add(row.mass, what, mass) });
    }
  return [...rows.values()].sort((a, b) => b.month.localeCompare(a.month) || a.job.localeCompare(b.job));
}

/** The rows of one month added up. */
export function monthSums(rows: readonly WasteRow[]): Pick<WasteRow, 'month' | 'volume' | 'mass'>[] {
  const months = new Map<string, Pick<WasteRow, 'month' | 'volume' | 'mass'>>();
  for (const { month, volume, mass } of rows) {
    const before = months.get(month) ?? { month, volume: {}, mass: {} };
    const merged = (a: WasteRow['volume'], b: WasteRow['volume']) =>
      (Object.entries(b) as [What, number][]).reduce<Partial<Record<What, number>>>(
        (sums, [what, more]) => add(sums, what, more),
        a,
      );
    months.set(month, { month, volume: merged(before.volume, volume), mass: merged(before.mass, mass) });
  }
  return [...months.values()];
}

/** What is still about: solvent used and not settled clear again, m³. Never below zero. */
export const solventGone = ({ volume }: Pick<WasteRow, 'volume'>): number =>
  Math.max((volume.used ?? 0) - (volume.recovered ?? 0), 0);
