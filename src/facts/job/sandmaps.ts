import { sandAdvice, type GuideRead, type SandAdvice } from '@/core/inspection';
import { isRefusal } from '@/core/refusal';
import type { Face } from '@/records';
import { liveEntries, moment, ofType } from './entries';
import type { JobView } from './view';

export interface FaceSand {
  readonly face: Face;
  readonly reads: readonly GuideRead[];
  readonly advice?: SandAdvice;
}

/** m a round with a block takes, where nothing was planned or recorded. A default. */
const usualRound = 15e-6;

/** What the guide coats of each face showed since the last coat, and what to do next: the film there is decides with it. */
export function sandMaps({ work, spray, check }: JobView): FaceSand[] {
  const entries = liveEntries(work);
  const ended = Math.max(0, ...spray.coats.map(({ ended: at = 0 }) => at));
  const rounds = ofType(entries, 'worked').filter(
    (entry) => entry.what === 'sand' && entry.takes !== undefined && moment(entry) >= ended,
  );
  const takes = rounds.at(-1)?.takes ?? usualRound;
  const reads = ofType(entries, 'guide').filter((entry) => moment(entry) >= ended);
  const { verdict, spec } = check;
  return work.part.faces.map((face) => {
    const own = reads.filter(({ faceId }) => faceId === face.id);
    // Only what was measured says how much may go: an aim is no film.
    const film = isRefusal(verdict) ? undefined : { spare: verdict.mean - spec.min, takes };
    const advice = sandAdvice(own, film);
    return { face, reads: own, ...(advice ? { advice } : {}) };
  });
}
