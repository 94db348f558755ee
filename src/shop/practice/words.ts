import type { Drill, DrillId, HandFault, Judged, Pull } from '@/core/practice';
import type { GunAction, GunTrouble } from '@/standins/practicegun';
import type { Units } from '@/words/units';
import { amount, written } from '@/words/figures';

// prettier-ignore
export const drillWords: Record<DrillId, { readonly name: string; readonly says: string }> = {
  flat: { name: 'Flat panel', says: 'One even coat. First stroke centred on the top edge, last on the bottom one; trigger before the panel, let go past it.' },
  edges: { name: 'Edges first', says: 'A stroke along the top edge and one along the bottom, then the face between them.' },
  'drop-coat': { name: 'Metallic drop coat', says: 'A light coat from further off, closely overlapped: heavy is darker, light is lighter.' },
  upright: { name: 'Upright, no runs', says: 'A heavy coat on a panel that stands. What is too thick slides.' },
  blend: { name: 'Blend', says: 'Full film at the left, fading to nothing before the right: let the trigger go earlier, or arc out.' },
};

/** What the hand should do instead, and what it would have gained. */
export function faultWords(
  fault: HandFault,
  { hand, pace }: Pick<Judged, 'hand' | 'pace'>,
  drill: Drill,
  units: Units,
): string {
  switch (fault) {
    case 'speed':
      return `${pace < hand.speed ? 'Slower' : 'Quicker'}: you moved at ${written(amount('speed', hand.speed), units)}, with these strokes ${written(amount('speed', pace), units)} would have laid the film.`;
    case 'unsteady':
      return `Steadier within a stroke: your speed varied by ${written(amount('share', hand.varied), units, { digits: 0 })}.`;
    case 'spacing':
      return `Evener spacing: your strokes lay ${written(amount('distance', hand.spacing), units)} apart on the average, give or take ${written(amount('share', hand.spacingSpread), units, { digits: 0 })}; ${written(amount('distance', drill.spacing), units)} is wanted.`;
    case 'lead':
      return hand.lead < drill.lead / 2
        ? `Trigger earlier and let go later: strokes began and ended ${hand.lead < 0 ? `${written(amount('distance', -hand.lead), units)} inside the panel` : `only ${written(amount('distance', hand.lead), units)} past its edge`}.`
        : `Let every stroke run past the edge: where you pulled and let go varied by ${written(amount('distance', hand.leadSpread), units)}.`;
    case 'bow':
      return `Straighter strokes: they bowed by ${written(amount('distance', hand.bow), units)}. Move the arm, not the wrist.`;
  }
}

/** What the last stroke showed, said as soon as it ends. */
export function pullNotes(pull: Pull, before: Pull | undefined, drill: Drill, units: Units): string[] {
  const notes: string[] = [];
  const off = pull.speed / drill.speed - 1;
  if (Math.abs(off) > 0.15)
    notes.push(`${written(amount('speed', pull.speed), units)}, too ${off > 0 ? 'quick' : 'slow'}`);
  const far = pull.upright ? drill.height : drill.width;
  const leads = [-Math.min(pull.from, pull.to), Math.max(pull.from, pull.to) - far];
  if (Math.min(...leads) < 0.02 && !drill.wanted) notes.push('trigger pulled or let go on the panel');
  if (before && before.upright === pull.upright) {
    const apart = Math.abs(pull.place - before.place);
    if (Math.abs(apart / drill.spacing - 1) > 0.2)
      notes.push(
        `${written(amount('distance', apart), units)} from the last, ${written(amount('distance', drill.spacing), units)} wanted`,
      );
  }
  if (Math.abs(pull.bow) > 0.02)
    notes.push(`bowed ${written(amount('distance', Math.abs(pull.bow)), units)}`);
  return notes.length > 0 ? notes : ['steady'];
}

/** One sentence for a whole run. */
export function runWords(judged: Judged, drill: Drill, units: Units): string {
  const { inside, runs, gains, edgesFirst } = judged;
  if (drill.id === 'edges' && !edgesFirst) return 'The two long edges come first, then the face.';
  if (runs > 0) return `${runs} ${runs === 1 ? 'place runs' : 'places run'}: quicker there, or less overlap.`;
  const [worst] = gains;
  if (worst) return faultWords(worst.fault, judged, drill, units);
  return inside > 0.9 ? 'As even as a hand lays it.' : 'No one thing: each a little. Try it again.';
}

export const troubleWords: Record<GunTrouble, string> = {
  'air-low': 'too little air',
  'air-high': 'too much air for the fluid',
  'too-thick': 'paint too thick for the air',
  'cap-blocked': 'a blocked hole in the cap',
  'nozzle-blocked': 'dirt on one side of the nozzle',
  'horn-blocked': 'a blocked horn',
  'nozzle-loose': 'a loose nozzle',
  'vent-blocked': 'a blocked cup vent',
};

export const actionWords: Record<GunAction, string> = {
  'more-air': 'More air',
  'less-air': 'Less air',
  'add-thinner': 'Add thinner',
  nearer: 'Nearer',
  further: 'Further off',
  'turn-cap': 'Turn the cap half round',
  'clean-cap': 'Clean cap and horns',
  'clean-nozzle': 'Clean the nozzle',
  'tighten-nozzle': 'Tighten the nozzle',
  'clear-vent': 'Clear the vent',
};
