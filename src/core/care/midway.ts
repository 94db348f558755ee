import { gunFamily } from './families';
import type { CleaningQuestion, CleaningStep } from './step';

/**
 * Between coats, with mix still in the gun: cap wiped, cup covered, nothing opened. It buys time until the mix’s own
 * end, never past it.
 *
 * Source: shop practice, defaults
 */
export function midwaySteps(
  question: Pick<CleaningQuestion, 'atomising' | 'feed' | 'bleeder' | 'cleaner'> & {
    readonly liquid: string;
  },
): CleaningStep[] {
  const { liquid, bleeder } = question;
  const family = gunFamily(question);
  const airless = family === 'airless';
  const steps: (CleaningStep | false)[] = [
    airless
      ? {
          id: 'mid-relief',
          phase: 'safe',
          says: 'Pressure relieved, trigger lock on.',
          takes: 30,
          risks: ['injection'],
          relieves: true,
        }
      : {
          id: 'mid-relief',
          phase: 'safe',
          says: bleeder
            ? 'Air off at its source, trigger until it is quiet.'
            : 'Air off, trigger until it is quiet.',
          why: 'air-mid-relief',
          takes: 10,
          risks: ['pressure'],
          relieves: true,
        },
    {
      id: 'mid-wipe',
      phase: 'flush',
      says: airless
        ? `Tip and guard into a jar of ${liquid}.`
        : `Wipe the cap and the nozzle’s rim with a cloth wet with ${liquid}; the cap stays on.`,
      because: airless ? 'The slot dries first.' : 'The rim dries first and pulls the fan aside.',
      prevents: 'A crooked first stroke.',
      liquid,
      volume: airless ? 100e-6 : 10e-6,
      takes: 30,
      risks: ['coating', ...(airless ? (['injection'] as const) : [])],
      ...(airless ? { opens: true as const } : {}),
    },
    {
      id: 'mid-cover',
      phase: 'care',
      says: airless
        ? 'Cover the pail; a film of water or thinner on it as its sheet allows.'
        : family === 'remote'
          ? 'Cover the pot; gun in a bag with the wet cloth at its cap.'
          : 'Cover the cup, vent open; gun hung level, the wet cloth at its cap.',
      takes: 20,
      risks: [],
    },
  ];
  return steps.filter((step) => step !== false);
}
