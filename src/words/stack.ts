import type { MappedLayer } from '@/facts/job';

/** A layer’s mix in a word. */
export const potSays = ({ over, empty }: NonNullable<MappedLayer['pot']>): string =>
  empty ? 'pot used up' : over ? 'pot over' : 'in the pot';

/** A layer’s gun in a word: before its moment. */
export const gunSays = ({ cleanBy }: MappedLayer['gun']): string =>
  cleanBy === undefined ? 'gun not clean' : 'clean gun in';
