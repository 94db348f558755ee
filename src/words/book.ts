import { fromSI, toSI, unitIn, unitNamed, type Unit } from '@/core/quantity';
import type { BookMark, BookRow, Grouping, Measure } from '@/facts/shop/book';
import { monthName } from './dates';
import type { Units } from './units';

export const measureWords: Record<Measure, { readonly name: string; readonly says: string }> = {
  film: { name: 'Film got', says: 'of what was aimed at, the mean of a job' },
  thinning: {
    name: 'Thinning error',
    says: 'last timing before the first coat, against the middle of the band',
  },
  transfer: { name: 'Transfer found', says: 'solids on the part of those that left the gun' },
  paint: { name: 'Paint', says: 'mixed for a coat of a surface' },
  minutes: { name: 'Time', says: 'spraying a coat of a surface' },
  faults: { name: 'Faults', says: 'kinds named in a job' },
  reworks: { name: 'Rework', says: 'faults mended by hand in a job' },
  waste: { name: 'Waste', says: 'mix thrown away in a job, where somebody said how much' },
};

export const groupingWords: Record<Grouping, string> = {
  sheet: 'Product',
  gun: 'Gun',
  person: 'Person',
  month: 'Month',
};

const shares: readonly Measure[] = ['film', 'thinning', 'transfer'];
const counts: readonly Measure[] = ['faults', 'reworks'];

interface Scale {
  /** What a value is multiplied with to be drawn, and the unit it is then in. */
  readonly by: number;
  readonly unit: string;
  readonly digits: number;
}

/** How a measure is drawn and written in the user’s units. */
export function scaleOf(measure: Measure, units: Units): Scale {
  if (shares.includes(measure)) return { by: 100, unit: '%', digits: 0 };
  if (counts.includes(measure)) return { by: 1, unit: '', digits: 1 };
  const us = units.system === 'us';
  const [foot2, fluidOunce] = [
    1 / fromSI(1, unitIn('area', 'us')),
    toSI(1, unitNamed('volume', 'fl oz') as Unit),
  ];
  if (measure === 'waste')
    return us ? { by: 1 / fluidOunce, unit: 'fl oz', digits: 0 } : { by: 1e6, unit: 'mL', digits: 0 };
  if (measure === 'paint')
    return us
      ? { by: foot2 / fluidOunce, unit: 'fl oz/ft²', digits: 2 }
      : { by: 1e6, unit: 'mL/m²', digits: 0 };
  return us ? { by: foot2, unit: 's/ft²', digits: 0 } : { by: 1 / 60, unit: 'min/m²', digits: 2 };
}

/** `97 %`, `0.8 min/m²`; a dash for what nobody recorded. */
export function valueWords(measure: Measure, value: number | undefined, units: Units): string {
  if (value === undefined) return '–';
  const { by, unit, digits } = scaleOf(measure, units);
  return [(value * by).toFixed(digits).replace('-', '−'), unit].filter(Boolean).join('\u00a0');
}

interface Names {
  readonly sheet: (id: string) => string;
  readonly gun: (id: string) => string;
}

/** What a group is called. */
export function groupName(by: Grouping, key: string, names: Names): string {
  if (by === 'sheet') return names.sheet(key);
  if (by === 'gun') return names.gun(key);
  if (by === 'month') return `${monthName(new Date(`${key}-15T12:00`))} ${key.slice(0, 4)}`;
  return key || 'nobody named';
}

/** What became otherwise, for the axis. */
export const markWords = (
  { kind, of, now }: BookMark,
  names: Names & { readonly fitted: (rigId: string, now: string) => string },
): string =>
  kind === 'revision' ? `${names.sheet(of)}: sheet ${now}` : `${names.gun(of)}: ${names.fitted(of, now)}`;

/** How many rows say it, where some do not. */
export const knownWords = (rows: readonly BookRow[], measure: Measure): string => {
  const known = rows.filter(({ values }) => values[measure] !== undefined).length;
  return known === rows.length ? `all ${known} say so` : `${known} of ${rows.length} say so`;
};
