import { liquidShare, storageLiquid, type StepRow } from './step';

/** Taken apart and looked after; of an airless its filters, tip and pump. */

const gun: readonly StepRow[] = [
  () => ({
    id: 'strip',
    phase: 'strip',
    says: 'Cap off, needle drawn straight back, then the nozzle out with its own key. Read the knobs first.',
    takes: 90,
    risks: ['coating'],
    opens: true,
  }),
  ({ lasts, dead }) => ({
    id: 'wipe',
    phase: 'strip',
    says: `Wipe nozzle, needle and cap with ${lasts} and a soft brush; holes with a wooden pick. Never steel, never dropped.`,
    liquid: lasts,
    volume: Math.max(dead * 0.5, 30e-6),
    takes: 180,
    risks: ['coating'],
  }),
  () => ({
    id: 'passages',
    phase: 'strip',
    says: 'Gaskets, packing, body and air passages stay out of the solvent: wiped, not soaked.',
    takes: 60,
    risks: [],
  }),
  ({ family }) =>
    (family === 'gravity' || family === 'suction') && {
      id: 'vent',
      phase: 'strip',
      says: 'Clear the vent of the lid.',
      takes: 20,
      risks: [],
    },
  ({ family }) =>
    family === 'pressure-cup' && {
      id: 'check-valve',
      phase: 'strip',
      says: 'Take out the check valve and the small air line, blow them clear by mouth bulb, look at the flap.',
      takes: 60,
      risks: [],
    },
  ({ family }) =>
    family === 'remote' && {
      id: 'hose',
      phase: 'strip',
      says: 'Drain the fluid hose and hang it open at both ends.',
      takes: 60,
      risks: ['coating'],
    },
  () => ({
    id: 'grease',
    phase: 'care',
    says: 'A trace of silicone-free gun grease on needle shaft, packing, threads and trigger pin.',
    takes: 60,
    risks: [],
  }),
];

const airlessParts: readonly StepRow[] = [
  ({ lasts, dead }) => ({
    id: 'filters',
    phase: 'strip',
    says: 'Take out gun and pump filters, brush them, hold them to the light.',
    liquid: lasts,
    volume: Math.max(dead * 0.3, 200e-6),
    takes: 180,
    risks: ['coating', 'injection'],
    opens: true,
  }),
  () => ({
    id: 'tip',
    phase: 'strip',
    says: 'Brush tip and seat from both ends, look through them, dry them.',
    takes: 90,
    risks: ['coating'],
  }),
  ({ dead }) => ({
    id: 'grease',
    phase: 'care',
    says: `Draw ${storageLiquid} into pump and hose; oil the packing nut.`,
    why: 'airless-grease',
    liquid: storageLiquid,
    volume: dead * liquidShare.store,
    takes: 120,
    risks: ['coating', 'injection', 'ground'],
    pressurises: true,
  }),
];

/** The other school: left together, full of solvent. */
const storing: readonly StepRow[] = [
  ({ airless }) =>
    airless && {
      id: 'filters',
      phase: 'strip',
      says: 'Take out the gun filter and the tip, brush and dry them.',
      why: 'stored-filters',
      takes: 120,
      risks: ['coating', 'injection'],
      opens: true,
    },
  ({ airless, lasts }) =>
    !airless && {
      id: 'wipe',
      phase: 'strip',
      says: `Take the cap off, wipe it and the nozzle’s rim with ${lasts}, cap on by hand. The knobs stay as they are.`,
      why: 'stored-wipe',
      takes: 60,
      risks: ['coating'],
      opens: true,
    },
  ({ airless, lasts, dead }) => ({
    id: 'store',
    phase: 'care',
    says: `Fill it with ${airless ? storageLiquid : lasts}${airless ? '' : ', nozzle end down or in a covered jar'}, and hang a label on it: what is in it, since when.`,
    liquid: airless ? storageLiquid : lasts,
    volume: dead * liquidShare.store,
    takes: 60,
    risks: ['coating', ...(airless ? (['injection', 'ground'] as const) : [])],
    ...(airless ? { pressurises: true as const } : {}),
  }),
];

/**
 * What is done to the emptied gun, by the way it is cleaned.
 *
 * Source: shop practice, defaults
 */
export const partSteps = ({
  airless,
  approach,
}: {
  readonly airless: boolean;
  readonly approach: 'strip' | 'store';
}): readonly StepRow[] => (approach === 'store' ? storing : airless ? airlessParts : gun);

/**
 * Shown clean.
 *
 * Source: shop practice, defaults
 */
export const prove: StepRow = ({ airless, under, lasts, dead }) =>
  !airless && {
    id: 'prove',
    phase: 'prove',
    says: under
      ? `A spoonful of ${lasts}, fresh, lowest pressure, air cap loosened, into a closed container: look at the stream.`
      : `A spoonful of ${lasts}, fresh, atomising air off, into a closed container: look at the stream.`,
    liquid: lasts,
    volume: dead * liquidShare.prove,
    takes: 60,
    risks: ['coating', ...(under ? (['pressure'] as const) : [])],
    ...(under ? { pressurises: true as const } : {}),
  };

/**
 * Where the waste goes.
 *
 * Source: shop practice, defaults
 */
export const waste: StepRow = ({ oxidises }) => ({
  id: 'waste',
  phase: 'waste',
  says: `Solvent and sludge into their closed, labelled cans${oxidises ? '; rags flat outdoors or under water in a metal bin' : '; rags into the lidded metal bin'}. Say how much.`,
  because: 'They are hazardous waste; settled solvent can be used for the next rinse.',
  prevents: oxidises ? 'Rags that heat up in a heap and burn the shop.' : 'Vapour in the shop all night.',
  takes: 120,
  risks: ['waste', ...(oxidises ? (['rags'] as const) : [])],
});
