import { fluidNeed, partFacts, type WearingPart } from '@/core/care';
import { jobCost, type CostItem, type JobCost } from '@/core/money';
import { isRefusal } from '@/core/refusal';
import { maskingTime, workSeconds } from '@/core/system';
import { batchesOf, liveEntries, ofType, usualPace, type JobView } from '../job';
import { byHandSeconds } from '../job/byhand';
import { keptFree } from '../job/keptfree';
import { slowness, timesOver } from '../job/recoat';
import { spraying } from '../job/spray';
import { paintPrice, thinnerShare } from '../job/thinnershare';
import { priceOfPart } from './wear';

/** What a job costs by its plan, and by what was recorded of it. */
export interface CostSeen {
  readonly planned: JobCost;
  readonly found: JobCost;
  /** m² of the part, and pieces: what a cost is divided by. */
  readonly area: number;
  readonly pieces: number;
}

/** s to set a gun up, to weigh and stir a batch, to time and thin it: defaults. */
const usual = { setUp: 600, mixing: 600, thinning: 300 } as const;
/** A wait for the next coat up to so long, s, binds whoever waits for it. A default. */
const binds = 1200;

/**
 * What a job costs: paint, thinner, masking, cleaning, waste, hands and wear. What nobody priced is named and not counted.
 *
 * @param views the job seen with each of its layers in hand, the one that is in hand first
 */
export function costSeen(views: readonly JobView[]): CostSeen {
  const [view] = views;
  const planned = jobCost(views.flatMap(plannedOf).concat(view ? plannedOnce(view) : []));
  const found = jobCost(view ? foundIn(view) : []);
  const faces = view?.job.part.faces ?? [];
  return {
    planned,
    found,
    area: view?.plan.area ?? 0,
    pieces: faces.reduce((most, { count }) => Math.max(most, count), 0),
  };
}

/** What one coat more or less comes to: mix in m³, hands in s, and their money as far as both have a price. */
export interface CoatTakes {
  readonly paint: number;
  readonly seconds: number;
  readonly cost?: number;
}

/** @returns nothing for a coat of a layer that is not in hand */
export function coatTakes(view: JobView, coatId: string): CoatTakes | undefined {
  const point = view.points.find(({ coat }) => coat.id === coatId);
  if (!point) return undefined;
  const seconds = point.time * (view.pace?.ratio ?? usualPace);
  const { work, shop } = view;
  const price = paintPrice(work, work.layer);
  const labour = shop.rates?.labour;
  return {
    paint: point.paint,
    seconds,
    ...(price === undefined || labour === undefined ? {} : { cost: point.paint * price + seconds * labour }),
  };
}

const priced = (price: number | undefined): Pick<CostItem, 'price'> => (price === undefined ? {} : { price });
const handsAt = ({ shop }: Pick<JobView, 'shop'>) => priced(shop.rates?.labour);

/** Of one layer, by its plan. */
function plannedOf(view: JobView): CostItem[] {
  const { plan, shop, points, work } = view;
  const { needed, sheet } = plan;
  const { rates } = shop;
  if (isRefusal(needed) || work.layer.coats.length === 0) return [];
  const share = thinnerShare(work, work.layer);
  const reckoned = true;
  const time = points.reduce((sum, each) => sum + each.time, 0) * (view.pace?.ratio ?? usualPace);
  const wait = timesOver(work.layer, work.layer).recoatFirst * slowness(sheet, plan.climate);
  const waits = wait <= binds ? wait * Math.max(work.layer.coats.length - 1, 0) : 0;
  const between = view.spray.work
    .filter(({ layerId, what }) => layerId === work.layer.id && what !== 'wait')
    .reduce((sum, item) => sum + (item.lasts ?? workSeconds(item.what, plan.area)), 0);
  const labour = (what: string, quantity: number): CostItem => ({
    ...{ id: 'labour', what, quantity, unit: 'time', reckoned },
    ...handsAt(view),
  });
  return [
    {
      ...{ id: 'paint', what: sheet.name, quantity: needed.total * (1 - share), unit: 'volume', reckoned },
      ...priced(sheet.pricePerVolume),
    },
    {
      ...{ id: 'thinner', what: sheet.name, quantity: needed.total * share, unit: 'volume', reckoned },
      ...priced(rates?.thinner),
    },
    {
      ...{ id: 'waste', what: 'mix', quantity: needed.dead + needed.reserve, unit: 'volume', reckoned },
      ...priced(rates?.waste),
    },
    labour('mixing', usual.mixing + (view.thin.band ? usual.thinning : 0)),
    labour('spraying', time),
    labour(
      'by-hand',
      byHandSeconds(
        work.part,
        plan.coats.filter(({ coat }) => coat.layerId === work.layer.id).map(({ wet }) => wet),
      ),
    ),
    labour('waiting', waits),
    labour('between', between),
    ...wearOfLayer(view, time, needed.total),
  ];
}

