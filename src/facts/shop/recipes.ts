import type { DefectId } from '@/core/diagnosis';
import type { SubstrateKind } from '@/core/system';
import type { Closing, Job, Layer } from '@/records';
import { eachThatCan } from './eachthatcan';
import { sprayedIn, type Kit, type Use } from './uses';

/** Several observations of one thing: how many, their mean, and how far they lie apart; one alone says nothing of that. */
export interface Spread {
  readonly count: number;
  readonly mean: number;
  readonly sd?: number;
}

/** A product with a gun on a ground, and what every job with them taught. */
export interface Recipe {
  readonly id: string;
  readonly sheetId: string;
  readonly sheet: string;
  readonly rigId: string;
  readonly ground?: SubstrateKind;
  /** The youngest first. */
  readonly uses: readonly Use[];
  /** What a new job starts from: the best that came of it, the youngest of those; none where nothing of it worked. */
  readonly start?: Use;
  /** Film got ÷ film wanted, transfer found and thinner in the sheet’s percent, over the jobs that say so. */
  readonly film?: Spread;
  readonly transfer?: Spread;
  readonly thinner?: Spread;
  readonly faults: readonly { readonly defect: DefectId; readonly jobs: number }[];
  readonly came: Readonly<Record<NonNullable<Closing['came']> | 'unsaid', number>>;
}

/** How good a start a use is; nought for none. What showed later outranks what was said on the day. */
function worth({ closing, later, faults }: Use): number {
  if (later === 'worse' || closing?.came === 'failed') return 0;
  if (closing?.came === 'as-wanted') return 3;
  if (closing?.came === 'good-enough') return 2;
  return faults.length > 0 ? 0 : 1;
}

/** Mean and standard deviation of what is known; undefined where nothing is. */
export function spreadOf(values: readonly (number | undefined)[]): Spread | undefined {
  const known = values.filter((each) => each !== undefined);
  const count = known.length;
  if (count === 0) return undefined;
  const mean = known.reduce((sum, each) => sum + each, 0) / count;
  if (count === 1) return { count, mean };
  return {
    count,
    mean,
    sd: Math.sqrt(known.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (count - 1)),
  };
}

const idOf = ({ sheetId, rigId, ground }: Pick<Use, 'sheetId' | 'rigId' | 'ground'>): string =>
  `${sheetId}/${rigId}/${ground ?? ''}`;

/** Every recipe of these jobs, the one used last first. A job that cannot be gone through is passed over. */
export function recipesOf(jobs: readonly Job[], kit: Kit): Recipe[] {
  const groups = new Map<string, Use[]>();
  for (const use of eachThatCan(jobs, (job) => sprayedIn(job, kit))) {
    const id = idOf(use);
    const group = groups.get(id);
    if (group) group.push(use);
    else groups.set(id, [use]);
  }
  return [...groups].map(([id, uses]) => recipeOf(id, uses)).sort((a, b) => lastOn(b) - lastOn(a));
}

const lastOn = ({ uses }: Recipe): number => uses[0]?.at ?? 0;

function recipeOf(id: string, all: readonly Use[]): Recipe {
  const uses = [...all].sort((a, b) => b.at - a.at);
  const best = Math.max(...uses.map(worth));
  const start = best > 0 ? uses.find((use) => worth(use) === best) : undefined;
  const faults = new Map<DefectId, number>();
  for (const use of uses) for (const defect of use.faults) faults.set(defect, (faults.get(defect) ?? 0) + 1);
  const came = { 'as-wanted': 0, 'good-enough': 0, failed: 0, unsaid: 0 };
  for (const { closing } of uses) came[closing?.came ?? 'unsaid'] += 1;
  const { sheetId, sheet, rigId, ground } = uses[0] as Use;
  const film = spreadOf(uses.map((use) => use.film && use.film.mean / use.film.aim));
  const transfer = spreadOf(uses.map((use) => use.transfer));
  const thinner = spreadOf(
    uses.map((use) => (use.thinner?.id === start?.thinner?.id ? use.thinner?.share : undefined)),
  );
  return {
    ...{ id, sheetId, sheet, rigId, uses, came },
    ...(ground === undefined ? {} : { ground }),
    ...(start ? { start } : {}),
    ...(film ? { film } : {}),
    ...(transfer ? { transfer } : {}),
    ...(thinner ? { thinner } : {}),
    faults: [...faults].map(([defect, count]) => ({ defect, jobs: count })).sort((a, b) => b.jobs - a.jobs),
  };
}

/**
 * The recipe of a product with a gun on a ground; on any ground where it was never sprayed on this one.
 *
 * @param without a job that is to learn from others only
 */
export function recipeWith(
  jobs: readonly Job[],
  kit: Kit,
  what: Pick<Use, 'sheetId' | 'rigId' | 'ground'>,
  without?: string,
): Recipe | undefined {
  const same = (layer: Layer) => layer.sheet.id === what.sheetId && layer.rigId === what.rigId;
  const own = jobs.filter(({ id, layers }) => id !== without && layers.some(same));
  const recipes = recipesOf(own, kit).filter(
    ({ sheetId, rigId }) => sheetId === what.sheetId && rigId === what.rigId,
  );
  return recipes.find(({ ground }) => ground === what.ground) ?? recipes[0];
}

/**
 * A layer begun as its recipe did: thinner, overlap, speed and the rest as they worked, and the transfer that was found.
 * How much is mixed at once, and a blend, were for that part alone.
 */
export function asRecipe(layer: Layer, recipe: Recipe | undefined, jobs: readonly Job[]): Layer {
  const { start, transfer } = recipe ?? {};
  const before = jobs.find(({ id }) => id === start?.jobId)?.layers.find(({ id }) => id === start?.layerId);
  if (!start || !before) return layer;
  const has = layer.sheet.thinning.thinners.some(({ id }) => id === before.thinnerId);
  return {
    ...layer,
    ...(has ? { thinnerId: before.thinnerId } : {}),
    approach: {
      ...layer.approach,
      ...before.approach,
      ...(transfer ? { transfer: transfer.mean } : {}),
      batch: undefined,
      blend: undefined,
    },
    begunAs: { jobId: start.jobId, job: start.job },
  };
}
