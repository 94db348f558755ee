import type { CostId, CostItem, CostLine, JobCost, Quote } from '@/core/money';
import { unitIn } from '@/core/quantity';
import type { CoatTakes, CostSeen } from '@/facts/shop/cost';
import { customerPage, type CustomerPage } from './customer';
import { amount, written } from './figures';
import { money } from './money';
import type { JobView } from '@/facts/job';
import type { Units } from './units';

export const costWords: Record<CostId, string> = {
  paint: 'Paint and hardener',
  thinner: 'Thinner',
  masking: 'Masking',
  cleaning: 'Cleaning fluid',
  waste: 'Waste',
  labour: 'Hands',
  wear: 'Wear',
};

/** Steps of work and parts that wear; a sheet’s name stands for itself. */
const whatWords: Readonly<Record<string, string>> = {
  mixing: 'mixing and thinning',
  spraying: 'spraying',
  'by-hand': 'by roller and brush',
  waiting: 'short waits between coats',
  between: 'between coats',
  'set-up': 'setting guns up',
  masking: 'masking on and off',
  cleaning: 'cleaning guns',
  mix: 'mix left over',
  fluid: 'fluid',
  tape: 'tape',
  nozzle: 'nozzle',
  needle: 'needle',
  tip: 'tip',
  'gun-filter': 'gun filter',
};

const quantities = { volume: 'volume', length: 'length', time: 'duration' } as const;

/** `2.31 L`, `1 h 20 min`, `0.3 % of a nozzle`. */
export const itemSays = ({ what, quantity, unit }: CostItem, units: Units): string =>
  unit === 'lives'
    ? `${units.show('share', quantity, { digits: 2 })} of a ${whatWords[what] ?? what}`
    : `${whatWords[what] ?? what}, ${written(amount(quantities[unit], quantity), units)}`;

/** What one line is made of. */
export const lineSays = (line: CostLine | undefined, units: Units): string | undefined =>
  line && line.items.map((item) => itemSays(item, units)).join('; ');

/** `3.20 a m²`, by the user’s own area. */
export function perArea(sum: number, area: number, { system }: Units): string {
  const { scale, symbol } = unitIn('area', system);
  return `${money((sum / area) * scale)} a ${symbol}`;
}

/** A sum that means something: none where nothing of it has a price. */
export const sumOf = ({ lines, total }: JobCost): number | undefined =>
  lines.some(({ cost }) => cost !== undefined) ? total : undefined;

/** What has no price, in a sentence; nothing where all has one. */
export const missingSays = ({ missing }: JobCost): string | undefined =>
  missing.length === 0
    ? undefined
    : `Not counted, because nobody priced it: ${missing.map((id) => costWords[id].toLowerCase()).join(', ')}.`;

/** A quote as the customer gets it: what is to be done, and what it costs. */
export function quotePage(view: JobView, offered: Quote, units: Units): CustomerPage {
  const page = customerPage(view, [], units);
  const [done] = page.sections;
  const coats = view.job.layers.flatMap(({ sheet, coats: all }) =>
    all.length > 0 ? [`${all.length} ${all.length === 1 ? 'coat' : 'coats'} of ${sheet.name}.`] : [],
  );
  return {
    ...page,
    title: `Quote: ${view.job.name}`,
    sections: [
      { title: 'What is to be done', lines: [...(done?.lines.slice(0, 1) ?? []), ...coats] },
      {
        title: 'Price',
        lines: [
          `Price: ${money(offered.net)}.`,
          ...(offered.tax > 0 ? [`Tax: ${money(offered.tax)}.`, `In all: ${money(offered.gross)}.`] : []),
        ],
      },
    ],
    signs: ['For the shop, date', 'Ordered, date'],
    foot: 'Reckoned from the plan as it stands. What is found under old paint, and what is asked for besides, is told before it is done.',
  };
}

/** `; takes 0.72 L and 12 min, 27.40`: the end of a coat’s line in the stack. */
export const takesSays = ({ paint, seconds, cost }: CoatTakes, units: Units): string =>
  `; takes ${written(amount('volume', paint), units)} and ${written(amount('duration', seconds), units)}${cost === undefined ? '' : `, ${money(cost)}`}`;

/** Rows of a table: what, planned, found. */
export const costRows = ({ planned, found }: CostSeen) =>
  [...new Set([...planned.lines, ...found.lines].map(({ id }) => id))].map((id) => ({
    id,
    planned: planned.lines.find((line) => line.id === id),
    found: found.lines.find((line) => line.id === id),
  }));
