import {
  fromSI,
  quantityOf,
  sizedIn,
  unitIn,
  unitNamed,
  type QuantityId,
  type SizedUnit,
  type Unit,
  type UnitSystem,
} from './units';

export interface Shown {
  readonly number: string;
  readonly unit: string;
}

export interface FormatOptions {
  /** Decimals, when the quantity's own are not right here (a finer scale, say). */
  readonly digits?: number;
  /** Show in this unit, whatever the system. */
  readonly unit?: string;
}

/**
 * Shows an SI value in a system's unit with that unit's stated precision.
 *
 * @param value SI
 * @returns number and unit apart, so that a readout may set them in different sizes; "–" for no value
 * Source: definition
 * @example format('days', 10, 'us', {}) → { number: '10', unit: 'd' }
 */
export function format(
  quantity: QuantityId,
  value: number | undefined,
  system: UnitSystem,
  options: FormatOptions = {},
): Shown {
  const own = unitIn(quantity, system);
  const asked = options.unit ? unitNamed(quantity, options.unit) : undefined;
  if (value === undefined || !Number.isFinite(value)) return { number: '–', unit: (asked ?? own).symbol };
  const sized = asked ? undefined : sizedIn(quantity, value, system);
  const unit = asked ?? (sized && unitNamed(quantity, sized.unit)) ?? own;
  const smaller = sized?.with === undefined ? undefined : unitNamed(quantity, sized.with);
  if (sized && smaller) return inTwo(value, unit, smaller, options.digits ?? sized.digits ?? smaller.digits);
  const fraction =
    !asked && quantityOf(quantity).fractions && unit.id === 'in'
      ? fractionOf(fromSI(value, unit))
      : undefined;
  if (fraction) return { number: fraction, unit: unit.symbol };
  const digits = digitsOf(options, sized, unit, own);
  const fixed = fromSI(value, unit).toFixed(digits);
  const plain = quantityOf(quantity).trim && fixed.includes('.') ? fixed.replace(/\.?0+$/, '') : fixed;
  return { number: /^-0(\.0+)?$/.test(plain) ? plain.slice(1) : plain.replace('-', '−'), unit: unit.symbol };
}

/** Decimals asked for are those of the system’s own unit: an amount shown in another by its size has that one’s. */
function digitsOf(options: FormatOptions, sized: SizedUnit | undefined, unit: Unit, own: Unit): number {
  const usual = sized?.digits ?? unit.digits;
  return options.digits !== undefined && (options.unit !== undefined || unit.id === own.id)
    ? options.digits
    : usual;
}

/** `4 lb 8.2 oz`, `9 ft 6 in`: the whole of the large unit, and what is left in the small one. */
function inTwo(value: number, large: Unit, small: Unit, digits: number): Shown {
  const perLarge = Math.round(large.scale / small.scale);
  const all = Number((value / small.scale).toFixed(digits));
  const whole = Math.floor(all / perLarge + 1e-9);
  const rest = (all - whole * perLarge).toFixed(digits).replace(/\.0+$/, '');
  return Number(rest) === 0
    ? { number: String(whole), unit: large.symbol }
    : { number: `${whole}\u00a0${large.symbol} ${rest}`, unit: small.symbol };
}

/**
 * How a person types an amount that is told in two units, where a field says the smaller one beside it: `4 lb 8.2`.
 *
 * @returns nothing for what is told in one unit
 * Source: definition
 * @example typedInTwo('mass', 0.46, 'us') → '1 lb 0.2'
 */
export function typedInTwo(quantity: QuantityId, value: number, system: UnitSystem): string | undefined {
  if (!sizedIn(quantity, value, system)?.with) return undefined;
  const { number, unit } = format(quantity, value, system, { digits: 1 });
  const own = unit === unitIn(quantity, system).symbol;
  return (own ? number : `${number} ${unit} 0`).replace(/\u00a0/g, ' ');
}

/** The sixteenth, or simpler, that a length in inches is within a fiftieth of; none where none is. */
function fractionOf(inches: number): string | undefined {
  const whole = Math.floor(inches + 1e-9);
  for (const below of [1, 2, 4, 8, 16]) {
    const above = Math.round((inches - whole) * below);
    if (Math.abs(whole + above / below - inches) > inches / 50) continue;
    if (above === 0 || above === below) return String(whole + above / below);
    return whole > 0 ? `${whole}-${above}/${below}` : `${above}/${below}`;
  }
  return undefined;
}

/**
 * The one unit that several amounts are told in, by the largest of them.
 *
 * Source: definition
 * @example unitTogether('share', [0.3, 0.75], 'metric') → '%'
 */
export function unitTogether(
  quantity: QuantityId,
  values: readonly (number | undefined)[],
  system: UnitSystem,
): string {
  const largest = Math.max(0, ...values.filter((each) => each !== undefined).map(Math.abs));
  return (sizedIn(quantity, largest, system)?.unit ?? unitIn(quantity, system).id) as string;
}

/**
 * As {@link format}, in one string with a no-break space: `1.42 L`.
 *
 * Source: definition
 * @example show('length', 3.05, 'us') → '10 ft'
 */
export function show(
  quantity: QuantityId,
  value: number | undefined,
  system: UnitSystem,
  options: FormatOptions = {},
): string {
  const { number, unit } = format(quantity, value, system, options);
  return `${number}\u00a0${unit}`;
}

/**
 * A span of time in words a person reads at a glance: `45 s`, `12 min`, `2 h 30 min`, `3 d`.
 *
 * Source: definition
 * @example showDuration(45) → '45 s'
 */
export function showDuration(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  if (Math.abs(seconds) < 90) return `${Math.round(seconds)}\u00a0s`;
  if (minutes < 120) return `${minutes}\u00a0min`;
  const hours = Math.floor(minutes / 60);
  if (hours < 48) return minutes % 60 ? `${hours}\u00a0h ${minutes % 60}\u00a0min` : `${hours}\u00a0h`;
  return `${Math.round(hours / 24)}\u00a0d`;
}

/**
 * A running clock: `06:12`, `1:06:12`; a minus sign once it has run out.
 *
 * Source: definition
 * @example showClock(0) → '00:00'
 */
export function showClock(seconds: number): string {
  const whole = Math.abs(seconds < 0 ? Math.ceil(seconds) : Math.floor(seconds));
  const two = (part: number) => String(part).padStart(2, '0');
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor(whole / 60) % 60;
  const sign = seconds <= -1 ? '−' : '';
  return `${sign}${hours ? `${hours}:` : ''}${two(minutes)}:${two(whole % 60)}`;
}
