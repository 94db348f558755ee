import { wayFacts } from '@/core/elements';
import { transferFound } from '@/core/film';
import { isRefusal, type Outcome } from '@/core/refusal';
import {
  batchesOf,
  layerOf,
  liveEntries,
  ofType,
  type CheckView,
  type CoatState,
  type JobView,
  type Worked,
} from '../job';
import { areaOfFace, byHand } from '../job/byhand';

export interface TransferSeen {
  /** m³ of mix that went through the gun. */
  readonly used: number;
  /** m³ of it that were thrown away unsprayed, by the waste on record. */
  readonly leftOver: number;
  /** Some was thrown away and nobody said how much: the transfer is at least this. */
  readonly atLeast: boolean;
  readonly transfer: Outcome<number>;
}

/** A job sprayed, as far as its transfer is concluded from it. */
export interface Sprayed {
  readonly work: Worked;
  readonly coats: readonly CoatState[];
  readonly check: Pick<CheckView, 'verdict'>;
  /** m² */
  readonly area: number;
}

/**
 * Transfer from the paint used and the film found, once every coat is on and measured. Nothing is claimed where
 * several batches were mixed: what is left of each cannot be told apart.
 */
export const transferSeen = ({ work, spray, check, plan }: JobView): TransferSeen | undefined =>
  transferOf({ work, coats: spray.coats, check, area: plan.area });

/** The same from what it is concluded from. */
export function transferOf({ work: job, coats, check, area }: Sprayed): TransferSeen | undefined {
  const last = coats.findLast(({ state }) => state === 'done');
  if (!last || coats.some(({ state }) => state !== 'done') || isRefusal(check.verdict)) return undefined;
  const entries = liveEntries(job);
  if (new Set(ofType(entries, 'mixed').map(({ batchId }) => batchId)).size !== 1) return undefined;
  // What is left of it may be gone by the time the film is hard enough to measure.
  const [batch] = batchesOf(job, layerOf(job, last.coat.layerId));
  if (!batch || !(batch.applied.density > 0)) return undefined;
  const { applied, mixedMass, additions } = batch;
  const back = ofType(entries, 'returned').reduce((sum, { mass }) => sum + mass, 0);
  const added = additions.reduce((sum, { mass }) => sum + mass, 0);
  const thrown = ofType(entries, 'waste').filter(({ what }) => what === 'mix');
  const leftOver = thrown.reduce((sum, { volume, mass = 0 }) => sum + (volume ?? mass / applied.density), 0);
  const used = (mixedMass + added - back) / applied.density - leftOver;
  if (!(used > 0)) return undefined;
  // What roller and brush laid never went through the gun.
  const { mean } = check.verdict;
  const hand = job.part.faces.flatMap((face) => {
    const method = byHand(face);
    return method ? [{ area: areaOfFace(face), keeps: wayFacts[method].lands }] : [];
  });
  const laid = hand.reduce((sum, face) => sum + (face.area * mean) / (last.solids * face.keeps), 0);
  const sprayed = area - hand.reduce((sum, face) => sum + face.area, 0);
  return {
    used,
    leftOver,
    atLeast: thrown.length === 0 && ofType(entries, 'discard').some(({ empty }) => !empty),
    transfer: transferFound(mean, sprayed, used - laid, last.solids),
  };
}
