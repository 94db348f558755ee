import * as z from 'zod';
import { coating } from './coating';
import { id, instant, metres, name, share, speed, text } from './fields';
import { logEntry } from './log';

export const face = z.object({
  id,
  name,
  width: metres.positive(),
  height: metres.positive(),
  count: z.number().int().positive(),
  lies: z.enum(['upright', 'flat', 'overhead']),
});

export const plannedCoat = z.object({
  id,
  sheetId: id,
  name,
  /** Dry film aimed at in this coat. */
  dry: metres.positive(),
});

/** A job: what is coated with what, and the log of what was done. Nothing derived is stored. */
export const job = z.object({
  kind: z.literal('job'),
  version: z.literal(1),
  id,
  name,
  begun: instant,
  closed: instant.optional(),
  /** The sheets as they stood when the job began: a later change of a sheet does not reach into it. */
  sheets: z.array(coating).min(1),
  rigId: id,
  cupId: id,
  part: z.object({
    substrate: text,
    metal: z.boolean().describe('can a magnetic or eddy-current gauge read it?'),
    faces: z.array(face).min(1),
  }),
  coats: z.array(plannedCoat).min(1),
  approach: z.object({
    overlap: share,
    speed,
    transfer: share.optional(),
    reserve: share,
    acceptance: z.enum(['spot-mean', 'nominal']),
  }),
  log: z.array(logEntry),
});

export type Job = z.infer<typeof job>;
export type Face = z.infer<typeof face>;
export type PlannedCoat = z.infer<typeof plannedCoat>;
