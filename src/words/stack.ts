import type { MappedLayer } from '@/facts/job';

/** A layer’s mix in a word. */
export const potWords = ({ over }: NonNullable<MappedLayer['pot']>): string =>
  over ? 'pot over' : 'in the pot';

/** A layer’s gun in a word: before its moment. */
export const gunWords = ({ cleanBy }: MappedLayer['gun']): string =>
  cleanBy === undefined ? 'gun not clean' : 'clean gun in';
