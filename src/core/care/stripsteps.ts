import { liquidShare, storageLiquid, type StepRow } from './step';

/** Taken apart and looked after; of an airless its filters, tip and pump. */

const gun: readonly StepRow[] = [
  () => ({
    id: 'strip',
    phase: 'strip',
    says: 'Cap off, needle drawn straight back, then the nozzle out with its own key. Read the knobs first.',
    because: 'The needle first: unscrewed over a seated needle the nozzle scores it.',
    prevents: 'A bent needle or a nicked nozzle: every pattern after it is crooked.',
    takes: 90,
    risks: ['coating'],
    opens: true,
  }),
  ({ lasts, dead }) => ({
    id: 'wipe',
    phase: 'strip',
    says: `Wipe nozzle, needle and cap with ${lasts} and a soft brush; holes with a wooden pick. Never steel, never dropped.`,
    because: 'Cap holes and nozzle rim make the pattern.',
    prevents: 'A scratched hole that pulls the fan aside.',
    liquid: lasts,
    volume: Math.max(dead * 0.5, 30e-6),
    takes: 180,
    risks: ['coating'],
  }),
  () => ({
    id: 'passages',
    phase: 'strip',
    says: 'Gaskets, packing, body and air passages stay out of the solvent: wiped, not soaked.',
    because: 'Soaked gaskets swell, and passages fill with what was dissolved.',
    prevents: 'A lid that leaks and air holes that clog.',
    takes: 60,
    risks: [],
  }),
  ({ family }) =>
    (family === 'gravity' || family === 'suction') && {
      id: 'vent',
      phase: 'strip',
      says: 'Clear the vent of the lid.',
      because: 'Air must follow what flows out.',
      prevents: 'A fan that surges and starves.',
      takes: 20,
      risks: [],
    },
  ({ family }) =>
    family === 'pressure-cup' && {
      id: 'check-valve',
      phase: 'strip',
      says: 'Take out the check valve and the small air line, blow them clear by mouth bulb, look at the flap.',
      because: 'Paint creeps back into them first.',
      prevents: 'A cup without pressure: the fault that looks like a wrong nozzle.',
      takes: 60,
      risks: [],
    },
  ({ family }) =>
    family === 'remote' && {
      id: 'hose',
      phase: 'strip',
      says: 'Drain the fluid hose and hang it open at both ends.',
      because: 'What stands in it settles and skins.',
      prevents: 'Flakes in the next job.',
      takes: 60,
      risks: ['coating'],
    },
  () => ({
    id: 'grease',
    phase: 'care',
    says: 'A trace of silicone-free gun grease on needle shaft, packing, threads and trigger pin.',
    because: 'Dry packing draws air and spits.',
    prevents: 'Fish-eyes: what silicone leaves on a gun.',
    takes: 60,
    risks: [],
  }),
];

const airlessParts: readonly StepRow[] = [
  ({ lasts, dead }) => ({
    id: 'filters',
    phase: 'strip',
    says: 'Take out gun and pump filters, brush them, hold them to the light.',
    because: 'A hole lets through what clogs the tip; a clogged one starves it.',
    prevents: 'A filter that looks like a worn tip.',
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
    because: 'A dried rim in the slot splits the fan.',
    prevents:
      'A clogged tip at the next start. A clog while spraying is turned and fired, never picked with steel.',
    takes: 90,
    risks: ['coating'],
  }),
  ({ dead }) => ({
    id: 'grease',
    phase: 'care',
    says: `Draw ${storageLiquid} into pump and hose; oil the packing nut.`,
    because: 'Water left in a pump rusts it, and rods run dry.',
    prevents: 'A pump that will not prime.',
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
      because: 'Both hold what the flush left.',
      prevents: 'A clogged tip at the next start.',
      takes: 120,
      risks: ['coating', 'injection'],
      opens: true,
    },
  ({ airless, lasts }) =>
    !airless && {
      id: 'wipe',
      phase: 'strip',
      says: `Take the cap off, wipe it and the nozzle’s rim with ${lasts}, cap on by hand. The knobs stay as they are.`,
      because: 'Cap holes and nozzle rim make the pattern.',
      prevents: 'A dried rim that splits the next fan.',
      takes: 60,
      risks: ['coating'],
      opens: true,
    },
  ({ airless, lasts, dead }) => ({
    id: 'store',
    phase: 'care',
    says: `Fill it with ${airless ? storageLiquid : lasts}${airless ? '' : ', nozzle end down or in a covered jar'}, and hang a label on it: what is in it, since when.`,
    because: 'What is left dissolves instead of drying. Drain and flush it before the next coat.',
    prevents: 'The first strokes of the next job sprayed with solvent.',
    liquid: airless ? storageLiquid : lasts,
    volume: dead * liquidShare.store,
    takes: 60,
    risks: ['coating', ...(airless ? (['injection', 'ground'] as const) : [])],
    ...(airless ? { pressurises: true as const } : {}),
  }),
];

/** What is done to the emptied gun, by the way it is cleaned. */
export const partSteps = ({
  airless,
  approach,
}: {
  readonly airless: boolean;
  readonly approach: 'strip' | 'store';
}): readonly StepRow[] => (approach === 'store' ? storing : airless ? airlessParts : gun);

export const prove: StepRow = ({ airless, under, lasts, dead }) =>
  !airless && {
    id: 'prove',
    phase: 'prove',
    says: under
      ? `A spoon of clean ${lasts}, lowest pressure, air cap loosened, into a closed container: look at the stream.`
      : `A spoon of clean ${lasts}, atomising air off, into a closed container: look at the stream.`,
    because:
      'It should run straight, clear and even; stop dead when the trigger is let go; and the gun blow no air at rest.',
    prevents: 'A drip, a crooked stream or a stuck air valve found on the next part.',
    liquid: lasts,
    volume: dead * liquidShare.prove,
    takes: 60,
    risks: ['coating', ...(under ? (['pressure'] as const) : [])],
    ...(under ? { pressurises: true as const } : {}),
  };

export const waste: StepRow = ({ oxidises }) => ({
  id: 'waste',
  phase: 'waste',
  says: `Solvent and sludge into their closed, labelled cans${oxidises ? '; rags flat outdoors or under water in a metal bin' : '; rags into the lidded metal bin'}. Say how much.`,
  because: 'They are hazardous waste; settled solvent can be used for the next rinse.',
  prevents: oxidises ? 'Rags that heat up in a heap and burn the shop.' : 'Vapour in the shop all night.',
  takes: 120,
  risks: ['waste', ...(oxidises ? (['rags'] as const) : [])],
});
