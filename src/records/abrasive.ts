import type { Abrasiveness } from '@/core/care';
import type { CoatingClass } from './coating';

const byClass: Record<CoatingClass, Abrasiveness> = {
  'solvent-base': 'mild',
  'water-base': 'mild',
  'two-part-clear': 'mild',
  'two-part-colour': 'middling',
  'epoxy-primer': 'harsh',
  'etch-primer': 'mild',
  'filler-primer': 'harsh',
  'sprayed-filler': 'harsh',
  'gel-coat': 'middling',
  'water-lacquer': 'mild',
  'two-part-water': 'mild',
  'furniture-paint': 'middling',
  'moisture-curing': 'middling',
  'quick-enamel': 'mild',
  'wall-paint': 'middling',
  elastomeric: 'harsh',
};

/** How a class wears tips where its sheet does not say: a default. */
export const classAbrasiveness = (of: CoatingClass): Abrasiveness => byClass[of];
