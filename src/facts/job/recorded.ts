import type { CardRung } from '@/core/card';
import type { EntryOf, LogEntry } from '@/records';
import { coatAsks } from './coatasks';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { coatsInHand, nextCoat } from './layers';
import type { LaidCoat, Worked } from './worked';

/** Why a fresh card is wanted, or that none is. */
export type CardState =
  'good' | 'none' | 'not-good' | 'changed' | 'cleaned' | 'batch' | 'refill' | 'struck' | 'expired';

/** What was recorded of the gun for the coat in hand, and whether its card still holds. */
export interface Recorded {
  /** The last setting for this sheet since the gun was cleaned, if it was for a coat sprayed like this one. */
  readonly setting?: EntryOf<'setting'>;
  /** The gun stands as another coat asked, and how it last stood for one like this. */
  readonly setOtherwise?: EntryOf<'setting'>;
  readonly again?: EntryOf<'setting'>;
  /** The last card since that setting and since the batch was mixed. */
  readonly card?: EntryOf<'card'>;
  readonly cardState: CardState;
  /** ms since the epoch when the card held expires. */
  readonly cardUntil?: number;
  /** The setting before it, and the last card of that one. */
  readonly before?: EntryOf<'setting'>;
  readonly cardBefore?: EntryOf<'card'>;
  /** Cards of a pressure ladder since the gun was fitted as it is. */
  readonly rungs: readonly CardRung[];
}

/** The coat a setting was recorded for: the first of its layer that had not ended then. */
function coatsOfSettings(job: Worked, entries: readonly LogEntry[]) {
  const coats = coatsInHand(job);
  const ended = new Map(ofType(entries, 'coat-end').map(({ coatId, counter }) => [coatId, counter] as const));
  return (setting: EntryOf<'setting'>): LaidCoat | undefined =>
    coats.find(({ id }) => (ended.get(id) ?? Infinity) > setting.counter) ?? coats.at(-1);
}

/** Cleaning steps by which a gun has been apart; `assemble` is from lists of earlier days. */
const putTogether = ['assemble', 'fit-knobs', 'fit-seat'];

/** The setting and card that still hold: cleaning and a fresh batch both ask for a new card. */
export function recorded(job: Worked, lasts: number, now: number, coat: LaidCoat | undefined): Recorded {
  const entries = liveEntries(job);
  const inHand = ({ layerId }: { readonly layerId: string }) => layerId === job.layer.id;
  const ownGun = ({ rigId }: EntryOf<'tick' | 'incident'>) =>
    rigId === undefined || rigId === job.layer.rigId;
  const cleaned = lastOf(
    entries,
    'tick',
    (tick) => tick.list === 'clean' && putTogether.includes(tick.step) && tick.done && ownGun(tick),
  );
  // A gun that is flushed and stored keeps its knobs, but not its card.
  const flushed = lastOf(
    entries,
    'tick',
    (tick) => tick.list === 'clean' && tick.step === 'flush' && tick.done && ownGun(tick),
  );
  const swapped = lastOf(entries, 'swapped', inHand);
  const mixed = lastOf(entries, 'mixed', inHand);
  const standing = (entry: EntryOf<'setting'>) =>
    inHand(entry) &&
    (!cleaned || moment(entry) > moment(cleaned)) &&
    // Another gun: what the one before was set to says nothing of it.
    (!swapped || entry.counter > swapped.counter);
  const last = lastOf(entries, 'setting', standing);
  const coatOf = coatsOfSettings(job, entries);
  /** Was it set for a coat that is sprayed like this one? */
  const alike = (entry: EntryOf<'setting'>) => coatAsks(coatOf(entry)).key === coatAsks(coat).key;
  const stands = last && (!nextCoat(job) || alike(last));
  const setting = stands ? last : undefined;
  const again = stands ? undefined : lastOf(entries, 'setting', (entry) => standing(entry) && alike(entry));
  const pots = new Set(
    ofType(entries, 'mixed')
      .filter(inHand)
      .map(({ batchId }) => batchId),
  );
  const refilled = lastOf(entries, 'refill', ({ batchId }) => batchId === undefined || pots.has(batchId));
  // A change made for a cause is proved by a card.
  const mended = lastOf(entries, 'action', ({ cause }) => cause !== undefined);
  // One of a search for the distance is of that distance, not of how the gun is set.
  const lastCard = lastOf(entries, 'card', (each) => inHand(each) && each.distance === undefined);
  const struck = lastOf(entries, 'incident', ownGun);
  const after = (entry: LogEntry | undefined) => !!entry && !!lastCard && moment(entry) > moment(lastCard);
  const cardState = stateOfCard();
  const card = cardState === 'good' || cardState === 'not-good' ? lastCard : undefined;
  const settings = ofType(entries, 'setting').filter(inHand);
  const before = setting && settings[settings.indexOf(setting) - 1];
  const cards = ofType(entries, 'card').filter(inHand);
  function stateOfCard(): CardState {
    if (!lastCard) return 'none';
    if (after(cleaned) || after(flushed)) return 'cleaned';
    if (swapped && swapped.counter > lastCard.counter) return 'changed';
    if (after(struck)) return 'struck';
    if (!setting || after(setting) || after(mended)) return 'changed';
    if (after(mixed)) return 'batch';
    if (after(refilled)) return 'refill';
    if (lastCard.verdict !== 'good') return 'not-good';
    // Once every coat is on, nobody needs a card.
    return nextCoat(job) && now - moment(lastCard) > lasts ? 'expired' : 'good';
  }

  return {
    setting,
    card,
    cardState,
    ...(cardState === 'good' && lastCard ? { cardUntil: moment(lastCard) + lasts } : {}),
    before,
    cardBefore:
      before && setting
        ? cards.filter((each) => moment(each) >= moment(before) && moment(each) < moment(setting)).at(-1)
        : undefined,
    rungs: rungsOf(cards, settings, setting),
    ...(last && !setting ? { setOtherwise: last } : {}),
    ...(again ? { again } : {}),
  };
}

/** Cards with a pressure, back to the last setting that changed anything but the pressure. */
function rungsOf(
  cards: readonly EntryOf<'card'>[],
  settings: readonly EntryOf<'setting'>[],
  setting: EntryOf<'setting'> | undefined,
): CardRung[] {
  if (!setting) return [];
  const alike = (other: EntryOf<'setting'>) =>
    other.bore === setting.bore &&
    other.tip === setting.tip &&
    other.fluid === setting.fluid &&
    other.distance === setting.distance;
  let first = setting;
  for (const each of settings.slice(0, settings.indexOf(setting)).reverse()) {
    if (!alike(each)) break;
    first = each;
  }
  return cards
    .filter((each) => moment(each) >= moment(first))
    .flatMap(({ pressure, score }) =>
      pressure === undefined || score === undefined ? [] : [{ pressure, score }],
    );
}
