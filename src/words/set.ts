import { isRefusal, type Refusal } from '@/core/refusal';
import type { Fitting, JobView, SettingFault, SetView } from '@/facts/job';
import type { EntryOf } from '@/records';
import { figure, reason } from './figures';
import type { Units } from './units';
import { focus, go, inSentence, log, type Fact, type NextLine, type Tap } from './line';

type Verdict = EntryOf<'card'>['verdict'];

/** What each card verdict asks for: one change, then another card. */
// prettier-ignore
export const cardWords: Record<Verdict, { name: string; change: string }> = {
  good: { name: 'Even and fine', change: 'Nothing. Spray.' },
  'heavy-centre': { name: 'Heavy centre', change: 'A little more air, or a little less fluid. One of the two, then another card.' },
  split: { name: 'Split', change: 'Too much air for the fluid: one step less air, then another card.' },
  'one-sided': { name: 'One-sided', change: 'Turn the cap half round. If the fault turns with it, clean the cap; else the nozzle.' },
  crescent: { name: 'Crescent', change: 'One horn of the cap is blocked: clean it with wood, never steel. Turn the cap half round to see which.' },
  spitting: { name: 'Spitting', change: 'Loose nozzle, low material, dry packing or a blocked vent: look in that order, then another card.' },
  tails: { name: 'Tails at the ends', change: 'Raise the pressure a step until they close; if they stay, a smaller tip or thinner material.' },
  coarse: { name: 'Coarse drops', change: 'One step more air, or half a turn less fluid, then another card.' },
  dry: { name: 'Dry, dusty', change: 'Come closer or take air down a step, then another card.' },
};

export const pressureQuantity = (pressure: number) =>
  (pressure > 15e5 ? 'pumpPressure' : 'pressure') as 'pumpPressure' | 'pressure';

export const fittingName = ({ bore, tip }: Pick<Fitting, 'bore' | 'tip'>, units: Units): string =>
  tip ? `Tip ${tip}` : units.show('bore', bore);

export const placeWords = {
  cap: 'at the cap',
  inlet: 'at the gun inlet',
  tip: 'at the tip',
  wall: 'at the wall',
  tank: 'at the tank',
};

/** Why a fresh card is asked for. */
export const cardAsks: Record<Exclude<SetView['cardState'], 'good' | 'not-good'>, string> = {
  none: 'None was sprayed with this coating yet.',
  changed: 'The gun was changed since the last one.',
  cleaned: 'The gun was apart for cleaning since the last one.',
  batch: 'A new batch was mixed since the last one.',
  refill: 'The cup was filled again since the last one: a short burst will do.',
  expired: 'The last one is too old: the mix, the room and the hand have changed.',
};

/** What of a setting cannot happen, shortly and with what to do. */
export const settingFaultWords: Record<SettingFault['kind'], { short: string; says: string }> = {
  fluid: {
    short: 'more than it passes',
    says: 'This nozzle does not pass {asked}: fully open about {can}. Less fluid and a slower hand, or a larger nozzle.',
  },
  'tip-fluid': {
    short: 'not this tip’s flow',
    says: 'This tip does not spray {asked}: at this pressure about {can}. Set what it sprays, or fit another.',
  },
  'tip-fan': {
    short: 'not this tip’s fan',
    says: 'This tip’s fan is not {asked} wide: at this distance about {can}.',
  },
  pressure: {
    short: 'over the rig’s pressure',
    says: '{asked} is more than this rig bears: {can}. Take it down before anything else.',
  },
  turbine: {
    short: 'more than the turbine leaves',
    says: 'The turbine does not leave {asked}: at the gun about {can}. Less, a shorter hose, or more stages.',
  },
  'not-here': {
    short: 'not on this rig',
    says: 'What was recorded fitted is not among the sets and tips of this rig. Fit one that is, or add it to the rig.',
  },
};

const faultQuantity = {
  fluid: 'fluidFlow',
  'tip-fluid': 'fluidFlow',
  'tip-fan': 'distance',
  pressure: 'pressure',
  turbine: 'pressure',
  'not-here': 'pressure',
} as const;

/** What of a setting cannot happen, and the nearest that can. */
export function settingFaultSays({ kind, asked, can }: SettingFault, units: Units): string {
  const shown = (value: number | undefined) =>
    units.show(kind === 'pressure' ? pressureQuantity(value ?? 0) : faultQuantity[kind], value);
  return settingFaultWords[kind].says.replace('{asked}', shown(asked)).replace('{can}', shown(can));
}

function faultLine(fault: SettingFault, because: readonly Fact[], units: Units): NextLine {
  const { kind, can } = fault;
  return {
    big:
      can === undefined
        ? { number: '–', unit: '' }
        : units.parts(kind === 'pressure' ? pressureQuantity(can) : faultQuantity[kind], can),
    says: settingFaultSays(fault, units),
    detail: 'What was recorded cannot be what the gun does. No coat is reckoned by it.',
    tone: 'stop',
    because,
    tap: focus('levers', 'Set it anew'),
  };
}

const nothingToSet = (refusal: Refusal, because: readonly Fact[], units: Units): NextLine => ({
  big: { number: '–', unit: '' },
  says: units.says(refusal),
  tone: 'stop',
  because,
});

