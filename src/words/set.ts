import { isRefusal, type Refusal } from '@/core/refusal';
import {
  setAgain,
  type Fitting,
  type JobView,
  type Proposal,
  type SettingFault,
  type SetView,
} from '@/facts/job';
import { warmAt } from '@/facts/job/timers';
import type { EntryOf } from '@/records';
import { figure, reason, sheetFrom, transferFrom } from './figures';
import type { From } from './from';
import { faultQuantity, settingFaultSays } from './faults';
import { paceWords } from './pace';
import { placeWords, pressureQuantity } from './pressure';
import { clockTime } from './clock';
import { costsSay, whySays } from './verdict';
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

/** Turns of a knob as they are read off it: to a quarter. */
export const turnsSays = (turns: number): string => `${Math.round(turns * 4) / 4}`;

export const fittingName = ({ bore, tip }: Pick<Fitting, 'bore' | 'tip'>, units: Units): string =>
  tip ? `Tip ${tip}` : units.show('bore', bore);

/** Why a fresh card is asked for. */
export const cardAsks: Record<Exclude<SetView['cardState'], 'good' | 'not-good'>, string> = {
  none: 'None was sprayed with this coating yet.',
  changed: 'The gun was changed since the last one.',
  cleaned: 'The gun was apart for cleaning since the last one.',
  batch: 'A new batch was mixed since the last one.',
  refill: 'The cup was filled again since the last one: a short burst will do.',
  struck: 'The gun had a fall since the last one: look at needle, nozzle and cap, or the tip, first.',
  expired: 'The last one is too old: the mix, the room and the hand have changed.',
};

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

/** Of what is fitted, or proposed where nothing is: is it on the sheet, and how much does it pass? */
function fittingFacts({ point, fittings, drivingAssumed, sheet, liquid }: SetView, units: Units): Fact[] {
  if (isRefusal(fittings)) return [];
  const own = fittings.find(({ bore, tip }) =>
    tip === undefined ? Math.abs((bore ?? 0) - (point.bore ?? 0)) < 1e-6 : tip === point.tip,
  );
  if (!own) return [];
  const { onSheet, label } = own;
  return [
    {
      label: onSheet === undefined ? 'The sheet names no nozzle' : 'On the sheet',
      value: onSheet ? 'yes' : onSheet === undefined ? 'by physics' : 'no: trial piece first',
      ...(onSheet === undefined ? {} : { from: sheetFrom(sheet, 'guns') }),
    },
    {
      label: label === 'tip' ? 'Flow at pressure' : 'Flow, needle open',
      value: units.show('fluidFlow', point.fluidMost),
      from: {
        source: 'estimate' as const,
        ...(liquid.from === 'none' ? {} : { spread: units.show('share', liquid.spread, { digits: 0 }) }),
      },
    },
    ...(drivingAssumed && label === 'nozzle'
      ? [{ label: 'Driving pressure', value: 'calibrate it', from: { source: 'default' as const } }]
      : []),
  ];
}

/** Drops this much coarser than the sheet’s own set-up want care, and much care. Defaults; a good card overrides them. */
const coarse = { care: 125, much: 160 };

/** Where the viscosity at the nozzle is from, and how well it is known where there is a number at all. */
export const viscosityFrom = ({ liquid: { spread, from } }: SetView, units: Units): From => ({
  source: from === 'timed' ? 'measured' : from === 'band' ? 'estimate' : 'default',
  ...(from === 'none' ? {} : { spread: units.show('share', spread, { digits: 0 }) }),
});

/** A film the plan aims at: the sheet’s own, unless somebody aims otherwise. */
export const wetFrom = ({ coat, sheet }: SetView): From =>
  coat && Math.abs(coat.dry - sheet.film.aim) > 1e-9 ? { source: 'chosen' } : sheetFrom(sheet, 'film');

/** Where the paint’s viscosity is from: the cup’s own temperature, the room’s, or the sheet’s. */
export const viscosityLabel = ({ liquid: { by, from } }: SetView): string =>
  from === 'none'
    ? 'Viscosity: no cup, a guess'
    : by === 'cup'
      ? 'Viscosity at the nozzle'
      : by === 'room'
        ? 'Viscosity, as warm as the room'
        : 'Viscosity, at the sheet’s temperature';

