import * as z from 'zod/mini';
import { zones } from '@/core/inspection';
import { asked, id, instant, share, text } from './fields';

/**
 * A photo of a job, made small before it is kept; what is marked on it stands beside it, not in it. The picture itself is no
 * part of the record: it lies under the photo’s id where pictures are kept.
 */
export const photo = z.object({
  kind: z.literal('photo'),
  version: z.literal(2),
  id,
  jobId: id,
  at: instant,
  by: z.optional(text),
  /** What it shows. */
  name: text,
  width: z.int().check(z.positive()).check(z.maximum(4096)),
  height: z.int().check(z.positive()).check(z.maximum(4096)),
  /** The entry it belongs to. */
  entryId: z.optional(id),
  /** The place of the part it shows. */
  faceId: z.optional(id),
  zone: z.optional(z.enum(zones)),
  /** Places marked on it, as shares of its width and height. */
  marks: z.array(z.object({ x: share, y: share, text })).check(z.maxLength(40)),
  asked,
});

export type Photo = z.infer<typeof photo>;
