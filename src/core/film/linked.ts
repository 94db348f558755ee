import { isRefusal } from '../refusal';
import { dryFromWet, wetFromDry } from './film';

/** What of a sheet’s wet aim, dry aim (m) and volume solids (share) is known. */
export interface FilmSaid {
  readonly wet?: number;
  readonly dry?: number;
  readonly solids?: number;
}

export type LinkedFilm =
  /** Fewer than two are known, or no film comes of them. */
  | { readonly kind: 'open' }
  /** Two are known: the third follows. */
  | { readonly kind: 'third'; readonly what: keyof FilmSaid; readonly value: number }
  | { readonly kind: 'agree' }
  /**
   * All three are known and contradict each other: the dry film that wet and solids would leave, and the wet film that dry
   * and solids would want.
   */
  | { readonly kind: 'conflict'; readonly dry: number; readonly wet?: number };

/** Sheets round their figures: three that lie closer than this say the same. A default. */
const rounding = 0.1;

/**
 * Wet aim, dry aim and volume solids are one linked set, DFT = WFT × VS: two give the third, and three may disagree.
 *
 * @source first principles: what does not evaporate stays
 * @example wet 100 µm at 32 % leaves 32 µm; said to leave 45 it is a conflict
 * Source: conservation of solids
 */
export function linkedFilm({ wet, dry, solids }: FilmSaid): LinkedFilm {
  if (wet !== undefined && dry !== undefined && wet > 0 && solids === undefined) {
    const value = dry / wet;
    return value > 0 && value <= 1
      ? { kind: 'third', what: 'solids', value }
      : { kind: 'conflict', dry: wet };
  }
  if (solids === undefined || (wet === undefined && dry === undefined)) return { kind: 'open' };
  if (wet === undefined) {
    const value = wetFromDry(dry as number, solids);
    return isRefusal(value) ? { kind: 'open' } : { kind: 'third', what: 'wet', value };
  }
  const left = dryFromWet(wet, solids);
  if (isRefusal(left)) return { kind: 'open' };
  if (dry === undefined) return { kind: 'third', what: 'dry', value: left };
  return Math.abs(left - dry) > rounding * dry
    ? { kind: 'conflict', dry: left, ...wetFor(dry, solids) }
    : { kind: 'agree' };
}

function wetFor(dry: number, solids: number): { wet?: number } {
  const wet = wetFromDry(dry, solids);
  return isRefusal(wet) ? {} : { wet };
}
