import { isRefusal, refuse, refuseUnlessPositive, type Outcome } from '../refusal';
import { nozzlePressure, type Liquid } from './nozzle';

const gravity = 9.80665;

/** How a rig’s fluid flow is measured, by its feed. */
export type FlowMeasure =
  /** Pressure pot or pump: into a graduated pot, atomising air off, pot pressure on. */
  | { readonly kind: 'delivery'; readonly volume: number; readonly seconds: number }
  /** Gravity, suction or pressure cup: the gun before and after a timed spray at working pressure. */
  | { readonly kind: 'weighed'; readonly before: number; readonly after: number; readonly seconds: number }
  /** Pressure feed, air off: a level jet that falls so much over so much reach. */
  | { readonly kind: 'stream'; readonly reach: number; readonly fall: number; readonly bore: number };

export interface MeasuredFlow {
  /** m³/s */
  readonly flow: number;
  /** Relative standard error. */
  readonly error: number;
}

/** A hand starts and stops within about so many seconds, reads a pot and a fall within so much. */
const handSeconds = 0.3;
const fallError = 3e-3;

/**
 * Fluid flow from a measurement.
 *
 * @param density kg/m³, for a weighed gun
 * @returns refuses a gun that grew heavier and times too short to tell
 * Source: a level jet leaves at x·√(g/2y); times the bore’s area, an upper bound since the jet contracts.
 * Formula: Q = x·√(g/2y)·(π/4)d²
 * @example 300 mm, 30 mm, 1.0 mm: 181 mL/min
 */
export function measuredFlow(measure: FlowMeasure, density: number): Outcome<MeasuredFlow> {
  if (measure.kind === 'stream') {
    const { reach, fall, bore } = measure;
    const wrong = refuseUnlessPositive({ reach, fall, bore });
    if (wrong) return wrong;
    const flow = reach * Math.sqrt(gravity / (2 * fall)) * (Math.PI / 4) * bore ** 2;
    // Flow goes with the root of the fall: 5 mm on 30 mm is a tenth of it.
    return { flow, error: Math.hypot((0.5 * fallError) / fall, 0.03) };
  }
  if (!(measure.seconds >= 5))
    return refuse('too-short', 'Measure for at least {min}: starting and stopping count too much.', {
      quantity: 'time',
      value: measure.seconds,
      min: 5,
    });
  if (measure.kind === 'delivery') {
    const wrong = refuseUnlessPositive({ 'volume delivered': measure.volume });
    return (
      wrong ?? {
        flow: measure.volume / measure.seconds,
        error: Math.hypot(handSeconds / measure.seconds, 0.02),
      }
    );
  }
  const used = measure.before - measure.after;
  if (!(used > 0))
    return refuse('heavier', 'The gun must weigh less after spraying than before.', { quantity: 'mass' });
  const wrong = refuseUnlessPositive({ density });
  return (
    wrong ?? {
      flow: used / density / measure.seconds,
      error: Math.hypot(handSeconds / measure.seconds, 1e-3 / used),
    }
  );
}

/**
 * The driving pressure a measured flow stands for, Pa: what calibrates a rig.
 *
 * Source: the nozzle formula turned round
 */
export function drivingFrom(
  measure: FlowMeasure,
  bore: number,
  liquid: Liquid,
): Outcome<{ pressure: number; flow: MeasuredFlow }> {
  const flow = measuredFlow(measure, liquid.density);
  if (isRefusal(flow)) return flow;
  const pressure = nozzlePressure(bore, flow.flow, liquid);
  return isRefusal(pressure) ? pressure : { pressure, flow };
}
