import type { Bought } from '@/core/money';
import { isRefusal } from '@/core/refusal';
import type { StockToBuy, ToBuy } from '@/facts/shop/buying';
import { calendarDay } from './dates';
import { money } from './money';
import type { Units } from './units';

/** `2 × 1 L, 1 × 5 L` */
export const packsSay = ({ packs }: Bought, units: Units): string =>
  packs.map(({ pack, count }) => `${count} × ${units.show('volume', pack.volume)}`).join(', ');

/** What it costs and what will be left of it. */
export const leftSays = (bought: Bought, deadBy: string | undefined, units: Units): string =>
  [
    bought.price === undefined ? 'not priced' : money(bought.price),
    bought.left > bought.volume * 1e-3
      ? `${units.show('volume', bought.left)} left${deadBy ? `, dead by ${calendarDay(deadBy)} once opened` : ''}`
      : 'nothing left',
  ].join('; ');

/** The shopping list as text: what one reads out at the counter. */
export const listText = (paints: readonly ToBuy[], stock: readonly StockToBuy[], units: Units): string =>
  [
    ...paints.map(
      ({ sheet, component, short, cheapest }) =>
        `${sheet.name}, ${component.name}: ${isRefusal(cheapest) ? units.show('volume', short) : packsSay(cheapest, units)}`,
    ),
    ...stock.map(({ row, count }) => `${row.name}: ${count}`),
  ].join('\n');
