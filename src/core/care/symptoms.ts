import type { CardFault } from '../card';
import type { GunFamily } from './families';
import { symptoms, type Symptom } from './symptomids';
import type { WearingPart } from './wearparts';

/** A part to look at, what is looked for, and what is done about it. */
export interface PartCheck {
  readonly part: string;
  readonly look: string;
  readonly cure: string;
  /** How often it is this, against the others; and s it takes to look. Estimates of ours. */
  readonly weight: number;
  readonly takes: number;
  readonly families?: readonly GunFamily[];
  /** The gun must be without pressure for it. */
  readonly opens?: boolean;
  /** A wearing part: hours, days or litres on it raise its weight. */
  readonly wears?: WearingPart;
}

const airGuns = ['gravity', 'suction', 'pressure-cup', 'remote'] as const;
const cups = ['gravity', 'suction'] as const;
const airless = ['airless'] as const;

// prettier-ignore
const checks: Record<Symptom, readonly PartCheck[]> = {
  'no-flow': [
    { part: 'fluid-knob', look: 'Fluid knob turned in: does the needle move?', cure: 'Open it to the recorded turns.', weight: 3, takes: 5, families: airGuns },
    { part: 'vent', look: 'Vent of the lid: hold it to the light.', cure: 'Clear it with a wooden pick.', weight: 4, takes: 20, families: cups },
    { part: 'check-valve', look: 'Check valve and small air line: paint crept back?', cure: 'Clear or renew the flap, blow the line out.', weight: 6, takes: 60, families: ['pressure-cup'], opens: true, wears: 'check-valve' },
    { part: 'strainer', look: 'Strainer and fluid passage: skins?', cure: 'Rinse; strain the mix.', weight: 3, takes: 60, opens: true },
    { part: 'pot-pressure', look: 'Pot or pump pressure, and its valves.', cure: 'Open, set again.', weight: 4, takes: 10, families: ['remote'] },
    { part: 'tip', look: 'Tip: turn it round and fire once into the pail.', cure: 'Still shut: relieve, take it out, brush it.', weight: 6, takes: 15, families: airless, wears: 'tip' },
    { part: 'gun-filter', look: 'Gun filter: packed?', cure: 'Brush or renew it.', weight: 3, takes: 120, families: airless, opens: true, wears: 'gun-filter' },
    { part: 'prime', look: 'Prime valve shut, inlet under the paint, pump running?', cure: 'Prime again.', weight: 4, takes: 20, families: airless },
    { part: 'set-mix', look: 'Mix past its pot life: is it setting?', cure: 'Do not force it. Go to the list, for gelled mix.', weight: 2, takes: 10 },
  ],
  'low-flow': [
    { part: 'viscosity', look: 'Time the cup: has it thickened?', cure: 'Back into the band.', weight: 4, takes: 90 },
    { part: 'strainer', look: 'Strainer half clogged?', cure: 'Rinse; strain the mix.', weight: 3, takes: 60, opens: true },
    { part: 'vent', look: 'Vent of the lid.', cure: 'Clear it.', weight: 3, takes: 20, families: cups },
    { part: 'check-valve', look: 'Check valve and small air line.', cure: 'Clear or renew.', weight: 5, takes: 60, families: ['pressure-cup'], opens: true, wears: 'check-valve' },
    { part: 'lid-gasket', look: 'Lid gasket: does the cup hold its pressure?', cure: 'Seat or renew it.', weight: 4, takes: 30, families: ['pressure-cup', 'remote'], opens: true, wears: 'gasket' },
    { part: 'nozzle', look: 'Nozzle: dried rim inside?', cure: 'Take it out, brush it.', weight: 2, takes: 120, families: airGuns, opens: true, wears: 'nozzle' },
    { part: 'gun-filter', look: 'Gun and pump filter.', cure: 'Brush or renew, mesh by orifice.', weight: 5, takes: 150, families: airless, opens: true, wears: 'gun-filter' },
    { part: 'pump-packing', look: 'Pump strokes with the trigger shut?', cure: 'Tighten a little; renew the packings.', weight: 3, takes: 30, families: airless, wears: 'pump-packing' },
  ],
  'lid-leak': [
    { part: 'lid-gasket', look: 'Gasket: seated, whole, not swollen by solvent?', cure: 'Seat or renew it.', weight: 6, takes: 30, opens: true, wears: 'gasket' },
    { part: 'fill', look: 'Cup over its fill mark, or tilted too far?', cure: 'Fill less; a remote pot for overhead.', weight: 3, takes: 5 },
    { part: 'lid-rim', look: 'Rim and lid: dried paint, a dent?', cure: 'Wipe; change a dented lid.', weight: 3, takes: 20, opens: true },
    { part: 'vent', look: 'Vent: does it drip there?', cure: 'Drip-check disc in, vent upward.', weight: 2, takes: 10, families: cups },
  ],
  'tip-drip': [
    { part: 'needle-seat', look: 'Needle and nozzle seat: dried paint or a nick?', cure: 'Clean both; worn, renew the set.', weight: 5, takes: 120, families: airGuns, opens: true, wears: 'needle' },
    { part: 'packing-tight', look: 'Packing so tight that the needle lags?', cure: 'Back a little, grease the shaft.', weight: 4, takes: 20, families: airGuns, wears: 'packing' },
    { part: 'needle-spring', look: 'Needle spring broken or left out?', cure: 'Renew it.', weight: 1, takes: 60, families: airGuns, opens: true },
    { part: 'nozzle-loose', look: 'Nozzle loose in its seat?', cure: 'A quarter turn with its key.', weight: 3, takes: 30, families: airGuns, opens: true },
    { part: 'gun-valve', look: 'Needle and seat of the gun: does it weep with the trigger shut?', cure: 'Relieve. Clean or renew them.', weight: 5, takes: 180, families: airless, opens: true },
  ],
  'packing-leak': [
    { part: 'packing', look: 'Packing nut loose, packing dry or worn?', cure: 'Tighten a little and grease; else renew.', weight: 6, takes: 30, wears: 'packing' },
    { part: 'needle-shaft', look: 'Needle shaft scored?', cure: 'Renew the set.', weight: 2, takes: 120, families: airGuns, opens: true, wears: 'needle' },
  ],
  spits: [
    { part: 'packing', look: 'Packing loose or dry: a drop of thinner on it, does the spitting stop a moment?', cure: 'Grease, tighten a little; else renew.', weight: 4, takes: 30, families: airGuns, wears: 'packing' },
    { part: 'nozzle-loose', look: 'Nozzle loose, or its seat dirty: bubbles in the cup?', cure: 'Clean the seat, a quarter turn with its key.', weight: 5, takes: 60, families: airGuns, opens: true },
    { part: 'low-cup', look: 'Cup nearly empty, or the tube turned the wrong way?', cure: 'Fill; turn the tube to where the paint runs.', weight: 4, takes: 5 },
    { part: 'skins', look: 'Dried mix at nozzle or tip?', cure: 'Wipe, and mind the idle time.', weight: 3, takes: 20 },
    { part: 'water', look: 'Water at the drain of the separator?', cure: 'Drain; find where it comes from.', weight: 2, takes: 20, families: airGuns },
    { part: 'suction-line', look: 'Inlet drawing air, suction hose loose?', cure: 'Tighten, inlet under the paint.', weight: 5, takes: 20, families: airless },
  ],
  'air-at-rest': [
    { part: 'bleeder', look: 'Is it a bleeder gun? Then it is meant to.', cure: 'Nothing to mend.', weight: 2, takes: 5, families: airGuns },
    { part: 'air-valve', look: 'Air valve: dirt on its seat, spring, stem bent?', cure: 'Clean, a drop of gun oil; else renew the valve.', weight: 5, takes: 120, families: airGuns, opens: true },
    { part: 'air-packing', look: 'Air valve packing nut too tight?', cure: 'Back a little.', weight: 3, takes: 20, families: airGuns },
  ],
  pulsing: [
    { part: 'vent', look: 'Vent of the lid half shut?', cure: 'Clear it.', weight: 5, takes: 20, families: cups },
    { part: 'air-draw', look: 'Loose nozzle or dry packing drawing air?', cure: 'Tighten and grease.', weight: 4, takes: 60, families: airGuns, opens: true, wears: 'packing' },
    { part: 'lid-gasket', look: 'Pot or cup lid crooked: does its pressure fall?', cure: 'Seat it evenly; renew the gasket.', weight: 5, takes: 30, families: ['pressure-cup', 'remote'], opens: true, wears: 'gasket' },
    { part: 'air-supply', look: 'Gauge at the gun with the trigger pulled: does it swing?', cure: 'Larger hose, or wait for the tank.', weight: 3, takes: 20, families: airGuns },
    { part: 'pump-check', look: 'Pump’s inlet and outlet balls: do they seat?', cure: 'Clean or renew ball and seat.', weight: 5, takes: 300, families: airless, opens: true, wears: 'pump-packing' },
    { part: 'tip-size', look: 'Tip larger than the pump can feed?', cure: 'A smaller or a new tip.', weight: 4, takes: 20, families: airless, wears: 'tip' },
  ],
  'stiff-trigger': [
    { part: 'needle-grease', look: 'Needle shaft and trigger pin dry or painted over?', cure: 'Clean, a trace of grease.', weight: 5, takes: 30, families: airGuns },
    { part: 'packing-tight', look: 'Packing too tight?', cure: 'Back a little.', weight: 4, takes: 20, families: airGuns, wears: 'packing' },
    { part: 'needle-bent', look: 'Needle bent: roll it on glass.', cure: 'Renew the set.', weight: 2, takes: 120, families: airGuns, opens: true, wears: 'needle' },
    { part: 'trigger-lock', look: 'Trigger lock half on?', cure: 'Off, and on again when you stop.', weight: 4, takes: 5, families: airless },
    { part: 'gun-needle', look: 'Gun needle sticking in dried paint?', cure: 'Relieve. Take it out, clean, oil.', weight: 4, takes: 240, families: airless, opens: true },
  ],
  'heavy-centre': [
    { part: 'fan-knob', look: 'Fan knob opened to the recorded turns?', cure: 'Open it.', weight: 5, takes: 5, families: airGuns },
    { part: 'horn-holes', look: 'Both horns’ holes clear?', cure: 'Wooden pick and thinner.', weight: 3, takes: 90, families: airGuns, opens: true },
    { part: 'nozzle', look: 'Nozzle worn wide: more flow than it had?', cure: 'Time the flow; renew the set.', weight: 3, takes: 120, families: airGuns, wears: 'nozzle' },
    { part: 'tip', look: 'Tip worn round: fan narrower than new?', cure: 'Measure the fan; renew the tip.', weight: 6, takes: 60, families: airless, wears: 'tip' },
  ],
  split: [
    { part: 'fan-air', look: 'Too much fan air for the fluid?', cure: 'Close the fan a little or give more fluid.', weight: 5, takes: 10, families: airGuns },
    { part: 'nozzle', look: 'Nozzle half clogged inside?', cure: 'Take it out, brush it.', weight: 3, takes: 120, families: airGuns, opens: true },
    { part: 'tip', look: 'Dried rim in the slot?', cure: 'Turn and fire, then brush.', weight: 5, takes: 15, families: airless, wears: 'tip' },
  ],
  'one-sided': [
    { part: 'cap-turned', look: 'Turn the cap half round and spray a card: does the fault turn with it?', cure: 'It turns: clean the cap’s holes. It stays: the nozzle.', weight: 6, takes: 60, families: airGuns },
    { part: 'nozzle', look: 'Nozzle nicked or the needle bent?', cure: 'Renew the set.', weight: 3, takes: 120, families: airGuns, opens: true, wears: 'nozzle' },
    { part: 'tip', look: 'Turn the tip round: does the fault turn?', cure: 'Brush it; worn on one side, renew.', weight: 5, takes: 15, families: airless, wears: 'tip' },
  ],
  crescent: [
    { part: 'horn-holes', look: 'One horn’s hole clogged: turn the cap half round, does it turn?', cure: 'Wooden pick and thinner.', weight: 6, takes: 60, families: airGuns },
    { part: 'cap-rim', look: 'Cap or nozzle rim damaged?', cure: 'Renew the set.', weight: 2, takes: 90, families: airGuns, opens: true, wears: 'nozzle' },
    { part: 'tip', look: 'Slot clogged at one end?', cure: 'Turn and fire, then brush.', weight: 5, takes: 15, families: airless, wears: 'tip' },
  ],
  tails: [
    { part: 'pressure', look: 'Pressure below where the tails close?', cure: 'Raise it in steps, a card at each.', weight: 5, takes: 30 },
    { part: 'tip', look: 'Tip worn: tails that pressure does not close?', cure: 'Measure the fan; renew.', weight: 4, takes: 60, families: airless, wears: 'tip' },
    { part: 'gun-filter', look: 'Filter clogged: pressure at the gauge, none at the tip?', cure: 'Brush or renew.', weight: 3, takes: 120, families: airless, opens: true, wears: 'gun-filter' },
    { part: 'viscosity', look: 'Too thick: time the cup.', cure: 'Back into the band.', weight: 3, takes: 90 },
  ],
};

