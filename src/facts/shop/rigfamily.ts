import type { Rig } from '@/records';
import { gunWords } from '@/records/rigwords';

/** What of a rig belongs to one family only. */
const ofAir = [
  'driving',
  'bleeder',
  'rated',
  'airDemand',
  'airHose',
  'compressor',
  'dryer',
  'airParts',
  'turbine',
  'stages',
  'viscosity',
  'waterFound',
] as const satisfies readonly (keyof Rig)[];
const ofAirless = ['pump', 'tipsWorn', 'misfits'] as const satisfies readonly (keyof Rig)[];
const ofCompressor = [
  'compressor',
  'dryer',
  'airParts',
  'waterFound',
] as const satisfies readonly (keyof Rig)[];
const ofTurbine = ['turbine', 'stages'] as const satisfies readonly (keyof Rig)[];

/** A rig without some of its fields. */
export const without = (rig: Rig, fields: readonly (keyof Rig)[]): Rig =>
  Object.fromEntries(Object.entries(rig).filter(([key]) => !fields.includes(key as keyof Rig))) as Rig;

/** How a family is usually fed and driven. */
export const usualOf = (
  atomising: Rig['atomising'],
): Pick<Rig, 'feed' | 'air' | 'dead' | 'fan' | 'distance'> =>
  atomising === 'airless'
    ? { feed: 'pump', air: 'none', dead: 0.9e-3, fan: 0.25, distance: 0.305 }
    : {
        feed: 'gravity',
        air: 'compressor',
        dead: 40e-6,
        fan: 0.25,
        // More air carries further.
        distance: atomising === 'conventional' ? 0.205 : 0.18,
      };

/** A bore for a new gun, or a tip: the middle of what finishes are sprayed with. */
export const usualBore = 1.4e-3;
export const usualTip = '515';

/**
 * The rig without what its family, feed or air cannot have, and with what it needs: a gun switched from one family to
 * another keeps neither tips nor turbine of the one it was.
 */
export function ofItsFamily(rig: Rig): Rig {
  if (rig.atomising === 'airless') {
    const { seals, ...own } = without(rig, ofAir);
    return {
      ...own,
      ...(seals ? { seals } : {}),
      feed: 'pump',
      air: 'none',
      sets: [],
      tips: rig.tips.length > 0 ? rig.tips : [usualTip],
    };
  }
  const air = rig.air === 'turbine' && rig.atomising === 'hvlp' ? 'turbine' : 'compressor';
  const fed = rig.feed === 'pump' || rig.feed === 'pressure-pot';
  const foreign: (keyof Rig)[] = [
    ...ofAirless,
    ...(fed ? [] : (['fluidHose'] as const)),
    ...(air === 'compressor' ? ofTurbine : ofCompressor),
  ];
  return {
    ...without(rig, foreign),
    // An air gun without air is none, and a turbine gives no more than an HVLP cap takes.
    air,
    tips: [],
    sets: rig.sets.length > 0 ? rig.sets : [{ id: 'set-1', bore: usualBore }],
  };
}

/**
 * The rig as another family: with that one’s usual feed, air, fan and distance, without the pressures and numbers of the one
 * it was, and under a name of its kind if it never had one of its own.
 */
export function switched(rig: Rig, atomising: Rig['atomising']): Rig {
  if (rig.atomising === atomising) return rig;
  const crossed = (rig.atomising === 'airless') !== (atomising === 'airless');
  const kept = without(rig, [
    'transfer',
    'maxPressure',
    ...(crossed
      ? (['cup', 'fluidHose', 'patterns', 'distances', 'misfits', 'intervals', 'driving'] as const)
      : []),
  ]);
  const named = rig.name.startsWith(`${gunWords[rig.atomising]} gun`)
    ? `${gunWords[atomising]} gun${rig.name.slice(`${gunWords[rig.atomising]} gun`.length)}`
    : rig.name;
  return ofItsFamily({ ...kept, ...(crossed ? usualOf(atomising) : {}), name: named, atomising });
}
