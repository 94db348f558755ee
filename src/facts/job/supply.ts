import { fillsFor, planBatches, type Fills, type BatchPiece, type PlannedBatch } from '@/core/mixing';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { Face, Rig } from '@/records';
import { areaOf, drinksFrom, type PlanView } from './plan';
import { lifeOf } from './batch';
import { slowness } from './recoat';
import type { SprayView } from './spray';
import type { Worked } from './worked';

/** Fills of the gun's cup for one face. */
export interface FaceFills {
  readonly face: Face;
  /** m³ one face takes in one coat. */
  readonly volume: number;
  readonly fills: Outcome<Fills>;
}

export interface SupplyView {
  /** Currency units for the whole need; undefined without a price. */
  readonly cost?: number;
  /** Batches for what is still to spray with this sheet, the first mixed first. */
  readonly batches: Outcome<readonly PlannedBatch[]>;
  /** ms since the epoch of the moment the first piece can begin, where it cannot at once. */
  readonly opens?: number;
  readonly faces: readonly FaceFills[];
  /** m³ still needed: coats already on are not mixed for again. */
  readonly remaining: Outcome<number>;
}

/** Faces are planned one by one up to this many; past it in equal groups. */
const piecesPerFace = 24;

export function supplyView(
  job: Worked,
  rig: Rig | undefined,
  plan: PlanView,
  spray: Pick<SprayView, 'coats' | 'strokes' | 'recoat'>,
): SupplyView {
  const { sheet, needed } = plan;
  const own = spray.coats.filter(({ coat }) => coat.layerId === job.layer.id);
  const factor = slowness(sheet, plan.climate);
  const drink = drinksFrom(job, job.layer.id) ? (job.part.absorption ?? 0) : 0;
  const perCoat = (wet: number, coat: number, area: number) =>
    ((wet + (coat === 0 ? drink : 0)) * area) / plan.transfer;

  const pieces: BatchPiece[] = [];
  let at = 0;
  for (const [i, coat] of own.entries()) {
    if (coat.state === 'done') continue;
    for (const { face, strokes, seconds } of spray.strokes) {
      const groups = Math.min(face.count, piecesPerFace);
      for (let group = 0; group < groups; group += 1) {
        const count =
          Math.floor(((group + 1) * face.count) / groups) - Math.floor((group * face.count) / groups);
        const sides = count * (face.sides ?? 1);
        const duration = sides * strokes * seconds;
        const name = `${coat.coat.name}, ${face.name}${face.count > 1 ? ` ${group + 1}` : ''}`;
        pieces.push({
          id: name,
          start: at,
          duration,
          volume: perCoat(coat.wet, i, areaOf([{ ...face, count }])),
        });
        at += duration;
      }
    }
    at += sheet.times.recoatFirst * factor;
  }

  const life = lifeOf(job.layer, plan.climate?.air);
  // What stays in the gun, the cards and the reserve are spread over the pieces by their size.
  const film = isRefusal(needed) ? 0 : needed.film + needed.absorbed + needed.overspray;
  const scale = isRefusal(needed) || film === 0 ? 1 : needed.total / film;
  const poured = pieces.map((piece) => ({ ...piece, volume: piece.volume * scale }));
  const batches = planBatches(poured, {
    ...(life === undefined ? {} : { life }),
    ...(job.approach.pot ? { pot: job.approach.pot } : {}),
    induction: sheet.times.induction,
  });
  const whole = poured.reduce((sum, { volume }) => sum + volume, 0);
  return {
    ...(isRefusal(needed) || sheet.pricePerVolume === undefined
      ? {}
      : { cost: needed.total * sheet.pricePerVolume }),
    batches,
    ...(spray.recoat ? { opens: spray.recoat.opens } : {}),
    faces: spray.strokes.map(({ face }) => {
      const wet = Math.max(...own.map((coat) => coat.wet), 0);
      const volume = perCoat(wet, 1, areaOf([{ ...face, count: 1 }]) / (face.sides ?? 1));
      return { face, volume, fills: fillsFor(volume, rig?.cup ?? Infinity, rig?.dead ?? 0) };
    }),
    remaining: isRefusal(needed) ? needed : whole > 0 ? whole : needed.total,
  };
}
