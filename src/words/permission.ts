import type { Cause } from '@/core/permission';
import type { HandItem, JobView, PermissionItem, ToldItem } from '@/facts/job';
import { go, hand, plural, ratioRead, type Tap } from './line';
import { ratioWords } from './ratio';
import { pressureQuantity } from './pressure';
import { clockTime } from './clock';
import type { Units } from './units';
import { workWords } from './work';

/** One line of the permission list, in short. */
export interface OpenWords {
  readonly says: string;
  /** The number that is out, where there is one. */
  readonly big?: { readonly number: string; readonly unit: string };
  /** Where it is put right, when that is not here. */
  readonly tap?: Tap;
}

/** What a cause says, and where it is put right. {found}, {since}, {until} and {what} are filled in. */
const causeWords: Record<Cause, { says: string; tap?: Tap }> = {
  'coats-on': { says: 'All coats of this layer are on.' },
  running: { says: 'A coat is being sprayed.' },
  order: { says: 'Another layer comes first.' },
  'no-gun': {
    says: 'No gun is chosen for this layer.',
    tap: go('plan', 'Choose a gun', 'stack'),
  },
  'film-thick': {
    says: 'The film is planned thicker than the sheet allows.',
    tap: go('plan', 'Put the coats right', 'stack'),
  },
  'film-thin': {
    says: 'The film is planned thinner than the sheet asks.',
    tap: go('plan', 'Put the coats right', 'stack'),
  },
  'fade-over-edge': {
    says: 'The fade crosses the edge that is to keep its colour.',
    tap: go('plan', 'Put the fade right', 'stack'),
  },
  'ratio-unread': {
    says: 'Does the paper read {what}? Nobody has said so.',
  },
  'dose-unread': {
    says: 'A dose goes in that nobody read from the paper.',
    tap: go('mix', 'Go to Mix'),
  },
  'ground-unsaid': {
    says: 'What is it, and what is on it now?',
    tap: go('plan', 'Say what it is', 'part'),
  },
  cramped: {
    says: 'The room leaves {found} beside the part.',
    tap: go('plan', 'Go to the part', 'part'),
  },
  'low-ceiling': {
    says: 'The room leaves {found} above the part.',
    tap: go('plan', 'Go to the part', 'part'),
  },
  'room-unread': {
    says: 'The room is not read.',
    tap: go('plan', 'Read the room', 'ready'),
  },
  'room-old': {
    says: 'The room was read {since} ago.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'wind-unread': {
    says: 'The wind is not read.',
    tap: go('plan', 'Read the wind', 'ready'),
  },
  gusty: {
    says: 'It blows too hard for this gun.',
    tap: go('plan', 'See the day', 'day'),
  },
  breezy: {
    says: 'It blows: spray with the wind, never against it.',
  },
  'drift-reaches': {
    says: 'What drifts reaches what stands downwind.',
    tap: go('plan', 'See what it reaches', 'day'),
  },
  'air-cold': {
    says: 'The air is too cold.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'air-hot': {
    says: 'The air is too hot.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'part-cold': {
    says: 'The part is too cold.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'part-hot': {
    says: 'The part is too hot.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'too-dry': {
    says: 'The air is too dry.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'too-damp': {
    says: 'The air is too damp.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'near-dew': {
    says: 'The part is too near the dew point.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  wet: {
    says: 'Dew lies on the part, or is about to.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  early: {
    says: 'The coat below has not flashed yet.',
    tap: go('spray', 'Touch test', 'run'),
  },
  'not-drying': {
    says: 'The coat below does not dry in this room.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  between: {
    says: 'Too late to go on wet, too early to recoat.',
  },
  'missed-soft': {
    says: 'The window is missed, and the film is too soft to abrade.',
  },
  'missed-hard': {
    says: 'The window of the coat below is closed.',
    tap: go('spray', 'Go to the coats', 'run'),
  },
  'no-window': {
    says: 'In this room the window closes before the film is ready.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'no-window-above': {
    says: 'In this room the coat after this one has no window.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'work-due': {
    says: 'Work comes between: {what}.',
    tap: go('spray', 'Go to the work', 'run'),
  },
  'dry-rough': {
    says: 'The coat below is dry and rough: the next one does not heal it.',
    tap: go('spray', 'Go to the coats', 'run'),
  },
  'look-due': {
    says: 'The last coat is to be looked at under a strong light.',
    tap: go('spray', 'Look at it', 'run'),
  },
  untouched: {
    says: 'No clock is verified for the coat below.',
    tap: go('spray', 'Touch test', 'run'),
  },
  'other-in-gun': {
    says: '{what} is still in the gun.',
    tap: go('clean', 'Go to Clean'),
  },
  unmixed: {
    says: 'Nothing of it is mixed.',
    tap: go('mix', 'Go to Mix'),
  },
  'pot-short': {
    says: 'The pot has about {found} left.',
    tap: go('mix', 'Mix the next'),
  },
  resting: {
    says: 'The mix is resting.',
  },
  'pot-over': {
    says: 'The pot life is over.',
    tap: go('mix', 'Mix afresh'),
  },
  'pot-doubled': {
    says: 'The mix is twice as thick as it began: it is curing.',
    tap: go('mix', 'Mix afresh'),
  },
  untimed: {
    says: 'The mix is not timed as it is now.',
    tap: go('thin', 'Go to Thin'),
  },
  'too-thick': {
    says: 'The mix is too thick for this coat.',
    tap: go('thin', 'Go to Thin'),
  },
  'too-thin': {
    says: 'The mix is too thin for this coat.',
    tap: go('thin', 'Go to Thin'),
  },
  'off-ratio': {
    says: 'The mix is off its ratio.',
    tap: go('mix', 'Go to Mix'),
  },
  'wrong-diluent': {
    says: 'Something is in the pot that may not go into this paint.',
    tap: go('mix', 'Mix afresh'),
  },
  'over-thinned': {
    says: 'There is more thinner in it than the sheet bears.',
    tap: go('thin', 'Go to Thin'),
  },
  'coat-recipe': {
    says: 'This coat has a recipe of its own, and it is not in the pot.',
    tap: go('thin', 'Go to Thin'),
  },
  'lot-over': {
    says: 'A can is past its date.',
    tap: go('mix', 'Go to Mix'),
  },
  'lot-brush': {
    says: 'The can is of brush grade.',
    tap: go('mix', 'Go to Mix'),
  },
  'lot-ungraded': {
    says: 'Nobody said whether the can is of spray or of brush grade.',
    tap: go('mix', 'Go to Mix'),
  },
  'lot-unknown': {
    says: 'Nobody said which cans it came from.',
    tap: go('mix', 'Go to Mix'),
  },
  unset: {
    says: 'The gun is not set for this coat.',
    tap: go('set', 'Go to Set'),
  },
  'over-rated': {
    says: '{found} is more than this gun bears.',
    tap: go('set', 'Go to Set'),
  },
  'gun-cannot': {
    says: 'The gun as it is set cannot lay this coat.',
    tap: go('set', 'Go to Set'),
  },
  'no-card': {
    says: 'No card for the gun as it stands.',
    tap: go('set', 'Go to Set'),
  },
  'bad-card': {
    says: 'The last card was not good.',
    tap: go('set', 'Go to Set'),
  },
  'air-short': {
    says: 'The compressor gives less than the gun takes.',
    tap: go('set', 'Go to Set', 'air'),
  },
  'air-tank': {
    says: 'A full tank carries this coat; the compressor alone does not.',
  },
  'air-little': {
    says: 'The compressor has little to spare.',
  },
};

