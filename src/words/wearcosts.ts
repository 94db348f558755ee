import { unitIn } from '@/core/quantity';
import type { WearItem } from '@/facts/shop/wear';
import { liquidWords } from './care';
import { money } from './money';
import type { Units } from './units';

/** What a part costs by what goes through it, and what running on with a worn tip does, beside a new one; empty without prices. */
export function wearCosts({ perVolume, perWeek, counts, measured }: WearItem, units: Units): string {
  const { scale, symbol } = unitIn('volume', units.system);
  const told: string[] = [];
  if (perVolume !== undefined) told.push(`Over its life it costs ${money(perVolume * scale)} a ${symbol}.`);
  if (perWeek !== undefined)
    told.push(
      counts === 'days'
        ? `It costs ${money(perWeek)} a week, sprayed or not; one that leaks costs the paint and air that go past it besides.`
        : `At this use it costs ${money(perWeek)} a week.`,
    );
  const { week, price, breakEven } = measured ?? {};
  if (week && week.cost > 0) {
    const renewed =
      price === undefined
        ? ''
        : `; a new one costs ${money(price)}${breakEven !== undefined && Number.isFinite(breakEven) ? ` and is paid for after ${units.show('volume', breakEven, { digits: 0 })}` : ''}`;
    told.push(
      `At this use it wastes ${liquidWords(week.paint, units)} of paint a week, ${money(week.cost)}${renewed}.`,
    );
  }
  return told.map((each) => ` ${each}`).join('');
}
