import { isMetal, isTimber, type GroundState, type SubstrateKind } from './substrates';
import type { StackDoubt, StackedLayer } from './fits';

/** What a part is, where it will stand, and by what it is judged. */
export interface Standing {
  readonly ground: SubstrateKind;
  readonly state: GroundState | undefined;
  readonly exposure?: 'indoors' | 'damp' | 'outdoors' | 'sun';
  readonly judgedBy?: 'mirror' | 'texture' | 'match';
}

/** A layer as far as weather and polish matter. */
export interface StandingLayer extends StackedLayer {
  /** It keeps water from the metal: a primer, epoxy or a moisture-curing coat. */
  readonly primes: boolean;
  /** Made for furniture and rooms. */
  readonly indoors: boolean;
  /** Light goes through it to what lies below. */
  readonly clear: boolean;
  /** Share of thinner past its band that a coat of it is planned with. */
  readonly extra: number;
  readonly coats: number;
  /** m of dry film that flatting takes off, all coats. */
  readonly sandedBack: number;
}

/** Coats of a clear film that stand the weather a while. A default. */
const filmOutdoors = 3;

const kept: readonly (GroundState | undefined)[] = ['keep', 'primer', 'base'];

/**
 * What speaks against these layers where the part will stand, and for what it is judged by. The sheets outrank it.
 *
 * @source the trade and the handbook’s section 26: epoxy chalks in sun, clears over wood want more film and no extra thinner, bare metal in the damp wants a primer, a mirror is flatted and polished
 * Source: trade knowledge
 */
export function standingDoubts(
  { ground, state, exposure = 'indoors', judgedBy }: Standing,
  layers: readonly StandingLayer[],
): StackDoubt[] {
  const [first] = layers;
  const top = layers.at(-1);
  if (!first || !top) return [];
  const weather = exposure === 'outdoors' || exposure === 'sun';
  const damp = exposure !== 'indoors';
  const found: (StackDoubt | false)[] = [
    weather &&
      top.amine && {
        id: 'chalks',
        layerId: top.id,
        says: `${top.name} is an epoxy: in daylight it chalks and yellows. It wants a layer over it that stands the weather.`,
        weight: 'care',
      },
    damp &&
      isMetal(ground) &&
      !kept.includes(state) &&
      !layers.some(({ primes }) => primes) && {
        id: 'unprimed',
        layerId: first.id,
        says: `No primer under ${first.name}: bare metal in the damp rusts under it, from every edge and scratch.`,
        weight: 'care',
      },
    (weather || exposure === 'damp') &&
      top.indoors && {
        id: 'for-rooms',
        layerId: top.id,
        says: `${top.name} is of a kind made for rooms: does its sheet name ${exposure === 'damp' ? 'damp places' : 'the open'}?`,
        weight: 'care',
      },
    weather &&
      isTimber(ground) &&
      layers.every(({ clear }) => clear) && {
        id: 'clear-in-sun',
        layerId: top.id,
        says: `${top.name} is clear: light goes through it and greys the wood, and it lets go from below. It wants a filter for ultraviolet, by its sheet${top.coats < filmOutdoors ? `, and ${filmOutdoors} coats at least` : ''}.`,
        weight: top.coats < filmOutdoors ? 'care' : 'note',
        ...(top.coats < filmOutdoors ? { adds: 'coat' as const } : {}),
      },
    ...(weather
      ? layers
          .filter(({ extra }) => extra > 0)
          .map(({ id, name }) => ({
            id: 'thinned-in-sun' as const,
            layerId: id,
            says: `${name} has a coat thinned past its band: in the open that buys time with film, and film is what the weather wears. Keep to the band; a slower thinner buys time.`,
            weight: 'care' as const,
          }))
      : []),
    judgedBy === 'mirror' &&
      (top.sandedBack <= 0 || top.coats < 3) && {
        id: 'mirror',
        layerId: top.id,
        says: `A mirror is flatted and polished out of the film: plan ${top.name} in three coats at least, and what the flatting takes off.`,
        weight: 'note',
      },
  ];
  return found.filter((each) => each !== false);
}