/**
 * The symptom a fault of the card reader is.
 *
 * Source: trade knowledge
 * @example symptomOfCard('spitting') → 'spits'
 */
export const symptomOfCard = (fault: CardFault | 'good'): Symptom | undefined =>
  fault === 'spitting' ? 'spits' : symptoms.find((each) => each === fault);

export interface RankedCheck extends PartCheck {
  /** Share of cases that it is this, of what has not been ruled out. */
  readonly share: number;
  readonly state: 'open' | 'not-it' | 'it';
}

export interface SymptomQuestion {
  readonly symptom: Symptom;
  readonly family: GunFamily;
  /** What earlier searches here found, and what this one has: part → times. */
  readonly found?: Readonly<Record<string, number>>;
  readonly ruledOut?: readonly string[];
  readonly it?: string;
  /** Share of its life that a wearing part has used, where it is counted. */
  readonly worn?: Readonly<Partial<Record<WearingPart, number>>>;
}

/** A find in this shop counts as much as this of the weights above. */
const findCounts = 2;

/**
 * The parts to look at for a symptom, in the order that finds the culprit soonest: likelihood ÷ time to look, which
 * is the least expected time of any order when looking settles it (Smith’s rule). A part past its life is up to three
 * times as likely, one found guilty here before likelier still.
 *
 * Source: trade knowledge
 * @example partsToCheck({ symptom: 'split', family: 'airless' }) → [{ part: 'tip', look: 'Dried rim in the slot?', cure: 'Turn and fire, then brush.', weight: 5, takes: 15, families: ['airless'], wears: 'tip', state: 'open', share: 1 }]
 */
