import type { Cause, Remedy, RemedyId } from '@/core/permission';
import type { HandItem, JobView, PermissionItem, ToldItem } from '@/facts/job';
import { settingFaultSays } from './faults';
import { go, hand, plural, ratioRead, type Tap } from './line';
import { hazardWords } from './hazards';
import { ratioWords } from './ratio';
import { pressureQuantity } from './pressure';
import { cardAsks } from './set';
import { clockTime } from './clock';
import type { Units } from './units';
import { workWords } from './work';

/** One line of the permission list. */
export interface ItemWords {
  readonly says: string;
  /** The number that is out, where there is one. */
  readonly big?: { readonly number: string; readonly unit: string };
  /** The limit it is held to, or why it is asked. */
  readonly limit: string;
  /** What can be done about it, each with what it would change. */
  readonly remedies: readonly string[];
  /** Where it is put right, when that is not here. */
  readonly tap?: Tap;
}

/** What a cause says, and where it is put right. {found}, {limit} and {until} are filled in. */
const causeWords: Record<Cause, { says: string; limit: string; tap?: Tap }> = {
  'coats-on': { says: 'All coats of this layer are on.', limit: 'Nothing of it is left to start.' },
  running: { says: 'A coat is being sprayed.', limit: 'One at a time.' },
  order: { says: 'Another layer comes first.', limit: '' },
  'no-gun': {
    says: 'No gun is chosen for this layer.',
    limit: 'Whatever was chosen is no longer here.',
    tap: go('plan', 'Choose a gun', 'stack'),
  },
  'film-thick': {
    says: 'The film is planned thicker than the sheet allows.',
    limit: 'The sheet: {limit}.',
    tap: go('plan', 'Put the coats right', 'stack'),
  },
  'film-thin': {
    says: 'The film is planned thinner than the sheet asks.',
    limit: 'The sheet: {limit}.',
    tap: go('plan', 'Put the coats right', 'stack'),
  },
  'fade-over-edge': {
    says: 'The fade crosses the edge that is to keep its colour.',
    limit: 'The edge is kept at {limit}.',
    tap: go('plan', 'Put the fade right', 'stack'),
  },
  'ratio-unread': {
    says: 'Does the paper read {what}? Nobody has said so.',
    limit: 'What stands there is what such products usually have.',
  },
  'dose-unread': {
    says: 'A dose goes in that nobody read from the paper.',
    limit: 'A dose too much or too little shows when it is too late.',
    tap: go('mix', 'Go to Mix'),
  },
  'ground-unsaid': {
    says: 'What is it, and what is on it now?',
    limit: 'What has to be done before the first coat follows from that.',
    tap: go('plan', 'Say what it is', 'part'),
  },
  cramped: {
    says: 'The room leaves {found} beside the part.',
    limit: 'An arm and the gun’s distance take {limit}. A cramped stroke arcs and starts on the part.',
    tap: go('plan', 'Go to the part', 'part'),
  },
  'room-unread': {
    says: 'The room is not read.',
    limit: 'Air, part and humidity decide whether to start.',
    tap: go('plan', 'Read the room', 'ready'),
  },
  'room-old': {
    says: 'The room was read {since} ago.',
    limit: 'It counts for an hour: sun, doors and booths change it.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'air-cold': {
    says: 'The air is too cold.',
    limit: 'The sheet: {limit}.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'air-hot': {
    says: 'The air is too hot.',
    limit: 'The sheet: {limit}.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'part-cold': {
    says: 'The part is too cold.',
    limit: 'The sheet: {limit}.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'part-hot': {
    says: 'The part is too hot.',
    limit: 'The sheet: {limit}.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'too-dry': {
    says: 'The air is too dry.',
    limit: 'The sheet: {limit}.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'too-damp': {
    says: 'The air is too damp.',
    limit: 'The sheet: {limit}.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'near-dew': {
    says: 'The part is too near the dew point.',
    limit: 'At least {limit} above it.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  wet: {
    says: 'Dew lies on the part, or is about to.',
    limit: 'At least {limit} above the dew point.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  early: {
    says: 'The coat below has not flashed yet.',
    limit: 'It takes the next one from {until}.',
    tap: go('spray', 'Touch test', 'run'),
  },
  between: {
    says: 'Too late to go on wet, too early to recoat.',
    limit: 'The sheet forbids it until {until}: a coat now would lift or wrinkle the one below.',
  },
  'missed-soft': {
    says: 'The window is missed, and the film is too soft to abrade.',
    limit: 'It is hard enough from {until}.',
  },
  'missed-hard': {
    says: 'The window of the coat below is closed.',
    limit: 'A coat laid on it now would not bond.',
    tap: go('spray', 'Go to the coats', 'run'),
  },
  'no-window': {
    says: 'In this room the window closes before the film is ready.',
    limit: 'The film is reckoned to be ready at {until}.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'no-window-above': {
    says: 'In this room the coat after this one has no window.',
    limit: 'Ready after {found}, closed after {limit}.',
    tap: go('plan', 'Read the room again', 'ready'),
  },
  'work-due': {
    says: 'Work comes between: {what}.',
    limit: 'As it was planned.',
    tap: go('spray', 'Go to the work', 'run'),
  },
  'look-due': {
    says: 'The last coat is to be looked at under a strong light.',
    limit: 'What it shows decides whether another one goes on.',
    tap: go('spray', 'Look at it', 'run'),
  },
  untouched: {
    says: 'No clock is verified for the coat below.',
    limit: 'An additive moves it, and the sheet does not say by how much.',
    tap: go('spray', 'Touch test', 'run'),
  },
  'other-in-gun': {
    says: '{what} is still in the gun.',
    limit: 'It would go on with this one.',
    tap: go('clean', 'Go to Clean'),
  },
  unmixed: {
    says: 'Nothing of it is mixed.',
    limit: 'There is nothing to spray.',
    tap: go('mix', 'Go to Mix'),
  },
  resting: {
    says: 'The mix is resting.',
    limit: 'The sheet wants it until {until}.',
  },
  'pot-over': {
    says: 'The pot life is over.',
    limit: 'Mixed {since} ago; it lived {limit}.',
    tap: go('mix', 'Mix afresh'),
  },
  'pot-doubled': {
    says: 'The mix is twice as thick as it began: it is curing.',
    limit: 'Thinner hides it and does not stop it.',
    tap: go('mix', 'Mix afresh'),
  },
  untimed: {
    says: 'The mix is not timed as it is now.',
    limit: 'The cup says whether it is in the band.',
    tap: go('thin', 'Go to Thin'),
  },
  'too-thick': {
    says: 'The mix is too thick for this coat.',
    limit: 'The band: {limit}.',
    tap: go('thin', 'Go to Thin'),
  },
  'too-thin': {
    says: 'The mix is too thin for this coat.',
    limit: 'The band: {limit}.',
    tap: go('thin', 'Go to Thin'),
  },
  'over-thinned': {
    says: 'There is more thinner in it than the sheet bears.',
    limit: 'At most {limit}.',
    tap: go('thin', 'Go to Thin'),
  },
  'coat-recipe': {
    says: 'This coat has a recipe of its own, and it is not in the pot.',
    limit: 'As it was planned.',
    tap: go('thin', 'Go to Thin'),
  },
  'lot-over': {
    says: 'A can is past its date.',
    limit: 'An old hardener cures soft, an old base seeds.',
    tap: go('mix', 'Go to Mix'),
  },
  'lot-unknown': {
    says: 'Nobody said which cans it came from.',
    limit: 'An absent can is not in date: nothing is known of it.',
    tap: go('mix', 'Go to Mix'),
  },
  unset: {
    says: 'The gun is not set for this coat.',
    limit: 'What stands there is proposed, not set.',
    tap: go('set', 'Go to Set'),
  },
  'over-rated': {
    says: '{found} is more than this gun bears.',
    limit: 'At most {limit}.',
    tap: go('set', 'Go to Set'),
  },
  'gun-cannot': {
    says: 'The gun as it is set cannot lay this coat.',
    limit: '{what}',
    tap: go('set', 'Go to Set'),
  },
  'no-card': {
    says: 'No card for the gun as it stands.',
    limit: '{what}',
    tap: go('set', 'Go to Set'),
  },
  'bad-card': {
    says: 'The last card was not good.',
    limit: 'What it shows goes on the part.',
    tap: go('set', 'Go to Set'),
  },
  'air-short': {
    says: 'The compressor gives less than the gun takes.',
    limit: '{found} of {limit}.',
    tap: go('set', 'Go to Set', 'air'),
  },
  'air-little': {
    says: 'The compressor has little to spare.',
    limit: '{found}; the gun takes {limit}.',
  },
};

