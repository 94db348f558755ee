import type { Hazard } from './hazards';

export type WorkStage = 'plan' | 'mix' | 'thin' | 'set' | 'spray' | 'check' | 'clean';

export interface Caution {
  readonly hazard: Hazard | 'always';
  /** brick: may injure at once or for life; amber: care. */
  readonly weight: 'stop' | 'care';
  readonly says: string;
}

interface Rule extends Caution {
  readonly at: readonly WorkStage[];
}

const everywhere: readonly WorkStage[] = ['plan', 'mix', 'thin', 'set', 'spray', 'check', 'clean'];
const wetWork: readonly WorkStage[] = ['plan', 'mix', 'thin', 'set', 'spray', 'clean'];

/** Cautions as data: which hazard, at which stages, how heavy, and the sentence. */
// prettier-ignore
const rules: readonly Rule[] = [
  { hazard: 'isocyanate', at: ['plan', 'set', 'spray'], weight: 'stop', says: 'Contains isocyanates. Wear air-fed protection as the safety sheet demands; a cartridge mask is not the default. Also while it flashes.' },
  { hazard: 'isocyanate', at: ['mix', 'thin', 'clean'], weight: 'stop', says: 'Isocyanates in the mix: gloves, eyes, no bare skin, extraction on.' },
  { hazard: 'isocyanate', at: ['check'], weight: 'care', says: 'Half-cured film still carries isocyanates: do not sand it without the protection you sprayed in.' },
  { hazard: 'aziridine', at: wetWork, weight: 'stop', says: 'Aziridine crosslinker: treat it as you would an isocyanate. Keep it off skin and out of the air you breathe.' },
  { hazard: 'sensitiser', at: everywhere, weight: 'care', says: 'Sensitises the skin, as epoxies and acrylates do: no bare skin, gloves changed often, and no sanding of half-cured film without them. Whoever is sensitised stays so.' },
  { hazard: 'peroxide', at: ['plan', 'mix', 'clean'], weight: 'stop', says: 'Peroxide catalyst: goggles on, no metal measures, never into or with acetone, never straight onto accelerator. Stir the accelerator fully into the resin first.' },
  { hazard: 'styrene', at: ['plan', 'mix', 'thin', 'spray'], weight: 'care', says: 'Styrene vapour: extraction on, vapour filter. Thin with styrene within the sheet’s limit only, never with acetone.' },
  { hazard: 'flammable', at: wetWork, weight: 'care', says: 'Flammable vapour: no ignition, extraction before, during and after; ground pails and part.' },
  { hazard: 'solvent', at: ['spray', 'clean'], weight: 'care', says: 'Solvent vapour and mist: vapour and particle filters, gloves that resist the solvent, eyes covered.' },
  { hazard: 'dust', at: ['spray', 'check'], weight: 'care', says: 'Overspray and sanding dust: particle filter. Old coatings may hold lead.' },
  { hazard: 'injection', at: ['set', 'spray', 'clean'], weight: 'stop', says: 'High-pressure fluid: never point it at a body, trigger lock on when not spraying. An injection wound is an emergency even if it looks small.' },
  { hazard: 'injection', at: ['clean'], weight: 'stop', says: 'Do the pressure relief procedure before touching tip, filter or hose. Ground the pump and flush into a grounded metal pail.' },
  { hazard: 'oxidising-oil', at: ['clean'], weight: 'stop', says: 'Oily rags can catch fire by themselves: lay them flat outdoors or keep them under water in a closed metal bin.' },
];

/** The sentence that stands under every list of cautions. */
export const deferral =
  'The product’s safety data sheet, local codes and licensed practice decide; they outrank what is shown here.';

/**
 * Cautions for a stage of work, the heaviest first.
 *
 * Source: usual caution; the safety sheet and local codes outrank it
 * @example cautionsFor(['dust'], 'mix') → []
 */
export function cautionsFor(present: readonly Hazard[], stage: WorkStage): Caution[] {
  const found = rules.filter(
    ({ hazard, at }) => at.includes(stage) && (present as readonly string[]).includes(hazard),
  );
  return [...found]
    .sort((a, b) => Number(b.weight === 'stop') - Number(a.weight === 'stop'))
    .map(({ hazard, weight, says }) => ({ hazard, weight, says }));
}

export const workStages = everywhere;
