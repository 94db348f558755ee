import { windLimits } from '@/core/climate';
import {
  causes,
  grant,
  type Cause,
  type Grant,
  type PermissionGroup,
  type Waiver,
  type Weight,
} from '@/core/permission';
import type { QuantityId } from '@/core/quantity';
import type { Shop } from '@/records';
import { driftSeen } from './driftseen';
import { compressedAir } from './compressed';
import { doseUnread, ratioUnread } from './ratioread';
import { pastCap } from './pastcap';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { handItems, type HandItem } from './handitems';
import { roomSize } from './workplace';
import { substrateOf } from './substrate';
import { coatsInHand } from './layers';
import type { Fitness } from './plan';
import { enough, potLeft } from './potleft';
import type { CoatState } from './spray';
import type { JobView } from './view';

type Seen = Omit<JobView, 'permission'>;

/** Something the job itself knows that keeps the gun down. */
export interface ToldItem {
  readonly by: 'record';
  readonly id: string;
  readonly group: PermissionGroup;
  readonly weight: Weight;
  readonly waivable: boolean;
  readonly met: boolean;
  readonly cause?: Cause;
  readonly found?: number;
  readonly min?: number;
  readonly max?: number;
  readonly quantity?: QuantityId;
  /** ms since the epoch: it ends by itself then, and has stood since. */
  readonly until?: number;
  readonly since?: number;
}

export type PermissionItem = ToldItem | HandItem;

/** Whether the next coat of the layer in hand may be started, and what is open. */
export interface Permission extends Grant<PermissionItem> {
  /** The coat it is for; none where all of the layer are on. */
  readonly coat?: CoatState;
  /** All that was asked, met or not, in the order it is gone through: safety first. */
  readonly items: readonly PermissionItem[];
}

/** A reading of the room counts so long, ms. */
const roomCounts = 3_600_000;
/** A part this little above the dew point is wet or about to be, K. */
const condensing = 0.5;

/** The one answer to “may this coat be started?”: every place that tells it tells this one. */
export function permissionOf(view: Seen): Permission {
  const { work, spray, now } = view;
  const own = new Set(coatsInHand(work).map(({ id }) => id));
  const coat = spray.coats.find((each) => own.has(each.coat.id) && each.state !== 'done');
  const entries = liveEntries(work);
  const room = lastOf(entries, 'climate');
  const told = (id: string, group: PermissionGroup, found: Found | undefined): ToldItem => {
    const { cause, ...rest } = found ?? {};
    return {
      by: 'record',
      id,
      group,
      met: cause === undefined,
      ...(cause ? { cause, ...causes[cause] } : { weight: 'stop', waivable: false }),
      ...rest,
    };
  };
  if (!coat) {
    const items = [told('coats', 'gun', { cause: 'coats-on' })];
    return { items, ...grant(items, []) };
  }
  const items: PermissionItem[] = [
    ...handItems(view, coat),
    told('swing', 'room', swingOf(view)),
    told('ground', 'part', groundOf(view, coat)),
    told('turn', 'gun', turnOf(view, coat)),
    told('room', 'room', roomRead(room, now)),
    ...(view.job.outdoors
      ? [told('wind', 'room', windFound(view)), told('drift', 'room', driftFound(view))]
      : []),
    told('air', 'room', outOf(view, 'air', 'temperature')),
    told('part', 'part', outOf(view, 'part', 'temperature')),
    told('humidity', 'room', outOf(view, 'humidity', 'share')),
    told('dew', 'part', dewOf(view)),
    told('window', 'part', windowOf(view, coat)),
    told('between', 'part', betweenOf(view, coat)),
    told('texture', 'part', textureOf(view, coat)),
    told('film', 'part', filmOf(view, coat)),
    told('fade', 'part', fadeOf(view)),
    told('ratio', 'mix', ratioOf(view)),
    told('dose', 'mix', doseOf(view)),
    told('mix', 'mix', mixOf(view, coat)),
    told('viscosity', 'mix', viscosityOf(view)),
    told('diluent', 'mix', diluentOf(view)),
    told('thinner', 'mix', thinnerOf(view, coat)),
    told('lots', 'mix', lotsOf(view)),
    told('gun', 'gun', gunOf(view)),
    told('pressure', 'gun', pressureOf(view)),
    told('card', 'gun', cardOf(view)),
    told('supply', 'gun', supplyOf(view)),
  ];
  items.sort((a, b) => rank(a) - rank(b));
  return { coat, items, ...grant(items, waiversOf(view, coat, items)) };
}

/** What was found of something: out of its limits, for a cause; or so, until a moment. */
type Found = Pick<ToldItem, 'found' | 'min' | 'max' | 'quantity' | 'until' | 'since' | 'cause'>;

