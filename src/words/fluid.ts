import type { FluidBudget } from '@/facts/shop/fluid';
import type { Shop } from '@/records';
import { liquidWords } from './care';
import { dayWords } from './caredue';
import { plural, type Fact } from './line';
import { money } from './money';
import type { Units } from './units';

/** What the open jobs will take, and what of it may be dirty. */
export function fluidSays({ wanted, guns, settled, again }: FluidBudget, units: Units): string {
  const whole = wanted.first + wanted.fresh;
  if (whole <= 0) return 'No gun of an open job wants solvent: nothing is sprayed, or water cleans it.';
  const takes = `${plural(guns, 'gun')} of open jobs ${guns === 1 ? 'is' : 'are'} still to be cleaned: about ${liquidWords(whole, units)}.`;
  if (settled === undefined)
    return `${takes} Settled fluid does for the first rinse, ${liquidWords(wanted.first, units)} of it; what runs through last must be fresh.`;
  return again >= wanted.first
    ? `${takes} What stands settled does all first rinses.`
    : `${takes} What stands settled does ${liquidWords(again, units)} of the first rinses; the rest is taken fresh.`;
}

/** The budget in rows. */
export function fluidFacts(
  { wanted, settled, again }: FluidBudget,
  { rates }: Pick<Shop, 'rates'>,
  units: Units,
): Fact[] {
  const fresh = wanted.fresh + wanted.first - again;
  const price = rates?.cleaner;
  return [
    { label: 'First rinses, settled fluid does', value: liquidWords(wanted.first, units) },
    { label: 'Fresh, for what runs through last', value: liquidWords(wanted.fresh, units) },
    {
      label: 'Settled fluid stands',
      value: settled === undefined ? 'nobody counted' : liquidWords(settled, units),
    },
    {
      label: 'Fresh to have at hand',
      value: `${liquidWords(fresh, units)}${price === undefined ? '' : `, ${money(fresh * price)}`}`,
    },
    ...(price !== undefined && again > 0
      ? [{ label: 'Saved by settled fluid', value: money(again * price) }]
      : []),
  ];
}

/** How full the drum is, and when it will be. */
export function drumSays(
  { holds, filled, weekly, full }: NonNullable<FluidBudget['drum']>,
  units: Units,
): string {
  const so = `${liquidWords(filled, units)} of ${liquidWords(holds, units)} in the waste drum`;
  if (filled >= holds) return `${so}: full. Have it fetched by whoever is licensed to.`;
  if (full === undefined) return `${so}. Nothing on record goes into it.`;
  return `${so}, ${liquidWords(weekly, units)} a week: full about ${dayWords(full)}. An estimate by what is on record.`;
}
