import { defects } from '@/core/diagnosis';
import type { Closing, Rig } from '@/records';
import type { Recipe, Spread } from '@/facts/shop/recipes';
import type { Use } from '@/facts/shop/uses';
import type { Variable } from '@/facts/shop/varied';
import { fullDay } from './dates';
import { inSentence, plural } from './line';
import { placeWords, pressureQuantity } from './pressure';
import { fittingName } from './set';
import { substrateWords } from './system';
import type { Units } from './units';

export const cameWords: Record<NonNullable<Closing['came']>, string> = {
  'as-wanted': 'As wanted',
  'good-enough': 'Good enough',
  failed: 'Failed',
};

export const variableWords: Record<Variable, string> = {
  thinner: 'the thinner',
  share: 'how much thinner',
  seconds: 'the cup seconds',
  fitted: 'nozzle or tip',
  pressure: 'the pressure',
  fluid: 'the paint a minute',
  distance: 'the distance',
  overlap: 'the overlap',
  speed: 'the speed of the hand',
  coats: 'the coats',
  air: 'the room’s temperature',
  humidity: 'its humidity',
};

export interface UseRow {
  readonly label: string;
  /** One a use, in their order. */
  readonly values: readonly string[];
}

const none = '–';

/** What uses of a recipe have on record, side by side; what none of them says has no row. */
export function usesSide(uses: readonly Use[], rig: Rig | undefined, units: Units): UseRow[] {
  const row = (label: string, of: (use: Use) => string | undefined): UseRow => ({
    label,
    values: uses.map((use) => of(use) ?? none),
  });
  const film = { digits: units.system === 'metric' ? 1 : 2 };
  const rows = [
    row(
      'Thinned',
      ({ thinner }) => thinner && `${units.show('share', thinner.share)} ${inSentence(thinner.name)}`,
    ),
    row(
      'Timed',
      ({ timed }) =>
        timed &&
        `${units.show('time', timed.seconds)} at ${units.show('temperature', timed.temperature)}, ${timed.cup}`,
    ),
    row('Fitted', ({ setting }) => {
      const bore = setting?.bore ?? rig?.sets?.find(({ id }) => id === setting?.setId)?.bore;
      return setting && (setting.tip || bore !== undefined)
        ? fittingName({ bore, tip: setting.tip }, units)
        : undefined;
    }),
    row(
      'Pressure',
      ({ setting }) =>
        setting &&
        `${units.show(pressureQuantity(setting.pressure), setting.pressure)} ${placeWords[setting.pressureAt]}`,
    ),
    row('Paint a minute', ({ setting }) => setting && units.show('fluidFlow', setting.fluid)),
    row('Speed', ({ setting }) => setting && units.show('speed', setting.speed)),
    row('Distance', ({ setting }) => setting && units.show('distance', setting.distance)),
    row('Overlap', ({ setting }) => setting && units.show('share', setting.overlap, { digits: 0 })),
    row(
      'Room',
      ({ room }) =>
        room &&
        `${units.show('temperature', room.air)}, ${units.show('share', room.humidity, { digits: 0 })}`,
    ),
    row('Coats on', ({ coats }) => String(coats)),
    row(
      'Film got',
      ({ film: got }) =>
        got && `${units.show('film', got.mean, film)} of ${units.show('film', got.aim, film)} aimed at`,
    ),
    row('Transfer found', ({ transfer }) =>
      transfer === undefined ? undefined : units.show('share', transfer, { digits: 0 }),
    ),
    row('Faults', ({ faults }) => faults.map((each) => defects[each].name).join(', ') || undefined),
    row('It came out', ({ closing }) => closing?.came && cameWords[closing.came]),
    row('Looked at later', ({ later }) => later && (later === 'good' ? 'still good' : 'worse')),
    row('Do otherwise', ({ closing }) => closing?.change),
  ];
  return rows.filter(({ values }) => values.some((value) => value !== none));
}

/** What two uses differ in, and what may be concluded from it. */
export function variedWords(what: readonly Variable[]): string {
  const names = what.map((each) => variableWords[each]);
  if (names.length === 0)
    return 'Nothing on record differs between them: what came out otherwise has a cause nobody wrote down.';
  if (names.length === 1)
    return `One thing differs, ${names[0]}: what came out otherwise is its doing, as far as the records tell.`;
  return `${plural(names.length, 'thing')} differ, ${names.slice(0, -1).join(', ')} and ${names.at(-1)}: which of them did it cannot be told. Change one at a time.`;
}

/** `97 % of the film aimed at over 3 jobs, ± 4 %`; one observation says so. */
export const spreadWords = ({ count, mean, sd }: Spread, of: string, units: Units): string =>
  `${units.show('share', mean, { digits: 0 })} ${of}, ${
    sd === undefined
      ? 'one job alone: how far it varies is not known'
      : `over ${plural(count, 'job')}, ± ${units.show('share', sd, { digits: 0 })}`
  }`;

/** `Lacquer with Turbine on wood` */
export const recipeName = ({ sheet, ground }: Recipe, gun: string): string =>
  `${sheet} with ${gun}${ground ? ` on ${substrateWords[ground].toLowerCase()}` : ''}`;

/** `3 jobs, the last on 28 Nov 2026; 2 as wanted, 1 failed` */
export function recipeSays({ uses, came }: Recipe): string {
  const said = (['as-wanted', 'good-enough', 'failed'] as const)
    .filter((each) => came[each] > 0)
    .map((each) => `${came[each]} ${cameWords[each].toLowerCase()}`);
  return `${plural(uses.length, 'job')}, the last on ${fullDay(uses[0]?.at ?? 0)}${said.length > 0 ? `; ${said.join(', ')}` : ''}`;
}

/** What a new job starts from. */
export const startWords = ({ start }: Recipe): string =>
  start
    ? `A new job starts as ${start.job}, ${fullDay(start.at)}${start.closing?.came ? `: ${cameWords[start.closing.came].toLowerCase()}` : ', of which nobody said how it came out'}.`
    : 'A new job starts from the sheet: nothing of this is known to have worked.';
