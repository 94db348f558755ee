import { liveEntries, ofType } from './entries';
import type { JobView } from './view';

/** More thinner in the pot than its sheet bears. */
export interface PastCap {
  /** Shares, as the sheet counts them. */
  readonly share: number;
  readonly max: number;
  /** kg of unthinned mix that bring it back; nothing where the sheet bears no thinner at all. */
  readonly back?: number;
}

/**
 * Is there more thinner in the pot than its sheet bears, and what brings it back? A trial piece that showed the coat to work
 * so stands above the sheet.
 */
export function pastCap(
  { thin: { share, sheet, batch }, work, shop }: Pick<JobView, 'thin' | 'work' | 'shop'>,
  coatId: string | undefined,
): PastCap | undefined {
  const { maximum: max } = sheet.thinning;
  if (!batch || share <= max + 1e-6) return undefined;
  if (ofType(liveEntries(work), 'trial').some((entry) => entry.coatId === coatId)) return undefined;
  // The share goes with one over the unthinned mix, by mass or by volume, of the mix or of its first part.
  const back = max > 0 ? batch.unthinned.mass * (share / max - 1) : undefined;
  return {
    share,
    max,
    ...(back === undefined ? {} : { back: Math.ceil(back / shop.scaleStep - 1e-6) * shop.scaleStep }),
  };
}
