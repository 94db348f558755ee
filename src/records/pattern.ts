import * as z from 'zod/mini';
import { metres, share } from './fields';

/** A card as read: lengths in m, the profile along the fan with a mean of one. */
export const cardPattern = z.object({
  width: metres,
  height: metres,
  profile: z
    .array(z.number().check(z.minimum(0)))
    .check(z.minLength(5))
    .check(z.maxLength(201)),
  centre: z.number(),
  ends: z.number(),
  flatness: z.number(),
  middle: z.number(),
  bend: z.number(),
  softness: z.number(),
  tails: z.number(),
  spatter: z.number(),
  speckle: z.number(),
  fault: z.string(),
  confidence: share,
});

export type KeptPattern = z.infer<typeof cardPattern>;
