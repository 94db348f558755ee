import { showDuration, type FormatOptions, type QuantityId } from '@/core/quantity';
import type { FilmRead, SheetFact, SheetFacts } from '@/core/sheet';
import { advisedFeedWords, gunWords } from '@/records/rigwords';
import { chemistryWords } from './care';
import { cupName } from './cup';
import { placeWords, pressureQuantity } from './pressure';
import { shortNumber } from './ratio';
import type { Units } from './units';

/** Every fact a sheet can state, as it is called, in the order a person checks them. */
export const sheetFactWords: Record<SheetFact, string> = {
  name: 'Name',
  issue: 'Issued',
  ratio: 'Mixing ratio',
  potLife: 'Pot life',
  induction: 'Rest before use',
  thinner: 'Thinner',
  band: 'Viscosity to spray at',
  volumeSolids: 'Volume solids',
  density: 'Density',
  partDensities: 'Densities apart',
  voc: 'VOC',
  dry: 'Dry film, one coat',
  wet: 'Wet film, one coat',
  coats: 'Coats',
  flash: 'Flash between coats',
  timesAt: 'Times of drying at',
  recoatFirst: 'Recoat, first',
  recoatLast: 'Recoat, last',
  touch: 'Touch dry',
  handle: 'Dry to handle',
  cure: 'Cured',
  guns: 'Guns',
  air: 'Air',
  part: 'Part',
  humidityMin: 'Humidity at least',
  humidityMax: 'Humidity at most',
  dewMargin: 'Above the dew point',
  stirEvery: 'Stir every',
  forced: 'Force dried',
  supplied: 'Viscosity as supplied',
  chemistry: 'Chemistry',
  additives: 'Additives',
  shelfLife: 'Keeps closed',
  cleaner: 'Cleaned with',
  hazards: 'Warns of',
};

export const sheetFactOrder = Object.keys(sheetFactWords) as readonly SheetFact[];

const warningWords = {
  isocyanate: 'isocyanate',
  peroxide: 'peroxide',
  flammable: 'flammable',
  solvent: 'solvent vapour',
  dust: 'dust',
  oil: 'self-heating rags',
  styrene: 'styrene',
  skin: 'skin sensitiser',
};

