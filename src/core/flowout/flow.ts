import { refuseUnlessPositive, type Outcome } from '../refusal';

/** A film as it has just landed. SI. */
export interface LandedFilm {
  /** Low-shear viscosity once landed, Pa·s: richer than in the cup. */
  readonly viscosity: number;
  readonly density: number;
  /** s in which its viscosity grows e-fold. */
  readonly setting: number;
  /** N/m. */
  readonly tension: number;
  /** Pa below which it does not flow. */
  readonly yield?: number;
}

/** m/s². */
const gravity = 9.81;
/** m of the ripple that peel is judged by. A default: about what the eye sees as orange peel. */
export const ripple = 3e-3;
/** N/m of most paints. A default. */
export const usualTension = 0.028;

const known = ({ viscosity, density, setting, tension }: LandedFilm, film: number) =>
  refuseUnlessPositive({
    'wet film': film,
    viscosity,
    density,
    'setting time': setting,
    'surface tension': tension,
  });

/**
 * How far a ripple levels before the film sets: it shrinks by e^−L.
 *
 * L = 16π⁴σh³τ/(3λ⁴η₀): viscosity grows as η₀·e^(t/τ). An upper bound: the film stays as thick and λ ≫ h.
 *
 * @param film m wet
 * @param wave m from crest to crest
 * Source: Orchard 1962. σ 0.028, λ 3 mm, τ 120 s, η₀ 0.3 Pa·s: 40 µm 4.6, 60 µm 15.5.
 * Formula: e^(−t/τ), τ of Orchard
 * @example levelling({ viscosity: 0.4, density: 1040, setting: 90, tension: 0.028 }, 0.00005) → 5.05084
 */
export const levelling = (landed: LandedFilm, film: number, wave = ripple): Outcome<number> =>
  known(landed, film) ??
  (16 * Math.PI ** 4 * landed.tension * film ** 3 * landed.setting) / (3 * wave ** 4 * landed.viscosity);

/**
 * How far the surface of a film slides down before it sets, m.
 *
 * S = ρg·sinθ·h²τ/(2η₀), nothing while ρg·h·sinθ stays below the yield stress.
 *
 * @param angle rad from lying flat; a quarter turn is upright
 * Source: lubrication theory. ρ 1100, τ 120 s, η₀ 0.3 Pa·s, upright: 40 µm 3.5 mm, 60 µm 7.8 mm.
 * Formula: ρ g h³/3ν summed while it sets
 * @example sag({ viscosity: 0.3, density: 1100, setting: 120, tension: 0.028, yield: 1 }, 0.0001, 1.5707963267948966) → 0.021582
 */
export function sag(landed: LandedFilm, film: number, angle: number): Outcome<number> {
  const wrong = known(landed, film);
  if (wrong) return wrong;
  const pull = landed.density * gravity * Math.abs(Math.sin(angle));
  if (pull * film <= (landed.yield ?? 0)) return 0;
  return (pull * film ** 2 * landed.setting) / (2 * landed.viscosity);
}
