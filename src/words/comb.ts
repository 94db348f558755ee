import type { CombVerdict } from '@/core/film';

/** What a wet comb says of a coat. */
export const combWords: Record<CombVerdict, { readonly tone: 'good' | 'care'; readonly says: string }> = {
  inside: { tone: 'good', says: 'Wet film is right.' },
  undecided: { tone: 'good', says: 'The aim lies between the teeth: as right as this comb can tell.' },
  low: { tone: 'care', says: 'Too little wet film. Go slower, or closer.' },
  high: { tone: 'care', says: 'Too much wet film: it may run. Go quicker.' },
};
