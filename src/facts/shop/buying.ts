import { packsFor, type Bought } from '@/core/money';
import { isRefusal, type Outcome } from '@/core/refusal';
import type { Coating, Shop } from '@/records';
import type { JobView } from '../job';
import { useBeforeOf, type ShelfCan } from './shelf';

/** A part of a product that the open jobs want more of than there is. */
export interface ToBuy {
  readonly sheet: Coating;
  readonly component: Coating['components'][number];
  /** m³ wanted by open jobs, and in date on the shelf. */
  readonly need: number;
  readonly have: number;
  readonly short: number;
  readonly jobs: readonly { readonly id: string; readonly name: string }[];
  /** For the least money, and with the least left, where that differs; refused while no size is known. */
  readonly cheapest: Outcome<Bought>;
  readonly least?: Bought;
  /** Calendar day by which what is left is dead, once opened. */
  readonly deadBy?: string;
  /** Days until it is there. */
  readonly lead: number;
}

export interface StockToBuy {
  readonly row: NonNullable<Shop['stock']>[number];
  /** So many bring it to twice the least. */
  readonly count: number;
}

/** Days until an order is there, where nobody has said. A default. */
export const usualLead = 5;

/**
 * What the open jobs want and the shelf does not hold, part by part.
 *
 * @param views every layer of every open job, each seen with that layer in hand
 * @param today calendar day, ISO
 */
export function toBuy(
  views: readonly JobView[],
  shelf: readonly ShelfCan[],
  sheets: readonly Coating[],
  today: string,
): ToBuy[] {
  const wanted = new Map<string, { need: number; jobs: Map<string, string> }>();
  for (const view of views)
    for (const { componentId, volume } of wantedBy(view)) {
      const key = `${view.plan.sheet.id}\n${componentId}`;
      const held = wanted.get(key) ?? { need: 0, jobs: new Map<string, string>() };
      held.need += volume;
      held.jobs.set(view.job.id, view.job.name);
      wanted.set(key, held);
    }
  return [...wanted].flatMap(([key, { need, jobs }]): ToBuy[] => {
    const [sheetId = '', componentId = ''] = key.split('\n');
    // The shop’s own sheet has the sizes; a job may have begun with an older state of it.
    const sheet =
      sheets.find(({ id }) => id === sheetId) ??
      views.find(({ plan }) => plan.sheet.id === sheetId)?.plan.sheet;
    const component = sheet?.components.find(({ id }) => id === componentId);
    if (!sheet || !component) return [];
    const have = shelf
      .filter(
        ({ can, expired }) =>
          can.coatingId === sheetId && can.componentId === componentId && !expired && can.grade !== 'brush',
      )
      .reduce((sum, { left }) => sum + left, 0);
    const short = need - have;
    if (short <= need * 1e-6) return [];
    const sizes = (sheet.packs ?? []).filter((pack) => pack.componentId === componentId);
    const cheapest = packsFor(short, sizes, 'cheapest');
    const least = packsFor(short, sizes, 'least-left');
    const differs = !isRefusal(cheapest) && !isRefusal(least) && cheapest.left > least.left * 1.01 + 1e-6;
    const deadBy = useBeforeOf({ made: today, opened: today }, sheet);
    return [
      {
        ...{ sheet, component, need, have, short, cheapest },
        jobs: [...jobs].map(([id, name]) => ({ id, name })),
        ...(differs ? { least } : {}),
        ...(deadBy ? { deadBy } : {}),
        lead: sheet.lead ?? usualLead,
      },
    ];
  });
}

/** m³ of each part that is still to be mixed for the layer in hand. */
function wantedBy({ supply, mix, work, spray }: JobView): { componentId: string; volume: number }[] {
  const { remaining } = supply;
  const left = spray.coats.some(({ coat, state }) => coat.layerId === work.layer.id && state !== 'done');
  if (!left || isRefusal(remaining) || isRefusal(mix.recipe)) return [];
  // What is in the pot already is not bought again.
  const inPot =
    mix.batch && mix.batch.applied.density > 0
      ? (mix.batch.mixedMass + mix.batch.additions.reduce((sum, { mass }) => sum + mass, 0)) /
        mix.batch.applied.density
      : 0;
  const volume = Math.max(remaining - inPot, 0);
  return mix.recipe.flatMap(({ id, parts, density }) =>
    volume > 0 && density > 0 ? [{ componentId: id, volume: (volume * parts) / density }] : [],
  );
}

/** What of the store room is down to its least. */
export const stockToBuy = ({ stock = [] }: Pick<Shop, 'stock'>): StockToBuy[] =>
  stock
    .filter((row) => row.stock <= row.least)
    .map((row) => ({ row, count: Math.max(Math.ceil(row.least * 2 - row.stock), 1) }));
