import type { GunFamily } from './families';
import { liquidShare, type CareBearings, type CleaningStep, type StepRow } from './step';

/** The least liquid that wets a cup, m³. An estimate of ours. */
const leastRinse = 50e-6;

/**
 * The cup or pot is emptied.
 *
 * Source: shop practice, defaults
 */
export const empty: StepRow = ({ gelled, peroxide }) => ({
  id: 'empty',
  phase: 'flush',
  says: gelled
    ? 'Empty the pot of what is setting into a metal pail, outdoors, away from everything that burns.'
    : 'Empty the leftover mix into its own closed container and label it.',
  because: gelled
    ? 'A setting mass gets hot, and hotter the more of it lies together.'
    : 'It is neither paint for the tin nor solvent for the flush.',
  prevents: gelled ? 'A pot that smokes or catches fire.' : 'Poured back, it thins or sets the whole tin.',
  takes: 60,
  risks: ['coating', ...(gelled ? (['heat'] as const) : peroxide ? (['catalyst'] as const) : [])],
  opens: true,
});

/**
 * What is catalysed is dealt with first.
 *
 * Source: shop practice, defaults
 */
export const catalyst: StepRow = ({ peroxide }) =>
  peroxide && {
    id: 'catalyst',
    phase: 'flush',
    says: 'Wipe the catalyst measure with a damp cloth, drop the cloth into water, close the catalyst away from the acetone.',
    takes: 60,
    risks: ['catalyst', 'heat'],
  };

/**
 * A first rinse.
 *
 * Source: shop practice, defaults
 */
export const rinse: StepRow = ({ airless, feed, liquid, dead }) => ({
  id: 'rinse',
  phase: 'flush',
  says: airless
    ? `Wipe the inlet and rinse the pail with ${liquid}.`
    : feed === 'pressure-pot' || feed === 'pump'
      ? `Wipe out the pot and rinse it with ${liquid}.`
      : `Rinse cup, lid and strainer with ${liquid}.`,
  liquid,
  volume: Math.max(dead * liquidShare.rinse, leastRinse),
  takes: 90,
  risks: ['coating'],
});

/**
 * A soak that softens.
 *
 * Source: shop practice, defaults
 */
export const soften: StepRow = ({ gelled, airless, liquid, dead }) =>
  gelled && {
    id: 'soften',
    phase: 'flush',
    says: airless
      ? `Disconnect the hose. Lay gun parts and fittings in ${liquid}, without pressure.`
      : `Fill ${liquid} in without pressure, cover, wait ten minutes. Do not force the trigger.`,
    because: airless
      ? 'A hose that has gelled is lost; pressure only makes it dangerous.'
      : 'What has only begun to gel comes loose by itself; what has not, never will.',
    prevents: airless ? 'A hose burst by a plug of gel.' : 'A bent needle.',
    liquid,
    volume: dead * liquidShare.soften,
    takes: 600,
    risks: ['coating'],
    ...(airless ? { opens: true as const } : {}),
  };

/** How liquid is run through a gun of each family. */
const runs: Record<GunFamily, (liquid: string, bleeder?: boolean) => string> = {
  gravity: (liquid) =>
    `run ${liquid} through with the atomising air off, into a closed container or the gun washer`,
  suction: (liquid) =>
    `run ${liquid} through with the cup raised above the gun and the atomising air off, into a closed container or the gun washer`,
  'pressure-cup': (liquid, bleeder) =>
    `loosen the air cap two turns and run ${liquid} through at the lowest ${bleeder ? 'turbine' : 'air'} setting, into a closed container`,
  remote: (liquid) =>
    `run ${liquid} through pot, hose and gun at the lowest pot pressure, atomising air off, back into a closed container`,
  airless: (liquid) =>
    `run ${liquid} through pump and hose at the lowest pressure, tip off, into a grounded metal pail`,
};

const pressed = ({ family, gelled }: CareBearings) =>
  family !== 'gravity' && family !== 'suction' && !(family === 'airless' && gelled);

const running = (about: CareBearings): Pick<CleaningStep, 'risks' | 'pressurises'> => ({
  risks: [
    'coating',
    'flush-mist',
    ...(about.airless
      ? (['injection', 'ground'] as const)
      : pressed(about)
        ? (['pressure', 'ground'] as const)
        : (['ground'] as const)),
  ],
  ...(pressed(about) ? { pressurises: true as const } : {}),
});

const capital = (words: string) => `${words.slice(0, 1).toUpperCase()}${words.slice(1)}`;

/**
 * Flushed until clear.
 *
 * Source: shop practice, defaults
 */
export const flush: StepRow = (about) => {
  const { family, airless, liquid, dead, bleeder, gelled } = about;
  return {
    id: 'flush',
    phase: 'flush',
    says: !gelled
      ? `${capital(runs[family](liquid, bleeder))} until it comes clear.`
      : airless
        ? `Brush fittings and inlet clear with ${liquid}; what does not come loose is renewed.`
        : `Let ${liquid} run through without force. If it does not run, go on: what does not come loose is renewed.`,
    because: 'A stream carries the coating out whole.',
    prevents: airless
      ? 'Static sparks at a plastic pail, and a hose half full of skins.'
      : 'Solvent mist in the air: atomised it is breathed and burns.',
    liquid,
    volume: dead * liquidShare.flush,
    takes: 180,
    ...running(about),
  };
};

/**
 * A second cleaner after the first.
 *
 * Source: shop practice, defaults
 */
export const second: StepRow = (about) => {
  const { family, lasts, dead, bleeder, twice, waterBorne, chemistry } = about;
  const run = runs[family](lasts, bleeder);
  return (
    twice && {
      id: 'second',
      phase: 'flush',
      says: waterBorne
        ? `Drain the water, then ${run} until no drop of water comes with it.`
        : `With fresh liquid, ${run}; let it stand a minute and run it out.`,
      because: waterBorne
        ? 'Water left in the passages corrodes them, and the next solvent coat curdles on it.'
        : chemistry === 'unknown'
          ? 'Nobody knows how it sets: once more is cheap.'
          : 'What has begun to set comes loose only in clean solvent.',
      prevents: waterBorne
        ? 'Rust specks and lumps in the next job.'
        : 'A film that sets in the passages overnight.',
      liquid: lasts,
      volume: dead * liquidShare.second,
      takes: 120,
      ...running(about),
    }
  );
};
