import type { Chemistry } from './chemistry';
import type { SealKind, WettedMetal } from './materials';

/** What a cleaning liquid is, as far as coatings, seals and metals care. */
export const cleanerFamilies = [
  'water',
  'gun-thinner',
  'lacquer-thinner',
  'paint-thinner',
  'acetone',
  'alcohol',
  'styrene',
  'halogenated',
  'named',
] as const;
export type CleanerFamily = (typeof cleanerFamilies)[number];

export interface CleanerConcern {
  /** stop: not with this. care: with it, but so. */
  readonly weight: 'stop' | 'care';
  readonly with: 'coating' | 'seals' | 'metal';
  readonly says: string;
  /** What to do instead. */
  readonly instead: string;
}

const families: readonly (readonly [RegExp, CleanerFamily])[] = [
  [/chlor|halogen|bromid|\bdcm\b/i, 'halogenated'],
  [
    /a[ck]eton(?!e?[\s-]free)|acétone|\b(?:prop|but)anone|\bketone|nail (?:varnish|polish) remover/i,
    'acetone',
  ],
  [/styr[eè]n|styrol|estireno/i, 'styrene'],
  [/(?:lacquer|cellulose|nitro|universal)[\s-]?(?:thinner|verd)/i, 'lacquer-thinner'],
  [
    /paint thinner|white spirit|mineral spirit|turp|terpen|trementina|térébenth|keros|petrol|gasoline|benzin|diesel|naphtha|paraffin/i,
    'paint-thinner',
  ],
  [/al[ck]ohol|alcool|ethanol|propanol|isopropyl|butanol|\bipa\b|\bmeths\b|spirit/i, 'alcohol'],
  [/(?:gun|cleaning)[\s-]?(?:thinner|safe|wash|cleaner)/i, 'gun-thinner'],
  [/\bwater\b(?!\W*(?:borne|based|free|reduc))|wasser|\beau\b|\b[aá]gua\b|\bacqua\b|soap|suds/i, 'water'],
];

/**
 * The family of a cleaner by its words; `named` where the words do not say what it is made of.
 *
 * Source: compatibility of cleaners, metals and seals, trade knowledge
 * @example cleanerFamily('Water') → 'water'
 */
export const cleanerFamily = (words: string): CleanerFamily =>
  // “Water-borne gun wash” is a gun wash: the order of the list decides.
  families.find(([pattern]) => pattern.test(words.trim()))?.[1] ?? 'named';

type Verdict = readonly ['stop' | 'care', says: string, instead: string];

const noWater: Verdict = [
  'stop',
  'Water does not dissolve it: it goes to lumps in the passages, and rusts them.',
  'Flush with the solvent the sheet names.',
];
const tooWeak: Verdict = [
  'stop',
  'Paint thinner is too weak for it: the binder falls out in strings.',
  'Flush with the solvent the sheet names.',
];
const waterFirst: Verdict = [
  'stop',
  'Solvent on a water-borne coating curdles it in the gun.',
  'Flush with water until clear, then follow with the solvent.',
];

/** First flush against coating. What is not listed is taken for fit. */
// prettier-ignore
const onCoating: Partial<Record<Chemistry, Partial<Record<CleanerFamily, Verdict>>>> = {
  'water-borne': { 'gun-thinner': waterFirst, 'lacquer-thinner': waterFirst, 'paint-thinner': waterFirst, acetone: waterFirst, alcohol: waterFirst, styrene: waterFirst },
  'solvent-borne': { water: noWater, styrene: ['stop', 'Styrene is a part of resins, not a cleaner.', 'Use gun thinner.'], 'paint-thinner': ['care', 'Paint thinner may be too weak for it.', 'Try a drop on a smear of the coating first.'] },
  'two-part': { water: noWater, 'paint-thinner': tooWeak, styrene: ['stop', 'Styrene is a part of resins, not a cleaner.', 'Flush with the solvent the sheet names.'], alcohol: ['care', 'Alcohol left in the gun eats the hardener of the next mix.', 'Follow with the solvent the sheet names, and drain.'] },
  lacquer: { water: noWater, 'paint-thinner': tooWeak, styrene: ['stop', 'Styrene is a part of resins, not a cleaner.', 'Use lacquer thinner.'] },
  polyester: { water: noWater, 'paint-thinner': tooWeak, styrene: ['stop', 'Styrene does not stop the cure: it sets in the gun with the rest.', 'Flush with acetone, away from the catalyst.'], alcohol: ['care', 'Alcohol takes it up slowly.', 'Follow with acetone before it gels.'] },
  'moisture-curing': { water: ['stop', 'Water sets it at once and gives off gas: a closed waste can bursts.', 'Flush with the dry solvent the sheet names.'], 'paint-thinner': tooWeak, alcohol: ['stop', 'Alcohol reacts with it.', 'Flush with the dry solvent the sheet names.'], styrene: ['stop', 'Styrene is a part of resins, not a cleaner.', 'Flush with the solvent the sheet names.'] },
  'oil-based': { water: noWater, styrene: ['stop', 'Styrene is a part of resins, not a cleaner.', 'Use paint thinner.'] },
};

