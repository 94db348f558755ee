import type { Rig } from '@/records';
import { gunWords } from '@/records/rigwords';
import { usualBore, usualOf, usualTip } from '../shop/rigfamily';

/** A rig with the usual numbers of its kind, each one a default to be put right; named for what it is to be used. */
export function newRig(
  id: string,
  atomising: Rig['atomising'],
  fitted: { bore?: number; tip?: string; use?: string; air?: 'turbine' | 'compressor' } = {},
): Rig {
  const airless = atomising === 'airless';
  return {
    kind: 'rig',
    version: 2,
    id,
    name: `${gunWords[atomising]} gun${fitted.use ? `, ${fitted.use}` : ''}`,
    atomising,
    ...usualOf(atomising),
    ...(fitted.air && !airless ? { air: fitted.air } : {}),
    sets: airless ? [] : [{ id: 'set-1', bore: fitted.bore ?? usualBore }],
    tips: airless ? [fitted.tip ?? usualTip] : [],
  };
}

/** A rig under a name no other has: two guns of a kind are told apart. */
export function named(rig: Rig, others: readonly Pick<Rig, 'name'>[]): Rig {
  const taken = new Set(others.map(({ name }) => name));
  let name = rig.name;
  for (let n = 2; taken.has(name); n += 1) name = `${rig.name} ${n}`;
  return { ...rig, name };
}
