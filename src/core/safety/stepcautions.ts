import type { StepRisk } from '../care/step';
import type { Caution } from './cautions';
import type { Hazard } from './hazards';

interface Rule {
  readonly risk: StepRisk;
  /** Only where one of these is present; always where none is named. */
  readonly of?: readonly Hazard[];
  readonly weight: Caution['weight'];
  readonly says: string;
}

// prettier-ignore
const rules: readonly Rule[] = [
  { risk: 'injection', weight: 'stop', says: 'High-pressure fluid goes through skin and glove. Hands off tip and hose ends until the pressure is out; a wound goes to hospital at once, even if it looks small.' },
  { risk: 'coating', of: ['isocyanate'], weight: 'stop', says: 'Isocyanates while flushing too: the protection you sprayed in stays on, extraction running.' },
  { risk: 'coating', of: ['aziridine'], weight: 'stop', says: 'Aziridine in what runs out: gloves, skin covered, extraction running.' },
  { risk: 'coating', of: ['sensitiser'], weight: 'care', says: 'What runs out sensitises the skin: gloves changed, wrists covered.' },
  { risk: 'catalyst', of: ['peroxide'], weight: 'stop', says: 'Peroxide catalyst: goggles on, no metal, never into or with acetone, spills under water.' },
  { risk: 'heat', weight: 'stop', says: 'It heats itself: outdoors, thin layers, nothing that burns beside it, and look again in an hour.' },
  { risk: 'rags', of: ['oxidising-oil'], weight: 'stop', says: 'Oily rags can catch fire by themselves: flat outdoors, or under water in a closed metal bin, now.' },
  { risk: 'flush-mist', of: ['solvent', 'flammable', 'styrene'], weight: 'stop', says: 'Solvent leaves as a stream, never as mist: mist is breathed, and one spark lights it.' },
  { risk: 'ground', of: ['flammable', 'injection'], weight: 'care', says: 'Metal pail, bonded to ground, gun held against its rim.' },
  { risk: 'pressure', weight: 'care', says: 'Nothing is opened while it holds air. Face away from lid and nozzle.' },
  { risk: 'coating', of: ['solvent', 'flammable', 'styrene'], weight: 'care', says: 'Gloves that resist this solvent, eyes covered, no flame, extraction on.' },
  { risk: 'waste', weight: 'care', says: 'Nothing down the drain. Hazardous waste goes by the rules of the place.' },
];

/**
 * Cautions of one cleaning step with this coating, the heaviest first.
 *
 * Source: usual caution; the safety sheet and local codes outrank it
 */
export const stepCautions = (risks: readonly StepRisk[], hazards: readonly Hazard[]): Caution[] =>
  rules
    .filter(({ risk, of }) => risks.includes(risk) && (!of || of.some((hazard) => hazards.includes(hazard))))
    .sort((a, b) => Number(b.weight === 'stop') - Number(a.weight === 'stop'))
    .map(({ of, weight, says }) => ({
      hazard: of?.find((each) => hazards.includes(each)) ?? 'always',
      weight,
      says,
    }));
