import type { CostId } from '@/core/money';
import { isRefusal, type Refusal } from '@/core/refusal';
import type { UnitSystem } from '@/core/quantity';
import { unitOf } from '@/facts/figure';
import {
  coatWindows,
  ledgerOf,
  type CoatPlan,
  type CoatPoint,
  type CoatWindow,
  type JobView,
} from '@/facts/job';
import { jobViewOf, recordsOf, type Records } from '@/facts/records';
import { costSeen } from '@/facts/shop/cost';
import { keyOf, type Layer } from '@/records';
import { stateOf } from '@/words/line';
import { nextLine } from '@/words/nextline';
import { itemWords } from '@/words/remedies';
import { stripCells } from '@/words/strip';
import { unitsOf, type Units } from '@/words/units';
import { previewBundle } from './bundle';
import type { ConcludedJob, Conclusions } from './conclusions';

export interface ConcludeOptions {
  /** ms since the epoch */
  readonly at: number;
  /** In which sentences and figures are written. */
  readonly units: UnitSystem;
  /** One job alone. */
  readonly job?: string;
}

/**
 * What the application concludes from an exported bundle at a moment: every open and closed job, what is next, where
 * each stage stands, films, windows, paint and clocks. The same file and moment give the same bytes.
 *
 * @returns what was found, or why the file itself cannot be read; records that cannot be are listed in `refused`
 */
export function concludeFile(
  text: string,
  options: ConcludeOptions,
): { readonly found: Conclusions } | { readonly unread: Refusal } {
  const preview = previewBundle(text);
  if (isRefusal(preview)) return { unread: preview };
  const records: Records = new Map(
    preview.items.flatMap(({ record }) => (record ? [[keyOf(record), record] as const] : [])),
  );
  const refused = preview.items
    .filter(({ state }) => state === 'refused')
    .map(({ key, name, why = '' }) => ({ id: key, name, why }));
  return { found: conclude(records, options, refused) };
}

/** What follows from records; see `concludeFile`. A job that cannot be concluded is refused by itself. */
export function conclude(
  records: Records,
  { at, units, job: only }: ConcludeOptions,
  refused: Conclusions['refused'] = [],
): Conclusions {
  const jobs: ConcludedJob[] = [];
  const failed: Conclusions['refused'] = [];
  for (const { id, name } of recordsOf(records, 'job')) {
    if (only !== undefined && id !== only) continue;
    try {
      const view = jobViewOf(records, id, at);
      if (view) jobs.push(concludeJob(view, records, unitsOf(units), at));
    } catch (error) {
      failed.push({ id, name, why: error instanceof Error ? error.message : 'It could not be concluded.' });
    }
  }
  jobs.sort((a, b) => (a.id < b.id ? -1 : 1));
  return { schema: 1, jobs, refused: [...refused, ...failed] };
}

/** JSON has no infinity and no NaN: what is not a number is absent. */
const si = (value: number | undefined): number | null =>
  value === undefined || !Number.isFinite(value) ? null : value;

const moment = (ms: number | undefined): string | null =>
  ms === undefined || !Number.isFinite(ms) ? null : new Date(ms).toISOString();

