import { dewMarginLimit, dewPoint, saturation } from '../climate';
import type { Chemistry } from '../care';
import { isRefusal } from '../refusal';
import type { Cause } from './causes';

/** Everything somebody can do about a cause. */
export const remedyIds = [
  'plan-coat',
  'end-coat',
  'take-layer',
  'choose-gun',
  'more-coats',
  'thicker-coat',
  'shorter-fade',
  'read-paper',
  'say-ground',
  'turn-part',
  'read-room',
  'read-wind',
  'wait-calm',
  'bears-wind',
  'cover',
  'warm-air',
  'wait-cooler',
  'shade',
  'slower-thinner',
  'warm-part',
  'humidify',
  'extender',
  'wait-damper',
  'ask-sheet-dry',
  'dehumidify',
  'wait-drier',
  'dry-part',
  'wait-open',
  'touch',
  'wait-hard',
  'scuff',
  'flat-rough',
  'lay-down',
  'warm-and-read',
  'plan-sanding',
  'do-work',
  'leave-out-work',
  'look',
  'flush',
  'mix',
  'mix-next',
  'wait-rest',
  'repair-ratio',
  'discard',
  'time-cup',
  'thin',
  'warm-paint',
  'unthinned',
  'dose',
  'trial-piece',
  'fresh-can',
  'name-can',
  'spray-grade',
  'say-grade',
  'set-gun',
  'turn-down',
  'nearest',
  'refit',
  'card',
  'clear-fault',
  'fill-tank',
  'pause-strokes',
  'larger-supply',
] as const;
export type RemedyId = (typeof remedyIds)[number];

/** Something to do about a cause, and what it would change. SI. */
export interface Remedy {
  readonly id: RemedyId;
  /** From what to what it brings the number that is out. */
  readonly from?: number;
  readonly to?: number;
  /** About how long that takes, s. An estimate. */
  readonly seconds?: number;
  /** kg of water a cubic metre of the room’s air takes up or gives off meanwhile. */
  readonly water?: number;
}

/** What a remedy depends on. */
export interface RemedyQuestion {
  readonly chemistry: Chemistry;
  /** The number that is out and the limit it is to come back to, SI. */
  readonly found?: number;
  readonly min?: number;
  readonly max?: number;
  /** The room as last read: K, K, 0–1. */
  readonly room?: { readonly air: number; readonly part: number; readonly humidity: number };
  /** The sheet has a thinner for warmer air than the one in use, an extender or retarder, any thinner at all. */
  readonly slowerThinner?: boolean;
  readonly extender?: boolean;
  readonly thins?: boolean;
  /** K the paint may be warmed to so that it comes into its band; none where that is not enough. */
  readonly warmPaintTo?: number;
}

/** A thin part comes this near to the air’s temperature by e in so long, s. A default: a heavy casting takes hours. */
const partSettles = 25 * 60;
/** A closed room takes this long to follow a humidifier or a dehumidifier of its size, s. A default. */
const humiditySettles = 20 * 60;
/** Humidity is brought this far inside the limit, so that it stays there. */
const inside = 0.02;

/** kg of water a cubic metre of air holds at a temperature and humidity. Ideal gas, 461.5 J/kgK. */
const waterIn = (air: number, humidity: number): number => (saturation(air) * humidity) / (461.5 * air);

/** Does a part in the air of its room reach a temperature by itself, and when? s */
function settlesIn(from: number, to: number, air: number): number | undefined {
  const share = (from - air) / (to - air);
  return share > 1 ? partSettles * Math.log(share) : undefined;
}

/**
 * What can be done about a cause, the usual first. Only what answers it, and only what this chemistry bears: a
 * moisture-curing film wants damp and no solvent, a gel coat no thinner, a water-borne one no flame-dried air.
 *
 * @returns at least one for every cause
 * Times are estimates, for a thin part and a closed room.
 * Source: each remedy answers its own cause
 * @example remediesFor('near-dew', { chemistry: 'water-borne' }) → [{ id: 'warm-part' }]
 */
