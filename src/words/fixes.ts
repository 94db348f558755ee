import type { NozzleFix } from '@/core/airgun';
import type { Lever, Restorer } from '@/core/film';
import type { Units } from './units';

const leverWords: Record<Lever, (value: number, units: Units) => string> = {
  speed: (value, units) => `move at ${units.show('speed', value)}`,
  flow: (value, units) => `set the fluid to ${units.show('fluidFlow', value)}`,
  overlap: (value, units) => `overlap ${units.show('share', value, { digits: 0 })}`,
  fan: (value, units) => `set the fan to ${units.show('distance', value)}`,
};

/** What would bring the film back, one lever each. */
export const restorerWords = (found: readonly Restorer[], units: Units): string[] =>
  found.filter(({ within }) => within).map(({ lever, to }) => leverWords[lever](to, units));

const fixWords: Record<NozzleFix['kind'], (fix: NozzleFix, units: Units) => string> = {
  thin: ({ works, to }, units) =>
    works
      ? `Thin to ${units.show('dynamicViscosity', to)}, still in the band.`
      : 'Thinning does not help: it would have to leave the band.',
  warm: ({ works, to }, units) =>
    works
      ? `Warm the paint to ${units.show('temperature', to)}; it is thick again when it cools.`
      : 'Warming does not help: it would be hotter than the sheet allows.',
  'turn-up': ({ works, to }, units) =>
    works
      ? `Turn the feed up to ${units.show('pressure', to)}.`
      : `Turning the feed up does not reach: it would take ${units.show('pressure', to)}.`,
  push: ({ works, to }, units) =>
    works
      ? `A feed that pushes with ${units.show('pressure', to)}: a pressure cup or pot.`
      : `The next feed does not push enough: it would take ${units.show('pressure', to)}.`,
  slower: ({ works, to }) =>
    works
      ? `A slower hand: ${Math.round(to * 100)} % of the speed.`
      : 'A slower hand does not help: too slow to keep a wet edge.',
  close: ({ works, to }) =>
    works
      ? `Close the needle to about ${Math.round(to * 100)} % of its flow.`
      : 'Closing the needle does not help: nearly shut it drips and spits.',
  air: () => 'More air does not help: it breaks the fluid up, it does not fetch it.',
};

/** What would make a nozzle work, and what would not. */
export const fixesInWords = (fixes: readonly NozzleFix[], units: Units) =>
  [...fixes]
    .sort((a, b) => Number(b.works) - Number(a.works))
    .map((fix) => ({
      works: fix.works,
      says:
        fix.kind === 'thin' && fixes[0]?.kind === 'close'
          ? 'Thinning makes it worse: it runs the more.'
          : fixWords[fix.kind](fix, units),
    }));
