import { dewMarginLimit } from '@/core/climate';
import type { Coating } from '@/records';

/** K a part must be above the dew point for this product: as its sheet says, else as is usual. */
export const dewWanted = ({ limits }: Pick<Coating, 'limits'>): number => limits.dew ?? dewMarginLimit;
