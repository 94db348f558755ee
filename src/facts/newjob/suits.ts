import { isMetal, isMineral, isTimber, type GroundState, type SubstrateKind } from '@/core/system';
import type { CoatingClass } from '@/records';

/** What usually goes on a ground, the usual first. Defaults: nothing is refused by them. */
const onMetal: readonly CoatingClass[] = ['two-part-colour', 'quick-enamel', 'epoxy-primer', 'moisture-curing', 'etch-primer', 'filler-primer', 'solvent-base', 'water-base', 'sprayed-filler']; // prettier-ignore
const onTimber: readonly CoatingClass[] = ['water-lacquer', 'furniture-paint', 'two-part-water', 'quick-enamel', 'two-part-clear', 'two-part-colour']; // prettier-ignore
const onWalls: readonly CoatingClass[] = ['wall-paint', 'elastomeric'];
const onPlastic: readonly CoatingClass[] = ['two-part-colour', 'solvent-base', 'water-base', 'two-part-clear', 'filler-primer', 'epoxy-primer']; // prettier-ignore
const onBase: readonly CoatingClass[] = ['two-part-clear', 'two-part-water'];
const onPrimer: readonly CoatingClass[] = ['two-part-colour', 'solvent-base', 'water-base', 'quick-enamel'];

/** Kinds of coating that usually go on what is there now, the usual first. */
export function suits(ground: SubstrateKind, existing: GroundState | undefined): readonly CoatingClass[] {
  if (ground === 'mould') return ['gel-coat'];
  if (isMineral(ground)) return onWalls;
  const own = isTimber(ground) ? onTimber : isMetal(ground) || ground === 'coated' ? onMetal : onPlastic;
  if (existing === 'base') return [...onBase, ...own.filter((each) => !onBase.includes(each))];
  // A wood primer takes what wood takes; on metal and plastic the colour comes next.
  if (existing === 'primer' && !isTimber(ground))
    return [...onPrimer, ...own.filter((each) => !onPrimer.includes(each))];
  return own;
}
