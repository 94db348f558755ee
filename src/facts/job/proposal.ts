import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import type { GunAdvice, Rig } from '@/records';
import type { CoatAsks } from './coatasks';
import type { Fitting } from './fittings';
import { turbineLeaves } from './turbineleaves';

/** How to set the gun for a coat, best first choice: from the sheet, then from physics. */
export interface Proposal {
  readonly fitting: Fitting;
  readonly pressure: number;
  readonly pressureAt: GunAdvice['pressureAt'];
  readonly distance: number;
  readonly overlap: number;
  readonly spacing: number;
  readonly speed: number;
  /** What lands, as the film was solved with. */
  readonly transfer: number;
}

const middle = ({ min, max }: { min: number; max: number }) => (min + max) / 2;

/** Share of what a pump bears that a tip is begun at where no sheet says. A default. */
const begunAt = 0.7;
/** Pa a pump bears that says nothing. A default. */
const usualPump = 200e5;

/** What a turbine leaves is the most that can be set; a compressor has no such end. */
function turbineGives(rig: Rig, airLeft: number): number {
  const leaves = turbineLeaves(rig, airLeft);
  return leaves === undefined || isRefusal(leaves) ? Infinity : leaves;
}

/**
 * Pressure and distance a coat is sprayed at, from the sheet, the rig, and what the coat asks of its own. A distance that
 * cards found best with this sheet comes before the middle of what the sheet names.
 */
export function heldAt(
  rig: Rig,
  advice: GunAdvice | undefined,
  asks: CoatAsks,
  { sheetId, airLeft }: { readonly sheetId: string; readonly airLeft: number },
): { readonly pressure: Outcome<number>; readonly distance: number } {
  const usual = rig.distances?.[sheetId] ?? (advice ? middle(advice.distance) : rig.distance);
  const distance = asks.distance ?? usual * asks.laying.distance;
  const stated = advice ? middle(advice.pressure) : rig.maxPressure;
  const begun = rig.atomising === 'airless' && !advice ? (rig.maxPressure ?? usualPump) * begunAt : stated;
  const pressure = asks.pressure ?? (begun === undefined ? undefined : begun * asks.laying.pressure);
  return {
    distance,
    pressure:
      pressure === undefined
        ? refuse(
            'no-pressure',
            'Neither the sheet nor the gun states a pressure. Enter one and raise it in steps with a card at each.',
          )
        : Math.min(pressure, rig.maxPressure ?? pressure, turbineGives(rig, airLeft)),
  };
}

/** What is proposed of what could be fitted, held as the coat asks. */
export function proposalOf(
  [fitting]: readonly Fitting[],
  advice: GunAdvice | undefined,
  { pressure, distance }: ReturnType<typeof heldAt>,
  overlap: number,
  transfer: number,
): Outcome<Proposal> {
  if (!fitting) return refuse('no-fitting', 'This gun has nothing to fit. Add nozzles or tips to it.');
  if (isRefusal(pressure)) return pressure;
  const { spacing, speed } = fitting.point;
  return {
    fitting,
    pressure: fitting.point.pressure ?? pressure,
    pressureAt: advice?.pressureAt ?? (fitting.label === 'tip' ? 'tip' : 'inlet'),
    distance,
    overlap,
    spacing,
    speed,
    transfer,
  };
}
