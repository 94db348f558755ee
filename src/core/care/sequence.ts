import type { Atomising, Feed } from '../airgun';
import { refuse, type Outcome } from '../refusal';
import { assemblySteps } from './assembly';
import { chemistryCare, type Chemistry } from './chemistry';
import { cleanerConcerns, type CleanerConcern } from './cleaners';
import { gunFamily, type GunFamily } from './families';
import type { SealKind, WettedMetal } from './materials';
import type { CleaningApproach } from './approaches';

/** What a step can do to whoever does it. */
export const stepRisks = [
  'pressure',
  'injection',
  'flush-mist',
  'coating',
  'catalyst',
  'ground',
  'rags',
  'heat',
  'waste',
] as const;
export type StepRisk = (typeof stepRisks)[number];

export const cleaningPhases = ['safe', 'flush', 'strip', 'care', 'assemble', 'prove', 'waste'] as const;
export type CleaningPhase = (typeof cleaningPhases)[number];

export interface CleaningQuestion {
  readonly chemistry: Chemistry;
  readonly atomising: Atomising;
  readonly feed: Feed;
  readonly bleeder?: boolean;
  readonly approach?: CleaningApproach;
  /** What the sheet names for flushing; outranks the default. */
  readonly cleaner?: string;
  readonly seals?: SealKind;
  readonly wetted?: readonly WettedMetal[];
  /** m³ that stay in gun, hose and strainer. */
  readonly dead: number;
  /** A hardener in the mix sets it whatever the chemistry; a peroxide one brings rules of its own. */
  readonly sets?: boolean;
  readonly peroxide?: boolean;
  /** Oil that oxidises: its rags can catch fire by themselves. */
  readonly oxidises?: boolean;
  /** The mix in the gun is past its gel. */
  readonly gelled?: boolean;
}

export interface CleaningStep {
  readonly id: string;
  readonly phase: CleaningPhase;
  readonly says: string;
  /** What liquid it takes, and m³ of it: an estimate from what the gun holds. */
  readonly liquid?: string;
  readonly volume?: number;
  /** An estimate. s */
  readonly takes: number;
  readonly risks: readonly StepRisk[];
  /** It opens something that may have been under pressure; it puts it under pressure; it lets the pressure out. */
  readonly opens?: true;
  readonly pressurises?: true;
  readonly relieves?: true;
}

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

/** Liquid as multiples of what the gun holds, and the least that wets a cup. Estimates of ours. */
const share = { rinse: 0.5, flush: 3, second: 2, soften: 1, store: 1, prove: 0.25 };
const leastRinse = 50e-6;

/** A solvent that passages, seals and metals bear: what follows water, and what stands in a stored gun. */
const gunSafe = 'gun-safe solvent';
const storage = 'the storage liquid the pump’s maker names';

/**
 * The ordered cleaning of a gun after a coating: pressure relief before anything is opened, flush before strip,
 * water before solvent where the coating is water-borne, reassembly, proof, waste.
 *
 * Refuses when nobody has said what the coating is and no cleaner is named; when no liquid is left that the coating
 * and the metals bear; and when solvent would stand on seals that it swells.
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
    const standing = against(family === 'airless' ? storage : lasts, { stands: true, second: true }).find(
      ({ weight }) => weight === 'stop',
    );
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

interface Bearings extends CleaningQuestion {
  readonly family: GunFamily;
  readonly approach: CleaningApproach;
  readonly liquid: string;
  readonly lasts: string;
  readonly waterBorne: boolean;
  /** Is one flush not enough? */
  readonly twice: boolean;
}

