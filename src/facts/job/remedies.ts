import { remediesFor, type Remedy, type RemedyQuestion } from '@/core/permission';
import { thinnersOf } from './diluents';
import { lastOf, liveEntries } from './entries';
import type { ToldItem } from './permission';
import type { JobView } from './view';

/** What can be done about something that is open, and what it would change. Nothing where it is met. */
export const remediesOf = ({ cause, ...item }: ToldItem, view: JobView): Remedy[] =>
  cause ? remediesFor(cause, { ...questionOf(view), ...item }) : [];

function questionOf(view: JobView): RemedyQuestion {
  const room = lastOf(liveEntries(view.work), 'climate');
  const { sheet } = view.plan;
  const { thinner, warm } = view.thin;
  const thinners = thinnersOf(sheet);
  return {
    chemistry: sheet.chemistry,
    ...(room ? { room: { air: room.air, part: room.part, humidity: room.humidity } } : {}),
    slowerThinner:
      room !== undefined &&
      thinners.some(
        ({ id, air }) => id !== thinner?.id && air !== undefined && air.max > (thinner?.air?.max ?? 0),
      ),
    extender: (sheet.additives ?? []).some(({ thins, movesClocks }) => thins && !movesClocks),
    thins: thinners.length > 0 && sheet.thinning.maximum > 0,
    ...(warm ? { warmPaintTo: warm.to } : {}),
  };
}