// prettier-ignore
const onSeals: Partial<Record<SealKind, Partial<Record<CleanerFamily, string>>>> = {
  nitrile: { acetone: 'Acetone swells nitrile seals.', 'lacquer-thinner': 'Lacquer thinner swells nitrile seals.', styrene: 'Styrene swells nitrile seals.' },
  'ethylene-propylene': { 'paint-thinner': 'Paint thinner swells ethylene-propylene seals.', 'gun-thinner': 'Gun thinner swells ethylene-propylene seals.', 'lacquer-thinner': 'Lacquer thinner swells ethylene-propylene seals.', styrene: 'Styrene swells ethylene-propylene seals.' },
  leather: { water: 'Water hardens leather packings.', acetone: 'Acetone takes the oil out of leather packings.' },
};

export interface CleanerQuestion {
  readonly cleaner: string;
  readonly chemistry: Chemistry;
  readonly seals?: SealKind;
  /** Metals the liquid touches in gun and pump; where nothing is said, aluminium is taken to be among them. */
  readonly wetted?: readonly WettedMetal[];
  /** Does it stay in the gun, as when it is stored with solvent? */
  readonly stands?: boolean;
  /** After another liquid has taken the coating out. */
  readonly second?: boolean;
}

/**
 * What speaks against a cleaner: the coating, the seals, the metals. Empty when nothing known does. A liquid known
 * by name only is not judged against seals; its sheet is.
 *
 * Source: compatibility of cleaners, metals and seals, trade knowledge
 * @example cleanerConcerns({ cleaner: 'styrene', chemistry: 'lacquer' }) → [{ weight: 'stop', with: 'coating', says: 'Styrene is a part of resins, not a cleaner.', instead: 'Use lacquer thinner.' }]
 */
export function cleanerConcerns({
  cleaner,
  chemistry,
  seals,
  wetted,
  stands,
  second,
}: CleanerQuestion): CleanerConcern[] {
  const family = cleanerFamily(cleaner);
  const concerns: CleanerConcern[] = [];
  const light = !wetted || wetted.some((metal) => metal === 'aluminium' || metal === 'galvanised');
  if (family === 'halogenated' && light)
    concerns.push({
      weight: 'stop',
      with: 'metal',
      says: `Halogenated solvent and ${wetted ? wetted.filter((metal) => metal === 'aluminium' || metal === 'galvanised').join(' or ') : 'aluminium or galvanised'} parts can explode in a closed gun or pump.`,
      instead: 'Never use it here. Flush with what the sheet names that has no halogens.',
    });
  const coating = second ? undefined : onCoating[chemistry]?.[family];
  if (coating) concerns.push({ weight: coating[0], with: 'coating', says: coating[1], instead: coating[2] });
  const swells = seals && onSeals[seals]?.[family];
  if (swells)
    concerns.push({
      weight: stands ? 'stop' : 'care',
      with: 'seals',
      says: swells,
      instead: stands
        ? 'Do not leave it standing: strip the gun, or fit solvent-proof seals.'
        : 'Run it through and straight out; take gaskets out first, or fit solvent-proof seals.',
    });
  return concerns;
}
