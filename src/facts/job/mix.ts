import {
  pouringLadder,
  remainingPours,
  smallDoses,
  type Pouring,
  type RecipePart,
  type Rung,
  type SmallDose,
} from '@/core/mixing';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import type { Coating, CoatingClass, Component, EntryOf, Layer, Shop } from '@/records';
import { cansFor, drawFrom, type ShelfCan } from '../shop/shelf';
import { batchOf, pouredInto, recipeFor, type BatchState } from './batch';
import { lastOf, liveEntries, ofType } from './entries';
import type { SupplyView } from './supply';
import type { Worked } from './worked';

/** A batch being poured: begun with the first part, ended by `mixed`. */
export interface PouringState {
  readonly batchId: string;
  readonly volume: number;
  /** kg of each part so far, in pouring order, and of thinner that came with them. */
  readonly poured: readonly number[];
  readonly thinner: number;
  readonly outcome: Outcome<Pouring>;
}

/** Where a part comes from, and what is wrong with its cans. */
export interface Source {
  readonly part: Component;
  /** Several are boxed together. */
  readonly cans: readonly ShelfCan[];
  readonly choices: readonly ShelfCan[];
  readonly expired: readonly ShelfCan[];
  /** Made for brush and roller. */
  readonly brush: readonly ShelfCan[];
  /** Nobody said which grade they are, of a paint that comes in both. */
  readonly ungraded: readonly ShelfCan[];
  /** A can in date and for the gun that could be used instead. */
  readonly instead?: ShelfCan;
  /** Lots an earlier batch of this job came from, when this one would come from others. */
  readonly otherLots: readonly string[];
  /** m³ short of what the batch takes. */
  readonly short: number;
}

export interface MixView {
  readonly sheet: Coating;
  readonly recipe: Outcome<readonly RecipePart[]>;
  /** m³ wanted. */
  readonly volume: Outcome<number>;
  /** Every step from an empty pot. */
  readonly ladder: Outcome<readonly Rung[]>;
  readonly small: readonly SmallDose[];
  readonly pouring?: PouringState;
  readonly batch?: BatchState;
  readonly sources: readonly Source[];
  /** All coats are on and the pot is empty: nothing is left to mix. */
  readonly finished: boolean;
  /** One part in large amounts is not weighed: cans are opened. */
  readonly opening?: Opening;
}

/** The cans a large batch of one part comes out of, the first opened first. */
export interface Opening {
  /** m³ that go into the pot. */
  readonly volume: number;
  readonly cans: readonly { readonly from: ShelfCan; readonly takes: number; readonly stays: number }[];
  /** m³ that no can of the shelf holds. */
  readonly short: number;
}

/** m³ that a batch comes to: as planned, or more where one part was over-poured and the others follow. */
export const batchComesTo = ({ volume, pouring }: Pick<MixView, 'volume' | 'pouring'>): Outcome<number> =>
  pouring && !isRefusal(pouring.outcome) ? pouring.outcome.volume : volume;

/** @param on are all coats of the layer on? Then there is nothing left to mix for. */
export function mixView(
  job: Worked,
  supply: SupplyView,
  shop: Shop,
  shelf: readonly ShelfCan[],
  on: boolean,
): MixView {
  const { layer } = job;
  const { sheet } = layer;
  const recipe = recipeFor(layer);
  const parts: readonly RecipePart[] = isRefusal(recipe) ? [] : recipe;
  const batch = batchOf(job, layer);
  const thinned = (partId: string): number =>
    drawFrom(cansFor(shelf, sheet.id, partId, layer.cans), 1).thinner;
  const pouring = isRefusal(recipe) ? undefined : pouringOf(job, layer, recipe, shop.scaleStep, thinned);
  const wanted = pouring?.volume ?? batchVolume(job, supply);
  const ladder = isRefusal(recipe)
    ? recipe
    : isRefusal(wanted)
      ? wanted
      : fromThinned(pouringLadder(wanted, recipe, 'mass', shop.scaleStep), thinned, shop.scaleStep);
  const sources = sheet.components.map((part) => sourceOf(part, job, shelf, batch ? undefined : ladder));
  const finished = on && !batch && !pouring;
  const opening =
    batch || pouring || finished || isRefusal(wanted) ? undefined : openingOf(wanted, parts, sources[0]);
  return {
    sheet,
    recipe,
    volume: wanted,
    ladder,
    small: isRefusal(wanted) ? [] : smallDoses(wanted, parts, 'mass', shop.scaleStep),
    pouring,
    batch,
    sources,
    finished,
    ...(opening ? { opening } : {}),
  };
}

/** m³ of one part from which nobody weighs it. A default. */
const openedFrom = 5e-3;