/** Parts that go with use, of a gun and of an airless one, where the shop keeps no priced ones. */
const goes: Readonly<Record<'air' | 'airless', readonly WearingPart[]>> = {
  air: ['nozzle', 'needle'],
  airless: ['tip', 'gun-filter', 'pump-packing'],
};

/** Lives of parts that a layer uses up. */
function wearOfLayer({ rig }: Pick<JobView, 'rig'>, seconds: number, volume: number): CostItem[] {
  if (!rig) return [];
  return goes[rig.atomising === 'airless' ? 'airless' : 'air'].map((part): CostItem => {
    const { counts, life } = partFacts[part];
    const lives = (counts === 'hours' ? seconds : volume) / (rig.intervals?.[part] ?? life);
    return {
      ...{ id: 'wear', what: part, quantity: lives, unit: 'lives', reckoned: true },
      ...priced(priceOfPart(rig, part)),
    };
  });
}

/** Of the job as a whole, by its plan: masking, guns set up and cleaned. */
function plannedOnce(view: JobView): CostItem[] {
  const { shop, guns, work } = view;
  const { rates } = shop;
  const masks = maskingTime(keptFree(work.part.faces));
  const fluid = guns.reduce((sum, { sequence }) => {
    const { first, fresh } = fluidNeed(sequence?.steps ?? []);
    return sum + first + fresh;
  }, 0);
  const cleaning = guns.reduce(
    (sum, { sequence }) => sum + (sequence?.steps.reduce((all, { takes }) => all + takes, 0) ?? 0),
    0,
  );
  const labour = (what: string, quantity: number): CostItem => ({
    ...{ id: 'labour', what, quantity, unit: 'time', reckoned: true },
    ...handsAt(view),
  });
  return [
    {
      ...{ id: 'masking', what: 'tape', quantity: masks.length, unit: 'length', reckoned: true },
      ...priced(rates?.masking),
    },
    {
      ...{ id: 'cleaning', what: 'fluid', quantity: fluid, unit: 'volume', reckoned: true },
      ...priced(rates?.cleaner),
    },
    {
      ...{ id: 'waste', what: 'fluid', quantity: fluid, unit: 'volume', reckoned: true },
      ...priced(rates?.waste),
    },
    labour('set-up', usual.setUp * guns.length),
    labour('masking', masks.on + masks.off),
    labour('cleaning', cleaning),
  ];
}

/** What is on record, whichever layer is in hand. */
function foundIn(view: JobView): CostItem[] {
  const { job, work, shop, spray } = view;
  const { rates } = shop;
  const entries = liveEntries(job);
  const reckoned = false;
  const items: CostItem[] = work.layers.flatMap((layer): CostItem[] =>
    batchesOf(work, layer).flatMap((batch): CostItem[] => {
      const { density } = batch.applied;
      const thinnerId = batch.additions.find(({ what }) => what !== 'unthinned')?.what;
      const thinner = layer.sheet.thinning.thinners.find(({ id }) => id === thinnerId);
      const added = thinner ? batch.thinner / thinner.density : 0;
      const mass = batch.additions.reduce((sum, each) => sum + each.mass, batch.mixedMass);
      const whole = density > 0 ? mass / density : 0;
      return [
        {
          ...{
            id: 'paint',
            what: layer.sheet.name,
            quantity: Math.max(whole - added, 0),
            unit: 'volume',
            reckoned,
          },
          ...priced(layer.sheet.pricePerVolume),
        },
        {
          ...{
            id: 'thinner',
            what: thinner?.name ?? layer.sheet.name,
            quantity: added,
            unit: 'volume',
            reckoned,
          },
          ...priced(rates?.thinner),
        },
      ];
    }),
  );
  const thrown = ofType(entries, 'waste');
  const volume = (...of: readonly (typeof thrown)[number]['what'][]) =>
    thrown.filter(({ what }) => of.includes(what)).reduce((sum, each) => sum + (each.volume ?? 0), 0);
  const fluid = Math.max(volume('used') - volume('recovered'), 0);
  const sprayed = spray.coats.reduce((sum, coat) => {
    if (coat.started === undefined || coat.ended === undefined) return sum;
    const { from, to } = spraying(coat, coat.ended);
    return sum + (to - from) / 1000;
  }, 0);
  const worked = ofType(entries, 'worked').reduce((sum, { lasts = 0 }) => sum + lasts, 0);
  const labour = (what: string, quantity: number): CostItem => ({
    ...{ id: 'labour', what, quantity, unit: 'time', reckoned },
    ...handsAt(view),
  });
  return [
    ...items,
    {
      ...{ id: 'cleaning', what: 'fluid', quantity: fluid, unit: 'volume', reckoned },
      ...priced(rates?.cleaner),
    },
    {
      ...{ id: 'waste', what: 'mix', quantity: volume('mix', 'sludge') + fluid, unit: 'volume', reckoned },
      ...priced(rates?.waste),
    },
    labour('spraying', sprayed),
    labour('between', worked),
  ];
}
