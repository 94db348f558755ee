import type { Job } from '@/records';
import { checkView, filmOf } from '../job';

/** By what readings are taken together. */
export type ProcessBy = 'job' | 'operator' | 'rig' | 'sheet';

/** One measured spot, in order of time. */
export interface Measured {
  readonly at: string;
  /** Its mean as a share of the aim, and whether it lies inside its own range. */
  readonly share: number;
  readonly inside: boolean;
  readonly job: string;
  readonly operator: string;
  readonly rig: string;
  readonly sheet: string;
  /** Limits as shares of the aim. */
  readonly min: number;
  readonly max: number;
}

/** Every spot measured in these jobs, against its own aim, so that films of different thickness stand on one chart. */
export function measuredSpots(jobs: readonly Job[]): Measured[] {
  return jobs
    .flatMap((job) => {
      const { spots, spec, coatsOn } = checkView(job);
      if (coatsOn === 0) return [];
      return spots.flatMap(({ films, readings }): Measured[] => {
        const last = readings.at(-1);
        if (!last || films.length === 0) return [];
        const mean = filmOf(films);
        return [
          {
            at: last.at,
            share: mean / spec.nominal,
            inside: mean >= spec.min && mean <= spec.max,
            job: job.id,
            operator: last.by ?? '',
            rig: job.rigId,
            sheet: job.coats.at(-1)?.sheetId ?? '',
            min: spec.min / spec.nominal,
            max: spec.max / spec.nominal,
          },
        ];
      });
    })
    .sort((a, b) => a.at.localeCompare(b.at));
}
