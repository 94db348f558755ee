import { isRefusal, refuse, type Outcome } from '../refusal';
import { divide, type Measured, type Part, type RatioBy } from './parts';

/** A small dose beside the ratio: accelerator, extender, retarder, catalyst booster. */
export interface Additive extends Omit<Part, 'parts'> {
  /** What its percent counts, and of what: the first part alone goes in right after it, the mix last. */
  readonly doseBy: RatioBy;
  readonly doseOf: 'base' | 'mix';
  /** The share wanted, 0.02 for 2 %, and the most the sheet allows. */
  readonly dose: number;
  readonly maximum: number;
}

/** An additive's cap as a pouring step carries it. */
export interface Cap {
  readonly by: RatioBy;
  readonly maximum: number;
  /** Ids of the parts its percent refers to. */
  readonly of: readonly string[];
}

/** A part of a recipe: parts by mass, in pouring order, with the cap of a dose. */
export interface RecipePart extends Part {
  readonly cap?: Cap;
}

/**
 * A sheet's ratio and its doses as one list of parts by mass, in pouring order.
 *
 * A dose of the base goes in right after the base (an accelerator must be stirred fully into the resin before
 * a catalyst follows); a dose of the mix goes in last.
 *
 * @param by what the ratio counts
 * @param additives doses of zero are left out
 * @returns parts whose `parts` are kg in a m³ of mix; refuses what {@link divide} refuses, and a dose past its maximum
 * Source: definition
 */
export function recipeOf(
  parts: readonly Part[],
  by: RatioBy,
  additives: readonly Additive[] = [],
): Outcome<RecipePart[]> {
  const measured = divide(1, parts, by);
  if (isRefusal(measured)) return measured;
  const [first] = measured;
  const doses: { readonly of: Additive['doseOf']; readonly part: RecipePart }[] = [];
  for (const additive of additives) {
    if (!(additive.dose >= 0))
      return refuse('dose', `The dose of ${additive.name} must be zero or more.`, { quantity: 'share' });
    if (additive.dose === 0) continue;
    if (additive.dose > additive.maximum + 1e-12)
      return refuse('dose-over', `${additive.name}: {value} is over the sheet’s maximum of {max}.`, {
        quantity: 'share',
        value: additive.dose,
        max: additive.maximum,
      });
    if (!(additive.density > 0))
      return refuse('not-a-number', `The density of ${additive.name} is missing. Enter a number above zero.`);
    const reference = additive.doseOf === 'base' && first ? [first] : measured;
    const { dose, doseBy, doseOf, maximum, ...part } = additive;
    doses.push({
      of: doseOf,
      part: {
        ...part,
        parts: doseMass(dose, additive.density, doseBy, reference),
        cap: { by: doseBy, maximum, of: reference.map((each) => each.part.id) },
      },
    });
  }
  const own = measured.map(({ part, mass }): RecipePart => ({ ...part, parts: mass }));
  const into = (of: Additive['doseOf']) => doses.filter((each) => each.of === of).map(({ part }) => part);
  return [...own.slice(0, 1), ...into('base'), ...own.slice(1), ...into('mix')];
}

/**
 * kg of a dose that is a given share of the reference.
 *
 * Formula: share × reference mass, or share × reference volume × ρ
 * Source: definition
 * @example 5 % by volume of 1 L at 0.88: 44 g
 * @example doseMass(0.1, 1000, 'mass', [{ part: { id: 'paint', name: 'paint', parts: 1, density: 1000, volumeSolids: 0.5, voc: 400, water: 0, exempt: 0 }, volume: 1, mass: 1000 }]) → 100
 */
export function doseMass(
  share: number,
  density: number,
  by: RatioBy,
  reference: readonly Pick<Measured, 'mass' | 'volume'>[],
): number {
  const sum = (of: 'mass' | 'volume') => reference.reduce((total, each) => total + each[of], 0);
  return by === 'mass' ? share * sum('mass') : share * sum('volume') * density;
}

/**
 * The share a part truly has of what its percent refers to, from the masses in the pot.
 *
 * @param masses kg of each part, in the order of parts
 * Source: definition
 */
export function doseShare(
  part: RecipePart,
  mass: number,
  parts: readonly RecipePart[],
  masses: readonly number[],
): number {
  const { cap } = part;
  if (!cap) return 0;
  let whole = 0;
  parts.forEach((each, i) => {
    if (cap.of.includes(each.id)) whole += (masses[i] ?? 0) / (cap.by === 'mass' ? 1 : each.density);
  });
  return whole > 0 ? mass / (cap.by === 'mass' ? 1 : part.density) / whole : 0;
}

/** A row of a sheet's table: parts, or a dose, at a temperature. */
export interface AtTemperature {
  /** K */
  readonly temperature: number;
  readonly value: number;
}

/**
 * A value from a sheet's temperature table, straight between its rows; outside them the nearest row holds,
 * because nobody may guess past a sheet.
 *
 * Source: definition
 * @example atTemperature([{ temperature: 288.15, value: 1.4 }, { temperature: 298.15, value: 0.8 }], 293.15) → 1.1
 */
export function atTemperature(table: readonly AtTemperature[], temperature: number): number | undefined {
  const rows = [...table].sort((a, b) => a.temperature - b.temperature);
  const above = rows.findIndex((row) => row.temperature >= temperature);
  const high = rows[above];
  const low = rows[above - 1];
  if (!high) return rows.at(-1)?.value;
  if (!low) return high.value;
  const part = (temperature - low.temperature) / (high.temperature - low.temperature);
  return low.value + part * (high.value - low.value);
}
