/** How a defect came to its end on this piece: put right by one of these, gone by itself, or accepted as it is. */
export const endings = [
  'wipe-off',
  'drop-coat',
  'more-coat',
  'nib-polish',
  'flat-recoat',
  'strip',
  'prime',
  'gone',
  'accepted',
] as const;
export type Ending = (typeof endings)[number];

/**
 * Does it take film off that was measured before?
 *
 * Source: trade knowledge
 * @example takesFilm('accepted') → false
 */
export const takesFilm = (ending: Ending): boolean =>
  ending === 'nib-polish' || ending === 'flat-recoat' || ending === 'strip' || ending === 'wipe-off';
