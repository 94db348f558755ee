import type { Cause, Remedy, RemedyId } from '@/core/permission';
import type { HandItem, JobView, PermissionItem, ToldItem } from '@/facts/job';
import { prepReason } from '@/core/system';
import { remediesOf } from '@/facts/job/remedies';
import { clockTime } from './clock';
import { diluentWhyWords } from './diluents';
import { handReasons } from './handreasons';
import type { NextLine } from './line';
import { offMeaning, offWords } from './mix';
import { settingFaultSays } from './faults';
import { hazardWords } from './hazards';
import { digitsOf, filled, openItem, quantityOf, shown, type OpenWords } from './permission';
import { cardAsks } from './set';
import type { Units } from './units';

/** One line of the permission list, whole. */
export interface ItemWords extends OpenWords {
  /** The limit it is held to, or why it is asked. */
  readonly limit: string;
  /** What can be done about it, each with what it would change. */
  readonly remedies: readonly string[];
}

/** What a cause is held to. {found}, {limit} and {until} are filled in. */
const limitWords: Record<Cause, string> = {
  'coats-on': 'Nothing of it is left to start.',
  running: 'One at a time.',
  order: '',
  'no-gun': 'Whatever was chosen is no longer here.',
  'film-thick': 'The sheet: {limit}.',
  'film-thin': 'The sheet: {limit}.',
  'fade-over-edge': 'The edge is kept at {limit}.',
  'ratio-unread': 'What stands there is what such products usually have.',
  'dose-unread': 'A dose too much or too little shows when it is too late.',
  'ground-unsaid': 'What has to be done before the first coat follows from that.',
  cramped: 'An arm and the gun’s distance take {limit}. A cramped stroke arcs and starts on the part.',
  'room-unread': 'Air, part and humidity decide whether to start.',
  'room-old': 'It counts for an hour: sun, doors and booths change it.',
  'air-cold': 'The sheet: {limit}.',
  'air-hot': 'The sheet: {limit}.',
  'part-cold': 'The sheet: {limit}.',
  'part-hot': 'The sheet: {limit}.',
  'too-dry': 'The sheet: {limit}.',
  'too-damp': 'The sheet: {limit}.',
  'near-dew': 'At least {limit} above it.',
  wet: 'At least {limit} above the dew point.',
  early: 'It takes the next one from {until}.',
  'not-drying':
    'As read, it would take more than twelve times what its sheet says: an estimate, no clock is told of it.',
  between: 'The sheet forbids it until {until}: a coat now would lift or wrinkle the one below.',
  'missed-soft': 'It is hard enough from {until}.',
  'missed-hard': 'A coat laid on it now would not bond.',
  'dry-rough':
    'What is wet and rough may still flow under the next coat; what is dry and rough shows through it.',
  'low-ceiling': 'A stroke over the top edge takes {limit}: there it starts and stops on the part.',
  'no-window': 'The film is reckoned to be ready at {until}.',
  'no-window-above': 'Ready after {found}, closed after {limit}.',
  'work-due': 'As it was planned.',
  'look-due': 'What it shows decides whether another one goes on.',
  untouched: 'An additive moves it, and the sheet does not say by how much.',
  'other-in-gun': 'It would go on with this one.',
  unmixed: 'There is nothing to spray.',
  'wind-unread': 'Gusts, at the height of the gun; a reading counts a quarter of an hour.',
  gusty: 'Gusts of {found}; this gun stops at {limit}.',
  breezy: 'Gusts of {found}; care from {limit}.',
  'drift-reaches': 'It lies {found} away; paint lands wet or sticky as far as {limit}.',
  'pot-short': 'This coat takes about {limit}, an estimate.',
  resting: 'The sheet wants it until {until}.',
  'off-ratio': '{what}',
  'pot-over': 'Mixed {since} ago; it lived {limit}.',
  'pot-doubled': 'Thinner hides it and does not stop it.',
  untimed: 'The cup says whether it is in the band.',
  'too-thick': 'The band: {limit}.',
  'too-thin': 'The band: {limit}.',
  'over-thinned': 'At most {limit}.',
  'wrong-diluent': '{what}',
  'coat-recipe': 'As it was planned.',
  'lot-over': 'An old hardener cures soft, an old base seeds.',
  'lot-brush': 'It stands too thick for the gun, and thinner does not make it spray grade.',
  'lot-ungraded': 'This kind comes both ways; the tin says which.',
  'lot-unknown': 'An absent can is not in date: nothing is known of it.',
  unset: 'What stands there is proposed, not set.',
  'over-rated': 'At most {limit}.',
  'gun-cannot': '{what}',
  'no-card': '{what}',
  'bad-card': 'What it shows goes on the part.',
  'air-short': '{found} of {limit}.',
  'air-tank': '{found} of {limit}, and the tank for the rest.',
  'air-little': '{found}; the gun takes {limit}.',
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
  'read-wind': 'Hold a cup anemometer up, or judge by leaves and flags, and enter the strongest gust.',
  'wait-calm': 'Wait for a calmer hour{: to}: mornings mostly are.',
  'bears-wind': 'An airless gun bears more wind, a brush or roller any.',
  cover: 'Move it or cover it, and say so under Day.',
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
  'flat-rough':
    'Let it harden, flat it smooth, clean it and record that; nearer or with less air for the next.',
  'lay-down': 'Lay it down, or take it where it is higher.',
  'warm-and-read': 'Warm the room and read it again.',
  'plan-sanding': 'Or plan sanding before the coat that comes after.',
  'do-work': 'Do it and record it.',
  'leave-out-work': 'Or leave it out of the plan.',
  look: 'Say what the light shows.',
  flush: 'Flush it out.',
  mix: 'Mix it.',
  'mix-next': 'Mix the next batch before it, not half-way through.',
  'wait-rest': 'Let it rest, stirred.',
  'repair-ratio': 'Add what Mix asks for: only ever more of something.',
  discard:
    'Discard it and mix afresh. Thinner does not bring it back. Catalysed leftovers stay open, outside, in small lots: they heat.',
  'time-cup': 'Time the cup.',
  thin: 'Thin it within the sheet’s limit.',
  'warm-paint':
    'Warm the paint in a warm-water or warm-air bath, its can vented{: to}. A warm mix lives shorter.',
  unthinned: 'Unthinned mix of the same brings it back.',
  dose: 'Add what the coat’s recipe asks for.',
  'spray-grade': 'Open a can of spray grade.',
  'say-grade': 'Read the tin and say which it is.',
  'trial-piece': 'Or show on a trial piece that it works, and record it.',
  'fresh-can': 'Take a can in date.',
  'name-can': 'Say which cans it came from.',
  'set-gun': 'Set it and record it.',
  'turn-down': 'Take the pressure down before anything else{: to}.',
  nearest: 'Set the nearest it can do.',
  refit: 'Or fit another nozzle or tip.',
  card: 'Spray a card.',
  'clear-fault': 'Put right what the card shows.',
  'fill-tank': 'Let the tank fill before the coat begins.',
  'pause-strokes': 'Pause between strokes until the gauge is back.',
  'larger-supply': 'Or a gun that takes less, or more air.',
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

/** What a limit is about that a number does not say. */
function whatLimits({ cause }: ToldItem, { set, mix }: JobView, units: Units): string {
  if (cause === 'gun-cannot')
    return set.fault
      ? settingFaultSays(set.fault, units)
      : 'Set shows what gives way, and the nearest it can do.';
  if (cause === 'off-ratio') {
    const off = mix.batch?.ratio?.parts.find(({ state }) => state !== 'inside');
    return off ? `${offWords(off, units)} ${offMeaning(off, mix.sheet)}` : '';
  }
  if (cause === 'wrong-diluent')
    return (mix.batch?.refused ?? []).map(({ name, why }) => `${name}: ${diluentWhyWords[why]}`).join(' ');
  if (cause === 'no-card')
    return set.cardState === 'good' || set.cardState === 'not-good' ? '' : cardAsks[set.cardState];
  return '';
}

/** `It says: isocyanates, flammable.` */
const hazardsSay = ({ hazards = [] }: HandItem): string =>
  hazards.length > 0 ? `${sentence(hazards.map((each) => hazardWords[each].toLowerCase()).join(', '))}.` : '';
const sentence = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}`;

/** What is done about something that a person answers for. */
const byHand = ({ state, until }: HandItem, now: number): string =>
  state === 'acting' && until !== undefined
    ? `Leave it to act until ${clockTime(until, now)}.`
    : state === 'lapsed'
      ? 'It no longer counts: do it again.'
      : 'Do it, then say so.';

/** What an item is held to, and what can be done about it. */
export function itemDetail(
  item: PermissionItem,
  view: JobView,
  units: Units,
): Pick<ItemWords, 'limit' | 'remedies'> {
  if (item.by === 'hand')
    return {
      limit: [hazardsSay(item), item.because ?? handReasons[item.why ?? item.id] ?? prepReason(item)]
        .filter(Boolean)
        .join(' '),
      remedies: [byHand(item, view.now)],
    };
  if (!item.cause) return { limit: '', remedies: [] };
  const limit = limitWords[item.cause]
    .replace('{limit}', limitOf(item, units))
    .replace('{what}', whatLimits(item, view, units));
  return {
    limit: filled(limit, item, view, units),
    remedies: remediesOf(item, view).map((remedy) => remedySays(remedy, item, view, units)),
  };
}

/** An item of the permission list in words. */
export const itemWords = (item: PermissionItem, view: JobView, units: Units): ItemWords => ({
  ...openItem(item, view, units),
  ...(item.by === 'record' && !item.cause ? { says: metWords[item.id] ?? item.id } : {}),
  ...itemDetail(item, view, units),
});

/** A next line with the limit and the first remedy of what stands open. */
export function wholeLine(line: NextLine, view: JobView, units: Units): NextLine {
  if (!line.open) return line;
  const { limit, remedies } = itemDetail(line.open, view, units);
  return { ...line, detail: [line.detail, limit, remedies[0]].filter(Boolean).join(' ') };
}

/** What is told of it when nothing is open. */
const metWords: Readonly<Record<string, string>> = {
  turn: 'This layer is next.',
  room: 'The room was read within the hour.',
  wind: 'The wind was read, and the gun bears it.',
  drift: 'What drifts reaches nothing that was named.',
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
  diluent: 'Nothing in the pot that this paint does not bear.',
  thinner: 'No more thinner than the sheet bears.',
  lots: 'Cans in date.',
  gun: 'The gun is set for this coat, and can do it.',
  pressure: 'Pressure within what the gun bears.',
  card: 'A good card since the last change.',
  supply: 'Air enough.',
};
