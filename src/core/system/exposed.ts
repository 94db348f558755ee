import { isMetal, type GroundState, type SubstrateKind } from './substrates';
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
  readonly coats: number;
  /** m of dry film that flatting takes off, all coats. */
  readonly sandedBack: number;
}

const kept: readonly (GroundState | undefined)[] = ['keep', 'primer', 'base'];

/**
 * What speaks against these layers where the part will stand, and for what it is judged by. The sheets outrank it.
 *
 * @source the trade: epoxy chalks in sun, bare metal in the damp wants a primer, a mirror is flatted and polished
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