function concludeJob(view: JobView, records: Records, units: Units, at: number): ConcludedJob {
  const { work, plan, spray, supply, thin, current } = view;
  const line = nextLine(view, current, units);
  const cells = stripCells(view, units);
  const stages = Object.fromEntries(
    cells.map(({ stage, number, figure: { fact, value }, tone }) => [
      stage,
      {
        figure: { text: number, fact, value: si(value ?? undefined), unit: unitOf(fact) },
        state: stateOf(tone),
      },
    ]),
  ) as ConcludedJob['stages'];
  const ledger = ledgerOf(work);
  const windows = coatWindows(work, spray);
  // A layer’s gun and its litres are told with the layer in hand: one way to conclude them.
  const seenWith = (layer: Layer): JobView =>
    layer.id === work.layer.id || layer.coats.length === 0
      ? view
      : (jobViewOf(records, work.id, at, { inHand: layer.id }) ?? view);
  const layers = work.layers.map((layer, i): ConcludedJob['layers'][number] => {
    const rig = records.get(`rig/${layer.rigId}`);
    const film = ledger.layers[i];
    const own = seenWith(layer);
    const { needed } = own.plan;
    const { permission } = own;
    return {
      id: layer.id,
      name: layer.name,
      sheet: layer.sheet.name,
      rig: rig?.kind === 'rig' ? rig.name : null,
      film: {
        min: si(film?.min),
        aim: si(film?.stays),
        max: si(film?.max),
        outside: film?.verdict !== 'inside',
        sprayed: si(film?.sprayed),
        sanded: si(film?.sanded),
        stays: si(film?.stays),
      },
      mix: layer.coats.length === 0 ? 0 : si(isRefusal(needed) ? undefined : needed.total),
      permission: {
        may: permission.may && layer.coats.length > 0,
        coat: layer.coats.length > 0 ? (permission.coat?.coat.id ?? null) : null,
        open:
          layer.coats.length > 0
            ? permission.open.map((item) => {
                const { says, remedies } = itemWords(item, own, units);
                const { id: what, weight, waivable } = item;
                return { id: what, says, weight, waivable, remedies: [...remedies] };
              })
            : [],
        waived: permission.waived.map(({ item, why }) => ({ id: item.id, why })),
      },
      coats: plan.coats
        .filter(({ coat }) => coat.layerId === layer.id)
        .map((coat) =>
          concludeCoat(
            coat,
            windows,
            own.points.find((each) => each.coat.id === coat.coat.id),
          ),
        ),
    };
  });
  const mixes = layers.map(({ mix }) => mix);
  return {
    id: work.id,
    name: work.name,
    next: { stage: current, layer: work.layer.id, sentence: line.says, state: stateOf(line.tone) },
    stages,
    layers,
    film: {
      min: si(ledger.min),
      aim: si(ledger.stays),
      max: si(ledger.max),
      outside: ledger.layers.some(({ verdict }) => verdict !== 'inside'),
      sprayed: si(ledger.sprayed),
      sanded: si(ledger.sanded),
      stays: si(ledger.stays),
      absorbed: si(work.part.absorption ?? 0),
    },
    paint: {
      mix: mixes.includes(null) ? null : mixes.reduce<number>((sum, mix) => sum + (mix ?? 0), 0),
      thinner: si(thin.batch?.thinner ?? 0),
      batches: isRefusal(supply.batches) ? null : supply.batches.length,
    },
    cost: concludeCost(view, [
      view,
      ...work.layers.flatMap((layer) => seenWith(layer)).filter((each) => each !== view),
    ]),
    thin: thin.band
      ? {
          seconds: si(thin.readings.at(-1)?.atSheet),
          share: si(thin.share),
          band: { cup: thin.band.cup.id, min: si(thin.band.min), max: si(thin.band.max) },
          side: thin.inBand,
        }
      : null,
    clocks: view.timers.flatMap(({ id, due, layerId }) => {
      const at = moment(due);
      return at === null ? [] : [{ what: id, layer: layerId, at }];
    }),
  };
}

/** By the plan; null where nothing of it is priced. */
function concludeCost({ shop }: JobView, views: readonly JobView[]): ConcludedJob['cost'] {
  const { lines, total, missing } = costSeen(views).planned;
  const of = (id: CostId) => si(lines.find((line) => line.id === id)?.cost);
  return {
    paint: of('paint'),
    thinner: of('thinner'),
    masking: of('masking'),
    cleaning: of('cleaning'),
    waste: of('waste'),
    labour: of('labour'),
    wear: of('wear'),
    total: si(total),
    currency: shop.currency ?? null,
    missing: [...missing],
  };
}

function concludeCoat(
  { coat, wet, dry, solids }: CoatPlan,
  windows: readonly CoatWindow[],
  laid: CoatPoint | undefined,
): ConcludedJob['layers'][number]['coats'][number] {
  const window = windows.find(({ coatId }) => coatId === coat.id);
  const asWet = (film: number) => si(solids > 0 ? film / solids : undefined);
  return {
    id: coat.id,
    name: coat.name,
    wet: { min: asWet(dry.min), aim: solids > 0 ? si(wet) : null, max: asWet(dry.max) },
    dry: { min: si(dry.min), aim: si(dry.aim), max: si(dry.max), outside: dry.outside },
    point: concludePoint(laid),
    window: {
      state: window?.state ?? 'none',
      opens: moment(window?.opens),
      closes: moment(window?.closes),
      lawful: (window?.lawful ?? []).map(({ from, to }) => ({
        from: new Date(from).toISOString(),
        to: moment(to),
      })),
    },
  };
}

function concludePoint(
  laid: CoatPoint | undefined,
): ConcludedJob['layers'][number]['coats'][number]['point'] {
  const { point, time, paint } = laid ?? {};
  const nearest = point?.nearest;
  return {
    feasible: point?.feasible ?? false,
    why: point?.why ?? null,
    nearest: nearest
      ? {
          gives: nearest.gives,
          fluid: si(nearest.point.fluid),
          speed: si(nearest.point.speed),
          film: si(nearest.point.film),
          pressure: si(nearest.point.pressure),
          passes: nearest.passes,
        }
      : null,
    bore: si(point?.bore),
    tip: point?.tip ?? null,
    fluid: si(point?.fluid),
    fan: si(point?.fan),
    distance: si(point?.distance),
    overlap: si(point?.overlap),
    spacing: si(point?.spacing),
    speed: si(point?.speed),
    inlet: si(point?.inlet),
    cap: si(point?.cap),
    viscosity: si(point?.liquid.viscosity),
    needle: si(point?.needle),
    drops: si(point?.drops),
    transfer: si(point?.transfer),
    air: si(point?.air),
    time: si(time),
    paint: si(paint),
    film: si(point?.film),
    passes: point?.passes ?? 1,
    from: point?.from ?? 'usual',
  };
}
