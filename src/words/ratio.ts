import type { Coating } from '@/records';

/** A number without the noughts that say nothing. */
export const shortNumber = (number: number): string => String(Number(number.toPrecision(4)));

/** `4 : 1 by volume` */
export const ratioWords = ({ components, ratioBy }: Pick<Coating, 'components' | 'ratioBy'>): string =>
  components.length > 1
    ? `${components.map(({ parts }) => shortNumber(parts)).join(' : ')} by ${ratioBy}`
    : 'one part';