function stepsOf(bearings: Bearings): CleaningStep[] {
  const { family, approach, liquid, dead, feed, bleeder, peroxide, oxidises, gelled } = bearings;
  const airless = family === 'airless';
  const under = airless || family === 'remote' || family === 'pressure-cup';
  const strip = approach === 'strip';
  const of = (part: keyof typeof share) => Math.max(dead * share[part], part === 'rinse' ? leastRinse : 0);
  const chemical = (more: readonly StepRisk[] = []): StepRisk[] => ['coating', ...more];
  const relief: CleaningStep = airless
    ? {
        id: 'relief',
        phase: 'safe',
        says: 'Relieve the pressure: pump off, trigger into the grounded metal pail, prime valve open, trigger lock on.',
        takes: 60,
        risks: ['injection', 'ground'],
        relieves: true,
      }
    : {
        id: 'relief',
        phase: 'safe',
        says: under
          ? 'Shut off the air, release the pot or cup pressure, then pull the trigger until it is quiet.'
          : bleeder
            ? 'Switch the air off at its source: a bleeder gun blows with the trigger released. Then pull the trigger until it is quiet.'
            : 'Shut off the air and pull the trigger until it is quiet.',
        takes: 20,
        risks: ['pressure'],
        relieves: true,
      };
  const again: CleaningStep = airless
    ? {
        id: 'relief-again',
        phase: 'safe',
        says: 'Relieve the pressure again, trigger lock on.',
        takes: 60,
        risks: ['injection'],
        relieves: true,
      }
    : {
        id: 'relief-again',
        phase: 'safe',
        says: 'Air off, pressure out of cup or pot again, trigger until it is quiet.',
        takes: 20,
        risks: ['pressure'],
        relieves: true,
      };
  const steps: (CleaningStep | false | undefined)[] = [
    relief,
    airless && {
      id: 'tip-off',
      phase: 'safe',
      says: 'Take tip and guard off and lay them in the flush liquid.',
      takes: 60,
      risks: ['injection'],
      opens: true,
    },
    {
      id: 'empty',
      phase: 'flush',
      says: gelled
        ? 'Empty the pot of what is setting into a metal pail, outdoors, away from everything that burns.'
        : 'Empty the leftover mix into its own closed container and label it.',
      takes: 60,
      risks: chemical(gelled ? ['heat'] : peroxide ? ['catalyst'] : []),
      opens: true,
    },
    peroxide && {
      id: 'catalyst',
      phase: 'flush',
      says: 'Wipe the catalyst measure with a damp cloth, drop the cloth into water, close the catalyst away from the acetone.',
      takes: 60,
      risks: ['catalyst', 'heat'],
    },
    {
      id: 'rinse',
      phase: 'flush',
      says: airless
        ? `Wipe the inlet and rinse the pail with ${liquid}.`
        : feed === 'pressure-pot' || feed === 'pump'
          ? `Wipe out the pot and rinse it with ${liquid}.`
          : `Rinse cup, lid and strainer with ${liquid}.`,
      liquid,
      volume: of('rinse'),
      takes: 90,
      risks: chemical(),
    },
    gelled && {
      id: 'soften',
      phase: 'flush',
      says: airless
        ? `Disconnect the hose. Lay gun parts and fittings in ${liquid}, without pressure.`
        : `Fill ${liquid} in without pressure, cover, wait ten minutes. Do not force the trigger.`,
      liquid,
      volume: of('soften'),
      takes: 600,
      risks: chemical(),
      ...(airless ? { opens: true as const } : {}),
    },
    flush(bearings, 'flush', liquid, of('flush')),
    bearings.twice && flush(bearings, 'second', bearings.lasts, of('second')),
    under && !(airless && gelled) && again,
    ...(strip ? (airless ? airlessParts(bearings) : gunParts(bearings)) : storing(bearings, of('store'))),
    ...(strip ? reassembly(bearings) : []),
    strip &&
      !airless && {
        id: 'prove',
        phase: 'prove',
        says: under
          ? `A spoon of clean ${bearings.lasts}, lowest pressure, air cap loosened, into a closed container: look at the stream.`
          : `A spoon of clean ${bearings.lasts}, atomising air off, into a closed container: look at the stream.`,
        liquid: bearings.lasts,
        volume: of('prove'),
        takes: 60,
        risks: chemical(under ? ['pressure'] : []),
        ...(under ? { pressurises: true as const } : {}),
      },
    strip && !airless && under && { ...again, id: 'relief-last' },
    {
      id: 'waste',
      phase: 'waste',
      says: `Solvent and sludge into their closed, labelled cans${oxidises ? '; rags flat outdoors or under water in a metal bin' : '; rags into the lidded metal bin'}. Say how much.`,
      takes: 120,
      risks: ['waste', ...(oxidises ? (['rags'] as const) : [])],
    },
  ];
  return steps.filter((step) => step !== false && step !== undefined);
}

