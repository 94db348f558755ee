import { maskingTime, type MaskedPlace } from '@/core/system';
import type { EntryOf, Face, Job } from '@/records';
import { liveEntries, lastOf, moment, ofType } from './entries';
import { byHand } from './byhand';

/** A place on a face that the gun does not coat. */
export interface KeptFree extends MaskedPlace {
  readonly id: string;
  readonly name: string;
  readonly face: Face;
  /** Coated by brush when all coats are on, or never: threads, seals, earth contacts. */
  readonly then: 'brush' | 'never';
}

/**
 * The places kept free, face by face. A face that only names what is kept off is masked along its outline; one that is
 * coated by hand is cut in, not masked.
 */
export const keptFree = (faces: readonly Face[]): KeptFree[] =>
  faces
    .filter((face) => !byHand(face))
    .flatMap((face) => [
      ...(face.free ?? []).map(({ id, name, width, height, shaped = false, then }): KeptFree => ({
        id,
        name,
        face,
        then,
        shaped,
        edge: (shaped ? Math.PI / 2 : 2) * (width + height) * face.count,
        area: width * height * face.count,
      })),
      ...(face.keepOff
        ? [
            {
              id: `outline-${face.id}`,
              name: face.keepOff,
              face,
              then: 'never' as const,
              shaped: false,
              edge: 2 * (face.width + face.height) * face.count,
              area: 0,
            },
          ]
        : []),
    ]);

export const maskingOf = (faces: readonly Face[]) => maskingTime(keptFree(faces));

/** Water and wet paper lift tape: masks put on before that are put on again. ms since the epoch, 0 for never. */
export function wetSince(job: Pick<Job, 'log'>): number {
  const entries = liveEntries(job);
  const wet = [
    lastOf(entries, 'tick', ({ list, step, done }) => list === 'ready' && step === 'rinse' && done),
    lastOf(entries, 'worked', (entry) => entry.wet === true),
  ];
  return Math.max(0, ...wet.map((entry) => (entry ? moment(entry) : 0)));
}

/** A place that is coated by brush, and the entry that says it was. */
export interface BrushPlace extends KeptFree {
  readonly done?: EntryOf<'worked'>;
}

/** What is coated by brush after the gun. */
export function brushPlaces(job: Pick<Job, 'log' | 'part'>): BrushPlace[] {
  const brushed = ofType(liveEntries(job), 'worked').filter(({ what }) => what === 'brush');
  return keptFree(job.part.faces)
    .filter(({ then }) => then === 'brush')
    .map((place) => {
      const done = brushed.findLast(({ workId }) => workId === place.id);
      return done ? { ...place, done } : place;
    });
}
