/** What is coated. `coated` is an old coating on ground nobody named. */
export const substrateKinds = [
  'metal',
  'blasted',
  'galvanised',
  'aluminium',
  'cast-iron',
  'wood',
  'board',
  'plaster',
  'masonry',
  'concrete',
  'plastic',
  'composite',
  'mould',
  'glass',
  'coated',
] as const;
export type SubstrateKind = (typeof substrateKinds)[number];

/** What is on it now: `keep` is sound old paint, `strip` is failing. */
export const groundStates = [
  'bare',
  'rust',
  'mill-scale',
  'oil',
  'keep',
  'strip',
  'primer',
  'base',
  'filler',
  'wax',
  'stain',
] as const;
export type GroundState = (typeof groundStates)[number];

const ferrous: readonly SubstrateKind[] = ['metal', 'blasted', 'cast-iron'];
const metals: readonly SubstrateKind[] = [...ferrous, 'galvanised', 'aluminium'];
const mineral: readonly SubstrateKind[] = ['plaster', 'masonry', 'concrete'];
const timber: readonly SubstrateKind[] = ['wood', 'board'];

/**
 * Whether a ground is metal.
 *
 * Source: definition
 * @example isMetal('wood') → false
 */
export const isMetal = (ground: SubstrateKind): boolean => metals.includes(ground);
/**
 * Whether a ground is mineral.
 *
 * Source: definition
 * @example isMineral('wood') → false
 */
export const isMineral = (ground: SubstrateKind): boolean => mineral.includes(ground);
/**
 * Whether a ground is wood.
 *
 * Source: definition
 * @example isTimber('wood') → true
 */
export const isTimber = (ground: SubstrateKind): boolean => timber.includes(ground);
/**
 * Whether a ground rusts.
 *
 * Source: definition
 * @example rusts('metal') → true
 */
export const rusts = (ground: SubstrateKind): boolean => ferrous.includes(ground);

/**
 * What can be on a ground: iron alone rusts, timber and walls alone stain through.
 *
 * Source: definition
 * @example statesOn('mould') → ['wax']
 */
export function statesOn(ground: SubstrateKind): readonly GroundState[] {
  if (ground === 'mould') return ['wax'];
  return groundStates.filter((state) => {
    switch (state) {
      case 'rust':
        return rusts(ground) || ground === 'galvanised';
      case 'mill-scale':
        return ground === 'metal';
      case 'stain':
        return isTimber(ground) || isMineral(ground);
      case 'wax':
        return ground === 'composite' || ground === 'plastic';
      case 'filler':
        return !isMineral(ground) && ground !== 'glass' && ground !== 'blasted';
      case 'base':
        return !isMineral(ground) && ground !== 'blasted';
      case 'bare':
        return ground !== 'coated';
      default:
        return true;
    }
  });
}