const fitted = ({ bore, tip }: Pick<Fitting, 'bore' | 'tip'>, units: Units): string =>
  tip ? `tip ${tip}` : `the ${units.show('bore', bore)} set`;

const howTo = ({ fitting: { point }, distance }: Proposal, units: Units): string =>
  `Fluid ${units.show('fluidFlow', point.fluid)}, ${units.show('distance', distance)} away, strokes ${units.show('distance', point.spacing)} apart at ${paceWords(point.speed, units)}.`;

/** More passes than this, wet on wet, are no coat any more. A default. */
const mostPasses = 6;

/** What a gun nobody set for this coat comes to: set it back, thin first, nothing it has will do, with care, or plainly. */
export function comesTo({
  set,
  work,
}: Pick<JobView, 'set' | 'work'>): 'back' | 'thin' | 'none' | 'care' | 'plain' {
  const { point, proposal, again } = set;
  if (again) return 'back';
  if (isRefusal(proposal)) return 'none';
  const { verdict, onSheet } = proposal.fitting;
  if (verdict.grade === 'thin' && work.layer.sheet.thinning.maximum > 0) return 'thin';
  if (!point.feasible && (point.why !== 'starves' || point.passes > mostPasses)) return 'none';
  return point.feasible && onSheet !== false && (point.drops ?? 0) <= coarse.care ? 'plain' : 'care';
}

/** What is proposed for a coat the gun is not set for. */
function toSet(view: JobView, proposal: Proposal, because: readonly Fact[], units: Units): NextLine {
  const { set, work } = view;
  const { point, again, setOtherwise, coat } = set;
  const { fitting } = proposal;
  const big = fitting.tip ? { number: fitting.tip, unit: 'tip' } : units.parts('bore', fitting.bore);
  const otherwise = focus('levers', 'Set something else');
  const comes = comesTo(view);
  if (again)
    return {
      big: units.parts(pressureQuantity(again.pressure), again.pressure),
      says: `Set the gun back for ${coat ? inSentence(coat.name) : 'this coat'}: ${units.show(pressureQuantity(again.pressure), again.pressure)} ${placeWords[again.pressureAt]}, ${units.show('distance', again.distance)} away.`,
      detail: 'As it was recorded for the last coat of this kind. Then a card.',
      tone: 'act',
      because,
      tap: log('Set like this', 'gun set', setAgain(again)),
      otherwise,
    };
  const { verdict } = fitting;
  if (comes === 'thin')
    return {
      big: units.parts('dynamicViscosity', verdict.thinTo),
      says: `Thin it before it is sprayed: ${fitted(fitting, units)} wants ${units.show('dynamicViscosity', verdict.thinTo)}, and it is ${units.show('dynamicViscosity', set.viscosity)}.`,
      detail: `As it is, one pass lays ${units.show('film', fitting.point.film)}.`,
      tone: 'care',
      because,
      tap: go('thin', 'Go to Thin'),
      otherwise,
    };
  if (comes === 'none')
    return {
      big,
      says: `Nothing on this gun lays this coat. Nearest is ${fitted(fitting, units)}: ${whySays(fitting, units)}.`,
      detail: `${units.show('film', set.wet)} is wanted. Fit another, take another gun, or plan the film otherwise.`,
      tone: 'stop',
      because,
      tap: focus('fittings', 'What else could be fitted', 'which'),
    };
  const pressure = `${units.show(pressureQuantity(proposal.pressure), proposal.pressure)} ${placeWords[proposal.pressureAt]}`;
  const passes =
    point.passes > 1
      ? ` Lay it in ${point.passes} passes, wet on wet: one is ${units.show('film', point.film)}.`
      : '';
  const costs = costsSay(point.costs, point, set, units);
  const drops = point.drops !== undefined && point.drops > coarse.care ? ` ${coarseSays(point.drops)}` : '';
  const other = setOtherwise && coat ? `${coat.name} is laid otherwise than the last. ` : '';
  return {
    big,
    says: `${setOtherwise ? 'Set' : `Fit ${fitted(fitting, units)}.`} ${pressure}, trigger pulled.${passes}`,
    detail: `${other}${howTo(proposal, units)}${costs ? ` It costs: ${costs}.` : ''}${drops}`,
    tone: comes === 'plain' ? 'act' : 'care',
    because,
    tap: log('Set like this', 'gun set', {
      type: 'setting',
      layerId: work.layer.id,
      ...(fitting.bore === undefined ? {} : { bore: fitting.bore }),
      ...(fitting.tip === undefined ? {} : { tip: fitting.tip }),
      ...(fitting.setId === undefined ? {} : { setId: fitting.setId }),
      pressure: proposal.pressure,
      pressureAt: proposal.pressureAt,
      triggerPulled: true,
      fluid: fitting.point.fluid,
      fan: fitting.point.fan,
      distance: proposal.distance,
      overlap: proposal.overlap,
      speed: fitting.point.speed,
    }),
    otherwise,
  };
}