export function partsToCheck({
  symptom,
  family,
  found = {},
  ruledOut = [],
  it,
  worn = {},
}: SymptomQuestion): RankedCheck[] {
  const rows = checks[symptom]
    .filter(({ families }) => !families || families.includes(family))
    .map((check) => {
      const used = check.wears ? (worn[check.wears] ?? 0) : 0;
      return {
        ...check,
        mass: check.weight * (1 + 2 * Math.min(Math.max(used, 0), 1)) + findCounts * (found[check.part] ?? 0),
      };
    });
  const open = rows.filter(({ part }) => !ruledOut.includes(part));
  const total = open.reduce((sum, { mass }) => sum + mass, 0);
  const stateOf = (part: string) => (part === it ? 'it' : ruledOut.includes(part) ? 'not-it' : 'open');
  return rows
    .map(({ mass, ...check }): RankedCheck => ({
      ...check,
      state: stateOf(check.part),
      share: ruledOut.includes(check.part) || total === 0 ? 0 : mass / total,
    }))
    .sort(
      (a, b) =>
        Number(a.state === 'not-it') - Number(b.state === 'not-it') || b.share / b.takes - a.share / a.takes,
    );
}

/**
 * Symptoms that a kind of gun can have at all.
 *
 * Source: trade knowledge
 */
export const symptomsOf = (family: GunFamily): Symptom[] =>
  symptoms.filter((each) => checks[each].some(({ families }) => !families || families.includes(family)));