/** In what a number of an item is said. */
export const quantityOf = ({ quantity, found = 0 }: ToldItem) =>
  quantity === 'pressure' ? pressureQuantity(found) : quantity;

/** Humidity is read in whole percent. */
export const digitsOf = ({ cause }: ToldItem) =>
  cause === 'too-dry' || cause === 'too-damp' ? { digits: 0 } : {};

/** A number of an item in the user’s units. */
export const shown = (item: ToldItem, value: number | undefined, units: Units): string => {
  const quantity = quantityOf(item);
  return value === undefined
    ? ''
    : quantity
      ? units.show(quantity, value, digitsOf(item))
      : `${Math.round(value * 10) / 10} ×`;
};

/** What a person answers for, its amounts in the user’s units. */
const handSays = ({ says, amounts = {} }: HandItem, units: Units): string =>
  Object.entries(amounts).reduce(
    (text, [name, [quantity, value]]) => text.replace(`{${name}}`, units.show(quantity, value)),
    says,
  );

/** What stands behind a cause that a number does not say. */
function whatOf({ cause }: ToldItem, { spray, plan, otherInGun }: JobView): string {
  if (cause === 'ratio-unread') return ratioWords(plan.sheet);
  if (cause === 'work-due' && spray.due) return workWords[spray.due.what].todo.toLowerCase();
  return cause === 'other-in-gun' ? (otherInGun ?? '') : '';
}

