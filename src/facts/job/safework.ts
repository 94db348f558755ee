import type { CleaningStepId } from '@/core/care';
import { grant, type Grant } from '@/core/permission';
import type { NewEntry } from '@/records';
import { handItems, peopleItems, rubs, sandingItems, type HandItem } from './handitems';
import type { JobView } from './view';

/** Work beside a coat that can hurt someone: firing the gun at a card, washing it, rubbing off what is on. */
export type Act = 'card' | 'wash' | 'sand';

export interface SafeWork extends Grant<HandItem> {
  readonly act: Act;
}

/** Steps of cleaning that let solvent and coating out; letting the pressure out waits for nobody. */
const washes: readonly string[] = ['empty', 'rinse', 'soften', 'flush', 'second'] satisfies CleaningStepId[];

/** The work that an entry says was done, where it is such work; what is taken back is none. */
export function actOf(entry: NewEntry): Act | undefined {
  switch (entry.type) {
    case 'card':
      return 'card';
    case 'abraded':
      return 'sand';
    case 'worked':
      return entry.what === 'sand' || entry.what === 'scuff' ? 'sand' : undefined;
    case 'tick':
      if (!entry.done) return undefined;
      if (entry.list === 'clean') return washes.includes(entry.step) ? 'wash' : undefined;
      // Between coats the cap is wiped with the same solvent.
      if (entry.list === 'midway') return entry.step === 'mid-wipe' ? 'wash' : undefined;
      return entry.list === 'ready' && rubs(entry.step) ? 'sand' : undefined;
    default:
      return undefined;
  }
}

/**
 * What is open before such work: the same ticks as before a coat, of what nobody may leave out. Old paint is tested
 * before anything is rubbed off it.
 */
export function safeWork(view: JobView, act: Act): SafeWork {
  const { coat } = view.permission;
  const items =
    act === 'sand'
      ? [...(coat ? handItems(view, coat).filter(({ id }) => id === 'old-paint') : []), ...sandingItems(view)]
      : peopleItems(view);
  // What may be left out before a coat stops nothing here.
  return {
    act,
    ...grant(
      items.filter(({ weight, waivable }) => weight === 'stop' && !waivable),
      [],
    ),
  };
}
