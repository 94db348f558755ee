import * as z from 'zod/mini';
import { share } from './fields';
import { spokenKinds } from './spokenkinds';

/** How somebody is spoken to: what of, how loud, and whether the pace ticks. */
export const speech = z.object({
  says: z.array(z.enum(spokenKinds)).check(z.maxLength(spokenKinds.length)),
  volume: share,
  tick: z.boolean(),
  /** What comes next is said on every stage of a job, not at the gun alone. */
  everywhere: z.optional(z.boolean()),
});

export type Speech = z.infer<typeof speech>;