/** What was read of one fact, in the user’s units. */
export function sheetFactSays(fact: SheetFact, facts: SheetFacts, units: Units): string {
  const { ratio, thinner, band, coats, potLife, flash } = facts;
  const percent = (share: number) => units.show('share', share, { digits: share < 0.02 ? 1 : 0 });
  switch (fact) {
    case 'name':
      return facts.name ?? '';
    case 'issue':
      return facts.issue ?? '';
    case 'ratio':
      return ratio
        ? `${ratio.parts.map(shortNumber).join(' : ')}${ratio.by ? ` by ${ratio.by}` : ', volume or mass not said'}`
        : '';
    case 'thinner':
      if (!thinner) return '';
      if (thinner.max === 0) return 'none allowed';
      return [
        ...(thinner.name ? [`${thinner.name},`] : []),
        thinner.min === undefined || thinner.min === thinner.max
          ? `at most ${percent(thinner.max ?? 0)}`
          : `${percent(thinner.min)} to ${percent(thinner.max ?? thinner.min)}`,
        ...(thinner.by ? [`by ${thinner.by}`] : []),
        ...(thinner.of ? [thinner.of === 'mix' ? 'of the mix' : 'of the first part'] : []),
      ].join(' ');
    case 'band':
      return band
        ? `${units.range('time', band.min, band.max, { digits: 0 })} ${cupName(band.cup)}${band.temperature === undefined ? '' : ` at ${units.show('temperature', band.temperature)}`}`
        : '';
    case 'volumeSolids':
      return facts.volumeSolids === undefined ? '' : units.show('share', facts.volumeSolids);
    case 'density':
      return facts.density === undefined ? '' : units.show('density', facts.density);
    case 'partDensities':
      return (['base', 'hardener', 'thinner'] as const)
        .flatMap((part) => {
          const density = facts.partDensities?.[part];
          return density === undefined ? [] : [`${part} ${units.show('density', density)}`];
        })
        .join(', ');
    case 'cleaner':
      return facts.cleaner ?? '';
    case 'voc':
      return facts.voc === undefined ? '' : units.show('voc', facts.voc);
    case 'dry':
    case 'wet': {
      const film: FilmRead | undefined = facts[fact];
      if (!film) return '';
      const aim = film.aim === undefined ? '' : `, usually ${units.show('film', film.aim)}`;
      return `${film.min === film.max ? units.show('film', film.max) : units.range('film', film.min, film.max)}${aim}`;
    }
    case 'coats':
      return coats ? (coats.min === coats.max ? String(coats.min) : `${coats.min} to ${coats.max}`) : '';
    case 'potLife':
      return potLife
        ? `${showDuration(potLife.seconds)}${potLife.temperature === undefined ? '' : ` at ${units.show('temperature', potLife.temperature)}`}`
        : '';
    case 'flash':
      return flash
        ? flash.min === flash.max
          ? showDuration(flash.min)
          : `${showDuration(flash.min)} to ${showDuration(flash.max)}`
        : '';
    case 'air':
    case 'part': {
      const limits = facts[fact];
      if (!limits) return '';
      if (limits.min === undefined) return `at most ${units.show('temperature', limits.max)}`;
      return limits.max === undefined
        ? `at least ${units.show('temperature', limits.min)}`
        : units.range('temperature', limits.min, limits.max);
    }
    case 'humidityMin':
    case 'humidityMax': {
      const damp = facts[fact];
      return damp === undefined ? '' : percent(damp);
    }
    case 'dewMargin':
      return facts.dewMargin === undefined
        ? ''
        : `at least ${units.show('temperatureStep', facts.dewMargin)}`;
    case 'forced':
      return facts.forced
        ? `${showDuration(facts.forced.seconds)} at ${units.show('temperature', facts.forced.temperature)}`
        : '';
    case 'supplied': {
      const { supplied } = facts;
      return supplied
        ? `${units.range('time', supplied.min, supplied.max, { digits: 0 })} ${cupName(supplied.cup)}`
        : '';
    }
    case 'timesAt':
      return facts.timesAt === undefined ? '' : units.show('temperature', facts.timesAt, { digits: 0 });
    case 'chemistry':
      return facts.chemistry ? chemistryWords[facts.chemistry] : '';
    case 'additives':
      return (facts.additives ?? [])
        .map(({ name, min, max, by, of }) =>
          [
            `${name},`,
            min === undefined ? `at most ${percent(max)}` : `${percent(min)} to ${percent(max)}`,
            ...(by ? [`by ${by}`] : []),
            ...(of ? [of === 'mix' ? 'of the mix' : 'of the first part'] : []),
          ].join(' '),
        )
        .join('\n');
    case 'shelfLife':
      return facts.shelfLife === undefined
        ? ''
        : `${shortNumber(Math.round((facts.shelfLife / 86_400 / 30.44) * 10) / 10)} months`;
    case 'guns':
      return (facts.guns ?? []).map((gun) => gunSays(gun, units)).join('\n');
    case 'hazards':
      return (facts.hazards ?? []).map((each) => warningWords[each]).join(', ');
    default: {
      const seconds = facts[fact];
      return seconds === undefined ? '' : showDuration(seconds);
    }
  }
}

function gunSays(
  { atomising, feed, bore, orifice, pressure, pressureAt, distance }: NonNullable<SheetFacts['guns']>[number],
  units: Units,
): string {
  const name =
    atomising === undefined ? 'A gun' : atomising === 'air-assisted' ? 'Air-assisted' : gunWords[atomising];
  const span = (quantity: QuantityId, { min, max }: { min: number; max: number }, options?: FormatOptions) =>
    min === max ? units.show(quantity, max, options) : units.range(quantity, min, max, options);
  const said = [
    ...(bore ? [span('bore', bore)] : []),
    ...(orifice ? [span('film', orifice, { unit: 'mil', digits: 0 })] : []),
    ...(pressure
      ? [
          `${span(pressureQuantity(pressure.max), pressure)}${pressureAt ? ` ${placeWords[pressureAt]}` : ', not said where'}`,
        ]
      : []),
    ...(distance ? [span('distance', distance)] : []),
  ];
  return `${name}${feed ? `, ${advisedFeedWords[feed]},` : ''} ${said.join(', ')}`;
}