const fittingFacts = (fitting: Fitting, { drivingAssumed }: SetView, units: Units): Fact[] => [
  {
    label: fitting.onSheet === undefined ? 'The sheet names no nozzle' : 'On the sheet',
    value: fitting.onSheet ? 'yes' : fitting.onSheet === undefined ? 'by physics' : 'no: trial piece first',
  },
  {
    label: fitting.label === 'tip' ? 'Flow at pressure' : 'Flow, needle open',
    value: units.show('fluidFlow', fitting.full),
  },
  ...(drivingAssumed && fitting.label === 'nozzle'
    ? [{ label: 'Driving pressure', value: 'a default: calibrate' }]
    : []),
];

export function setLine(view: JobView, units: Units): NextLine {
  const { set, rig } = view;
  const { fittings, proposal, setting, card, fault, wet, transfer, viscosity, point } = set;
  const because: Fact[] = [
    reason('Wet film wanted', figure(view, 'coat.wet', wet, { coat: set.coat?.id }), units),
    reason('Transfer efficiency', figure(view, 'gun.transfer', transfer), units, { digits: 0 }),
    reason('Viscosity at the nozzle', figure(view, 'gun.viscosity', viscosity), units),
    reason('Overlap', figure(view, 'gun.overlap', point.overlap), units, { digits: 0 }),
  ];
  if (view.otherInGun)
    return {
      big: { number: 'Flush', unit: 'first' },
      says: `${view.otherInGun} is still in ${rig?.name ?? 'the gun'}: flush it before ${inSentence(view.work.layer.name)} goes in.`,
      detail: 'What is left of one product in the passages spoils the next, or sets in them.',
      tone: 'stop',
      because,
      tap: go('clean', 'Go to Clean'),
    };
  // What is recorded set stands, also where nothing could have been proposed.
  if (!setting && isRefusal(fittings)) return nothingToSet(fittings, because, units);
  const facts = isRefusal(proposal) ? because : [...because, ...fittingFacts(proposal.fitting, set, units)];
  if (setting && fault) return faultLine(fault, because, units);
  if (!setting) {
    if (isRefusal(proposal)) return nothingToSet(proposal, because, units);
    const { fitting } = proposal;
    const pressure = units.show(pressureQuantity(proposal.pressure), proposal.pressure);
    return {
      big: fitting.tip ? { number: fitting.tip, unit: 'tip' } : units.parts('bore', fitting.bore),
      says: `Fit ${fitting.tip ? `tip ${fitting.tip}` : `the ${units.show('bore', fitting.bore)} set`}. ${pressure} ${placeWords[proposal.pressureAt]}, trigger pulled.`,
      detail: `Fluid ${units.show('fluidFlow', fitting.flow)}, ${units.show('distance', proposal.distance)} away, strokes ${units.show('distance', proposal.spacing)} apart at ${units.show('speed', proposal.speed)}.`,
      tone: fitting.onSheet === false ? 'care' : 'act',
      because: facts,
      tap: log('Set like this', 'gun set', {
        type: 'setting',
        layerId: view.work.layer.id,
        ...(fitting.bore === undefined ? {} : { bore: fitting.bore }),
        ...(fitting.tip === undefined ? {} : { tip: fitting.tip }),
        ...(fitting.setId === undefined ? {} : { setId: fitting.setId }),
        pressure: proposal.pressure,
        pressureAt: proposal.pressureAt,
        triggerPulled: true,
        fluid: fitting.flow,
        fan: fitting.fan,
        distance: proposal.distance,
        overlap: proposal.overlap,
        speed: proposal.speed,
      }),
      otherwise: focus('levers', 'Set something else'),
    };
  }
  if (!card || card.verdict !== 'good') {
    const good: Tap = log('Card is good', 'card judged', {
      type: 'card',
      layerId: view.work.layer.id,
      verdict: 'good',
    });
    return {
      big: units.parts(pressureQuantity(setting.pressure), setting.pressure),
      says: card
        ? `${cardWords[card.verdict].name}. ${cardWords[card.verdict].change}`
        : 'Spray a test card and look at it.',
      detail: card
        ? 'Change one thing only.'
        : `${set.cardState === 'good' || set.cardState === 'not-good' ? '' : `${cardAsks[set.cardState]} `}Even across, fine drops, soft ends.`,
      tone: card ? 'care' : 'act',
      because: facts,
      tap: good,
      otherwise: focus('card', 'It is not good', 'card'),
    };
  }
  return {
    big: units.parts('speed', setting.speed),
    says: `Set. Move at ${units.show('speed', setting.speed)}, strokes ${units.show('distance', setting.fan * (1 - setting.overlap))} apart.`,
    detail: `${rig?.name ?? 'The gun'}: ${fittingName(setting, units)}, ${units.show(pressureQuantity(setting.pressure), setting.pressure)} ${placeWords[setting.pressureAt]}, ${units.show('fluidFlow', setting.fluid)}.`,
    tone: 'good',
    because: facts,
    tap: go('spray', 'Go to Spray'),
  };
}