function flush(
  { family, gelled, bleeder, waterBorne }: Bearings,
  id: 'flush' | 'second',
  liquid: string,
  volume: number,
): CleaningStep {
  const first = id === 'flush';
  const runs: Record<GunFamily, string> = {
    gravity: `run ${liquid} through with the atomising air off, into a closed container or the gun washer`,
    suction: `run ${liquid} through with the cup raised above the gun and the atomising air off, into a closed container or the gun washer`,
    'pressure-cup': `loosen the air cap two turns and run ${liquid} through at the lowest ${bleeder ? 'turbine' : 'air'} setting, into a closed container`,
    remote: `run ${liquid} through pot, hose and gun at the lowest pot pressure, atomising air off, back into a closed container`,
    airless: `run ${liquid} through pump and hose at the lowest pressure, tip off, into a grounded metal pail`,
  };
  const pressed = family !== 'gravity' && family !== 'suction' && !(family === 'airless' && gelled);
  const run = runs[family];
  const words =
    gelled && first
      ? family === 'airless'
        ? `Brush fittings and inlet clear with ${liquid}; what does not come loose is renewed.`
        : `Let ${liquid} run through without force. If it does not run, go on: what does not come loose is renewed.`
      : first
        ? `${run.slice(0, 1).toUpperCase()}${run.slice(1)} until it comes clear.`
        : waterBorne
          ? `Drain the water, then ${run} until no drop of water comes with it.`
          : `With fresh liquid, ${run}; let it stand a minute and run it out.`;
  return {
    id,
    phase: 'flush',
    says: words,
    liquid,
    volume,
    takes: first ? 180 : 120,
    risks: [
      'coating',
      'flush-mist',
      ...(family === 'airless'
        ? (['injection', 'ground'] as const)
        : pressed
          ? (['pressure', 'ground'] as const)
          : (['ground'] as const)),
    ],
    ...(pressed ? { pressurises: true as const } : {}),
  };
}

/** An air gun taken apart and looked after. */
function gunParts({ family, lasts, dead }: Bearings): CleaningStep[] {
  const steps: (CleaningStep | false)[] = [
    {
      id: 'strip',
      phase: 'strip',
      says: 'Cap off, needle drawn straight back, then the nozzle out with its own key. Read the knobs first.',
      takes: 90,
      risks: ['coating'],
      opens: true,
    },
    {
      id: 'wipe',
      phase: 'strip',
      says: `Wipe nozzle, needle and cap with ${lasts} and a soft brush; holes with a wooden pick. Never steel, never dropped.`,
      liquid: lasts,
      volume: Math.max(dead * 0.5, 30e-6),
      takes: 180,
      risks: ['coating'],
    },
    {
      id: 'passages',
      phase: 'strip',
      says: 'Gaskets, packing, body and air passages stay out of the solvent: wiped, not soaked.',
      takes: 60,
      risks: [],
    },
    (family === 'gravity' || family === 'suction') && {
      id: 'vent',
      phase: 'strip',
      says: 'Clear the vent of the lid.',
      takes: 20,
      risks: [],
    },
    family === 'pressure-cup' && {
      id: 'check-valve',
      phase: 'strip',
      says: 'Take out the check valve and the small air line, blow them clear by mouth bulb, look at the flap.',
      takes: 60,
      risks: [],
    },
    family === 'remote' && {
      id: 'hose',
      phase: 'strip',
      says: 'Drain the fluid hose and hang it open at both ends.',
      takes: 60,
      risks: ['coating'],
    },
    {
      id: 'grease',
      phase: 'care',
      says: 'A trace of silicone-free gun grease on needle shaft, packing, threads and trigger pin.',
      takes: 60,
      risks: [],
    },
  ];
  return steps.filter((step) => step !== false);
}

