import { fromSI, quantityOf, unitIn, unitNamed, type QuantityId, type UnitSystem } from './units';

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
 */
export function format(
  quantity: QuantityId,
  value: number | undefined,
  system: UnitSystem,
  options: FormatOptions = {},
): Shown {
  const unit = (options.unit && unitNamed(quantity, options.unit)) || unitIn(quantity, system);
  if (value === undefined || !Number.isFinite(value)) return { number: '–', unit: unit.symbol };
  const digits = options.digits ?? unit.digits;
  const fixed = fromSI(value, unit).toFixed(digits);
  const plain = quantityOf(quantity).trim && fixed.includes('.') ? fixed.replace(/\.?0+$/, '') : fixed;
  return { number: /^-0(\.0+)?$/.test(plain) ? plain.slice(1) : plain.replace('-', '−'), unit: unit.symbol };
}

/** As {@link format}, in one string with a no-break space: `1.42 L`. */
export function show(
  quantity: QuantityId,
  value: number | undefined,
  system: UnitSystem,
  options: FormatOptions = {},
): string {
  const { number, unit } = format(quantity, value, system, options);
  return `${number}\u00a0${unit}`;
}

/** A span of time in words a person reads at a glance: `45 s`, `12 min`, `2 h 30 min`, `3 d`. */
export function showDuration(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  if (Math.abs(seconds) < 90) return `${Math.round(seconds)}\u00a0s`;
  if (minutes < 120) return `${minutes}\u00a0min`;
  const hours = Math.floor(minutes / 60);
  if (hours < 48) return minutes % 60 ? `${hours}\u00a0h ${minutes % 60}\u00a0min` : `${hours}\u00a0h`;
  return `${Math.round(hours / 24)}\u00a0d`;
}

/** A running clock: `06:12`, `1:06:12`; a minus sign once it has run out. */
export function showClock(seconds: number): string {
  const whole = Math.abs(seconds < 0 ? Math.ceil(seconds) : Math.floor(seconds));
  const two = (part: number) => String(part).padStart(2, '0');
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor(whole / 60) % 60;
  const sign = seconds <= -1 ? '−' : '';
  return `${sign}${hours ? `${hours}:` : ''}${two(minutes)}:${two(whole % 60)}`;
}
