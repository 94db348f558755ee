import type { PrepStep } from './prep';

/** The times are defaults: the sheet of what is used decides. */
const minutes = 60;
const hours = 3600;

/** Every step of preparation, with its reason. What depends on ground or coat is filled in by the chain. */
// prettier-ignore
export const prepSteps = {
  dust: { id: 'dust', says: 'Dust the waxed mould with a clean soft cloth: no solvent, no paper, no bare hand.', because: 'What takes off the wax glues the part to its mould.', lapses: 15 * minutes },
  'old-paint': { id: 'old-paint', says: 'Old paint tested for lead and chromate, textured coats for asbestos.', because: 'Sanding them sets free what does not leave the room, or a lung, again. Local codes say who may take it off.', always: true },
  strip: { id: 'strip', says: 'Strip the old coating to sound ground.', because: 'It would lift, or carry its own faults up.' },
  clean: { id: 'clean', says: 'Clean and degrease with two cloths, one wet, one dry.', because: 'Sanding before cleaning rubs grease and salt into the scratch.' },
  degrease: { id: 'degrease', name: 'Degreaser', says: 'Degrease until water wets it all over, cloths turned and changed; then clean again.', because: 'One cloth moves oil from here to there.', dwell: 5 * minutes },
  brush: { id: 'clean', says: 'Brush and vacuum, along the grain.', because: 'Dust in the pores lifts with the first coat.' },
  sweep: { id: 'clean', says: 'Brush off what is loose, vacuum it.', because: 'A coat holds on what it lies on: on dust, on nothing.' },
  dewax: { id: 'dewax', says: 'Release wax off with the cleaner made for it, two cloths, turned often.', because: 'Sanding first drives wax into the scratch: fish-eyes, and a film that peels.' },
  derust: { id: 'derust', says: 'Rust off to bright metal, pits too.', because: 'Rust goes on growing under a film.' },
  whiterust: { id: 'derust', says: 'White rust off with a stiff nylon brush and water; the zinc stays on.', because: 'A film on zinc salts comes off with them.' },
  descale: { id: 'descale', says: 'Mill scale off by blasting or grinding; an etch does not take it.', because: 'Scale springs off later, and the film with it.' },
  blast: { id: 'blast', says: 'Blasted to the grade the sheet names; coated within its hours, often four, before it turns.', because: 'Fresh steel rusts while you look: blast no more than gets its first coat.', lapses: 4 * hours },
  blow: { id: 'blow', says: 'Blow off with dry air, vacuum the corners; no cloth, no etch.', because: 'Grit and fluff in the profile stand through the film.', lapses: 4 * hours },
  etch: { id: 'etch', name: 'Etch', says: 'Etch, kept wet its time.', because: 'What dries on etches unevenly and stays as salt.', dwell: 5 * minutes },
  rinse: { id: 'rinse', name: 'Drying', says: 'Rinse until the water runs clear, unless the etch’s own sheet says not to; dry at once; first coat this shift.', because: 'Acid left under a film blisters it; wet steel rusts while you look.', dwell: 20 * minutes, lapses: 8 * hours },
  open: { id: 'open', says: 'Open the surface: grind or blast off the laitance.', because: 'A film on cement skin comes off with the skin.' },
  moisture: { id: 'dry', says: 'Measure its moisture; without a meter, hold a plastic sheet on it overnight and look for drops.', because: 'Water behind a film pushes it off.' },
  alkali: { id: 'alkali', says: 'Fresh mineral ground: test its pH.', because: 'Lime turns oil and alkyd into soap.' },
  block: { id: 'block', name: 'Stain block', says: 'Stain blocked with a primer made for it, a spot tried first.', because: 'Tannin, soot and water marks rise through every coat that wets them.', dwell: 60 * minutes },
  edges: { id: 'edges', says: 'Seal cut edges first.', because: 'They drink more than the face and swell.' },
  filler: { id: 'filler', says: 'Filler sanded dry, cut with P80, finished P180 to P240; blown off.', because: 'Filler keeps water and lets it out again as blisters and rust.' },
  abrade: { id: 'abrade', says: 'Abrade.', because: 'The next coat fills that scratch: coarser shows through, finer gives it nothing to hold.' },
  wipe: { id: 'wipe', name: 'Last wipe', says: 'Last wipe with a clean cloth and the cleaner the sheet names; gloves from here on.', because: 'A bare hand leaves grease: fish-eyes.', dwell: 3 * minutes, touched: true },
  adhesion: { id: 'adhesion', name: 'Adhesion promoter', says: 'Adhesion promoter, a thin coat, flashed as its sheet says.', because: 'Little holds on this ground by itself; plastics differ, and the sheet names which.', dwell: 10 * minutes, touched: true },
  static: { id: 'static', says: 'Wipe with an antistatic cleaner and leave it grounded.', because: 'A charged part draws dust out of the whole room.', lapses: 60 * minutes },
  tack: { id: 'tack', says: 'Tack off just before spraying, lightly.', because: 'Dust settles again while you wait.', lapses: 15 * minutes, touched: true },
} satisfies Record<string, PrepStep>;
