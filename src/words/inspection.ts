import type {
  Ask,
  DustReason,
  DustSource,
  Found,
  Light,
  SandNext,
  Standard,
  TouchUp,
  Zone,
} from '@/core/inspection';

export const zoneWords: Record<Zone, string> = {
  edges: 'edges',
  returns: 'returns and reliefs',
  undersides: 'undersides',
  corners: 'corners',
  field: 'open face',
  behind: 'back',
};

/** A round: its name, and what it asks of a place. */
// prettier-ignore
export const askWords: Record<Ask, { readonly name: string; readonly asks: string }> = {
  bare: { name: 'Bare spots', asks: 'Is it covered everywhere?' },
  hiding: { name: 'Hiding', asks: 'Does it hide what is below, with a strong lamp?' },
  dust: { name: 'Dust and lint', asks: 'How many specks and fibres stand in it?' },
  texture: { name: 'Texture', asks: 'Is the texture even, as agreed?' },
  waves: { name: 'Waves', asks: 'Does the reflected line run straight?' },
  colour: { name: 'Colour', asks: 'Does it match the neighbour in both lights?' },
  clean: { name: 'Clean', asks: 'Is it clean and dry?' },
  sound: { name: 'Sound', asks: 'Is what is on it sound?' },
  level: { name: 'Level', asks: 'Is it level and smooth enough?' },
};

/** How each answer reads on its button, and what it means where it is not what was hoped for. */
// prettier-ignore
export const answerWords: Record<Found, { readonly says: string; readonly means?: string }> = {
  covered: { says: 'Covered' },
  bare: { says: 'A bare spot', means: 'A small one is touched up: it goes on the list of misses.' },
  thin: { says: 'Thin, shows through', means: 'Another coat hides it; a touch-up does not.' },
  fat: { says: 'Fat edge' },
  hides: { says: 'Hides' },
  shows: { says: 'Shows through' },
  counted: { says: 'Counted' },
  even: { says: 'Even' },
  peel: { says: 'Orange peel' },
  dry: { says: 'Dry, rough' },
  runs: { says: 'Runs' },
  cloudy: { says: 'Cloudy, striped' },
  pits: { says: 'Pits' },
  straight: { says: 'Straight' },
  short: { says: 'Broken into short waves', means: 'Short waves are the paint’s own: it did not flow out.' },
  long: { says: 'Bent in long waves', means: 'Long waves are the ground’s: they are blocked flat below the colour, not polished out above it.' },
  matches: { says: 'Matches in both' },
  'one-light': { says: 'Matches in one light only', means: 'Other pigments than the neighbour’s: no film thickness mends that. Another mix, or a blend into it.' },
  differs: { says: 'Differs in both', means: 'First rule out haze on the neighbour, a wet film, and film too thin; then the mix.' },
  clean: { says: 'Clean and dry' },
  dusty: { says: 'Dusty', means: 'Vacuum, then tack just before the coat.' },
  greasy: { says: 'Greasy, water draws back', means: 'Degrease twice with clean cloths before any sanding: sanding drives it in.' },
  damp: { says: 'Damp', means: 'Let it dry through before anything goes on.' },
  sound: { says: 'Sound' },
  loose: { says: 'Loose or flaking', means: 'What is loose comes off to where it holds, and its edge is feathered.' },
  soft: { says: 'Soft, a nail marks it', means: 'Nothing holds on what is soft: let it cure, or take it off.' },
  rust: { says: 'Rust or rot', means: 'To bright metal or sound wood, then primed the same shift.' },
  level: { says: 'Level' },
  scratches: { says: 'Scratches', means: 'Paint shows them larger: finer grit before the first coat.' },
  dents: { says: 'Dents, open grain', means: 'Filled and blocked flat; a coat follows every hollow.' },
};

export const lightWords: Record<Light, string> = {
  low: 'Lamp low along the surface, from the left and then from the right: what stands out throws a shadow.',
  square: 'Strong lamp square on, a hand’s length off: what shows through shows now.',
  line: 'A straight lamp or a window frame, seen in the surface: follow its line as you walk past.',
  two: 'Daylight and a warm lamp, one after the other. The neighbour is washed and polished first.',
  below: 'Lamp on the floor, shining up; look with a mirror or kneel.',
};

export const standardNames: Record<Standard, string> = {
  mirror: 'a mirror',
  texture: 'an even texture',
  match: 'a match with its neighbour',
  film: 'its film',
};

export const whenWords = {
  before: 'The surface as it came in',
  between: 'Between coats',
  after: 'The finished part',
} as const;

/** Where dust came from, and the one thing to change. */
// prettier-ignore
export const sourceWords: Record<DustSource, { readonly name: string; readonly change: string }> = {
  cloth: { name: 'Cloths and clothes', change: 'Lint-free wipes, an overall that does not shed, sleeves taped.' },
  wipe: { name: 'Not wiped clean', change: 'Two clean cloths, one wet, one dry, just before.' },
  tack: { name: 'Tacked too early', change: 'Tack right before the coat; dust settles again within minutes.' },
  air: { name: 'What hangs in the air', change: 'Wet the floor, extraction on before the coat, lay flat faces last.' },
  static: { name: 'Static', change: 'Ground the part, antistatic wipe, humidity above a third.' },
  masking: { name: 'Masking, gaps and edges', change: 'Blow out gaps before tacking, new tape edges, no old paper.' },
  gun: { name: 'The paint or the gun itself', change: 'Strain into the cup, rinse the gun, check the air filter.' },
};

// prettier-ignore
export const dustReasons: Record<DustReason, string> = {
  fibres: 'mostly fibres', 'few-fibres': 'a few fibres', 'wipe-skipped': 'wiping was not ticked', 'tack-late': 'not tacked just before', 'tack-ok': 'tacked in time, so not the ground',
  'faces-up': 'thicker on what faced up', 'long-open': 'open for more than half an hour', charges: 'the part charges by itself', 'dry-air': 'the air is dry',
  'antistatic-missed': 'nothing was done against static', 'antistatic-ok': 'antistatic wipe in time', 'at-edges': 'thicker along the edges', everywhere: 'the same everywhere',
};

export const touchUpWords: Record<TouchUp, string> = {
  brush: 'Brush',
  gun: 'Small gun',
  denib: 'Denib',
  polish: 'Polish',
  wipe: 'Wipe off',
};

/** What follows from a round with a guide coat. */
// prettier-ignore
export const sandNextWords: Record<SandNext, { readonly says: string; readonly does: string }> = {
  level: { says: 'Level: the guide is gone everywhere.', does: 'Clean, and go on. Where it is cut through, prime the spot first.' },
  sand: { says: 'Low places are left.', does: 'Another round with a fresh guide coat and the same block, crosswise.' },
  build: { says: 'High places are through, low ones are not.', does: 'Do not dig the high ones: build the low ones with filler primer, then guide coat again.' },
  thin: { says: 'There is no film left to sand off.', does: 'Build it up first, with filler primer or another coat, then guide coat again.' },
  'change-block': { says: 'Round after round leaves the same low places.', does: 'The block rides over them: a longer, harder block, or another coat of filler primer.' },
};
