import type { DiluentWhy } from '@/core/mixing';

/** What a liquid would do in the paint it may not go into. */
// prettier-ignore
export const diluentWhyWords: Record<DiluentWhy, string> = {
  'gel-as-supplied': 'A gel coat goes on as supplied, with styrene where its sheet allows some. Anything else stays in the film, stops the cure and leaves pores.',
  'peroxide-as-thinner': 'Peroxide is the catalyst, by mass and as the sheet says: as a thinner it runs hot and may catch fire.',
  'stops-polyester': 'It stays in a polyester and stops the cure: soft, porous, bleeding.',
  'other-part': 'It cures, it does not thin: only the part the ratio names goes in.',
  separates: 'Water does not mix with it: it separates, and what stays blisters the film.',
  'eats-hardener': 'It eats the hardener: bubbles, and a film that stays soft.',
  'may-eat-hardener': 'Cleaning thinner holds alcohol, which eats the hardener. The system’s own thinner, by temperature.',
  'cures-in-tin': 'Water and alcohol cure it in the tin. Only the solvent its sheet names.',
  curdles: 'Solvent breaks a water-borne paint into curds. Water in small measure, or the extender its sheet names.',
  'falls-out': 'It does not dissolve this binder, which falls out in grains. Its own thinner only.',
  'flashes-off': 'It flashes off before the film flows. The system’s own thinner, by temperature.',
  unnamed: 'Its sheet does not name it.',
};
