import type { Rig } from '@/records';
import { gunWords } from '@/records/rigwords';

/** A rig with the usual numbers of its kind, each one a default to be put right; named for what it is to be used. */
export function newRig(
  id: string,
  atomising: Rig['atomising'],
  fitted: { bore?: number; tip?: string; use?: string } = {},
): Rig {
  const airless = atomising === 'airless';
  return {
    kind: 'rig',
    version: 1,
    id,
    name: `${gunWords[atomising]} gun${fitted.use ? `, ${fitted.use}` : ''}`,
    atomising,
    feed: airless ? 'pump' : 'gravity',
    air: airless ? 'none' : 'compressor',
    sets: !airless && fitted.bore ? [{ id: 'set-1', bore: fitted.bore }] : [],
    tips: airless && fitted.tip ? [fitted.tip] : [],
    dead: airless ? 0.9e-3 : 40e-6,
    fan: 0.25,
    distance: airless ? 0.305 : 0.18,
  };
}
