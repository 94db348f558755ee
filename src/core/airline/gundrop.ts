import { isRefusal, refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import { atmosphere } from './hose';

/** Air: specific gas constant, J/(kg·K), and the ratio of its specific heats. */
const gas = 287.05;
const gamma = 1.4;
/** Below this ratio of pressures the flow is choked: it no longer feels what is behind it. */
const choked = 0.528;
/** Free air is counted at this temperature, K. */
const room = 293.15;

/** Flow through one restriction per m², kg/(m²·s), from and to absolute pressures. */
function flux(from: number, to: number): number {
  if (to >= from) return 0;
  const r = Math.max(to / from, choked);
  return (
    (from / Math.sqrt(gas * room)) *
    Math.sqrt(((2 * gamma) / (gamma - 1)) * (r ** (2 / gamma) - r ** ((gamma + 1) / gamma)))
  );
}

const freeAirOf = (mass: number): number => (mass * gas * room) / atmosphere;
const massOf = (freeAir: number): number => (freeAir * atmosphere) / (gas * room);

/** An air gun as two restrictions in series: its passages, then its cap. m² of effective opening. */
export interface GunDrop {
  readonly gun: number;
  readonly cap: number;
}

/** One point a maker states: gauge pressures at inlet and cap, Pa, and the free air it takes there, m³/s. */
export interface RatedAir {
  readonly inlet: number;
  readonly cap: number;
  readonly air: number;
}

/** An HVLP gun nobody measured: a default, which certifies neither the limit of its cap nor a compressor. */
export const usualRated: RatedAir = { inlet: 2e5, cap: 0.7e5, air: 400e-3 / 60 };

/** Cap pressure reckoned from the inlet is known this well, as a share, until a cap gauge is read. A default. */
export const capSpread = 0.15;

/**
 * The two restrictions of a gun from one rated point.
 *
 * @returns m²; refuses a point whose cap is not below its inlet
 * Source: isentropic flow of a perfect gas through an orifice, ṁ = A·p₀/√(RT)·√(2γ/(γ−1)·(r^{2/γ} − r^{(γ+1)/γ})), r not
 * under 0.528; pressures absolute.
 * Formula: ṁ = A·p₀/√(RT)·√(2γ/(γ−1)·(r^{2/γ} − r^{(γ+1)/γ})), r not under 0.528
 * @example 2.0 bar, 0.70, 400 L/min: inlet 1.0 has cap 0.29 and 260 L/min; cap 0.5 wants 1.56
 * @example gunDropOf({ inlet: 200000, cap: 70000, air: 0.006 }) → { gun: 1.0194e-05, cap: 1.80242e-05 }
 */
export function gunDropOf({ inlet, cap, air }: RatedAir): Outcome<GunDrop> {
  const wrong = refuseUnlessPositive({
    'pressure at the inlet': inlet,
    'pressure at the cap': cap,
    'air the gun takes': air,
  });
  if (wrong) return wrong;
  if (cap >= inlet)
    return refuse('cap-over-inlet', 'The cap has less pressure than the inlet: at most {max} there.', {
      quantity: 'pressure',
      value: cap,
      max: inlet,
    });
  const mass = massOf(air);
  return {
    gun: mass / flux(inlet + atmosphere, cap + atmosphere),
    cap: mass / flux(cap + atmosphere, atmosphere),
  };
}

/** What stands at the cap, Pa gauge, and the free air that passes, m³/s. */
export interface CapAir {
  readonly cap: number;
  readonly air: number;
}

/**
 * What the cap has while the inlet has so much.
 *
 * @param inlet Pa gauge, trigger pulled
 * Source: isentropic flow through two orifices in series
 * @example capAt({ gun: 0.000010194036493379837, cap: 0.000018024156091886313 }, 186750) → { cap: 63617, air: 0.00573186 }
 */
export function capAt({ gun, cap: opening }: GunDrop, inlet: number): Outcome<CapAir> {
  const wrong = refuseUnlessPositive({ 'pressure at the inlet': inlet });
  if (wrong) return wrong;
  const before = inlet + atmosphere;
  let [low, high] = [atmosphere, before];
  for (let i = 0; i < 60; i += 1) {
    const middle = (low + high) / 2;
    // More passes the gun than leaves by the cap: the pressure between them rises.
    if (gun * flux(before, middle) > opening * flux(middle, atmosphere)) low = middle;
    else high = middle;
  }
  const between = (low + high) / 2;
  return { cap: between - atmosphere, air: freeAirOf(opening * flux(between, atmosphere)) };
}

/**
 * What the inlet must have for the cap to have so much.
 *
 * @param cap Pa gauge
 * @returns Pa gauge and m³/s of free air; refuses a cap pressure the gun’s own passages cannot feed
 * Source: isentropic flow through two orifices in series
 * @example inletFor({ gun: 0.000011326707214866486, cap: 0.000020026840102095902 }, 42000) → { inlet: 136372, air: 0.00521243 }
 */
export function inletFor(
  drop: GunDrop,
  cap: number,
): Outcome<{ readonly inlet: number; readonly air: number }> {
  const wrong = refuseUnlessPositive({ 'pressure at the cap': cap });
  if (wrong) return wrong;
  let [low, high] = [cap, 12e5];
  const most = capAt(drop, high);
  if (isRefusal(most)) return most;
  if (most.cap < cap)
    return refuse('cap-out-of-reach', 'This gun cannot have so much at its cap. At most {max}.', {
      quantity: 'pressure',
      value: cap,
      max: most.cap,
    });
  for (let i = 0; i < 60; i += 1) {
    const middle = (low + high) / 2;
    const found = capAt(drop, middle);
    if (isRefusal(found)) return found;
    if (found.cap < cap) low = middle;
    else high = middle;
  }
  const inlet = (low + high) / 2;
  const found = capAt(drop, inlet);
  return isRefusal(found) ? found : { inlet, air: found.air };
}