/** A turbine’s air is steady five minutes after it was switched on; whoever did not say so is told. */
function turbineSays({ rig, work, now }: Pick<JobView, 'rig' | 'work' | 'now'>): string {
  if (rig?.air !== 'turbine') return '';
  const warm = warmAt(work, rig.id);
  return warm === undefined
    ? 'Let the turbine run five minutes. '
    : warm > now
      ? `The turbine is warm from ${clockTime(warm, now)}. `
      : '';
}

const coarseSays = (drops: number): string =>
  `Drops about ${Math.round(drops)} to the sheet’s 100: ${drops > coarse.much ? 'far too coarse. Thin, warm, or take a stronger machine' : 'coarse. A card decides'}.`;

/** A set gun lays what the coat wants within this share; past it strip and sentence say so. */
const filmAway = 0.1;

/** m wet that the gun as set lays where that is not what the coat wants. */
export const laysOtherwise = ({ point, wet }: Pick<SetView, 'point' | 'wet'>): number | undefined =>
  point.film !== undefined && wet > 0 && Math.abs(point.film / wet - 1) > filmAway ? point.film : undefined;

export function setLine(view: JobView, units: Units): NextLine {
  const { set, rig } = view;
  const { fittings, proposal, setting, card, fault, wet, transfer, viscosity, point } = set;
  const because: Fact[] = [
    reason('Wet film wanted', figure(view, 'coat.wet', wet, { coat: set.coat?.id }), units, {
      from: wetFrom(set),
    }),
    reason('Transfer', figure(view, 'gun.transfer', transfer), units, {
      digits: 0,
      from: transferFrom(view.plan, units),
    }),
    reason(viscosityLabel(set), figure(view, 'gun.viscosity', viscosity), units, {
      from: viscosityFrom(set, units),
    }),
    reason('Overlap', figure(view, 'gun.overlap', point.overlap), units, {
      digits: 0,
      from: { source: 'chosen' },
    }),
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
  const facts = [...because, ...fittingFacts(set, units)];
  if (setting && fault) return faultLine(fault, because, units);
  if (!setting)
    return isRefusal(proposal) ? nothingToSet(proposal, because, units) : toSet(view, proposal, facts, units);
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
        : `${set.cardState === 'good' || set.cardState === 'not-good' ? '' : `${cardAsks[set.cardState]} `}${set.cardState === 'refill' ? '' : `${turbineSays(view)}Purge until the fan is steady first. `}Even across, fine drops, soft ends.`,
      tone: card ? 'care' : 'act',
      because: facts,
      tap: good,
      otherwise: focus('card', 'It is not good', 'card'),
    };
  }
  const lays = laysOtherwise(set);
  const pace = Math.abs(setting.speed / point.speed - 1) > filmAway ? setting.speed : undefined;
  const noted =
    pace === undefined
      ? ''
      : `At the ${units.show('speed', pace)} recorded it would lay ${units.show('film', (wet * point.speed) / pace)}. `;
  return {
    big: units.parts('speed', point.speed),
    says: `Set. Move at ${paceWords(point.speed, units)}, strokes ${units.show('distance', point.spacing)} apart.`,
    detail: `${lays === undefined ? '' : `That lays ${units.show('film', lays)}, ${units.show('film', wet)} is wanted. `}${noted}${rig?.name ?? 'The gun'}: ${fittingName(setting, units)}, ${units.show(pressureQuantity(setting.pressure), setting.pressure)} ${placeWords[setting.pressureAt]}, ${units.show('fluidFlow', point.fluid)}${point.trigger === undefined ? '' : `, trigger at ${units.show('share', point.trigger, { digits: 0 })}`}.`,
    tone: lays === undefined ? 'good' : 'care',
    because: facts,
    tap: go('spray', 'Go to Spray'),
  };
}
