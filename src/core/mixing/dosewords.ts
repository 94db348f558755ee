import { refuse, type Outcome } from '../refusal';
import { usualDrop } from './instrument';
import type { RatioBy } from './parts';

/** One way to read a dose as a paper words it. */
export interface DoseReading {
  /** Which way: empty where there is only one. */
  readonly as: string;
  readonly by: RatioBy;
  readonly share: number;
  /** Of the first part alone or of the whole mix, where the words say. */
  readonly of?: 'base' | 'mix';
}

/** Densities that stand between a mass and a volume, kg/m³. */
export interface DoseDensities {
  readonly dose: number;
  readonly paint: number;
}

interface Measure {
  readonly as: string;
  /** m³ or kg */
  readonly volume?: number;
  readonly mass?: number;
}

const litre = 1e-3;
const usQuart = 0.946352946e-3;
const imperialQuart = 1.1365225e-3;
const ounce = 28.349523125e-3;
const volume = (size: number): readonly Measure[] => [{ as: '', volume: size }];
const inUs = (size: number): readonly Measure[] => [{ as: 'US', volume: size }];
const mass = (size: number): readonly Measure[] => [{ as: '', mass: size }];
const both = (us: number, imperial: number): readonly Measure[] => [
  { as: 'US', volume: us },
  { as: 'imperial', volume: imperial },
];
const fluidOunces = both(usQuart / 32, imperialQuart / 40);

const measures: readonly (readonly [RegExp, readonly Measure[]])[] = [
  [/^(?:ml|cc|cm3|cm³|millilit(?:er|re)s?)$/, volume(1e-6)],
  [/^cl$/, volume(1e-5)],
  [/^(?:l|ltr|lit(?:er|re)s?)$/, volume(litre)],
  [/^(?:us fl\.? ?oz|us fluid ounces?)$/, inUs(usQuart / 32)],
  [/^(?:fl\.? ?oz|fluid ounces?)$/, fluidOunces],
  [/^(?:oz\.? (?:by )?(?:wt|weight)|weight oz)\.?$/, mass(ounce)],
  [
    /^(?:oz|ounces?)\.?$/,
    [...fluidOunces.map((each) => ({ ...each, as: `fluid, ${each.as}` })), { as: 'by weight', mass: ounce }],
  ],
  [/^(?:pt|pints?)\.?$/, both(usQuart / 2, imperialQuart / 2)],
  [/^(?:us (?:qt|quarts?))\.?$/, inUs(usQuart)],
  [/^(?:qt|quarts?)\.?$/, both(usQuart, imperialQuart)],
  [/^(?:us gal(?:lons?)?)\.?$/, inUs(4 * usQuart)],
  [/^(?:gal|gallons?)\.?$/, both(4 * usQuart, 4 * imperialQuart)],
  [/^(?:tsp|teaspoons?)\.?$/, volume(5e-6)],
  [/^(?:tbsp|tablespoons?)\.?$/, volume(15e-6)],
  [/^drops?$/, [{ as: 'drops of 0.05 mL', volume: usualDrop }]],
  [/^(?:g|grams?|grammes?)$/, mass(1e-3)],
  [/^mg$/, mass(1e-6)],
  [/^(?:kg|kilos?|kilograms?)$/, mass(1)],
  [/^(?:lbs?|pounds?)\.?$/, mass(0.45359237)],
];

const fractions: Readonly<Record<string, string>> = {
  '¼': ' 1/4',
  '½': ' 1/2',
  '¾': ' 3/4',
  '⅓': ' 1/3',
  '⅔': ' 2/3',
  '⅛': ' 1/8',
};

const number = '(\\d+(?:[.,]\\d+)?(?:[ -]\\d+/\\d+)?|\\d+/\\d+)';

function valueOf(text: string): number {
  return text
    .trim()
    .split(/[ -]/)
    .map((each) => {
      const [above = '0', below = '1'] = each.replace(',', '.').split('/');
      return Number(above) / Number(below);
    })
    .reduce((sum, each) => sum + each, 0);
}

const measuresOf = (unit: string): readonly Measure[] =>
  measures.find(([pattern]) => pattern.test(unit.trim()))?.[1] ?? [];

