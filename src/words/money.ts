import { fromSI, unitIn, type UnitSystem } from '@/core/quantity';
import { writtenHere } from './writtenhere';

const made = new Map<string, Intl.NumberFormat>();

/**
 * An amount of money in the shop’s currency; a bare number where none is set.
 * @param amount - in the currency, as prices were entered; nothing is converted
 */
export function money(amount: number): string {
  const { currency, dayFirst } = writtenHere();
  if (currency === undefined) return amount.toFixed(2);
  const key = `${currency} ${dayFirst}`;
  const known =
    made.get(key) ??
    new Intl.NumberFormat(dayFirst ? 'en-GB' : 'en-US', {
      style: 'currency',
      currency,
      currencyDisplay: 'narrowSymbol',
    });
  made.set(key, known);
  return known.format(amount);
}

/**
 * `€ 12.00 per L`
 * @param price - currency units a m³
 */
export const priceOf = (price: number, system: UnitSystem): string => {
  const unit = unitIn('price', system);
  return `${money(fromSI(price, unit))} ${unit.id}`;
};

const names = new Intl.DisplayNames('en', { type: 'currency' });

/** Every currency this device knows, by code, with its name. */
export const currencies = (): readonly { readonly code: string; readonly name: string }[] =>
  Intl.supportedValuesOf('currency')
    .map((code) => ({ code, name: names.of(code) ?? code }))
    .filter(({ code, name }) => name !== code);