/** Safety first, then what ends the matter, then room, part, mix and gun. */
const order: readonly PermissionGroup[] = ['people', 'room', 'part', 'mix', 'gun'];
const rank = ({ group, id }: PermissionItem): number => (id === 'turn' ? 0.5 : order.indexOf(group));

function turnOf({ work, spray }: Seen, coat: CoatState): Found | undefined {
  if (spray.running) return { cause: 'running' };
  if (spray.next && spray.next.coat.layerId !== work.layer.id) return { cause: 'order' };
  return coat.state === 'todo' ? undefined : { cause: 'running' };
}

function roomRead(room: { readonly at: string } | undefined, now: number): Found | undefined {
  if (!room) return { cause: 'room-unread' };
  const since = Date.parse(room.at);
  return now - since > roomCounts ? { cause: 'room-old', since } : { until: since + roomCounts };
}

/** A reading of the wind counts so long, ms. A default. */
const windCounts = 15 * 60_000;

/** Gusts as read outdoors, against what the gun bears. */
function windFound({ work, rig, now }: Seen): Found | undefined {
  const read = lastOf(liveEntries(work), 'climate', ({ gusts }) => gusts !== undefined);
  if (read?.gusts === undefined || now - moment(read) > windCounts) return { cause: 'wind-unread' };
  const { care, stop } = windLimits[rig?.atomising === 'airless' ? 'airless' : 'air'];
  const until = moment(read) + windCounts;
  const said = { found: read.gusts, quantity: 'speed', until } as const;
  if (read.gusts >= stop) return { cause: 'gusty', ...said, max: stop };
  return read.gusts >= care ? { cause: 'breezy', ...said, max: care } : { until };
}

/** The nearest thing downwind that paint would still land on, wet or sticky. */
function driftFound(view: Seen): Found | undefined {
  const nearest = driftSeen(view)?.reached.find(({ how }) => how === 'wet' || how === 'sticky');
  return (
    nearest && {
      cause: 'drift-reaches',
      found: nearest.thing.distance,
      max: nearest.reach,
      quantity: 'length',
    }
  );
}

const outCauses = {
  air: ['air-cold', 'air-hot'],
  part: ['part-cold', 'part-hot'],
  humidity: ['too-dry', 'too-damp'],
} as const;

const fitnessOf = ({ plan }: Seen, id: Fitness['id']) => plan.fitness.find((each) => each.id === id);

/** What the room was read to be and its sheet forbids. */
function outOf(view: Seen, id: keyof typeof outCauses, quantity: QuantityId): Found | undefined {
  const { state, found, min, max } = fitnessOf(view, id) ?? {};
  if (state !== 'stop' || found === undefined) return undefined;
  const [low, high] = outCauses[id];
  return { cause: min !== undefined && found < min ? low : high, found, min, max, quantity };
}

function dewOf(view: Seen): Found | undefined {
  const { state, found, min } = fitnessOf(view, 'dew') ?? {};
  if (state !== 'stop' || found === undefined) return undefined;
  return { cause: found <= condensing ? 'wet' : 'near-dew', found, min, quantity: 'temperatureStep' };
}

/** The coat below: its window stands in one home, and this only asks it. */
function windowOf(view: Seen, { coat }: CoatState): Found | undefined {
  const { recoat, next } = view.spray;
  const { now } = view;
  const missing = noWindowAbove(view);
  if (next?.coat.id !== coat.id || !recoat) return missing;
  switch (recoat.state) {
    case 'flashing':
      return view.spray.stuck ? { cause: 'not-drying' } : { cause: 'early', until: recoat.opens };
    case 'between':
      return { cause: 'between', until: recoat.opens };
    case 'closed':
      return recoat.hard > now ? { cause: 'missed-soft', until: recoat.hard } : { cause: 'missed-hard' };
    case 'never':
      return { cause: 'no-window', until: recoat.opens };
    default:
      return missing;
  }
}

/** A window that this room does not leave is said before anything is laid that would need it. */
function noWindowAbove(view: Seen): Found | undefined {
  const { state, found, max } = fitnessOf(view, 'window') ?? {};
  return state === 'stop' ? { cause: 'no-window-above', found, max, quantity: 'duration' } : undefined;
}

function betweenOf({ spray }: Seen, { coat }: CoatState): Found | undefined {
  if (spray.next?.coat.id !== coat.id) return undefined;
  if (spray.look) return { cause: 'look-due' };
  if (spray.due)
    return { cause: 'work-due', ...(spray.due.until === undefined ? {} : { until: spray.due.until }) };
  return spray.unverified ? { cause: 'untouched' } : undefined;
}

