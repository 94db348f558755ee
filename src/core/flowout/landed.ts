import { isRefusal, refuseUnlessPositive, type Outcome } from '../refusal';
import { usualTension, type LandedFilm } from './flow';

/** How a coating sets: what carries it leaves, or it thickens by itself. */
export type Carrier = 'solvent' | 'water' | 'reactive' | 'moisture';

/** How much thicker a film at rest is than the liquid running out of a cup: the quickest solvent leaves in flight, and most paints thin under shear. Defaults. */
const richer: Record<Carrier, number> = { solvent: 5, water: 6, reactive: 4, moisture: 4 };
/** s in which the viscosity of a film grows e-fold with a medium thinner at the sheet’s temperature. Defaults. */
const sets: Record<Carrier, number> = { solvent: 60, water: 90, reactive: 110, moisture: 90 };
const bySpeed = { fast: 0.6, medium: 1, slow: 1.5, 'very-slow': 2.2 } as const;
/** Water-borne films hold this by themselves, and thixotropic ones that, Pa. Defaults. */
const holds: Record<Carrier, number> = { solvent: 0, water: 0.3, reactive: 0, moisture: 0 };
const thixotropicHolds = 8;

export interface LandingQuestion {
  /** Pa·s in the gun. */
  readonly viscosity: number;
  readonly density: number;
  readonly carrier: Carrier;
  readonly thinner?: keyof typeof bySpeed;
  /** No flow cup can judge it: it stands where it is put. */
  readonly thixotropic?: boolean;
  /** How many times longer than its sheet says it dries here. */
  readonly slowness?: number;
  /** K above what the sheet is written for, when the room is warmer: sets faster. */
  readonly warmer?: number;
}

/**
 * What a coating is once it has landed. Estimates from defaults, to be calibrated by eye.
 *
 * @returns refuses a viscosity or density that is not above zero
 * Source: conservation of solids; the share of solvent lost in flight is a default
 * @example landedFilm({ viscosity: 0.07, density: 1050, carrier: 'solvent' }) → { viscosity: 0.35, density: 1050, tension: 0.028, setting: 60 }
 */
export function landedFilm({
  viscosity,
  density,
  carrier,
  thinner = 'medium',
  thixotropic,
  slowness = 1,
  warmer = 0,
}: LandingQuestion): Outcome<LandedFilm> {
  const wrong = refuseUnlessPositive({ viscosity, density, slowness });
  if (isRefusal(wrong)) return wrong;
  const held = thixotropic ? thixotropicHolds : holds[carrier];
  return {
    viscosity: viscosity * richer[carrier],
    density,
    tension: usualTension,
    setting: sets[carrier] * bySpeed[thinner] * slowness * 2 ** (-Math.max(warmer, 0) / 10),
    ...(held > 0 ? { yield: held } : {}),
  };
}
