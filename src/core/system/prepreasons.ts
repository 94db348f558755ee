import type { PrepStep } from './prep';
import type { PrepStepKey } from './prepsteps';

/** Why a step of preparation is done. Apart from the steps: only who is about to do one reads it. */
const reasons: Record<PrepStepKey, string> = {
  dust: 'What takes off the wax glues the part to its mould.',
  'old-paint':
    'Sanding them sets free what does not leave the room, or a lung, again. Local codes say who may take it off.',
  strip: 'It would lift, or carry its own faults up.',
  clean: 'Sanding before cleaning rubs grease and salt into the scratch.',
  degrease: 'One cloth moves oil from here to there.',
  brush: 'Dust in the pores lifts with the first coat.',
  sweep: 'A coat holds on what it lies on: on dust, on nothing.',
  dewax: 'Sanding first drives wax into the scratch: fish-eyes, and a film that peels.',
  derust: 'Rust goes on growing under a film.',
  whiterust: 'A film on zinc salts comes off with them.',
  descale: 'Scale springs off later, and the film with it.',
  blast: 'Fresh steel rusts while you look: blast no more than gets its first coat.',
  blow: 'Grit and fluff in the profile stand through the film.',
  again: 'An etch takes only where there is neither grease nor dust.',
  etch: 'What dries on etches unevenly and stays as salt.',
  rinse: 'Acid left under a film blisters it; wet steel rusts while you look.',
  open: 'A film on cement skin comes off with the skin.',
  moisture: 'Water behind a film pushes it off.',
  alkali: 'Lime turns oil and alkyd into soap.',
  block: 'Tannin, soot and water marks rise through every coat that wets them.',
  edges: 'They drink more than the face and swell.',
  filler: 'Filler keeps water and lets it out again as blisters and rust.',
  abrade: 'The next coat fills that scratch: coarser shows through, finer gives it nothing to hold.',
  wipe: 'A bare hand leaves grease: fish-eyes.',
  adhesion: 'Little holds on this ground by itself; plastics differ, and the sheet names which.',
  static: 'A charged part draws dust out of the whole room.',
  tack: 'Dust settles again while you wait.',
};

/**
 * Why a step is done; nothing of one that is not ours.
 *
 * Source: trade knowledge
 * @example prepReason({ id: 'edges', says: 'Seal cut edges first.' }) → 'They drink more than the face and swell.'
 */
export const prepReason = ({ id, why = id }: Pick<PrepStep, 'id' | 'why'>): string | undefined =>
  (reasons as Readonly<Record<string, string | undefined>>)[why];
