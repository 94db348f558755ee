/** A unit of a quantity: SI value = typed × scale + offset. `digits` is the stated precision on display. */
export interface Unit {
  readonly id: string;
  readonly symbol: string;
  readonly scale: number;
  readonly offset?: number;
  readonly digits: number;
  readonly aliases: readonly string[];
}

export interface QuantityUnits {
  readonly name: string;
  readonly metric: string;
  readonly us: string;
  /** May the value be below zero? Only temperatures may. */
  readonly signed?: boolean;
  /** Trailing zeros after the decimal point are dropped. */
  readonly trim?: boolean;
  /** Units by size, where a shop measures small and large amounts in different ones: the last that is reached holds. */
  readonly bySize?: Readonly<Partial<Record<UnitSystem, readonly SizedUnit[]>>>;
  /** Inches are told as a fraction, where one of them fits: 5/16. */
  readonly fractions?: true;
  readonly units: readonly Unit[];
}

/** A unit an amount is shown in from a size on. */
export interface SizedUnit {
  /** SI */
  readonly from: number;
  readonly unit: string;
  readonly digits?: number;
  /** Told with a smaller unit beside it: 4 lb 8.2 oz, 9 ft 6 in. */
  readonly with?: string;
}

export type UnitSystem = 'metric' | 'us';

const inch = 0.0254;
const foot = 12 * inch;
const gallon = 3.785411784e-3;
const fluidOunce = gallon / 128;
const pound = 0.45359237;
const psi = 6894.757293168;

const unit = (
  id: string,
  scale: number,
  digits: number,
  aliases: readonly string[] = [],
  offset?: number,
): Unit => ({ id, symbol: id, scale, digits, aliases, ...(offset === undefined ? {} : { offset }) });

const micrometre = unit('µm', 1e-6, 0, ['um', 'µ', 'μ', 'μm', 'micron', 'microns', 'my']);
const mil = unit('mil', inch / 1000, 1, ['mils', 'thou']);
const millimetre = (digits: number) => unit('mm', 1e-3, digits, ['millimetre', 'millimeter']);
const inches = (digits: number) => unit('in', inch, digits, ['"', '″', 'inch', 'inches']);

/**
 * Every quantity the product shows, with its units. Values are kept in SI; a quantity names the unit shown
 * in each system and how many decimals are honest for it.
 */