function shareOf(top: Measure, bottom: Measure, { dose, paint }: DoseDensities): Omit<DoseReading, 'as'> {
  if (top.mass !== undefined && bottom.mass !== undefined)
    return { by: 'mass', share: top.mass / bottom.mass };
  const above = top.volume ?? (top.mass ?? 0) / dose;
  const below = bottom.volume ?? (bottom.mass ?? 0) / paint;
  return { by: 'volume', share: above / below };
}

/** US goes with US, imperial with imperial. */
const fits = (top: Measure, bottom: Measure): boolean => {
  const system = ({ as }: Measure) => /US|imperial/.exec(as)?.[0];
  const own = system(top);
  const other = system(bottom);
  return own === undefined || other === undefined || own === other;
};

/** “One dose”: the most of it stands in no sheet of the trade. */
const mostDose = 0.3;

/**
 * Reads a dose as a paper words it.
 *
 * @returns every way it can be read, the first the likeliest; more than one must be asked about. Refuses what names no
 * amount, no unit, or more than a dose
 * @example “¼ oz per quart” is 0.78 % by volume in US measure, 0.63 % in imperial, and by weight it depends on the density
 * @example “15 mL/L” is 1.5 % by volume; “2 % by mass of the base” says all of it
 * Source: definition
 */
export function readDose(words: string, densities: DoseDensities): Outcome<DoseReading[]> {
  const text = words
    .toLowerCase()
    .replace(/[¼½¾⅓⅔⅛]/g, (each) => fractions[each] ?? each)
    .replace(/\s+/g, ' ')
    .trim();
  const of = /\b(?:base|resin|part a|component a|first part)\b/.test(text)
    ? ('base' as const)
    : /\b(?:mix|mixed|mixture|ready|catalysed|activated|total)\b/.test(text)
      ? ('mix' as const)
      : undefined;
  const rest = of ? { of } : {};
  const percent = new RegExp(`${number} ?(?:%|percent|per cent)`).exec(text);
  if (percent) {
    const share = valueOf(percent[1] ?? '') / 100;
    const by = /\b(?:mass|weight|wt|w\/w)\b/.test(text)
      ? ('mass' as const)
      : /\b(?:volume|vol|v\/v)\b/.test(text)
        ? ('volume' as const)
        : undefined;
    if (by) return within([{ as: '', by, share, ...rest }]);
    return within([
      { as: 'by volume', by: 'volume', share, ...rest },
      { as: 'by mass', by: 'mass', share, ...rest },
    ]);
  }
  const told = new RegExp(
    `${number} ?([a-z³. ]+?)(?: ?/ ?| per | to (?:each |every |a )?| in (?:each |every |a )?)${number}? ?([a-z³.]+(?: (?:fl\\.? )?oz| quarts?| gal(?:lons?)?)?)`,
  ).exec(text);
  if (!told)
    return refuse(
      'dose-words',
      'No dose is read from that. Write how much to how much, like “15 mL/L”, “¼ oz per quart” or “2 % by mass”.',
    );
  const [, amount = '', unit = '', count = '1', per = ''] = told;
  const tops = measuresOf(unit);
  const bottoms = measuresOf(per);
  if (tops.length === 0 || bottoms.length === 0)
    return refuse(
      'dose-unit',
      `“${(tops.length === 0 ? unit : per).trim()}” is no measure that is known here. Millilitres, grams, ounces, drops to a litre, quart, gallon, kilogram are.`,
    );
  const readings = tops.flatMap((top) =>
    bottoms
      .filter((bottom) => fits(top, bottom))
      .map((bottom): DoseReading => {
        const { by, share } = shareOf(top, bottom, densities);
        const as = [
          ...new Set([top.as, bottom.as].filter((each) => each !== '' && !top.as.endsWith(`, ${each}`))),
        ];
        return { as: as.join(', '), by, share: (share * valueOf(amount)) / valueOf(count), ...rest };
      }),
  );
  return within(readings);
}

function within(readings: DoseReading[]): Outcome<DoseReading[]> {
  const [first] = readings;
  if (!first || !readings.every(({ share }) => Number.isFinite(share) && share > 0))
    return refuse('dose-words', 'A dose is more than nothing. Write how much to how much, like “15 mL/L”.');
  if (first.share > mostDose)
    return refuse('dose-large', '{value} is no dose but a part of the ratio. Is the unit right?', {
      quantity: 'share',
      value: first.share,
      max: mostDose,
    });
  return readings;
}