/** A coat that lies dry and rough does not heal under the next: it is flatted first. */
function textureOf({ spray }: Seen, { coat }: CoatState): Found | undefined {
  const below = spray.texture;
  return spray.next?.coat.id === coat.id && below?.found === 'dry-rough' && !below.flatted
    ? { cause: 'dry-rough' }
    : undefined;
}

function filmOf(view: Seen, { dry }: CoatState): Found | undefined {
  if (dry.outside)
    return {
      cause: dry.aim > dry.max ? 'film-thick' : 'film-thin',
      found: dry.aim,
      min: dry.min,
      max: dry.max,
      quantity: 'film',
    };
  const own = view.plan.film.layers.find(({ id }) => id === view.work.layer.id);
  if (!own || own.verdict === 'inside') return undefined;
  return {
    cause: own.verdict === 'over' ? 'film-thick' : 'film-thin',
    found: own.stays,
    min: own.min,
    max: own.max,
    quantity: 'film',
  };
}

function fadeOf(view: Seen): Found | undefined {
  const { state, found, max } = fitnessOf(view, 'blend') ?? {};
  return state === 'stop' ? { cause: 'fade-over-edge', found, max, quantity: 'length' } : undefined;
}

/** A ratio that nobody read from the paper is not sprayed. */
const doseOf = ({ plan: { sheet }, work: { layer } }: Seen): Found | undefined =>
  doseUnread(sheet, layer.doses) ? { cause: 'dose-unread' } : undefined;

/** m above the top edge that a stroke over it takes. A default. */
const overTop = 0.3;
/** m an arm reaches beside the gun. A default. */
const armReach = 0.6;

/** Room beside the longest face for an arm and the gun’s distance, where the size of the room is known. */
function swingOf({ shop, job, set }: Seen): Found | undefined {
  const size = roomSize(job, shop);
  if (!size) return undefined;
  const widest = Math.max(...job.part.faces.map(({ width }) => width));
  const beside = Math.min((size.long - widest) / 2, size.short / 2);
  const min = armReach + set.point.distance;
  // What stands upright leaves the gun so much to its top edge, from which a stroke runs out.
  const tallest = Math.max(
    0,
    ...job.part.faces.filter(({ lies }) => lies === 'upright').map(({ height }) => height),
  );
  const above = size.high === undefined ? Infinity : size.high - tallest;
  if (beside >= min && above < overTop)
    return { cause: 'low-ceiling', found: above, min: overTop, quantity: 'length' };
  const found = beside;
  return found < min ? { cause: 'cramped', found, min, quantity: 'length' } : undefined;
}

/** What preparation the ground wants follows from what it is and what is on it: somebody says so, before anything is on. */
function groundOf({ job: { part }, spray }: Seen, { coat }: CoatState): Found | undefined {
  const first = spray.coats[0]?.coat.id === coat.id;
  return first && part.existing === undefined && substrateOf(part) !== 'mould'
    ? { cause: 'ground-unsaid' }
    : undefined;
}

const ratioOf = ({ plan: { sheet } }: Seen): Found | undefined =>
  ratioUnread(sheet) ? { cause: 'ratio-unread' } : undefined;

function mixOf(view: Seen, coat: CoatState): Found | undefined {
  const { mix, thin, plan, now } = view;
  const { batch } = mix;
  const { step } = thin;
  if (!batch) return { cause: 'unmixed' };
  if (step.kind === 'doubled') return { cause: 'pot-doubled', found: step.by, max: 2 };
  if (step.kind === 'expired' || (batch.useBefore !== undefined && now > batch.useBefore))
    return {
      cause: 'pot-over',
      since: batch.mixedAt,
      ...(batch.useBefore === undefined ? {} : { max: (batch.useBefore - batch.mixedAt) / 1000 }),
      quantity: 'duration',
    };
  // Of a ratio nobody read nothing is off.
  if (batch.ratio && !batch.ratio.passes && !ratioUnread(plan.sheet)) return { cause: 'off-ratio' };
  const pot = view.spray.running ? undefined : potLeft(view, coat.coat.id);
  if (pot && pot.left < pot.wants * enough)
    return { cause: 'pot-short', found: pot.left, min: pot.wants, quantity: 'volume' };
  return now < batch.readyAt ? { cause: 'resting', until: batch.readyAt } : undefined;
}