export const quantities = {
  film: { name: 'film thickness', metric: 'µm', us: 'mil', units: [micrometre, mil, millimetre(3)] },
  bore: { name: 'bore', metric: 'mm', us: 'mm', units: [millimetre(1), inches(3)] },
  hoseBore: {
    name: 'bore of a hose',
    metric: 'mm',
    us: 'in',
    fractions: true,
    units: [millimetre(1), inches(2)],
  },
  length: {
    name: 'length',
    metric: 'm',
    us: 'in',
    trim: true,
    bySize: { us: [{ from: 10 * foot, unit: 'ft', with: 'in', digits: 0 }] },
    units: [
      unit('m', 1, 2, ['metre', 'meter', 'metres', 'meters']),
      unit('cm', 1e-2, 1),
      millimetre(0),
      inches(1),
      unit('ft', 12 * inch, 2, ["'", '′', 'foot', 'feet']),
    ],
  },
  distance: {
    name: 'distance',
    metric: 'mm',
    us: 'in',
    trim: true,
    units: [millimetre(0), unit('cm', 1e-2, 1), inches(1)],
  },
  area: {
    name: 'area',
    metric: 'm²',
    us: 'ft²',
    bySize: {
      us: [
        { from: 0, unit: 'ft²', digits: 1 },
        { from: 10 * foot ** 2, unit: 'ft²' },
      ],
    },
    units: [unit('m²', 1, 1, ['m2', 'sqm']), unit('ft²', (12 * inch) ** 2, 0, ['ft2', 'sqft', 'sq ft'])],
  },
  volume: {
    name: 'volume',
    metric: 'L',
    us: 'gal',
    bySize: {
      us: [
        { from: 0, unit: 'fl oz' },
        { from: gallon / 8, unit: 'qt' },
        { from: gallon, unit: 'gal' },
      ],
    },
    units: [
      unit('L', 1e-3, 2, ['l', 'litre', 'liter', 'litres', 'liters']),
      unit('mL', 1e-6, 0, ['ml', 'cc', 'cm3', 'cm³']),
      unit('gal', gallon, 2, ['gallon', 'gallons']),
      unit('qt', gallon / 4, 2, ['quart', 'quarts']),
      unit('pt', gallon / 8, 2, ['pint', 'pints']),
      unit('fl oz', fluidOunce, 1, ['floz', 'fl.oz', 'fluid ounce', 'oz']),
    ],
  },
  dose: {
    name: 'volume',
    metric: 'mL',
    us: 'fl oz',
    bySize: {
      metric: [
        { from: 0, unit: 'mL', digits: 1 },
        { from: 9.95e-6, unit: 'mL' },
      ],
      // A syringe has millilitres on it there too.
      us: [
        { from: 0, unit: 'mL', digits: 1 },
        { from: 9.95e-6, unit: 'mL' },
        { from: fluidOunce, unit: 'fl oz' },
      ],
    },
    units: [
      unit('mL', 1e-6, 0, ['ml', 'cc', 'cm3', 'cm³']),
      unit('L', 1e-3, 3, ['l', 'litre', 'liter']),
      unit('fl oz', fluidOunce, 1, ['floz', 'fl.oz', 'oz']),
      unit('gal', gallon, 3, ['gallon', 'gallons']),
    ],
  },
  mass: {
    name: 'mass',
    metric: 'g',
    us: 'oz',
    bySize: {
      metric: [{ from: 10, unit: 'kg', digits: 2 }],
      us: [{ from: pound, unit: 'lb', with: 'oz', digits: 1 }],
    },
    units: [
      unit('g', 1e-3, 0, ['gram', 'grams']),
      unit('kg', 1, 3, ['kilo', 'kilos']),
      unit('oz', pound / 16, 2, ['ounce', 'ounces']),
      unit('lb', pound, 2, ['lbs', 'pound', 'pounds']),
    ],
  },
  molarMass: {
    name: 'molar mass',
    metric: 'g/mol',
    us: 'g/mol',
    units: [unit('g/mol', 1e-3, 1)],
  },
  price: {
    name: 'price',
    metric: 'per L',
    us: 'per gal',
    units: [unit('per L', 1000, 2, ['/L', '/l']), unit('per gal', 1 / gallon, 2, ['/gal'])],
  },
  wage: {
    name: 'rate of pay',
    metric: 'per h',
    us: 'per h',
    units: [unit('per h', 1 / 3600, 2, ['/h', '/hour', 'an hour'])],
  },
  pricePerLength: {
    name: 'price',
    metric: 'per m',
    us: 'per ft',
    units: [unit('per m', 1, 2, ['/m']), unit('per ft', 1 / foot, 2, ['/ft'])],
  },
  days: {
    name: 'time',
    metric: 'd',
    us: 'd',
    trim: true,
    units: [
      unit('d', 1, 0, ['day', 'days']),
      unit('wk', 7, 1, ['week', 'weeks']),
      unit('mo', 30.4, 1, ['month', 'months']),
    ],
  },
  runTime: {
    name: 'running time',
    metric: 'h',
    us: 'h',
    trim: true,
    units: [
      unit('h', 3600, 1, ['hr', 'hrs', 'hour', 'hours']),
      unit('min', 60, 0, ['mins', 'minute', 'minutes']),
    ],
  },
  airVolume: {
    name: 'volume of air',
    metric: 'm³',
    us: 'ft³',
    units: [unit('m³', 1, 0, ['m3']), unit('ft³', (12 * inch) ** 3, 0, ['ft3', 'cu ft'])],
  },
  spread: {
    name: 'absorption',
    metric: 'mL/m²',
    us: 'fl oz/ft²',
    units: [
      unit('mL/m²', 1e-6, 0, ['ml/m2']),
      unit('fl oz/ft²', fluidOunce / (12 * inch) ** 2, 2, ['floz/ft2', 'oz/ft2']),
    ],
  },
  density: {
    name: 'density',
    metric: 'kg/L',
    us: 'lb/gal',
    units: [
      unit('kg/L', 1000, 2, ['kg/l', 'g/ml', 'g/mL', 'g/cm3', 'g/cm³']),
      unit('kg/m³', 1, 0, ['kg/m3']),
      unit('lb/gal', pound / gallon, 2, ['ppg', 'lbs/gal']),
    ],
  },
  time: {
    name: 'time',
    metric: 's',
    us: 's',
    units: [unit('s', 1, 1, ['sec', 'secs', 'second', 'seconds']), unit('min', 60, 2, ['minute', 'minutes'])],
  },
  duration: {
    name: 'duration',
    metric: 'min',
    us: 'min',
    trim: true,
    units: [
      unit('min', 60, 1, ['mins', 'minute', 'minutes']),
      unit('s', 1, 0, ['sec', 'second', 'seconds']),
      unit('h', 3600, 1, ['hr', 'hrs', 'hour', 'hours']),
      unit('d', 86400, 1, ['day', 'days']),
    ],
  },
  temperature: {
    name: 'temperature',
    metric: '°C',
    us: '°F',
    signed: true,
    trim: true,
    units: [
      unit('°C', 1, 1, ['c', 'C', 'degc', 'celsius'], 273.15),
      unit('°F', 5 / 9, 1, ['f', 'F', 'degf', 'fahrenheit'], 273.15 - (32 * 5) / 9),
    ],
  },
  temperatureStep: {
    name: 'temperature difference',
    metric: '°C',
    us: '°F',
    signed: true,
    units: [unit('°C', 1, 1, ['c', 'C', 'K']), unit('°F', 5 / 9, 1, ['f', 'F'])],
  },
  pressure: {
    name: 'pressure',
    metric: 'bar',
    us: 'psi',
    units: [
      unit('bar', 1e5, 2),
      unit('psi', psi, 1, ['psig']),
      unit('kPa', 1e3, 0, ['kpa']),
      unit('MPa', 1e6, 3),
    ],
  },
  pumpPressure: {
    name: 'pressure',
    metric: 'bar',
    us: 'psi',
    units: [unit('bar', 1e5, 0), unit('psi', psi, 0, ['psig']), unit('MPa', 1e6, 1, ['mpa'])],
  },
  viscosity: {
    name: 'viscosity',
    metric: 'mm²/s',
    us: 'mm²/s',
    units: [unit('mm²/s', 1e-6, 1, ['mm2/s', 'cst', 'cSt']), unit('St', 1e-4, 3, ['st'])],
  },
  dynamicViscosity: {
    name: 'viscosity',
    metric: 'mPa·s',
    us: 'mPa·s',
    units: [unit('mPa·s', 1e-3, 0, ['mpas', 'mPas', 'cP', 'cp']), unit('Pa·s', 1, 3, ['pas'])],
  },
  fluidFlow: {
    name: 'fluid flow',
    metric: 'mL/min',
    us: 'oz/min',
    units: [
      unit('mL/min', 1e-6 / 60, 0, ['ml/min', 'cc/min']),
      unit('L/min', 1e-3 / 60, 2, ['l/min']),
      { ...unit('oz/min', fluidOunce / 60, 1, ['fl oz/min', 'floz/min']), symbol: 'fl oz/min' },
      unit('gal/min', gallon / 60, 3, ['gpm']),
    ],
  },
  airFlow: {
    name: 'air flow',
    metric: 'L/min',
    us: 'cfm',
    units: [
      unit('L/min', 1e-3 / 60, 0, ['l/min']),
      unit('cfm', (12 * inch) ** 3 / 60, 1, ['scfm', 'ft3/min']),
      unit('m³/h', 1 / 3600, 1, ['m3/h']),
    ],
  },
  roomFlow: {
    name: 'air flow',
    metric: 'm³/h',
    us: 'cfm',
    units: [
      unit('m³/h', 1 / 3600, 0, ['m3/h', 'cmh']),
      unit('m³/s', 1, 2, ['m3/s']),
      unit('cfm', (12 * inch) ** 3 / 60, 0, ['scfm', 'ft3/min']),
    ],
  },
  speed: {
    name: 'speed',
    metric: 'm/s',
    us: 'in/s',
    units: [
      unit('m/s', 1, 2),
      unit('m/min', 1 / 60, 1),
      unit('in/s', inch, 1, ['ips']),
      unit('ft/min', (12 * inch) / 60, 0, ['fpm']),
    ],
  },
  share: {
    name: 'share',
    metric: '%',
    us: '%',
    units: [unit('%', 0.01, 1, ['percent', 'pct', 'per cent'])],
  },
  /** How much of something a degree takes: the degrees of a US shop are the smaller ones. */
  temperatureSlope: {
    name: 'share a degree',
    metric: '%/°C',
    us: '%/°F',
    units: [
      unit('%/°C', 0.01, 1, ['%/C', '%/K', '% per °C', '% per K']),
      unit('%/°F', 0.018, 1, ['%/F', '% per °F']),
    ],
  },
  angle: {
    name: 'angle',
    metric: '°',
    us: '°',
    units: [unit('°', Math.PI / 180, 0, ['deg', 'degree', 'degrees']), unit('rad', 1, 2)],
  },
  voc: {
    name: 'VOC',
    metric: 'g/L',
    us: 'lb/gal',
    units: [unit('g/L', 1, 0, ['g/l']), unit('lb/gal', pound / gallon, 2, ['lbs/gal'])],
  },
} as const satisfies Record<string, QuantityUnits>;

