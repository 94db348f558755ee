import * as z from 'zod/mini';

/** What is done between coats and layers. */
export const workKinds = ['sand', 'scuff', 'wipe', 'mask', 'wait', 'look', 'brush'] as const;

export type WorkKind = (typeof workKinds)[number];

/** P grade of ISO 6344. */
export const grit = z.int().check(z.minimum(16)).check(z.maximum(10_000));