/** Whole minutes since something, in s. */
const since = ({ since: moment }: ToldItem, now: number): number | undefined =>
  moment === undefined ? undefined : Math.floor((now - moment) / 60_000) * 60;

/** Numbers filled into what is said of an item. */
export const filled = (text: string, item: ToldItem, view: JobView, units: Units): string => {
  const ago = since(item, view.now);
  return text
    .replace('{since}', ago === undefined ? '' : units.show('duration', ago))
    .replace('{found}', shown(item, item.found, units))
    .replace('{until}', item.until === undefined ? '' : clockTime(item.until, view.now))
    .replace('{what}', whatOf(item, view));
};

/** An item of the permission list, said in short: its number, and where it is put right. */
export function openItem(item: PermissionItem, view: JobView, units: Units): OpenWords {
  if (item.by === 'hand') return { says: handSays(item, units) };
  const { cause, found } = item;
  if (!cause) return { says: item.id };
  const { says, tap } = causeWords[cause];
  const quantity = quantityOf(item);
  const next = view.work.layers.find(({ id }) => id === view.spray.next?.coat.layerId);
  const tapOf = (): Pick<OpenWords, 'tap'> => {
    if (cause === 'order' && next) return { tap: hand(next.id, `Take ${next.name} in hand`) };
    if (cause === 'ratio-unread' || cause === 'dose-unread') return { tap: ratioRead(view.work.layer.id) };
    return tap ? { tap } : {};
  };
  const ago = since(item, view.now);
  return {
    says: cause === 'order' && next ? `${next.name} comes first.` : filled(says, item, view, units),
    ...(ago !== undefined
      ? { big: units.parts('duration', ago) }
      : found !== undefined && quantity
        ? { big: units.parts(quantity, found, digitsOf(item)) }
        : {}),
    ...tapOf(),
  };
}

/** How the list stands at its worst: what nobody waives stops, what is out cares, what is only to be ticked is to do. */
export const openTone = ({ open }: JobView['permission']): 'stop' | 'care' | 'act' => {
  const told = open.filter(({ by, weight }) => by === 'record' && weight === 'stop');
  return told.some(({ waivable }) => !waivable) ? 'stop' : told.length > 0 ? 'care' : 'act';
};

/** `3 things before coat 2`; the coat that is going on is asked nothing any more. */
export function openWords({ spray, permission }: JobView): string {
  const { open, coat } = permission;
  if (coat && coat.state !== 'todo') return 'being sprayed now';
  const number = coat ? spray.coats.findIndex((each) => each.coat.id === coat.coat.id) + 1 : 0;
  const stops = open.filter(({ weight }) => weight === 'stop').length;
  return `${plural(stops, 'thing')} before coat ${number}`;
}