/** What a remedy says; {from}, {to}, {in} and {water} are filled in where they are known. */
const remedyWords: Record<RemedyId, string> = {
  'plan-coat': 'Plan another coat, if it wants one.',
  'end-coat': 'End it first.',
  'take-layer': 'Take that layer in hand.',
  'choose-gun': 'Choose a gun the shop has.',
  'more-coats': 'More coats, each thinner.',
  'thicker-coat': 'More film a coat, or one coat more.',
  'shorter-fade': 'A shorter fade, smaller steps or fewer coats.',
  'read-paper':
    'Read it on the can or its sheet. Another ratio: change the sheet, then take the revised one for this layer.',
  'say-ground': 'Two taps: the ground, and what is on it.',
  'turn-part': 'Turn the part along the room, or spray it in two reaches.',
  'read-room': 'Read air, part and humidity.',
  'warm-air':
    'Warm the room with vented or electric heat, never a flame{: from–to}. Part and paint warm with it.',
  'wait-cooler': 'Take a cooler hour{: to}.',
  shade: 'Shade it and let air over it{: from–to}{in}.',
  'slower-thinner': 'The sheet’s thinner for warmer air keeps the film open longer.',
  'warm-part': 'Warm the part with vented or electric heat, no flame{: from–to}.',
  humidify: 'Humidify{: from–to}{in}{water}. No wet floor near mains.',
  extender: 'The extender the sheet names, within its dose.',
  'wait-damper': 'Wait for damper air{: to}.',
  'ask-sheet-dry': 'Dry air seldom harms it: the sheet’s maker says whether its limit is meant for this.',
  dehumidify: 'Dry the air{: from–to}{in}{water}.',
  'wait-drier': 'Wait for drier air{: to}.',
  'dry-part': 'Dry the part first.',
  'wait-open': 'Leave it to flash.',
  touch: 'Touch a masked corner: tacky, not wet.',
  'wait-hard': 'Leave it to harden{until}.',
  scuff: 'Scuff it, clean it and record that.',
  'warm-and-read': 'Warm the room and read it again.',
  'plan-sanding': 'Or plan sanding before the coat that comes after.',
  'do-work': 'Do it and record it.',
  'leave-out-work': 'Or leave it out of the plan.',
  look: 'Say what the light shows.',
  flush: 'Flush it out.',
  mix: 'Mix it.',
  'wait-rest': 'Let it rest, stirred.',
  discard:
    'Discard it and mix afresh. Thinner does not bring it back. Catalysed leftovers stay open, outside, in small lots: they heat.',
  'time-cup': 'Time the cup.',
  thin: 'Thin it within the sheet’s limit.',
  'warm-paint':
    'Warm the paint in a warm-water or warm-air bath, its can vented{: to}. A warm mix lives shorter.',
  unthinned: 'Unthinned mix of the same brings it back.',
  dose: 'Add what the coat’s recipe asks for.',
  'trial-piece': 'Or show on a trial piece that it works, and record it.',
  'fresh-can': 'Take a can in date.',
  'name-can': 'Say which cans it came from.',
  'set-gun': 'Set it and record it.',
  'turn-down': 'Take the pressure down before anything else{: to}.',
  nearest: 'Set the nearest it can do.',
  refit: 'Or fit another nozzle or tip.',
  card: 'Spray a card.',
  'clear-fault': 'Put right what the card shows.',
  'pause-strokes': 'Pause between strokes until the gauge is back.',
  'larger-supply': 'Or a gun that takes less, or more air.',
};