/** Out of the band, or not timed since it was mixed or thinned. What Thin calls done is in it. */
function viscosityOf(seen: Seen): Found | undefined {
  const { mix, thin, done, spray } = seen;
  const { step, band, readings, inBand } = thin;
  // Past the sheet’s thinner that is what is wrong with it, by its own name.
  if (inBand === 'inside' && pastCap(seen, spray.next?.coat.id)) return undefined;
  if (!mix.batch || done.has('thin') || step.kind === 'expired' || step.kind === 'doubled') return undefined;
  if (step.kind === 'extra') return { cause: 'coat-recipe' };
  const last = readings.at(-1);
  const seconds: Pick<Found, 'found' | 'min' | 'max' | 'quantity'> =
    last && band ? { found: last.atSheet, min: band.min, max: band.max, quantity: 'time' } : {};
  if (step.kind === 'time' || step.kind === 'third') return { cause: 'untimed' };
  return { cause: inBand === 'below' ? 'too-thin' : 'too-thick', ...seconds };
}

/** Something in the pot that this chemistry does not bear, whatever its sheet was made to say. */
const diluentOf = ({ mix: { batch } }: Seen): Found | undefined =>
  batch?.refused.length ? { cause: 'wrong-diluent' } : undefined;

/** More thinner than the sheet bears, or than a trial piece of this coat showed to work. */
function thinnerOf(seen: Seen, { coat }: CoatState): Found | undefined {
  const past = pastCap(seen, coat.id);
  return past && { cause: 'over-thinned', found: past.share, max: past.max, quantity: 'share' };
}

function lotsOf({ mix }: Seen): Found | undefined {
  if (mix.sources.some(({ expired }) => expired.length > 0)) return { cause: 'lot-over' };
  if (mix.sources.some(({ brush }) => brush.length > 0)) return { cause: 'lot-brush' };
  if (mix.sources.some(({ ungraded }) => ungraded.length > 0)) return { cause: 'lot-ungraded' };
  return mix.sources.some(({ cans }) => cans.length === 0) ? { cause: 'lot-unknown' } : undefined;
}

function gunOf({ set, rig, otherInGun }: Seen): Found | undefined {
  if (!rig) return { cause: 'no-gun' };
  if (otherInGun) return { cause: 'other-in-gun' };
  if (!set.setting) return { cause: 'unset' };
  if (set.fault && set.fault.kind !== 'pressure') return { cause: 'gun-cannot' };
  return set.point.feasible || set.fault ? undefined : { cause: 'gun-cannot' };
}

/** More than the weakest part is made for. */
const pressureOf = ({ set: { fault } }: Seen): Found | undefined =>
  fault?.kind === 'pressure'
    ? { cause: 'over-rated', found: fault.asked, max: fault.can, quantity: 'pressure' }
    : undefined;

function cardOf({ set }: Seen): Found | undefined {
  if (!set.setting || set.card?.verdict === 'good') return undefined;
  return { cause: set.card ? 'bad-card' : 'no-card' };
}

const airCauses = { short: 'air-short', tank: 'air-tank', little: 'air-little' } as const;

function supplyOf(view: Seen): Found | undefined {
  const air = compressedAir(view);
  if (!air || air.state === 'ample') return undefined;
  return {
    cause: airCauses[air.state],
    found: view.rig?.compressor?.delivers,
    min: air.takes,
    quantity: 'airFlow',
  };
}

/** Whoever the shop has listed waives what it lets them; where nobody is listed, anybody does. */
export function mayWaive(
  { people = [] }: Pick<Shop, 'people'>,
  by: string | undefined,
  group: PermissionGroup,
): boolean {
  if (people.length === 0) return true;
  const person = people.find(
    ({ name, formerly = [] }) => by !== undefined && [name, ...formerly].includes(by),
  );
  return person !== undefined && (person.waives === undefined || person.waives.includes(group));
}

/**
 * What was left out with a reason: of what the job knows for this coat alone, of what a hand ticks until it is ticked.
 */
function waiversOf({ work, shop }: Seen, { coat }: CoatState, items: readonly PermissionItem[]): Waiver[] {
  const entries = liveEntries(work);
  const hand = new Set(items.flatMap(({ by, id }) => (by === 'hand' ? [id] : [])));
  const groups = new Map(items.map(({ id, group }) => [id, group]));
  return ofType(entries, 'skip')
    .filter(({ item, coatId, at, by }) => {
      const group = groups.get(item);
      if (group && !mayWaive(shop, by, group)) return false;
      if (!hand.has(item)) return coatId === coat.id;
      const tick = lastOf(entries, 'tick', ({ list, step }) => list === 'ready' && step === item);
      return (coatId === undefined || coatId === coat.id) && (!tick || moment(tick) < Date.parse(at));
    })
    .map(({ item, why, found }) => ({ id: item, why, ...(found === undefined ? {} : { found }) }));
}
