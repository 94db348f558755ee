import { refuse, type Outcome } from '../refusal';
import type { CleaningApproach } from './approaches';
import { assemblySteps } from './assembly';
import { chemistryCare } from './chemistry';
import { cleanerConcerns, type CleanerConcern } from './cleaners';
import { gunFamily, type GunFamily } from './families';
import { catalyst, empty, flush, rinse, second, soften } from './flushsteps';
import { relief, reliefAgain, reliefLast, tipOff } from './safesteps';
import {
  storageLiquid,
  type CareBearings,
  type CleaningQuestion,
  type CleaningStep,
  type StepRow,
} from './step';
import type { AssemblyStepId } from './stepids';
import { partSteps, prove, waste } from './stripsteps';

export interface CleaningSequence {
  readonly family: GunFamily;
  readonly approach: CleaningApproach;
  readonly steps: readonly CleaningStep[];
  /** What it is flushed with first. */
  readonly liquid: string;
  /** Is that a default rather than what the sheet names? */
  readonly assumed: boolean;
  /** Why it cannot wait, where it cannot. */
  readonly urgent?: string;
  /** What speaks against a cleaner: of weight stop it was left out, of weight care it is used with the words said. */
  readonly concerns: readonly CleanerConcern[];
  /** m³ of cleaning liquid and s of work, estimates. */
  readonly volume: number;
  readonly takes: number;
}

/** A solvent that passages, seals and metals bear: what follows water, and what stands in a stored gun. */
const gunSafe = 'gun-safe solvent';

/**
 * The ordered cleaning of a gun after a coating: pressure relief before anything is opened, flush before strip,
 * water before solvent where the coating is water-borne, reassembly, proof, waste.
 *
 * Refuses when nobody has said what the coating is and no cleaner is named; when no liquid is left that the coating
 * and the metals bear; and when solvent would stand on seals that it swells.
 * Source: shop practice, defaults
 */
export function cleaningSequence(question: CleaningQuestion): Outcome<CleaningSequence> {
  const { chemistry, approach = 'strip', cleaner, seals, wetted, gelled } = question;
  const family = gunFamily(question);
  const known = chemistryCare[chemistry];
  const against = (words: string, more = {}) =>
    cleanerConcerns({ cleaner: words, chemistry, seals, wetted, ...more });
  const named = cleaner?.trim() || undefined;
  const namedConcerns = named ? against(named) : [];
  const refused = namedConcerns.filter(({ weight }) => weight === 'stop');
  const liquid = named && refused.length === 0 ? named : known.flush;
  if (!liquid)
    return refuse(
      'unknown-chemistry',
      refused[0]
        ? `${refused[0].says} ${refused[0].instead}`
        : 'Nobody has said what this coating is made of. Read on its sheet what it is cleaned with and name it here. Until then: relieve the pressure, empty the gun, and keep what is in it from drying. Do not guess with solvents.',
    );
  const concerns = [...namedConcerns, ...(liquid === named ? [] : against(liquid))];
  const waterBorne = chemistry === 'water-borne';
  const lasts = waterBorne ? gunSafe : liquid;
  if (waterBorne) concerns.push(...against(gunSafe, { second: true }));
  if (approach === 'store') {
    const standing = against(family === 'airless' ? storageLiquid : lasts, {
      stands: true,
      second: true,
    }).find(({ weight }) => weight === 'stop');
    if (standing) return refuse('store-conflict', `${standing.says} ${standing.instead}`);
    if (gelled)
      return refuse(
        'store-gelled',
        'A gun with gelled mix in it cannot be stored with solvent. Strip it now.',
      );
  }
  const urgent = known.urgent ?? (question.sets ? chemistryCare['two-part'].urgent : undefined);
  const steps = stepsOf({
    ...question,
    family,
    approach,
    airless: family === 'airless',
    under: family === 'airless' || family === 'remote' || family === 'pressure-cup',
    liquid,
    lasts,
    waterBorne,
    twice: waterBorne || urgent !== undefined,
  });
  return {
    family,
    approach,
    steps,
    liquid,
    assumed: liquid !== named,
    ...(urgent ? { urgent } : {}),
    concerns,
    volume: steps.reduce((sum, { volume = 0 }) => sum + volume, 0),
    takes: steps.reduce((sum, { takes }) => sum + takes, 0),
  };
}

/** The steps in order; each row says by itself whether it belongs to this gun and coating. */
function stepsOf(about: CareBearings): CleaningStep[] {
  const strip = about.approach === 'strip';
  const rows = (each: readonly StepRow[]) => each.map((row) => row(about));
  return [
    ...rows([relief, tipOff, empty, catalyst, rinse, soften, flush, second, reliefAgain]),
    ...rows(partSteps(about)),
    // An airless stands with its storage liquid: relieved before it is put together, not after a proof.
    ...(about.airless ? rows([reliefLast]) : []),
    ...(strip ? reassembly(about) : []),
    ...(strip && !about.airless ? rows([prove, reliefLast]) : []),
    waste(about),
  ].filter((step) => step !== false && step !== undefined);
}

/** Steps of putting it together that belong to cleaning; the first relieves, the last is a card, and both are steps elsewhere. */
const elsewhere: readonly AssemblyStepId[] = ['air-off', 'relief', 'card', 'flush-first', 'vent', 'check'];

const reassembly = ({ atomising, feed, bleeder }: CareBearings): CleaningStep[] =>
  assemblySteps({ atomising, feed, bleeder, sprays: 'level' })
    .filter(({ id }) => !elsewhere.includes(id))
    .map(({ id, says }) => ({
      id: `fit-${id}` as const,
      phase: 'assemble' as const,
      says:
        id === 'tighten'
          ? 'Tighten by hand and leave the trigger locked. Run the hose out before the tip goes under pressure.'
          : says,
      takes: 30,
      risks: atomising === 'airless' ? (['injection'] as const) : [],
    }));