export type QuantityId = keyof typeof quantities;

/**
 * A quantity by its id.
 *
 * Source: SI; the international inch, pound and US gallon
 * @example quantityOf('share') → { name: 'share', metric: '%', us: '%', units: [{ id: '%', symbol: '%', scale: 0.01, digits: 1, aliases: ['percent', 'pct', 'per cent'] }] }
 */
export const quantityOf = (id: QuantityId): QuantityUnits => quantities[id];

/**
 * The unit a quantity is shown in under a system.
 *
 * Source: SI; the international inch, pound and US gallon
 * @example unitIn('voc', 'us') → { id: 'lb/gal', symbol: 'lb/gal', scale: 119.826, digits: 2, aliases: ['lbs/gal'] }
 */
export function unitIn(id: QuantityId, system: UnitSystem): Unit {
  const quantity = quantityOf(id);
  return unitNamed(id, quantity[system]) as Unit;
}

/**
 * The unit an amount of this size is shown in, and how: the system’s own where its size asks for no other.
 *
 * Source: SI; the international inch, pound and US gallon
 * @example sizedIn('volume', 0.0001, 'us') → { from: 0, unit: 'fl oz' }
 */
export function sizedIn(id: QuantityId, value: number, system: UnitSystem): SizedUnit | undefined {
  return quantityOf(id).bySize?.[system]?.findLast(({ from }) => Math.abs(value) >= from);
}

