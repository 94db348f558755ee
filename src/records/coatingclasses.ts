/** Classes with typical values of their own. */
export const coatingClasses = [
  'solvent-base',
  'water-base',
  'two-part-clear',
  'two-part-colour',
  'epoxy-primer',
  'etch-primer',
  'filler-primer',
  'sprayed-filler',
  'gel-coat',
  'water-lacquer',
  'two-part-water',
  'furniture-paint',
  'moisture-curing',
  'quick-enamel',
  'wall-paint',
  'elastomeric',
] as const;

export const thinnerSpeeds = ['fast', 'medium', 'slow', 'very-slow'] as const;