const quantityOf = ({ quantity, found = 0 }: ToldItem) =>
  quantity === 'pressure' ? pressureQuantity(found) : quantity;

/** Humidity is read in whole percent. */
const digitsOf = ({ cause }: ToldItem) => (cause === 'too-dry' || cause === 'too-damp' ? { digits: 0 } : {});

/** A number of an item in the user’s units. */
const shown = (item: ToldItem, value: number | undefined, units: Units): string => {
  const quantity = quantityOf(item);
  return value === undefined
    ? ''
    : quantity
      ? units.show(quantity, value, digitsOf(item))
      : `${Math.round(value * 10) / 10} ×`;
};

function limitOf(item: ToldItem, units: Units): string {
  const { min, max } = item;
  const quantity = quantityOf(item);
  if (min !== undefined && max !== undefined && quantity)
    return units.range(quantity, min, max, digitsOf(item));
  return shown(item, min ?? max, units);
}

/** m³ of a room as an example: four by five, two and a half high. */
const room = 50;

function remedySays(
  { id, from, to, seconds, water }: Remedy,
  item: ToldItem,
  view: JobView,
  units: Units,
): string {
  const quantity = id === 'warm-part' || id === 'warm-paint' ? 'temperature' : quantityOf(item);
  const say = (value: number) => (quantity ? units.show(quantity, value, digitsOf(item)) : '');
  const span =
    to === undefined || !quantity ? '' : from === undefined ? `: ${say(to)}` : `: ${say(from)} → ${say(to)}`;
  return remedyWords[id]
    .replace('{: from–to}', span)
    .replace('{: to}', to === undefined || !quantity ? '' : `: ${say(to)}`)
    .replace('{in}', seconds === undefined ? '' : ` in about ${units.show('duration', seconds)}, an estimate`)
    .replace(
      '{water}',
      water === undefined
        ? ''
        : `, ${units.show('mass', water * room)} of water for ${units.show('airVolume', room)} of air`,
    )
    .replace('{until}', item.until === undefined ? '' : ` until ${clockTime(item.until, view.now)}`);
}