/** Cans for a large batch of one part: those in use, then others fit for it, the first out of date first. */
function openingOf(
  volume: number,
  parts: readonly RecipePart[],
  source: Source | undefined,
): Opening | undefined {
  if (parts.length !== 1 || volume < openedFrom || !source) return undefined;
  const fit = source.choices
    .filter((each) => !source.cans.includes(each) && !each.expired && each.can.grade !== 'brush')
    .sort((a, b) => (a.useBefore ?? '9999').localeCompare(b.useBefore ?? '9999'));
  let wanted = volume;
  const cans = [...source.cans, ...fit].flatMap((from) => {
    const takes = Math.min(from.left, wanted);
    if (takes <= 1e-9) return [];
    wanted -= takes;
    return [{ from, takes, stays: from.left - takes }];
  });
  return { volume, cans, short: Math.max(wanted, 0) };
}

/** The next batch: all of what remains, unless it must be split or the user wants another. */
function batchVolume(
  { approach: { batch, pot } }: Worked,
  { batches, remaining }: SupplyView,
): Outcome<number> {
  if (batch !== undefined && pot !== undefined && batch > pot * (1 + 1e-9))
    return refuse(
      'over-pot',
      'A batch of {value} does not go into a pot of {max}. Take less, or a larger pot.',
      {
        quantity: 'volume',
        value: batch,
        max: pot,
      },
    );
  if (batch !== undefined) return batch;
  const first = isRefusal(batches) ? undefined : batches[0];
  return first && !isRefusal(batches) && batches.length > 1 ? first.volume : remaining;
}

/** Paints whose tins come both for the gun and for brush and roller. */
const gradedClasses: readonly CoatingClass[] = ['gel-coat', 'moisture-curing', 'quick-enamel'];

function sourceOf(
  part: Component,
  job: Worked,
  shelf: readonly ShelfCan[],
  /** What is about to be poured; undefined once it is mixed. */
  ladder: Outcome<readonly Rung[]> | undefined,
): Source {
  const { id: layerId, sheet, cans: chosen } = job.layer;
  const cans = cansFor(shelf, sheet.id, part.id, chosen);
  const choices = shelf.filter(({ can }) => can.coatingId === sheet.id && can.componentId === part.id);
  const expired = cans.filter((each) => each.expired);
  const graded = part.id === sheet.components[0]?.id && gradedClasses.includes(sheet.class);
  const wanted = !ladder || isRefusal(ladder) ? undefined : ladder.find((rung) => rung.part.id === part.id);
  const left = cans.reduce((sum, each) => sum + each.left, 0);
  const used = new Set(
    ofType(liveEntries(job), 'poured')
      .filter((entry) => entry.layerId === layerId && entry.partId === part.id)
      .flatMap(({ from }) => from?.map(({ canId }) => canId) ?? []),
  );
  const same = used.size === 0 || cans.some(({ can }) => used.has(can.id));
  return {
    part,
    cans,
    choices,
    expired,
    brush: cans.filter(({ can }) => can.grade === 'brush'),
    ungraded: graded ? cans.filter(({ can }) => can.grade === undefined) : [],
    instead: choices.find(
      (each) => !each.expired && each.left > 0 && each.can.grade !== 'brush' && !cans.includes(each),
    ),
    otherLots: same ? [] : choices.filter(({ can }) => used.has(can.id)).map(({ can }) => can.lot),
    short: cans.length > 0 && wanted ? Math.max(wanted.volume - left, 0) : 0,
  };
}

/** Rungs of parts whose cans were thinned before: more of them is poured, so that the part itself is right. */
function fromThinned(
  rungs: Outcome<readonly Rung[]>,
  thinned: (partId: string) => number,
  scaleStep: number,
  before = 0,
): Outcome<readonly Rung[]> {
  if (isRefusal(rungs)) return rungs;
  let more = before;
  return rungs.map((rung) => {
    const share = thinned(rung.part.id);
    const mass = share > 0 ? Math.round(rung.mass / (1 - share) / scaleStep) * scaleStep : rung.mass;
    more += mass - rung.mass;
    return more === 0
      ? rung
      : {
          ...rung,
          mass,
          volume: mass / rung.part.density,
          scale: rung.scale + more,
          mark: rung.mark + more / rung.part.density,
        };
  });
}

function pouringOf(
  job: Worked,
  layer: Layer,
  recipe: readonly RecipePart[],
  scaleStep: number,
  thinned: (partId: string) => number,
): PouringState | undefined {
  const entries = liveEntries(job);
  const begun = entries.filter(
    (entry): entry is EntryOf<'poured'> | EntryOf<'leftover'> =>
      (entry.type === 'poured' || entry.type === 'leftover') && entry.layerId === layer.id,
  );
  const last = begun.at(-1);
  if (!last || lastOf(entries, 'mixed', ({ batchId }) => batchId === last.batchId)) return undefined;
  if (lastOf(entries, 'discard', ({ batchId }) => batchId === last.batchId)) return undefined;
  const { masses, thinner } = pouredInto(entries, last.batchId, recipe);
  const remaining = remainingPours(last.volume, recipe, 'mass', scaleStep, masses);
  const rest = isRefusal(remaining) ? remaining : fromThinned(remaining.rest, thinned, scaleStep, thinner);
  return {
    batchId: last.batchId,
    volume: last.volume,
    poured: masses,
    thinner,
    outcome: isRefusal(remaining) || isRefusal(rest) ? remaining : { ...remaining, rest },
  };
}
