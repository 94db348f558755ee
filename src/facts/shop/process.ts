import type { Job } from '@/records';
import { checkView, filmOf, jobWorked } from '../job';

/** By what readings are taken together. */
export type ProcessBy = 'job' | 'operator' | 'rig' | 'sheet';

/** One measured spot, in order of time. */
export interface MeasuredSpot {
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
export function measuredSpots(jobs: readonly Job[]): MeasuredSpot[] {
  return jobs
    .flatMap((job) => {
      // A gun’s own band and a part’s dose by temperature change no film limits.
      const work = jobWorked(job, () => undefined);
      const { spots, spec, coatsOn } = checkView(work);
      const top = work.layers.findLast(({ coats }) => coats.length > 0) ?? work.layer;
      if (coatsOn === 0) return [];
      return spots.flatMap(({ films, readings }): MeasuredSpot[] => {
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
            rig: top.rigId,
            sheet: top.sheet.id,
            min: spec.min / spec.nominal,
            max: spec.max / spec.nominal,
          },
        ];
      });
    })
    .sort((a, b) => a.at.localeCompare(b.at));
}
