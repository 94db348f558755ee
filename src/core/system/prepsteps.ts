import type { PrepStep } from './prep';

/** The times are defaults: the sheet of what is used decides. */
const minutes = 60;
const hours = 3600;

/** Every step of preparation. What depends on ground or coat is filled in by the chain. */
// prettier-ignore
export const prepSteps = {
  dust: { id: 'dust', says: 'Dust the waxed mould with a clean soft cloth: no solvent, no paper, no bare hand.', lapses: 15 * minutes },
  'old-paint': { id: 'old-paint', says: 'Old paint tested for lead and chromate, textured coats for asbestos.', always: true },
  strip: { id: 'strip', says: 'Strip the old coating to sound ground.' },
  clean: { id: 'clean', says: 'Clean and degrease with two cloths, one wet, one dry.' },
  degrease: { id: 'degrease', name: 'Degreaser', says: 'Degrease until water wets it all over, cloths turned and changed; then clean again.', dwell: 5 * minutes },
  brush: { id: 'clean', why: 'brush', says: 'Brush and vacuum, along the grain.' },
  sweep: { id: 'clean', why: 'sweep', says: 'Brush off what is loose, vacuum it.' },
  dewax: { id: 'dewax', says: 'Release wax off with the cleaner made for it, two cloths, turned often.' },
  derust: { id: 'derust', says: 'Rust off to bright metal, pits too.' },
  whiterust: { id: 'derust', why: 'whiterust', says: 'White rust off with a stiff nylon brush and water; the zinc stays on.' },
  descale: { id: 'descale', says: 'Mill scale off by blasting or grinding; an etch does not take it.' },
  blast: { id: 'blast', says: 'Blasted to the grade the sheet names; coated within its hours, often four, before it turns.', lapses: 4 * hours },
  blow: { id: 'blow', says: 'Blow off with dry air, vacuum the corners; no cloth, no etch.', lapses: 4 * hours },
  again: { id: 'clean-again', why: 'again', says: 'Clean and degrease again, the dust of the paper off.' },
  etch: { id: 'etch', name: 'Etch', says: 'Etch, kept wet its time.', dwell: 5 * minutes },
  rinse: { id: 'rinse', name: 'Drying', says: 'Rinse until the water runs clear, unless the etch’s own sheet says not to; dry at once; first coat this shift.', dwell: 20 * minutes, lapses: 8 * hours },
  open: { id: 'open', says: 'Open the surface: grind or blast off the laitance.' },
  moisture: { id: 'dry', why: 'moisture', says: 'Measure its moisture; without a meter, hold a plastic sheet on it overnight and look for drops.' },
  alkali: { id: 'alkali', says: 'Fresh mineral ground: test its pH.' },
  block: { id: 'block', name: 'Stain block', says: 'Stain blocked with a primer made for it, a spot tried first.', dwell: 60 * minutes },
  edges: { id: 'edges', says: 'Seal cut edges first.' },
  filler: { id: 'filler', grit: { coarse: 180, fine: 240 }, says: 'Filler sanded dry, cut with P80, finished P180 to P240; blown off.' },
  abrade: { id: 'abrade', says: 'Abrade.' },
  wipe: { id: 'wipe', name: 'Last wipe', says: 'Last wipe with a clean cloth and the cleaner the sheet names; gloves from here on.', dwell: 3 * minutes, touched: true },
  adhesion: { id: 'adhesion', name: 'Adhesion promoter', says: 'Adhesion promoter, a thin coat, flashed as its sheet says.', dwell: 10 * minutes, touched: true },
  static: { id: 'static', says: 'Wipe with an antistatic cleaner and leave it grounded.', lapses: 60 * minutes },
  tack: { id: 'tack', says: 'Tack off just before spraying, lightly.', lapses: 15 * minutes, touched: true },
} satisfies Record<string, PrepStep>;
export type PrepStepKey = keyof typeof prepSteps;
