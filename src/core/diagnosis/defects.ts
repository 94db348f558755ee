import type { CauseId } from './causes';

/** How a defect is put right: by what it is, not by its name. */
export type ReworkKind =
  'surface' | 'crater' | 'bubble' | 'colour' | 'thin' | 'haze' | 'adhesion' | 'cure' | 'rust' | 'gun' | 'sag';

export interface Defect {
  readonly name: string;
  /** What is seen, and what the finger feels. */
  readonly sees: string;
  readonly feels: string;
  /** How often each cause is behind it, before anything is known: relative weights. */
  readonly causes: Partial<Record<CauseId, number>>;
  readonly rework: ReworkKind;
  /** s until it may have left by itself: before then it is too early to judge. */
  readonly mayLeave?: number;
  /** s after which to look again, because it may only show then. */
  readonly lookAgain?: readonly number[];
}

const hour = 3600;
const day = 24 * hour;
const week = 7 * day;
const month = 30 * day;
const year = 365 * day;

// prettier-ignore
export const defects = {
  'orange-peel': { name: 'Orange peel', sees: 'A skin of small dimples, like citrus.', feels: 'Waves under the fingertip.', rework: 'surface', mayLeave: 20 * 60, causes: { 'too-thick': 6, 'air-low': 5, 'cold': 3, 'too-far': 3, 'thinner-fast': 3, 'too-fast': 3, 'light-film': 2, 'air-high': 2, 'nozzle-large': 2, 'hot-dry': 2, 'pot-old': 1.5, 'too-near': 1, 'worn': 1 } },
  'dry-spray': { name: 'Dry spray', sees: 'A dull, sandy surface.', feels: 'Rough, as fine sandpaper.', rework: 'surface', causes: { 'too-far': 6, 'air-high': 5, 'too-fast': 4, 'thinner-fast': 3, 'hot-dry': 3, 'drift': 3, 'nozzle-small': 2, 'starved': 1.5, 'pot-old': 1 } },
  'runs': { name: 'Runs and sags', sees: 'Curtains or tears that slid down.', feels: 'Thick, often soft inside.', rework: 'sag', causes: { 'too-slow': 6, 'heavy-film': 5, 'over-thinned': 5, 'too-near': 4, 'flash-short': 3, 'cold': 3, 'nozzle-large': 3, 'thinner-slow': 2, 'worn': 1.5, 'edge-technique': 1 } },
  'mottling': { name: 'Mottling', sees: 'Cloudy light and dark patches in a metallic.', feels: 'Smooth.', rework: 'colour', causes: { 'heavy-film': 5, 'over-thinned': 4, 'not-stirred': 4, 'flash-short': 3, 'overlap-short': 3, 'air-low': 2, 'thinner-slow': 3, 'too-near': 2, 'cold': 1.5 } },
  'stripes': { name: 'Stripes and bands', sees: 'Light and dark bands along the strokes.', feels: 'Ridges where strokes meet, or smooth.', rework: 'colour', causes: { 'overlap-short': 7, 'too-near': 3, 'too-fast': 2, 'cap-blocked': 2, 'nozzle-dirty': 2, 'air-high': 2, 'pump-low': 2, 'worn': 1.5, 'not-stirred': 1 } },
  'fish-eyes': { name: 'Fish-eyes', sees: 'Round holes the paint drew back from, often to the coat below.', feels: 'Small pits with a rim.', rework: 'crater', causes: { 'oil-silicone': 8, 'line-water': 5, 'poor-key': 1 } },
  'craters': { name: 'Craters', sees: 'Pits with a speck or nothing in the middle.', feels: 'Pits with a rim.', rework: 'crater', causes: { 'oil-silicone': 5, 'line-water': 4, 'dust': 4, 'drift': 1.5, 'can-old': 0.7 } },
  'solvent-pop': { name: 'Solvent pop', sees: 'Pinhead blisters, some burst, where the film is thick.', feels: 'Fine points.', rework: 'bubble', lookAgain: [day], causes: { 'heavy-film': 6, 'flash-short': 6, 'thinner-fast': 3, 'hot-dry': 3, 'too-slow': 2, 'thinner-slow': 1.5 } },
  'die-back': { name: 'Die-back', sees: 'Gloss that was there is gone after days.', feels: 'Smooth, dull.', rework: 'surface', lookAgain: [2 * day, week, month], causes: { 'flash-short': 6, 'heavy-film': 4, 'soft-below': 4, 'over-thinned': 3, 'thinner-slow': 2, 'cold': 2, 'mix-off': 2, 'damp-air': 1.5 } },
  'pinholes': { name: 'Pinholes', sees: 'Needle holes down to the coat below or the filler.', feels: 'Hardly felt, seen against the light.', rework: 'bubble', causes: { 'thirsty': 5, 'air-stirred': 5, 'heavy-film': 3, 'air-high': 2, 'flash-short': 3, 'hot-dry': 2 } },
  'blushing': { name: 'Blushing', sees: 'A whitish bloom soon after spraying.', feels: 'Smooth, dull.', rework: 'haze', mayLeave: 2 * hour, causes: { 'damp-air': 7, 'dew': 5, 'thinner-fast': 4, 'line-water': 2, 'air-high': 1 } },
  'cloudiness': { name: 'Cloudiness, milkiness', sees: 'A milky film that should be clear.', feels: 'Smooth.', rework: 'haze', mayLeave: day, lookAgain: [day, week], causes: { 'heavy-film': 6, 'damp-air': 4, 'cold': 4, 'flash-short': 3, 'dew': 2, 'mix-off': 2, 'line-water': 1.5 } },
  'foam': { name: 'Foam', sees: 'Bubbles that stand in the film.', feels: 'Small domes.', rework: 'bubble', mayLeave: 15 * 60, causes: { 'air-stirred': 6, 'heavy-film': 4, 'air-high': 2, 'too-thick': 3, 'too-near': 1.5, 'starved': 1.5 } },
  'wrinkling': { name: 'Wrinkling', sees: 'A surface drawn into folds.', feels: 'Skin over soft.', rework: 'adhesion', causes: { 'heavy-film': 6, 'attack-below': 4, 'hot-dry': 3, 'flash-short': 4, 'light-film': 1.5, 'cold': 1 } },
  'lifting': { name: 'Lifting', sees: 'The coat below swells and comes up.', feels: 'Loose, puckered.', rework: 'adhesion', causes: { 'attack-below': 8, 'flash-short': 3, 'recoat-late': 3, 'poor-key': 3, 'soft-below': 2 } },
  'alligatoring': { name: 'Alligatoring', sees: 'Scales with cracks between them.', feels: 'Hard islands over soft.', rework: 'adhesion', lookAgain: [month, year], causes: { 'flex': 4, 'heavy-film': 4, 'soft-below': 5, 'attack-below': 2 } },
  'cracking': { name: 'Cracking', sees: 'Lines through the film.', feels: 'Edges catch a nail.', rework: 'adhesion', lookAgain: [month, year], causes: { 'flex': 6, 'heavy-film': 4, 'soft-below': 3, 'hot-dry': 2, 'mix-off': 3, 'can-old': 0.7 } },
  'dust': { name: 'Dust and lint', sees: 'Specks and fibres in the surface.', feels: 'Single points.', rework: 'surface', causes: { 'dust': 7, 'static': 4, 'drift': 2, 'pot-old': 1, 'can-old': 0.7 } },
  'poor-hiding': { name: 'Poor hiding', sees: 'What is below shows through under strong light.', feels: 'Smooth.', rework: 'thin', causes: { 'light-film': 6, 'over-thinned': 4, 'not-stirred': 4, 'too-fast': 3, 'overlap-short': 2, 'thirsty': 1.5, 'lot': 1 } },
  'lap-line': { name: 'Lap line', sees: 'A dull line where two passes met.', feels: 'A rough seam.', rework: 'colour', causes: { 'wet-edge-lost': 7, 'thinner-fast': 3, 'hot-dry': 3, 'drift': 2, 'overlap-short': 2 } },
  'heavy-edges': { name: 'Heavy edges', sees: 'Fat edges, darker or sagging.', feels: 'A bead along the edge.', rework: 'sag', causes: { 'edge-technique': 7, 'too-slow': 4, 'too-near': 2, 'over-thinned': 2, 'heavy-film': 2 } },
  'scratch-swelling': { name: 'Scratch swelling', sees: 'Sanding marks that grew after the coat.', feels: 'Fine lines.', rework: 'surface', lookAgain: [2 * day, 2 * week], causes: { 'soft-below': 6, 'heavy-film': 3, 'attack-below': 4, 'flash-short': 3, 'thinner-slow': 2 } },
  'shrinkage': { name: 'Shrinkage of filler', sees: 'The edge of a repair shows through after days.', feels: 'A step or hollow.', rework: 'surface', lookAgain: [week, month, 3 * month], causes: { 'soft-below': 7, 'heavy-film': 4, 'flash-short': 3, 'mix-off': 2, 'cold': 2 } },
  'spitting': { name: 'Spitting', sees: 'Coarse drops among fine ones.', feels: 'Bumps.', rework: 'gun', causes: { 'nozzle-loose': 6, 'starved': 6, 'line-water': 2, 'pot-old': 2, 'too-thick': 2 } },
  'surging': { name: 'Surging', sees: 'The fan breathes: heavy, light, heavy.', feels: 'Thick and thin by turns.', rework: 'gun', causes: { 'starved': 6, 'nozzle-loose': 4, 'too-thick': 3, 'pump-low': 2, 'air-low': 1.5 } },
  'tails': { name: 'Tails', sees: 'Fingers at both ends of the fan.', feels: 'Two ridges a stroke.', rework: 'gun', causes: { 'pump-low': 7, 'worn': 4, 'too-thick': 4, 'air-low': 2, 'air-high': 1.5 } },
  'crescent': { name: 'Crescent pattern', sees: 'A fan bent like a moon.', feels: 'Heavier to one side.', rework: 'gun', causes: { 'horn-blocked': 9, 'cap-blocked': 2, 'nozzle-dirty': 1.5 } },
  'split': { name: 'Split pattern', sees: 'Little in the middle, much at both ends.', feels: 'Two ridges a stroke.', rework: 'gun', causes: { 'air-high': 7, 'nozzle-small': 4, 'over-thinned': 3, 'starved': 2 } },
  'one-sided': { name: 'One-sided pattern', sees: 'Heavy at one end of the fan.', feels: 'A ridge a stroke.', rework: 'gun', causes: { 'cap-blocked': 6, 'nozzle-dirty': 6, 'horn-blocked': 2, 'worn': 1.5 } },
  'soft-cure': { name: 'Soft or slow cure', sees: 'Nothing; it prints for days.', feels: 'A nail leaves a mark.', rework: 'cure', lookAgain: [2 * day, week], causes: { 'mix-off': 7, 'cold': 6, 'heavy-film': 4, 'thinner-slow': 3, 'damp-air': 2, 'flash-short': 2, 'lot': 1, 'can-old': 1.5 } },
  'peeling': { name: 'Peeling', sees: 'The coat comes off in sheets.', feels: 'Loose.', rework: 'adhesion', lookAgain: [month, year], causes: { 'poor-key': 7, 'recoat-late': 6, 'oil-silicone': 4, 'dew': 3, 'mix-off': 2, 'attack-below': 1 } },
  'flash-rust': { name: 'Flash rust', sees: 'Brown bloom on steel or through the first coat.', feels: 'Dusty.', rework: 'rust', lookAgain: [month, year], causes: { 'wet-steel': 8, 'dew': 5, 'light-film': 3, 'damp-air': 2 } },
  'lost-sheen': { name: 'Lost sheen', sees: 'Less gloss than the sheet’s, or patchy gloss.', feels: 'Smooth.', rework: 'surface', lookAgain: [2 * day, week], causes: { 'over-thinned': 7, 'thirsty': 3, 'thinner-fast': 2, 'damp-air': 3, 'light-film': 2, 'dew': 2, 'not-stirred': 3, 'too-far': 1.5, 'can-old': 1.2 } },
  'fall-out': { name: 'Wet fall-out', sees: 'Large drops on the floor and on the lower part.', feels: 'Bumps below the stroke.', rework: 'gun', causes: { 'big-drops': 7, 'pump-low': 3, 'too-thick': 3, 'worn': 3, 'air-low': 3 } },
  'drift': { name: 'Drift of overspray', sees: 'Grain on what was sprayed first or stands beside.', feels: 'Fine grit.', rework: 'surface', causes: { 'drift': 7, 'air-high': 5, 'too-far': 4 } },
  'blend-edge': { name: 'Blend edge showing', sees: 'A ring or a step where the fade ends.', feels: 'A dry edge.', rework: 'colour', lookAgain: [2 * day, month], causes: { 'blend-technique': 8, 'drift': 2, 'air-high': 2, 'thinner-fast': 2, 'heavy-film': 2 } },
} as const satisfies Record<string, Defect>;

export type DefectId = keyof typeof defects;
export const defectIds = Object.keys(defects) as DefectId[];
