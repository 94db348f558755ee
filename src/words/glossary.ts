import type { Term } from './terms';

/** A word of the trade: what it is called, what it is, and what goes wrong where it is not minded. */
export interface Meaning {
  readonly name: string;
  readonly is: string;
  readonly matters: string;
}

// prettier-ignore
export const glossary: Record<Term, Meaning> = {
  viscosity: { name: 'Viscosity', is: 'How thick a liquid runs. A paint is sprayed well inside a band of it, given in seconds of a flow cup at one temperature.', matters: 'Too thick it comes out coarse and lies like orange peel; too thin it runs, hides less and dries to less film. It falls with warmth, so the paint’s temperature belongs to every timing.' },
  cup: { name: 'Flow cup', is: 'A cup with a hole of known size. The seconds until its stream breaks tell how thick the paint runs.', matters: 'Each kind of cup has seconds of its own: 25 s in one are 40 s in another. A worn or dirty hole reads short.' },
  solids: { name: 'Volume solids', is: 'The share of the paint, by volume, that stays on the part when everything else has left.', matters: 'Wet film times volume solids is dry film. Thinner lowers it: the same wet film then dries to less.' },
  wet: { name: 'Wet film', is: 'How thick the coat is the moment it lies there. A comb pressed into it reads it.', matters: 'It is what a hand can steer: speed, overlap and fluid. Too much runs, too little does not flow together.' },
  dry: { name: 'Dry film', is: 'How thick the coat is when it has dried. The sheet asks for it, and it is what gets measured.', matters: 'It does the protecting. Too little wears through and rusts; too much cracks, stays soft or lifts.' },
  flash: { name: 'Flash', is: 'The wait after a coat until most of its solvent or water has left and it turns from wet to dull or tacky.', matters: 'A coat laid on one that has not flashed traps what wants to leave: pinholes, sinking, runs.' },
  window: { name: 'Recoat window', is: 'The time in which the next coat bonds by itself: not before it opens, not after it closes.', matters: 'Before it the coat below lifts or wrinkles; after it the next one has nothing to hold on to and is abraded first.' },
  transfer: { name: 'Transfer efficiency', is: 'The share of the solids leaving the gun that lands on the part.', matters: 'What does not land is bought, breathed and swept up. It decides how much is mixed and how fast the hand goes.' },
  overspray: { name: 'Overspray', is: 'What leaves the gun and does not stay on the part: past its edges, and bounced back as dust.', matters: 'It lands dry on what is already done, and on everything else in the room.' },
  fan: { name: 'Fan', is: 'The flat pattern of the spray, as wide as it is at the part.', matters: 'Wider, the same paint lies thinner. Strokes are set apart by a share of it.' },
  overlap: { name: 'Overlap', is: 'How much of the fan each stroke lays over the one before.', matters: 'With half of it every place gets two passes and the edges of the fan even out; with less, stripes show.' },
  nozzle: { name: 'Fluid nozzle, tip', is: 'The hole the paint leaves through: a nozzle with its needle in an air gun, a tip without air. Of a tip code the first figure doubled is the fan in inches at a foot, the last two the hole in thousandths.', matters: 'Too small it gives not enough paint, or wants it thinned too far; too large it floods and spits. A worn one gives more and a narrower fan.' },
  'pot-life': { name: 'Pot life', is: 'How long a mixed two-part paint can be used before it cures in the pot.', matters: 'Past it thinner only hides the thickening: the film never becomes what it should. Warmth halves it about every ten degrees.' },
  ratio: { name: 'Mixing ratio', is: 'How much of each part goes in, by volume or by mass: the two are not the same.', matters: 'Off it the film stays soft or turns brittle, and no bake mends it.' },
  dew: { name: 'Dew margin', is: 'How much warmer the part is than the temperature at which the air’s moisture settles on it.', matters: 'Below three degrees water may lie on the part, seen or not: blush, rust and a film that lets go.' },
  reserve: { name: 'Reserve', is: 'What is mixed beyond what the part should take.', matters: 'Running out half-way through a face shows for ever; a second mix has another age and often another tone.' },
  voc: { name: 'VOC', is: 'The mass of solvent in a litre of paint as it is sprayed: volatile organic compounds.', matters: 'Local rules limit it, and it is what is breathed and what burns.' },
  pressure: { name: 'Pressure', is: 'What drives paint and air, read at one place: the wall, the gun’s inlet, the cap, the tip.', matters: 'A number without its place says nothing: hose and gun take a part of it once the trigger is pulled.' },
  rule: { name: 'Acceptance rule', is: 'What readings of the film have to come to before the work counts as passed.', matters: 'One thin place fails by one rule and passes by another: agree on it before the first coat.' },
};