/** Filters, tip and pump of an airless. */
const airlessParts = ({ lasts, dead }: Bearings): CleaningStep[] => [
  {
    id: 'filters',
    phase: 'strip',
    says: 'Take out gun and pump filters, brush them, hold them to the light.',
    liquid: lasts,
    volume: Math.max(dead * 0.3, 200e-6),
    takes: 180,
    risks: ['coating', 'injection'],
    opens: true,
  },
  {
    id: 'tip',
    phase: 'strip',
    says: 'Brush tip and seat from both ends, look through them, dry them.',
    takes: 90,
    risks: ['coating'],
  },
  {
    id: 'grease',
    phase: 'care',
    says: `Draw ${storage} into pump and hose; oil the packing nut.`,
    liquid: storage,
    volume: dead * share.store,
    takes: 120,
    risks: ['coating', 'injection', 'ground'],
    pressurises: true,
  },
  {
    id: 'relief-last',
    phase: 'safe',
    says: 'Relieve the pressure once more, trigger lock on.',
    takes: 60,
    risks: ['injection'],
    relieves: true,
  },
];

/** The other school: left together, full of solvent. */
function storing({ family, lasts, gelled }: Bearings, volume: number): CleaningStep[] {
  const airless = family === 'airless';
  const liquid = airless ? storage : lasts;
  const steps: (CleaningStep | false)[] = [
    airless
      ? {
          id: 'filters',
          phase: 'strip',
          says: 'Take out the gun filter and the tip, brush and dry them.',
          takes: 120,
          risks: ['coating', 'injection'],
          opens: true,
        }
      : {
          id: 'wipe',
          phase: 'strip',
          says: `Take the cap off, wipe it and the nozzle’s rim with ${lasts}, cap on by hand. The knobs stay as they are.`,
          takes: 60,
          risks: ['coating'],
          opens: true,
        },
    {
      id: 'store',
      phase: 'care',
      says: `Fill it with ${liquid}${airless ? '' : ', nozzle end down or in a covered jar'}, and hang a label on it: what is in it, since when.`,
      liquid,
      volume,
      takes: 60,
      risks: ['coating', ...(airless ? (['injection', 'ground'] as const) : [])],
      ...(airless ? { pressurises: true as const } : {}),
    },
    airless && {
      id: 'relief-last',
      phase: 'safe',
      says: 'Relieve the pressure once more, trigger lock on.',
      takes: 60,
      risks: ['injection'],
      relieves: true,
    },
  ];
  return gelled ? [] : steps.filter((step) => step !== false);
}

/** Steps of putting it together that belong to cleaning; the first relieves, the last is a card, and both are steps elsewhere. */
const elsewhere = ['air-off', 'relief', 'card', 'flush-first', 'vent', 'check'];

const reassembly = ({ atomising, feed, bleeder }: Bearings): CleaningStep[] =>
  assemblySteps({ atomising, feed, bleeder, sprays: 'level' })
    .filter(({ id }) => !elsewhere.includes(id))
    .map(({ id, says }) => ({
      id: `fit-${id}`,
      phase: 'assemble' as const,
      says:
        id === 'tighten'
          ? 'Tighten by hand and leave the trigger locked. Run the hose out before the tip goes under pressure.'
          : says,
      takes: 30,
      risks: atomising === 'airless' ? (['injection'] as const) : [],
    }));
