import {
  defects,
  flattedOff,
  waysCompared,
  type CureStage,
  type DefectId,
  type Way,
  type WaySeen,
} from '@/core/diagnosis';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import type { CoatingClass, Job } from '@/records';
import { areaOf, cureStageOf, liveEntries, ofType, transferOf, type JobView } from '../job';
import { offFor } from './rework';
import { slowness } from '../job/recoat';

/** What dries to a gloss that is polished; a sheet does not say it. A default by class. */
const gloss: readonly CoatingClass[] = ['two-part-clear', 'two-part-colour', 'quick-enamel', 'gel-coat'];

/** m² of a fault where nobody says: a hand. A default. */
export const usualSpot = 0.01;

/**
 * Every way to put a defect right where the coat now stands.
 *
 * @param spot m² of it
 * @returns refuses while no coat is on
 */
export function waysTold(
  view: JobView,
  defect: DefectId,
  stage: CureStage,
  spot = usualSpot,
): Outcome<readonly WaySeen[]> {
  const { check, spray, work, plan, now, rig, job } = view;
  const top = spray.coats.findLast(({ state }) => state === 'done');
  if (!top) return refuse('no-coat', 'Nothing is on that could be put right.');
  const layer = work.layers.find(({ id }) => id === top.coat.layerId);
  const { verdict, spec } = check;
  const { hardens = now, cures } = cureStageOf(view);
  const face = faceOf(job, defect);
  return waysCompared({
    kind: defects[defect].rework,
    stage,
    film: isRefusal(verdict) ? spec.nominal : verdict.mean,
    spec: { min: spec.min, aim: spec.nominal, max: spec.max },
    off: offFor(defect),
    coat: top.dry.aim,
    coats: layer?.coats.length ?? 1,
    toCome: spray.next?.coat.layerId === top.coat.layerId,
    dryTexture: defect === 'dry-spray' || spray.texture?.found === 'dry-rough',
    blendable: top.sheet.blendable,
    glossy: gloss.includes(top.sheet.class) && top.sheet.pigment !== 'flake',
    hardIn: Math.max((hardens - now) / 1000, 0),
    curedIn: Math.max(((cures?.at ?? now) - now) / 1000, 0),
    between: top.sheet.times.recoatFirst * slowness(top.sheet, plan.climate),
    spot: Math.min(spot, face),
    face,
    mixPerFilm: 1 / (Math.max(top.solids, 0.01) * transferOf(work, rig)),
    ...(top.sheet.pricePerVolume === undefined ? {} : { price: top.sheet.pricePerVolume }),
    ...(view.shop.rates?.labour === undefined ? {} : { labour: view.shop.rates.labour }),
  });
}

/** m² of one side of one piece: of the face the defect was named on, else of the largest. */
function faceOf({ part, log }: Pick<Job, 'part' | 'log'>, defect: DefectId): number {
  const named = ofType(liveEntries({ log }), 'defect').findLast((entry) => entry.defect === defect)?.faceId;
  const faces = part.faces.filter(({ id }) => named === undefined || id === named);
  return Math.max(
    ...(faces.length > 0 ? faces : part.faces).map((face) => areaOf([{ ...face, count: 1, sides: 1 }])),
  );
}

/** Ways that are steps between coats: flatting what is on, and a coat more. */
export const plannedWays: readonly Way[] = ['spot-blend', 'whole-face'];

/**
 * The job with a way as its next steps: the last coat is flatted, and one more goes on unless one was to come anyway.
 *
 * @param id a source of new ids
 */
export function withWay(
  job: Job,
  { spray, check }: Pick<JobView, 'spray' | 'check'>,
  defect: DefectId,
  id: () => string,
): Job {
  const top = spray.coats.findLast(({ state }) => state === 'done');
  if (!top) return job;
  const { layerId } = top.coat;
  const { verdict, spec } = check;
  const takes = flattedOff({
    film: isRefusal(verdict) ? spec.nominal : verdict.mean,
    off: offFor(defect),
    coat: top.dry.aim,
    spec: { min: spec.min, aim: spec.nominal, max: spec.max },
  });
  return {
    ...job,
    layers: job.layers.map((layer) => {
      if (layer.id !== layerId) return layer;
      const at = layer.coats.findIndex((coat) => coat.id === top.coat.id);
      const flatted = layer.coats.map((coat, i) =>
        i === at ? { ...coat, sandBack: (coat.sandBack ?? 0) + takes } : coat,
      );
      const last = layer.coats[at];
      if (!last || at < layer.coats.length - 1) return { ...layer, coats: flatted };
      const again = { ...last, id: id(), name: `${last.name}, again`.slice(0, 120), sandBack: undefined };
      return { ...layer, coats: [...flatted, again] };
    }),
  };
}
