import { areaOf } from '@/facts/job';
import type { JobDraft } from '@/facts/newjob/draft';

/** Sizes that are stated whole. */
export const statedFaces = (faces: JobDraft['faces']): JobDraft['faces'] =>
  faces.filter(({ width, height, count }) => width > 0 && height > 0 && count >= 1);

/** m² of what is stated so far. */
export const areaOfDraft = ({ faces }: Pick<JobDraft, 'faces'>): number =>
  areaOf(
    statedFaces(faces).map(({ width, height, count, both }, i) => ({
      id: String(i),
      name: '',
      width,
      height,
      count,
      lies: 'upright',
      ...(both ? { sides: 2 as const } : {}),
    })),
  );
