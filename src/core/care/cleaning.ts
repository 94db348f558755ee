import type { Atomising, Feed } from '../airgun';

/** What the film is made of, as far as cleaning goes. */
export const chemistries = [
  'water-borne',
  'solvent-borne',
  'two-part',
  'lacquer',
  'polyester',
  'moisture-curing',
  'oil-based',
] as const;
export type Chemistry = (typeof chemistries)[number];

export interface CleaningQuestion {
  readonly chemistry: Chemistry;
  readonly atomising: Atomising;
  readonly feed: Feed;
  /** What the sheet names for flushing; outranks the default. */
  readonly cleaner?: string;
}

export interface CleaningStep {
  readonly id: string;
  readonly says: string;
  /** What goes wrong without it. */
  readonly because: string;
}

/** First flush by chemistry: a default that the sheet outranks. */
const firstFlush: Record<Chemistry, string> = {
  'water-borne': 'clean water',
  'solvent-borne': 'gun thinner',
  'two-part': 'the cleaning solvent the sheet names',
  lacquer: 'lacquer thinner',
  polyester: 'acetone',
  'moisture-curing': 'the cleaning solvent the sheet names',
  'oil-based': 'paint thinner',
};

export const flushLiquid = ({ chemistry, cleaner }: CleaningQuestion): string =>
  cleaner ?? firstFlush[chemistry];

/**
 * The ordered cleaning list of a gun after a coating: pressure relief before anything is opened, flush before
 * strip, lubricate last.
 */
export function cleaningSteps(question: CleaningQuestion): CleaningStep[] {
  const { chemistry, atomising, feed } = question;
  const liquid = flushLiquid(question);
  const airless = atomising === 'airless';
  const pressurised = feed !== 'gravity' && feed !== 'suction';
  const steps: (CleaningStep | false)[] = [
    airless && {
      id: 'relief',
      says: 'Do the pressure relief procedure: pump off, trigger into a grounded metal pail, prime valve open, trigger lock on.',
      because: 'Trapped pressure injects paint through skin.',
    },
    !airless && {
      id: 'relief',
      says: pressurised ? 'Shut off the air, release the pot or cup pressure, then pull the trigger until it is quiet.' : 'Shut off the air and pull the trigger until it is quiet.',
      because: pressurised ? 'A lid opened under pressure sprays what is in it.' : 'Parts taken off under air fly.',
    },
    airless && { id: 'tip-off', says: 'Take tip and guard off and drop them into the flush liquid.', because: 'Flushing through the tip packs it with lumps from the hose.' },
    { id: 'empty', says: 'Empty the leftover mix into its own closed container and label it.', because: 'Poured back into the tin it thins the tin without anyone knowing.' },
    { id: 'rinse', says: `Rinse ${airless ? 'the inlet and the pail' : 'cup, lid and strainer'} with ${liquid}.`, because: 'A dirty cup soils every flush after it.' },
    { id: 'flush', says: `Run ${liquid} through ${airless ? 'pump and hose at the lowest pressure' : 'the gun, air off,'} into a closed container until it comes clear.`, because: 'Mist is breathed; a stream is not.' },
    chemistry === 'water-borne' && { id: 'second', says: 'Follow with a gun-safe solvent, then drain.', because: 'Water left in the passages corrodes and the next solvent coat curdles on it.' },
    (chemistry === 'two-part' || chemistry === 'polyester' || chemistry === 'moisture-curing') && { id: 'second', says: `Flush a second time with fresh ${liquid} and let it stand a minute.`, because: 'What has begun to cure comes loose only in clean solvent.' },
    airless && { id: 'filters', says: 'Take out gun and pump filters, brush them, check them for holes.', because: 'A clogged filter starves the tip and looks like a worn one.' },
    !airless && { id: 'strip', says: 'Take off the cap, draw the needle, unscrew the nozzle; wipe with a soft brush. Never scrape with steel.', because: 'A nicked nozzle or a bent needle spoils every pattern after it.' },
    !airless && { id: 'passages', says: 'Keep air passages and gaskets out of the solvent; clear the cup vent and the check valve.', because: 'Soaked gaskets swell and air passages fill with dirt.' },
    { id: 'grease', says: airless ? 'Fill pump and hose with the storage liquid the maker names.' : 'Grease needle, packing and threads lightly, silicone-free.', because: airless ? 'Water left in a pump rusts it.' : 'Dry packing leaks air and spits; silicone gives fish-eyes.' },
    { id: 'assemble', says: airless ? 'Refit clean filters and tip.' : 'Refit nozzle, needle, cap: one set, and restore the recorded turns.', because: 'Cleaning erases the set-up.' },
    { id: 'waste', says: 'Put solvent and sludge into their closed, labelled waste containers.', because: 'They are hazardous waste.' },
  ]; // prettier-ignore
  return steps.filter((step) => step !== false);
}

/** How long mix may sit in a gun before it must be out, when the sheet does not say. s. A default. */
export const defaultCleanBy: Record<Chemistry, number> = {
  'water-borne': 30 * 60,
  'solvent-borne': 60 * 60,
  'two-part': 30 * 60,
  lacquer: 60 * 60,
  polyester: 10 * 60,
  'moisture-curing': 30 * 60,
  'oil-based': 60 * 60,
};
