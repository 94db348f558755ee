import { spraying } from './spray';
import { timesOver } from './strokes';
import type { JobView } from './view';

/** A coat ended before this share of its time went by is asked about. A default. */
const soon = 0.3;

/** What speaks against a coat that is to be ended: how long it was sprayed, how long it takes, and faces not on record. */
export interface EndDoubt {
  /** s */
  readonly sprayed: number;
  readonly takes: number;
  readonly faces: number;
  /** Faces that are on record. */
  readonly recorded: number;
}

/**
 * Is it too early for the running coat to be on? Whoever counts faces is asked while some are missing; whoever does not,
 * while hardly any of its time went by.
 */
export function endDoubt({ spray: { running, coatTime }, work, now }: JobView): EndDoubt | undefined {
  if (!running) return undefined;
  const recorded = running.faces.length;
  const faces = work.part.faces.reduce((sum, face) => sum + timesOver(face), 0);
  const { from, to } = spraying(running, now);
  const sprayed = (to - from) / 1000;
  if (recorded > 0 ? recorded >= faces : sprayed >= coatTime * soon) return undefined;
  return { sprayed, takes: coatTime, faces, recorded };
}
