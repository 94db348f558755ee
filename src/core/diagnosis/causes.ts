import type { Finding } from './findings';

/** What makes defects, what shows it, and the one thing to change. */
export interface Cause {
  readonly name: string;
  /** The first single thing to change. */
  readonly change: string;
  /** What the next card or piece should then show. */
  readonly expect: string;
  /** How many times likelier each finding is with this cause than without it. */
  readonly shows: Partial<Record<Finding, number>>;
}

/** Weights are judgements of the trade, kept as plain numbers so that anyone can read and argue with them. */
// prettier-ignore
export const causes = {
  'too-thick': {
    name: 'Mix too thick',
    change: 'Thin to the middle of the band and time it again.',
    expect: 'Finer drops on the card, a flatter surface.',
    shows: { 'again:once': 1.8, 'viscosity:high': 9, 'timed:late': 1.8, 'card:coarse': 3, 'card:heavy-centre': 3, 'feel:wet': 1.6, 'heat:cold': 1.6, 'where:all': 1.5, 'when:spraying': 1.3 },
  },
  'over-thinned': {
    name: 'Mix too thin',
    change: 'Bring it back with unthinned mix to the middle of the band.',
    expect: 'The same speed leaves a fuller film that stays where it is.',
    shows: { 'again:once': 1.6, 'viscosity:low': 9, 'thinner:over': 6, 'film:thin': 2, 'look:see-through': 1.8, 'feel:wet': 1.3, 'when:days': 1.3, 'feel:smooth': 1.2 },
  },
  'cold': {
    name: 'Too cold: paint, part or room',
    change: 'Bring paint and part into the sheet’s range before the next coat.',
    expect: 'The cup reads lower at the same mix, and it flashes in the sheet’s time.',
    shows: { 'heat:cold': 9, 'viscosity:high': 2, 'when:hours': 1.8, 'feel:wet': 1.3, 'where:all': 1.2 },
  },
  'air-low': {
    name: 'Too little air for the fluid',
    change: 'Raise the air one step and spray a card.',
    expect: 'Smaller drops, the middle of the card no longer heavy.',
    shows: { 'again:returns': 2, 'pressure:low': 8, 'card:coarse': 5, 'card:heavy-centre': 4, 'card:tails': 2.5, 'feel:wet': 1.6, 'where:all': 1.3 },
  },
  'air-high': {
    name: 'Too much air for the fluid',
    change: 'Lower the air one step and spray a card.',
    expect: 'Less mist, a wetter landing, a card without a gap in its middle.',
    shows: { 'pressure:high': 8, 'card:split': 5, 'card:dry': 4, 'feel:dry': 2.5, 'look:grain': 1.8, 'where:all': 1.2 },
  },
  'too-far': {
    name: 'Gun too far off',
    change: 'Come closer by a fifth and keep the pace.',
    expect: 'The film lands wet and the grain goes.',
    shows: { 'distance:far': 9, 'feel:dry': 3, 'look:grain': 2.5, 'card:dry': 3, 'film:thin': 1.8, 'where:edges': 1.2 },
  },
  'too-near': {
    name: 'Gun too close',
    change: 'Back off by a fifth and keep the pace.',
    expect: 'A wider fan and a thinner, evener coat.',
    shows: { 'distance:near': 9, 'film:thick': 2.5, 'feel:wet': 2, 'where:bands': 1.8, 'look:bubbles': 1.3 },
  },
  'too-fast': {
    name: 'Hand too quick',
    change: 'Move at the pace the setting names.',
    expect: 'The comb reads the wet film that is wanted.',
    shows: { 'speed:fast': 9, 'film:thin': 4, 'feel:dry': 1.8, 'look:see-through': 2, 'where:all': 1.2, 'where:bands': 1.2 },
  },
  'too-slow': {
    name: 'Hand too slow, or the trigger held at the turns',
    change: 'Move at the pace the setting names and let go past the edge.',
    expect: 'The comb reads the wet film that is wanted, at the ends too.',
    shows: { 'speed:slow': 9, 'film:thick': 4, 'feel:wet': 2.2, 'where:edges': 2, 'where:thick': 1.8 },
  },
  'nozzle-large': {
    name: 'Nozzle too large for this mix',
    change: 'Fit the next smaller nozzle.',
    expect: 'Less fluid, finer drops at the same air.',
    shows: { 'nozzle:large': 9, 'film:thick': 2.2, 'card:coarse': 2, 'feel:wet': 1.7 },
  },
  'nozzle-small': {
    name: 'Nozzle too small for this mix',
    change: 'Fit the next larger nozzle.',
    expect: 'The fluid keeps up with the air and the fan fills.',
    shows: { 'nozzle:small': 9, 'film:thin': 2.2, 'card:dry': 2, 'card:split': 1.8, 'feel:dry': 1.7, 'viscosity:high': 1.3 },
  },
  'heavy-film': {
    name: 'Too much film in one coat',
    change: 'Lay it in two lighter coats with the flash between.',
    expect: 'Each comb inside its range; nothing moves, nothing pops.',
    shows: { 'film:thick': 7, 'where:thick': 4, 'where:low': 2, 'look:bubbles': 1.8, 'feel:wet': 1.6, 'when:minutes': 1.4 },
  },
  'light-film': {
    name: 'Too little film',
    change: 'Another coat inside the recoat window, or slower strokes.',
    expect: 'The comb reads the film that is wanted.',
    shows: { 'film:thin': 7, 'look:see-through': 4, 'where:edges': 1.3, 'feel:smooth': 1.2 },
  },
  'overlap-short': {
    name: 'Strokes too far apart or uneven',
    change: 'Close the spacing to the next school of overlap and quicken to match.',
    expect: 'No stripes across the strokes.',
    shows: { 'overlap:short': 7, 'film:uneven': 4, 'where:bands': 6, 'look:patchy': 1.5 },
  },
  'wet-edge-lost': {
    name: 'Wet edge lost between sections',
    change: 'Divide the face where a line does not show, and keep to a slower thinner the sheet names.',
    expect: 'Each stroke melts into the last.',
    shows: { 'where:bands': 2.5, 'where:edges': 1.6, 'heat:hot': 2, 'damp:dry': 1.8, 'thinner:fast': 2, 'feel:dry': 1.6, 'when:spraying': 1.3 },
  },
  'edge-technique': {
    name: 'Edges sprayed twice, or the stroke stops on them',
    change: 'Edges first with one light stroke, then the face with its ends past the part.',
    expect: 'Film at the edge no heavier than in the middle.',
    shows: { 'where:edges': 6, 'film:uneven': 1.8, 'film:thick': 1.4 },
  },
  'blend-technique': {
    name: 'Fade too short or too wet at its end',
    change: 'Let each coat reach a step beyond the last and fade it out by the wrist.',
    expect: 'No edge seen against the light.',
    shows: { 'where:edges': 2.5, 'where:bands': 2, 'look:patchy': 1.6, 'feel:dry': 1.5 },
  },
  'flash-short': {
    name: 'Coats stacked before they had flashed',
    change: 'Wait until a touch leaves it tacky, not wet, before the next coat.',
    expect: 'No bubbles and no sinking back.',
    shows: { 'flash:short': 9, 'look:bubbles': 2, 'when:hours': 1.6, 'when:days': 1.6, 'where:thick': 1.4, 'film:thick': 1.3 },
  },
  'recoat-late': {
    name: 'Recoated after its window had closed',
    change: 'Let it harden, scuff it all over, clean, recoat.',
    expect: 'A cross cut on a trial piece holds.',
    shows: { 'recoat:late': 9, 'abrade:skipped': 2.5, 'below:coat-below': 3, 'when:days': 1.5 },
  },
  'thinner-fast': {
    name: 'Thinner too quick for the heat',
    change: 'The next slower thinner the sheet names.',
    expect: 'The film stays open long enough to flow out.',
    shows: { 'thinner:fast': 8, 'heat:hot': 3, 'feel:dry': 1.9, 'look:milky': 1.6, 'look:bubbles': 1.6, 'when:minutes': 1.3 },
  },
  'thinner-slow': {
    name: 'Thinner too slow for the cold',
    change: 'The next quicker thinner the sheet names, or warmth.',
    expect: 'It sets in the sheet’s time.',
    shows: { 'thinner:slow': 8, 'heat:cold': 2, 'feel:wet': 1.9, 'when:hours': 1.4 },
  },
  'damp-air': {
    name: 'Air too damp',
    change: 'Wait for drier air or warm the room before the next coat.',
    expect: 'It dries clear.',
    shows: { 'damp:humid': 8, 'dew:tight': 3, 'look:milky': 4, 'when:minutes': 1.4 },
  },
  'dew': {
    name: 'Part near the dew point',
    change: 'Warm the part until it stands 3 °C above the dew point.',
    expect: 'No haze, no film of water under the coat.',
    shows: { 'dew:tight': 9, 'damp:humid': 2, 'look:milky': 2.5, 'below:bare': 1.4 },
  },
  'hot-dry': {
    name: 'Room too hot or too dry',
    change: 'Cool the room or spray in the morning; calm the air on the part.',
    expect: 'It lands wet and closes its surface slower.',
    shows: { 'heat:hot': 6, 'damp:dry': 5, 'feel:dry': 2, 'look:bubbles': 1.5, 'look:broken': 1.5, 'when:minutes': 1.3 },
  },
  'oil-silicone': {
    name: 'Oil, wax or silicone on the part',
    change: 'Degrease twice with clean cloths and change gloves; then a trial piece.',
    expect: 'It wets out without a crater.',
    shows: { 'prep:skipped': 5, 'look:clean': 5, 'where:spots': 3, 'when:spraying': 1.8, 'again:once': 1.6 },
  },
  'line-water': {
    name: 'Water or oil from the air line',
    change: 'Drain tank and separator, change the filter, blow out the hose.',
    expect: 'A card sprayed with air alone stays dry and clean.',
    shows: { 'water:likely': 8, 'again:returns': 2.5, 'look:clean': 2.5, 'look:milky': 1.5, 'damp:humid': 1.8, 'where:spots': 1.8, 'when:spraying': 1.3 },
  },
  'dust': {
    name: 'Dust left on the part or in the air',
    change: 'Wet the floor, blow off, tack just before the coat.',
    expect: 'A clean panel beside the work stays clean.',
    shows: { 'tack:late': 7, 'specks:settled': 4, 'specks:fibres': 3, 'specks:rim': 3, 'prep:skipped': 2, 'look:speck': 5, 'where:spots': 2, 'when:minutes': 1.4 },
  },
  'static': {
    name: 'Static that draws dust',
    change: 'Ground the part and wipe it with an antistatic wipe just before.',
    expect: 'Fluff no longer flies to it.',
    shows: { 'charged:left': 5, 'damp:dry': 4, 'look:speck': 4, 'specks:rim': 1.5, 'tack:late': 1.4, 'where:all': 1.6, 'again:returns': 1.8, 'where:edges': 1.3 },
  },
  'air-stirred': {
    name: 'Air stirred into the mix',
    change: 'Stir slower, let it stand, strain it.',
    expect: 'No bubbles rise in the cup.',
    shows: { 'look:bubbles': 4, 'rest:skipped': 3, 'when:spraying': 2, 'where:all': 1.8, 'viscosity:high': 1.4 },
  },
  'pot-old': {
    name: 'Mix past its pot life',
    change: 'Discard it, clean the gun, mix afresh.',
    expect: 'The cup reads as it did when it was mixed.',
    shows: { 'again:once': 1.8, 'timed:late': 1.6, 'specks:all': 1.6, 'pot:old': 9, 'viscosity:high': 2.5, 'look:grain': 1.5, 'card:coarse': 1.5, 'where:all': 1.2 },
  },
  'mix-off': {
    name: 'Parts off their ratio or not stirred together',
    change: 'Weigh the next batch part by part and stir to the bottom.',
    expect: 'A trial piece cures in the sheet’s time.',
    shows: { 'mix:off': 9, 'rest:skipped': 2, 'when:days': 2, 'where:spots': 1.3 },
  },
  'not-stirred': {
    name: 'Settled: not stirred often enough',
    change: 'Stir to the bottom and every quarter of an hour.',
    expect: 'The same colour and hiding from first to last.',
    shows: { 'stir:late': 7, 'look:patchy': 3, 'look:see-through': 1.8, 'where:bands': 1.2 },
  },
  'can-old': {
    name: 'Paint past its date, or open too long',
    change: 'Take a can in date and spray a card beside the old one.',
    expect: 'The card from the fresh can is clean and cures in its time.',
    shows: { 'can:old': 8, 'look:grain': 1.6, 'again:once': 1.3, 'where:all': 1.2 },
  },
  'lot': {
    name: 'Another lot than before',
    change: 'Box the lots, or keep a break between them.',
    expect: 'No change of shade from can to can.',
    shows: { 'lot:new': 6, 'look:patchy': 2, 'again:once': 1.4 },
  },
  'cap-blocked': {
    name: 'Hole in the cap blocked',
    change: 'Turn the cap half round; if the pattern turns with it, soak and brush the cap.',
    expect: 'A symmetric card.',
    shows: { 'turns:with-cap': 9, 'card:one-sided': 5, 'where:one-end': 4, 'wiped:late': 3, 'cleaned:left': 2.5 },
  },
  'horn-blocked': {
    name: 'One horn of the cap blocked',
    change: 'Clear the horn with a wooden pick, never steel.',
    expect: 'A straight card.',
    shows: { 'card:crescent': 9, 'turns:with-cap': 3, 'where:one-end': 1.5, 'wiped:late': 2, 'cleaned:left': 2 },
  },
  'nozzle-dirty': {
    name: 'Dirt or a nick on one side of the nozzle',
    change: 'Clean the nozzle; if it stays, renew nozzle and needle together.',
    expect: 'A symmetric card whichever way the cap is turned.',
    shows: { 'again:returns': 1.8, 'turns:stays': 9, 'card:one-sided': 4, 'where:one-end': 3, 'wear:worn': 2, 'struck:yes': 6, 'cleaned:left': 2 },
  },
  'nozzle-loose': {
    name: 'Nozzle loose or packing dry: air gets into the fluid',
    change: 'Tighten the nozzle, grease and nip up the packing.',
    expect: 'A steady card without splashes.',
    shows: { 'card:spitting': 5, 'again:returns': 2.5, 'where:spots': 1.4, 'when:spraying': 1.3, 'struck:yes': 2.5 },
  },
  'starved': {
    name: 'Fluid starved: vent blocked, cup low or tilted, strainer full',
    change: 'Clear the vent, fill the cup, look at the strainer.',
    expect: 'A steady flow to the end of the stroke.',
    shows: { 'card:spitting': 4, 'film:uneven': 1.8, 'again:once': 2, 'feel:dry': 1.3, 'film:thin': 1.5, 'cleaned:left': 2 },
  },
  'worn': {
    name: 'Tip or nozzle worn',
    change: 'Renew it and spray a card.',
    expect: 'The fan at its old width, the flow as it was.',
    shows: { 'wear:worn': 9, 'card:tails': 2, 'card:heavy-centre': 2, 'film:thick': 1.6, 'again:returns': 2, 'film:uneven': 1.3 },
  },
  'pump-low': {
    name: 'Pump pressure too low to close the fan',
    change: 'Raise it in steps until the tails close, no further.',
    expect: 'A fan without fingers at its ends.',
    shows: { 'again:returns': 2.2, 'card:tails': 6, 'pressure:low': 4, 'where:bands': 2 },
  },
  'thirsty': {
    name: 'Thirsty or porous surface',
    change: 'Seal it with a thin coat first, and let that dry.',
    expect: 'The next coat stays on top.',
    shows: { 'below:bare': 3, 'look:patchy': 1.8, 'film:thin': 1.8, 'look:bubbles': 1.8, 'when:minutes': 1.4, 'when:hours': 1.3 },
  },
  'poor-key': {
    name: 'No key: not abraded or not clean below',
    change: 'Back to a sound layer, abrade with the grit the coat wants, clean, recoat.',
    expect: 'A cross cut holds.',
    shows: { 'abrade:skipped': 6, 'prep:skipped': 4, 'below:coat-below': 1.8, 'below:bare': 2, 'when:days': 1.5 },
  },
  'attack-below': {
    name: 'Solvent attacks the coat below',
    change: 'Let the coat below harden, or isolate it with a sealer.',
    expect: 'No lifting on a trial piece.',
    shows: { 'below:coat-below': 3.5, 'look:broken': 3.5, 'when:minutes': 2.2, 'flash:short': 1.6, 'film:thick': 1.5 },
  },
  'soft-below': {
    name: 'Coat below still moving or shrinking',
    change: 'Let it cure through before it is flatted or covered.',
    expect: 'Scratches and edges stay away for weeks.',
    shows: { 'below:coat-below': 2, 'when:days': 3, 'flash:short': 2, 'film:thick': 2, 'heat:cold': 1.5 },
  },
  'flex': {
    name: 'Film too thick or too hard for what moves below it',
    change: 'Strip to sound, lay less film, or a system for that surface.',
    expect: 'No crack on a bent trial piece.',
    shows: { 'look:broken': 2.5, 'film:thick': 3.5, 'when:days': 3 },
  },
  'wet-steel': {
    name: 'Bare metal stayed damp before or under the coat',
    change: 'Dry it at once, prime within the hour, hold the dew margin.',
    expect: 'No brown through the first coat.',
    shows: { 'below:bare': 4, 'dew:tight': 2.5, 'damp:humid': 2.5, 'when:minutes': 1.3, 'prep:skipped': 1.8 },
  },
  'drift': {
    name: 'Overspray drifting back onto the work',
    change: 'Spray toward the draw of the booth, and start at the far side.',
    expect: 'No grain on what was sprayed first.',
    shows: { 'look:grain': 2.5, 'feel:dry': 1.8, 'where:edges': 1.5, 'where:one-end': 2, 'pressure:high': 1.6, 'distance:far': 1.6 },
  },
  'big-drops': {
    name: 'Drops too large to stay in the fan',
    change: 'Thin to the band, then raise the pressure a step.',
    expect: 'Nothing falls short of the work.',
    shows: { 'again:once': 1.6, 'card:coarse': 4, 'pressure:low': 3, 'viscosity:high': 3, 'feel:wet': 1.4 },
  },
} as const satisfies Record<string, Cause>;

export type CauseId = keyof typeof causes;
