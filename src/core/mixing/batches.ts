import { refuse, type Outcome } from '../refusal';

/** A stretch of spraying that should not be broken: one face in one coat. */
export interface BatchPiece {
  readonly id: string;
  /** s after the first piece begins. */
  readonly start: number;
  /** s */
  readonly duration: number;
  /** m³ of mix it takes. */
  readonly volume: number;
}

export interface BatchLimits {
  /** s from mixing to the last drop; undefined for coatings that keep. */
  readonly life?: number;
  /** m³ the mixing pot holds. */
  readonly pot?: number;
  /** s of rest between mixing and use. */
  readonly induction?: number;
}

/** One batch of a job that needs several. */
export interface PlannedBatch {
  /** m³ */
  readonly volume: number;
  /** s after the first piece begins, when it is to be mixed; below zero for the first. */
  readonly mixAt: number;
  /** s, when it is empty. */
  readonly until: number;
  readonly pieces: readonly string[];
  /** Why it is not one with the batch before. */
  readonly because?: 'pot-life' | 'pot-size';
}

/**
 * Splits a job into batches so that each is used up within its pot life and fits the pot, ending between pieces.
 *
 * @param pieces in the order they are sprayed
 * @returns the batches in order; refuses a single piece that outlasts the pot life or the pot
 * Source: greedy over faces and coats
 */
export function planBatches(pieces: readonly BatchPiece[], limits: BatchLimits): Outcome<PlannedBatch[]> {
  const { life = Infinity, pot = Infinity, induction = 0 } = limits;
  const batches: PlannedBatch[] = [];
  for (const piece of pieces) {
    const end = piece.start + piece.duration;
    if (piece.duration + induction > life)
      return refuse(
        'piece-outlasts-life',
        `${piece.id} alone takes longer than the mix lives. Spray it with a larger tip or nozzle, or in parts.`,
        { quantity: 'duration', value: piece.duration, max: life },
      );
    if (piece.volume > pot * (1 + 1e-9))
      return refuse(
        'piece-over-pot',
        `${piece.id} alone takes {value}, the pot holds {max}. Use a larger pot.`,
        {
          quantity: 'volume',
          value: piece.volume,
          max: pot,
        },
      );
    const last = batches.at(-1);
    const tooLate = last !== undefined && end - last.mixAt > life;
    const tooMuch = last !== undefined && last.volume + piece.volume > pot * (1 + 1e-9);
    if (last && !tooLate && !tooMuch) {
      batches[batches.length - 1] = {
        ...last,
        volume: last.volume + piece.volume,
        until: end,
        pieces: [...last.pieces, piece.id],
      };
      continue;
    }
    batches.push({
      volume: piece.volume,
      mixAt: piece.start - induction,
      until: end,
      pieces: [piece.id],
      ...(last ? { because: tooLate ? ('pot-life' as const) : ('pot-size' as const) } : {}),
    });
  }
  return batches;
}

/** How a cup or pot serves one face: whole faces a fill, or fills a face when one is not enough. */
export interface Fills {
  /** Whole faces that one fill does; 0 when a face needs more than a fill. */
  readonly faces: number;
  /** Fills one face takes. */
  readonly perFace: number;
  /** m³ in the cup that does exactly those faces. */
  readonly fill: number;
}

/**
 * Fills for a face, so that nobody refills in the middle of one.
 *
 * @param face m³ of mix one face takes in one coat
 * @param cup m³ the cup or remote pot holds
 * @param dead m³ that stay in gun and hose and cannot be sprayed
 * @returns refuses a cup that holds no more than stays in the gun
 * Formula: ⌊(cup − dead) / face⌋
 * Source: greedy over faces and coats
 * @example 1 L, 60 mL dead, 300 mL a face: 3
 * @example fillsFor(0.0003171875, 0.001, 0.00005) → { faces: 2, perFace: 1, fill: 0.000684375 }
 */
export function fillsFor(face: number, cup: number, dead: number): Outcome<Fills> {
  const usable = cup - dead;
  if (!(usable > 0) || !(face > 0))
    return refuse('cup-too-small', 'The cup holds no more than what stays in the gun.', {
      quantity: 'volume',
      value: cup,
      min: dead,
    });
  const faces = Math.floor(usable / face + 1e-9);
  return faces >= 1
    ? { faces, perFace: 1, fill: faces * face + dead }
    : { faces: 0, perFace: Math.ceil(face / usable - 1e-9), fill: cup };
}
