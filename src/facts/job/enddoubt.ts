import { spraying } from './spray';
import { timesOver } from './strokes';
import type { JobView } from './view';

/** A coat ended before this share of its time went by is asked about. A default. */
const soon = 0.3;

/** What speaks against a coat that is to be ended: how long it was sprayed, how long it takes, and no face on record. */
export interface EndDoubt {
  /** s */
  readonly sprayed: number;
  readonly takes: number;
  readonly faces: number;
}

/** Is it too early for the running coat to be on? Not where a face of it was recorded: whoever counts knows. */
export function endDoubt({ spray: { running, coatTime }, work, now }: JobView): EndDoubt | undefined {
  if (!running || running.faces.length > 0) return undefined;
  const { from, to } = spraying(running, now);
  const sprayed = (to - from) / 1000;
  if (sprayed >= coatTime * soon) return undefined;
  return {
    sprayed,
    takes: coatTime,
    faces: work.part.faces.reduce((sum, face) => sum + timesOver(face), 0),
  };
}
