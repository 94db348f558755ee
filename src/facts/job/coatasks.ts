import { layingOf } from '@/core/system';
import type { LaidCoat } from './worked';

/** What a coat asks of the gun beside what its sheet and school do: as it is planned, else as its role is laid. */
export interface CoatAsks {
  readonly overlap?: number;
  /** Pa, m where the coat has its own. */
  readonly pressure?: number;
  readonly distance?: number;
  /** Of what is usual, where its role is laid otherwise. Shares; defaults. */
  readonly laying: { readonly pressure: number; readonly distance: number };
  /** Two coats with the same key are sprayed with the gun set alike. */
  readonly key: string;
}

/** How the gun is set for one coat: a bed, a full, a drop and a blended coat each have their own. */
export function coatAsks(coat: Pick<LaidCoat, 'setting' | 'role'> | undefined): CoatAsks {
  const { pressure, distance } = layingOf(coat?.role);
  const own = coat?.setting ?? {};
  const laying = {
    pressure: own.pressure === undefined ? pressure : 1,
    distance: own.distance === undefined ? distance : 1,
  };
  return {
    ...own,
    laying,
    key: [own.pressure, own.distance, own.overlap, laying.pressure, laying.distance].join('/'),
  };
}