/** What stands behind a cause that a number does not say. */
function whatOf({ cause }: ToldItem, { set, spray, plan, otherInGun }: JobView, units: Units): string {
  if (cause === 'ratio-unread') return ratioWords(plan.sheet);
  if (cause === 'work-due' && spray.due) return workWords[spray.due.what].todo.toLowerCase();
  if (cause === 'other-in-gun') return otherInGun ?? '';
  if (cause === 'gun-cannot')
    return set.fault
      ? settingFaultSays(set.fault, units)
      : 'Set shows what gives way, and the nearest it can do.';
  if (cause === 'no-card')
    return set.cardState === 'good' || set.cardState === 'not-good' ? '' : cardAsks[set.cardState];
  return '';
}

/** What a person answers for, its amounts in the user’s units. */
const handSays = ({ says, amounts = {} }: HandItem, units: Units): string =>
  Object.entries(amounts).reduce(
    (text, [name, [quantity, value]]) => text.replace(`{${name}}`, units.show(quantity, value)),
    says,
  );

/** `It says: isocyanates, flammable.` */
const hazardsSay = ({ hazards = [] }: HandItem): string =>
  hazards.length > 0 ? `${sentence(hazards.map((each) => hazardWords[each].toLowerCase()).join(', '))}.` : '';