/**
 * The unit a field is typed in: that in which an amount of this size is told, where it is told in one alone.
 *
 * @param value SI; what is usual in the field where it is empty
 * Source: SI; the international inch, pound and US gallon
 */
export function unitToType(id: QuantityId, value: number | undefined, system: UnitSystem): Unit {
  const sized = value === undefined ? undefined : sizedIn(id, value, system);
  return (sized && !sized.with && unitNamed(id, sized.unit)) || unitIn(id, system);
}

/**
 * The unit a person may have meant by a word, or undefined. Exact case first, since °C and cSt share letters.
 *
 * Source: SI; the international inch, pound and US gallon
 * @example unitNamed('mass', 'g') → { id: 'g', symbol: 'g', scale: 0.001, digits: 0, aliases: ['gram', 'grams'] }
 */
export function unitNamed(id: QuantityId, word: string): Unit | undefined {
  const bare = word.replace(/\s+/g, ' ').trim();
  const { units } = quantityOf(id);
  const fold = (text: string) => text.toLowerCase().replace('µ', 'u').replace('μ', 'u');
  return (
    units.find((each) => each.id === bare || each.aliases.includes(bare)) ??
    units.find((each) => [each.id, ...each.aliases].some((name) => fold(name) === fold(bare)))
  );
}

/**
 * A value of a unit in SI.
 *
 * Source: SI; the international inch, pound and US gallon
 * @example toSI(60, { id: 'cm', symbol: 'cm', scale: 0.01, digits: 1, aliases: [] }) → 0.6
 */
export const toSI = (value: number, { scale, offset = 0 }: Unit): number => value * scale + offset;
/**
 * An SI value in a unit.
 *
 * Source: SI; the international inch, pound and US gallon
 * @example fromSI(10, { id: 'd', symbol: 'd', scale: 1, digits: 0, aliases: ['day', 'days'] }) → 10
 */
export const fromSI = (value: number, { scale, offset = 0 }: Unit): number => (value - offset) / scale;
