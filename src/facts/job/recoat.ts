import {
  closesAt,
  dryingIn,
  dryingOf,
  opensByClock,
  timesMoved,
  timesUnder,
  type FilmBelow,
  type SheetTimes,
} from '@/core/schedule';
import { abrades } from '@/core/system';
import type { Coating, EntryOf, Layer, LogEntry } from '@/records';
import { clockMoved } from './batch';
import { lastOf, moment } from './entries';
import { layerOf } from './layers';
import type { LaidCoat, Worked } from './worked';

/** A film cannot be slower than this many times its sheet and still be worth waiting for. */
const slowest = 12;

/** A room as it was read, or as a day’s course lets expect it. */
type Room = Pick<EntryOf<'climate'>, 'air' | 'part' | 'humidity'>;

const dries = (sheet: Coating, room: Room): number =>
  dryingIn(dryingOf(sheet.chemistry), sheet.times.temperature, room);

/** How much longer than its sheet says a film takes in the room as last read. */
export const slowness = (sheet: Coating, room: Room | undefined): number =>
  room ? Math.min(dries(sheet, room), slowest) : 1;

/** Does a film not dry in the room as last read, as far as anybody would wait? No clock is then told of it. */
export const neverDries = (sheet: Coating, room: EntryOf<'climate'> | undefined): boolean =>
  room !== undefined && dries(sheet, room) > slowest;

/** The times of a layer for the coat that comes over it: of the same product, or of another. */
export const timesOver = (below: Layer, above: Pick<Layer, 'sheet'> | undefined): Coating['times'] =>
  timesMoved(
    timesUnder(below.sheet.times, !above || above.sheet.id === below.sheet.id ? 'same' : 'other'),
    clockMoved(below).by,
  );

/** A film found wet is asked again after this, ms. */
const askAgain = 5 * 60_000;

/** A coat that is on. */
export interface CoatOn {
  readonly coat: LaidCoat;
  readonly sheet: Coating;
  readonly ended: number;
}

/** When a coat takes the next one by what a finger found of it: that outranks the clock, but never a window that has closed. */
function opensByTouch(film: FilmBelow, touch: EntryOf<'touch'> | undefined): number | undefined {
  const closes = closesAt(film) ?? Infinity;
  if (!touch || moment(touch) > closes) return undefined;
  const clock = opensByClock(film);
  return touch.found === 'wet' ? Math.max(clock, moment(touch) + askAgain) : Math.min(clock, moment(touch));
}

/** The touch test of a coat that stands instead of its clock. */
export const touchOf = (
  entries: readonly LogEntry[],
  { coat, ended }: CoatOn,
): EntryOf<'touch'> | undefined =>
  lastOf(entries, 'touch', (entry) => entry.coatId === coat.id && moment(entry) >= ended);

/** When a coat was sanded or scuffed last. */
export function abradedOf(entries: readonly LogEntry[], { coat, ended }: CoatOn): number | undefined {
  const last = entries.findLast(
    (entry) =>
      ((entry.type === 'abraded' && entry.coatId === coat.id) ||
        (entry.type === 'worked' && entry.layerId === coat.layerId && abrades(entry.what))) &&
      // Asked last: a gauge’s file brings thousands of entries, and a moment is read from text.
      moment(entry) >= ended,
  );
  return last && moment(last);
}

/**
 * The film that waits for the next coat, as the windows ask for it: its sheet’s times for what comes over it, moved by what
 * was mixed in, the room as read, what a finger found and when it was abraded.
 *
 * @param entries up to the moment it is asked for
 */
export function filmBelow(
  job: Pick<Worked, 'layers'>,
  entries: readonly LogEntry[],
  below: CoatOn,
  above: LaidCoat | undefined,
): FilmBelow {
  const layer = layerOf(job, below.coat.layerId);
  const touch = touchOf(entries, below);
  const abraded = abradedOf(entries, below);
  const film: FilmBelow = {
    ended: below.ended,
    times: timesOver(layer, above && layerOf(job, above.layerId)) satisfies SheetTimes,
    factor: slowness(below.sheet, lastOf(entries, 'climate')),
    ...(touch?.found === 'dry' ? { dry: moment(touch) } : {}),
    ...(abraded === undefined ? {} : { abraded }),
  };
  const found = opensByTouch(film, touch);
  return found === undefined ? film : { ...film, found };
}