const sentence = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}`;

/** An item of the permission list in words. */
export function itemWords(item: PermissionItem, view: JobView, units: Units): ItemWords {
  if (item.by === 'hand')
    return {
      says: handSays(item, units),
      limit: [hazardsSay(item), item.because].filter(Boolean).join(' '),
      remedies: [
        item.state === 'acting' && item.until !== undefined
          ? `Leave it to act until ${clockTime(item.until, view.now)}.`
          : item.state === 'lapsed'
            ? 'It no longer counts: do it again.'
            : 'Do it, then say so.',
      ],
    };
  const { cause, found, until, since } = item;
  const ago = (moment: number) => Math.floor((view.now - moment) / 60_000) * 60;
  if (!cause) return { says: metWords[item.id] ?? item.id, limit: '', remedies: [] };
  const fill = (text: string) =>
    text
      .replace('{since}', since === undefined ? '' : units.show('duration', ago(since)))
      .replace('{found}', shown(item, found, units))
      .replace('{limit}', limitOf(item, units))
      .replace('{until}', until === undefined ? '' : clockTime(until, view.now))
      .replace('{what}', whatOf(item, view, units));
  const { says, limit, tap } = causeWords[cause];
  const quantity = quantityOf(item);
  const next = view.work.layers.find(({ id }) => id === view.spray.next?.coat.layerId);
  const tapOf = (): Pick<ItemWords, 'tap'> => {
    if (cause === 'order' && next) return { tap: hand(next.id, `Take ${next.name} in hand`) };
    if (cause === 'ratio-unread' || cause === 'dose-unread') return { tap: ratioRead(view.work.layer.id) };
    return tap ? { tap } : {};
  };
  return {
    says: cause === 'order' && next ? `${next.name} comes first.` : fill(says),
    ...(since !== undefined
      ? { big: units.parts('duration', ago(since)) }
      : found !== undefined && quantity
        ? { big: units.parts(quantity, found, digitsOf(item)) }
        : {}),
    limit: fill(limit),
    remedies: item.remedies.map((remedy) => remedySays(remedy, item, view, units)),
    ...tapOf(),
  };
}

/** What is told of it when nothing is open. */
const metWords: Readonly<Record<string, string>> = {
  turn: 'This layer is next.',
  room: 'The room was read within the hour.',
  air: 'Air inside the sheet’s limits.',
  part: 'Part inside the sheet’s limits.',
  humidity: 'Humidity inside the sheet’s limits.',
  dew: 'The part is clear of the dew point.',
  window: 'The coat below takes the next one.',
  between: 'No work waits between the coats.',
  film: 'Film inside the sheet’s range.',
  fade: 'The fade ends before the kept edge.',
  ratio: 'The ratio is as the paper says.',
  dose: 'The doses are as the paper says.',
  swing: 'Room beside the part for an arm and the gun.',
  ground: 'The ground is known, and what is on it.',
  mix: 'A mix in the pot, within its life.',
  viscosity: 'Viscosity as this coat wants it.',
  thinner: 'No more thinner than the sheet bears.',
  lots: 'Cans in date.',
  gun: 'The gun is set for this coat, and can do it.',
  pressure: 'Pressure within what the gun bears.',
  card: 'A good card since the last change.',
  supply: 'Air enough.',
};

/** How the list stands at its worst: what nobody waives stops, what is out cares, what is only to be ticked is to do. */
export const openTone = ({ open }: JobView['permission']): 'stop' | 'care' | 'act' => {
  const told = open.filter(({ by, weight }) => by === 'record' && weight === 'stop');
  return told.some(({ waivable }) => !waivable) ? 'stop' : told.length > 0 ? 'care' : 'act';
};

/** `3 things before coat 2` */
export function openWords({ spray, permission }: JobView): string {
  const { open, coat } = permission;
  const number = coat ? spray.coats.findIndex((each) => each.coat.id === coat.coat.id) + 1 : 0;
  const stops = open.filter(({ weight }) => weight === 'stop').length;
  return `${plural(stops, 'thing')} before coat ${number}`;
}
