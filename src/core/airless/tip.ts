import { refuse, refuseUnlessPositive, type Outcome } from '../refusal';

const inch = 0.0254;
/** Distance at which a tip's fan width is stated: 12 in. m */
export const tipDistance = 12 * inch;
/** Discharge coefficient of an airless orifice. */
const discharge = 0.8;

export interface Tip {
  readonly code: string;
  /** m */
  readonly orifice: number;
  /** Fan width at 305 mm, m. */
  readonly fan: number;
}

/**
 * Reads a tip code: the last two digits are the orifice in thousandths of an inch, the digits before it,
 * doubled, the fan width in inches at 12 in.
 *
 * @returns refuses codes that name no tip: 411 and 1019 are good ones
 * Formula: last two digits: orifice in 0.001 in; those before, doubled: fan in inches at 12 in
 * Source: trade convention of tip codes; orifice equation, Cd 0.80
 * @example 411: 8 in, 0.011 in
 * @example tipFromCode('515') → { code: '515', orifice: 0.000381, fan: 0.254 }
 */
export function tipFromCode(code: string): Outcome<Tip> {
  const match = /^(\d{1,2})(\d{2})$/.exec(code.trim());
  const half = Number(match?.[1]);
  const thou = Number(match?.[2]);
  if (!match || half < 1 || thou < 5 || thou > 67)
    return refuse(
      'tip-code',
      `“${code}” is not a tip code. Write fan and orifice together, like 517: 10 in fan, 0.017 in orifice.`,
    );
  return { code: `${half}${match[2]}`, orifice: (thou * inch) / 1000, fan: 2 * half * inch };
}

/**
 * The code of a tip: the inverse of {@link tipFromCode}.
 *
 * Source: trade convention of tip codes; orifice equation, Cd 0.80
 */
export function tipCode(orifice: number, fan: number): string {
  return `${Math.round(fan / inch / 2)}${String(Math.round((orifice / inch) * 1000)).padStart(2, '0')}`;
}

/**
 * Fan width at a distance, m: it widens in proportion.
 *
 * Source: trade convention of tip codes; orifice equation, Cd 0.80
 * @example fanAt({ code: '515', orifice: 0.000381, fan: 0.254 }, 0.17) → 0.141667
 */
export const fanAt = ({ fan }: Pick<Tip, 'fan'>, distance: number): number => (fan * distance) / tipDistance;

/**
 * Flow of an airless orifice, m³/s.
 *
 * @param orifice m
 * @param pressure at the tip, Pa
 * @param density kg/m³
 * Source: orifice equation, Q = Cd·(π/4)d²·√(2ΔP/ρ), Cd 0.80.
 * Formula: Q = Cd·(π/4)d²·√(2ΔP/ρ), Cd 0.80
 * @example .017 in at 2000 psi: 0.308 gal/min
 * @example tipFlow(0.000254, 11000000, 980) → 6.07359e-06
 */
export function tipFlow(orifice: number, pressure: number, density: number): Outcome<number> {
  return (
    refuseUnlessPositive({ orifice, pressure, density }) ??
    discharge * (Math.PI / 4) * orifice ** 2 * Math.sqrt((2 * pressure) / density)
  );
}

/**
 * Guns together count as one orifice, √Σd². m
 *
 * Source: trade convention of tip codes; orifice equation, Cd 0.80
 */
export const jointOrifice = (orifices: readonly number[]): number =>
  Math.sqrt(orifices.reduce((sum, each) => sum + each * each, 0));