export function remediesFor(cause: Cause, question: RemedyQuestion): Remedy[] {
  const { chemistry, found, min, max, room, slowerThinner, extender, thins, warmPaintTo } = question;
  const to = (id: RemedyId, limit: number | undefined, rest: Partial<Remedy> = {}): Remedy => ({
    id,
    ...(found === undefined ? {} : { from: found }),
    ...(limit === undefined ? {} : { to: limit }),
    ...rest,
  });
  const damped = (id: RemedyId, humidity: number | undefined): Remedy =>
    humidity === undefined || !room
      ? to(id, humidity)
      : to(id, humidity, {
          seconds: humiditySettles,
          water: Math.abs(waterIn(room.air, humidity) - waterIn(room.air, room.humidity)),
        });
  const cures = chemistry === 'moisture-curing';
  switch (cause) {
    case 'coats-on':
      return [{ id: 'plan-coat' }];
    case 'running':
      return [{ id: 'end-coat' }];
    case 'order':
      return [{ id: 'take-layer' }];
    case 'no-gun':
      return [{ id: 'choose-gun' }];
    case 'film-thick':
      return [{ id: 'more-coats' }];
    case 'film-thin':
      return [{ id: 'thicker-coat' }];
    case 'fade-over-edge':
      return [{ id: 'shorter-fade' }];
    case 'ratio-unread':
    case 'dose-unread':
      return [{ id: 'read-paper' }];
    case 'room-unread':
    case 'room-old':
      return [{ id: 'read-room' }];
    case 'air-cold':
      return [to('warm-air', min)];
    case 'air-hot':
      return [
        to('shade', max),
        to('wait-cooler', max),
        ...(slowerThinner ? [to('slower-thinner', max)] : []),
      ];
    case 'part-cold':
      return [to('warm-part', min)];
    case 'part-hot': {
      const seconds =
        room && found !== undefined && max !== undefined ? settlesIn(found, max, room.air) : undefined;
      // A part in a room as hot as itself does not cool by standing in the shade of it.
      return [to('shade', max, seconds === undefined ? {} : { seconds }), to('wait-cooler', max)];
    }
    case 'too-dry':
      if (cures) return [damped('humidify', min), to('wait-damper', min)];
      if (chemistry === 'water-borne')
        return [
          ...(extender ? [to('extender', undefined)] : []),
          damped('humidify', min === undefined ? undefined : min + inside),
        ];
      return [to('ask-sheet-dry', min)];
    case 'too-damp':
      return [damped('dehumidify', max === undefined ? undefined : max - inside), to('wait-drier', max)];
    case 'near-dew':
    case 'wet': {
      const dew = room && dewPoint(room.air, room.humidity);
      const warm: Remedy = {
        id: 'warm-part',
        ...(room ? { from: room.part } : {}),
        ...(dew === undefined || isRefusal(dew) ? {} : { to: dew + (min ?? dewMarginLimit) }),
      };
      return cause === 'wet' ? [{ id: 'dry-part' }, warm] : [warm];
    }
    case 'early':
      return [{ id: 'wait-open' }, { id: 'touch' }];
    case 'not-drying':
      // What cures by damp wants more of it; water leaves only into drier air or from a warmer part; solvents want warmth.
      if (cures) return [{ id: 'humidify' }, { id: 'warm-part' }, { id: 'touch' }];
      return [
        ...(chemistry === 'water-borne' ? [{ id: 'dehumidify' as const }] : []),
        { id: 'warm-part' },
        { id: 'touch' },
      ];
    case 'between':
    case 'missed-soft':
      return [{ id: 'wait-hard' }];
    case 'missed-hard':
      return [{ id: 'scuff' }];
    case 'dry-rough':
      return [{ id: 'flat-rough' }];
    case 'low-ceiling':
      return [{ id: 'lay-down' }];
    case 'no-window':
      return [{ id: 'warm-and-read' }, { id: 'wait-hard' }];
    case 'no-window-above':
      return [{ id: 'warm-and-read' }, { id: 'plan-sanding' }];
    case 'work-due':
      return [{ id: 'do-work' }, { id: 'leave-out-work' }];
    case 'look-due':
      return [{ id: 'look' }];
    case 'untouched':
      return [{ id: 'touch' }];
    case 'other-in-gun':
      return [{ id: 'flush' }];
    case 'unmixed':
      return [{ id: 'mix' }];
    case 'pot-short':
      return [{ id: 'mix-next' }];
    case 'resting':
      return [{ id: 'wait-rest' }];
    case 'off-ratio':
      return [{ id: 'repair-ratio' }, { id: 'discard' }];
    case 'pot-over':
    case 'pot-doubled':
    case 'wrong-diluent':
      return [{ id: 'discard' }];
    case 'untimed':
      return [{ id: 'time-cup' }];
    case 'too-thick':
      return [
        // A gel coat is sprayed as supplied.
        ...(thins && chemistry !== 'polyester' ? [{ id: 'thin' as const }] : []),
        {
          id: 'warm-paint',
          ...(warmPaintTo === undefined ? {} : { to: warmPaintTo }),
        },
      ];
    case 'too-thin':
      return [{ id: 'unthinned' }];
    case 'over-thinned':
      return [{ id: 'unthinned' }, { id: 'trial-piece' }];
    case 'coat-recipe':
      return [{ id: 'dose' }];
    case 'ground-unsaid':
      return [{ id: 'say-ground' }];
    case 'cramped':
      return [{ id: 'turn-part' }];
    case 'lot-brush':
      return [{ id: 'spray-grade' }, { id: 'trial-piece' }];
    case 'lot-ungraded':
      return [{ id: 'say-grade' }];
    case 'wind-unread':
      return [{ id: 'read-wind' }];
    case 'gusty':
      return [to('wait-calm', max), { id: 'bears-wind' }];
    case 'breezy':
      return [to('wait-calm', max)];
    case 'drift-reaches':
      return [{ id: 'cover' }, { id: 'wait-calm' }, { id: 'bears-wind' }];
    case 'lot-over':
      return [{ id: 'fresh-can' }, { id: 'trial-piece' }];
    case 'lot-unknown':
      return [{ id: 'name-can' }];
    case 'unset':
      return [{ id: 'set-gun' }];
    case 'over-rated':
      return [to('turn-down', max)];
    case 'gun-cannot':
      return [{ id: 'nearest' }, { id: 'refit' }];
    case 'no-card':
      return [{ id: 'card' }];
    case 'bad-card':
      return [{ id: 'clear-fault' }, { id: 'card' }];
    case 'air-tank':
      return [{ id: 'fill-tank' }];
    case 'air-short':
    case 'air-little':
      return [{ id: 'pause-strokes' }, { id: 'larger-supply' }];
  }
}
