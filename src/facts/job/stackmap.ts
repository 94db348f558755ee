import { ledgerOf } from './ledger';
import { holds } from './potleft';
import type { CoatState } from './spray';
import type { JobView } from './view';

/** One layer of the stack as the map of a job. */
export interface MappedLayer {
  readonly id: string;
  readonly name: string;
  readonly coats: readonly CoatState['state'][];
  readonly state: 'to-come' | 'begun' | 'on';
  /** m dry that stays of it, and its share of the whole stack. */
  readonly stays: number;
  readonly share: number;
  /** Its mix at work, and when its life ends, ms; nothing of one that is used up is over. */
  readonly pot?: {
    readonly useBefore?: number;
    readonly readyAt: number;
    readonly over: boolean;
    readonly empty: boolean;
  };
  /** The gun it is in, where that is not clean; one that has another layer’s mix in it is that layer’s. */
  readonly gun: {
    readonly state: 'none' | 'dirty' | 'clean';
    readonly name: string;
    readonly cleanBy?: number;
  };
}

/** The layers of a job from the part up, each with what is on, its pot and its gun. */
export function stackOf({ work, spray, supply, pots, guns, now }: JobView): MappedLayer[] {
  const { layers: films, stays: whole } = ledgerOf(work);
  return work.layers.flatMap(({ id, name, coats }, i): MappedLayer[] => {
    if (coats.length === 0) return [];
    const states = spray.coats.filter(({ coat }) => coat.layerId === id).map(({ state }) => state);
    const stays = films[i]?.stays ?? 0;
    const batch = pots.find(({ layerId }) => layerId === id);
    const empty = batch !== undefined && holds(batch, { work, spray, supply })?.empty === true;
    const gun = guns.find(({ layerId, state }) => layerId === id && state !== 'nothing-in-it');
    return [
      {
        ...{ id, name, coats: states, stays },
        share: whole > 0 ? stays / whole : 0,
        state: states.every((state) => state === 'done')
          ? 'on'
          : states.some((state) => state !== 'todo') || batch
            ? 'begun'
            : 'to-come',
        ...(batch
          ? {
              pot: {
                readyAt: batch.readyAt,
                empty,
                over: !empty && batch.useBefore !== undefined && now > batch.useBefore,
                ...(batch.useBefore === undefined ? {} : { useBefore: batch.useBefore }),
              },
            }
          : {}),
        gun: {
          state: gun === undefined ? 'none' : gun.state === 'clean' ? 'clean' : 'dirty',
          name: gun?.rig?.name ?? 'gun',
          ...(gun?.cleanBy === undefined ? {} : { cleanBy: gun.cleanBy }),
        },
      },
    ];
  });
}
