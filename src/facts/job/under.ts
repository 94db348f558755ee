import { abrades } from '@/core/system';
import { gritUnder, roleOf } from './coatrole';
import { groundSteps } from './handitems';
import type { JobView } from './view';

/** What a coat goes over: a scratch of paper, P grades; the film below as it is; or ground that no paper touches. */
export type UnderCoat =
  | { readonly over: 'paper'; readonly coarse: number; readonly fine: number }
  | { readonly over: 'film' }
  | { readonly over: 'ground' };

/** What is under each coat of a job, by its preparation and by the work planned between its coats. */
export function underCoats({ job, spray }: Pick<JobView, 'job' | 'spray'>): ReadonlyMap<string, UnderCoat> {
  return new Map(
    spray.coats.map(({ coat, sheet }, i): [string, UnderCoat] => {
      const below = spray.coats[i - 1];
      if (!below) {
        const paper = groundSteps(job.part, roleOf(coat, sheet), sheet).findLast(({ grit }) => grit)?.grit;
        return [coat.id, paper ? { over: 'paper', ...paper } : { over: 'ground' }];
      }
      const sanding = spray.work.findLast(
        ({ coatId, what, state }) => coatId === below.coat.id && abrades(what) && state !== 'left-out',
      );
      if (!sanding) return [coat.id, { over: 'film' }];
      const { grit } = sanding;
      return [
        coat.id,
        { over: 'paper', ...(grit === undefined ? gritUnder(coat, sheet) : { coarse: grit, fine: grit }) },
      ];
    }),
  );
}
