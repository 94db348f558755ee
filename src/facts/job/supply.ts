import { fillsFor, planBatches, type Fills, type BatchPiece, type PlannedBatch } from '@/core/mixing';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { Face, Rig } from '@/records';
import { byHand, handPaint, handSeconds } from './byhand';
import { areaOf, drinksFrom, type PlanView } from './plan';
import { lifeOf } from './batch';
import { slowness } from './recoat';
import type { CoatPoint } from './coatpoints';
import type { SprayView } from './spray';
import { sweptOf, timesOver } from './strokes';
import { paintPrice } from './thinnershare';
import type { Worked } from './worked';

/** Fills of the gun's cup for one face. */
export interface FaceFills {
  readonly face: Face;
  /** m³ one face takes in one coat. */
  readonly volume: number;
  readonly fills: Outcome<Fills>;
}

export interface SupplyView {
  /** Currency units for the paint of the whole need, its thinner not; undefined without a price. */
  readonly cost?: number;
  /** Batches for what is still to spray with this sheet, the first mixed first. */
  readonly batches: Outcome<readonly PlannedBatch[]>;
  /** ms since the epoch of the moment the first piece can begin, where it cannot at once. */
  readonly opens?: number;
  readonly faces: readonly FaceFills[];
  /** m³ that each coat of the layer in hand takes, losses counted, the reserve not; those that are on too. */
  readonly takes: ReadonlyMap<string, number>;
  /** m³ still needed: coats already on are not mixed for again. */
  readonly remaining: Outcome<number>;
}

/** Faces are planned one by one up to this many; past it in equal groups. */
const piecesPerFace = 24;

export function supplyView(
  job: Worked,
  rig: Rig | undefined,
  plan: PlanView,
  spray: Pick<SprayView, 'coats' | 'recoat'>,
  points: readonly CoatPoint[],
): SupplyView {
  const { sheet, needed } = plan;
  const own = spray.coats.filter(({ coat }) => coat.layerId === job.layer.id);
  const factor = slowness(sheet, plan.climate);
  const drink = drinksFrom(job, job.layer.id) ? (job.part.absorption ?? 0) : 0;
  /** m³ for a face that strokes sweep, what they carry past its edges with it. */
  const taken = (wet: number, coat: number, area: number, swept: number) =>
    (wet * Math.max(area, swept) + (coat === 0 ? drink : 0) * area) / plan.transfer;

  const pieces: BatchPiece[] = [];
  const takes = new Map<string, number>();
  let at = 0;
  for (const [i, coat] of own.entries()) {
    const its = points.find((each) => each.coat.id === coat.coat.id);
    for (const guide of its?.strokes ?? []) {
      const { face, strokes, seconds } = guide;
      const whole = taken(coat.wet, i, areaOf([face]), sweptOf(guide, its?.point.spacing ?? 0));
      takes.set(coat.coat.id, (takes.get(coat.coat.id) ?? 0) + whole);
      if (coat.state === 'done') continue;
      const groups = Math.min(face.count, piecesPerFace);
      for (let group = 0; group < groups; group += 1) {
        const count =
          Math.floor(((group + 1) * face.count) / groups) - Math.floor((group * face.count) / groups);
        const sides = count * (face.sides ?? 1);
        const duration = sides * strokes * seconds * (its?.point.passes ?? 1);
        const name = `${coat.coat.name}, ${face.name}${face.count > 1 ? ` ${group + 1}` : ''}`;
        pieces.push({
          id: name,
          start: at,
          duration,
          volume: taken(
            coat.wet,
            i,
            areaOf([{ ...face, count }]),
            (sweptOf(guide, its?.point.spacing ?? 0) * count) / face.count,
          ),
        });
        at += duration;
      }
    }
    // What a hand lays comes out of the same pot.
    for (const face of job.part.faces) {
      const method = byHand(face);
      if (!method) continue;
      const whole = handPaint(face, method, coat.wet + (i === 0 ? drink : 0));
      takes.set(coat.coat.id, (takes.get(coat.coat.id) ?? 0) + whole);
      if (coat.state === 'done') continue;
      const films = own.map(({ wet }) => wet);
      const duration = handSeconds(face, method, films) / films.length;
      pieces.push({ id: `${coat.coat.name}, ${face.name}`, start: at, duration, volume: whole });
      at += duration;
    }
    if (coat.state !== 'done') at += sheet.times.recoatFirst * factor;
  }

  const life = lifeOf(job.layer, plan.climate?.air);
  // What stays in the gun, the cards and the reserve are spread over the pieces by their size.
  const film = isRefusal(needed) ? 0 : needed.film + needed.absorbed + needed.overspray + needed.past;
  const scale = isRefusal(needed) || film === 0 ? 1 : needed.total / film;
  const poured = pieces.map((piece) => ({ ...piece, volume: piece.volume * scale }));
  const batches = planBatches(poured, {
    ...(life === undefined ? {} : { life }),
    ...(job.approach.pot ? { pot: job.approach.pot } : {}),
    induction: sheet.times.induction,
  });
  const price = paintPrice(job, job.layer);
  const whole = poured.reduce((sum, { volume }) => sum + volume, 0);
  return {
    ...(isRefusal(needed) || price === undefined ? {} : { cost: needed.total * price }),
    batches,
    ...(spray.recoat ? { opens: spray.recoat.opens } : {}),
    faces: (points[0]?.strokes ?? []).map((guide) => {
      const { face } = guide;
      const wet = Math.max(...own.map((coat) => coat.wet), 0);
      const one = areaOf([{ ...face, count: 1, sides: 1 }]);
      const volume = taken(wet, 1, one, sweptOf(guide, points[0]?.point.spacing ?? 0) / timesOver(face));
      return { face, volume, fills: fillsFor(volume, rig?.cup ?? Infinity, rig?.dead ?? 0) };
    }),
    takes,
    remaining: isRefusal(needed) ? needed : whole > 0 ? whole : needed.total,
  };
}
