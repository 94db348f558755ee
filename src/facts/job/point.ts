import { fanAt, tipFlow, tipFromCode } from '@/core/airless';
import { strokeSpacing } from '@/core/film';
import { isRefusal } from '@/core/refusal';
import type { EntryOf, Rig } from '@/records';
import { usualFan, type Fitting, type Proposal } from './set';
import { turbineLeaves } from './turbineleaves';
import type { Worked } from './worked';

/** How the gun of the layer in hand works: as it was recorded set, else as it is proposed. */
export interface OperatingPoint {
  readonly from: 'set' | 'proposed' | 'usual';
  readonly bore?: number;
  readonly tip?: string;
  readonly pressure?: number;
  readonly fan: number;
  readonly distance: number;
  readonly overlap: number;
  readonly spacing: number;
  readonly speed: number;
  /** m³/s; none where neither a setting nor a proposal says. */
  readonly fluid?: number;
  /** m³/s that what is fitted passes fully open; of a tip, what it sprays at its pressure. */
  readonly fluidMost?: number;
}

/** Usual distance of a gun nobody described, m. */
const usualDistance = 0.2;

/** What is fitted among what could be: the same tip, or a bore alike to a thousandth of a millimetre. */
const fittingOf = (
  fittings: readonly Fitting[],
  { bore, tip }: Pick<Fitting, 'bore' | 'tip'>,
): Fitting | undefined =>
  fittings.find((each) =>
    bore === undefined || each.bore === undefined
      ? tip !== undefined && each.tip === tip
      : Math.abs(each.bore - bore) < 1e-6,
  );

/** The one operating point of the layer in hand: every place that shows one of its numbers shows this one’s. */
export function pointOf(
  { approach }: Worked,
  rig: Rig | undefined,
  setting: EntryOf<'setting'> | undefined,
  proposal: Proposal | undefined,
  fittings: readonly Fitting[] = [],
): OperatingPoint {
  const fan = setting?.fan ?? proposal?.fitting.fan ?? rig?.fan ?? usualFan;
  const overlap = setting?.overlap ?? proposal?.overlap ?? approach.overlap;
  const fitted = setting ?? proposal?.fitting;
  const pressure = setting?.pressure ?? proposal?.pressure;
  const fluid = setting?.fluid ?? proposal?.fitting.flow;
  const most = fitted && fittingOf(fittings, fitted)?.full;
  return {
    from: setting ? 'set' : proposal ? 'proposed' : 'usual',
    ...(fitted?.bore === undefined ? {} : { bore: fitted.bore }),
    ...(fitted?.tip === undefined ? {} : { tip: fitted.tip }),
    ...(pressure === undefined ? {} : { pressure }),
    fan,
    overlap,
    spacing: strokeSpacing(fan, overlap),
    speed: setting?.speed ?? proposal?.speed ?? approach.speed,
    distance: setting?.distance ?? proposal?.distance ?? rig?.distance ?? usualDistance,
    ...(fluid === undefined ? {} : { fluid }),
    ...(most === undefined ? {} : { fluidMost: most }),
  };
}

/** What a setting asks that the hardware cannot do, and the nearest it can. */
export interface SettingFault {
  readonly kind: 'fluid' | 'tip-fluid' | 'tip-fan' | 'pressure' | 'turbine' | 'not-here';
  readonly asked?: number;
  readonly can?: number;
}

/** What a nozzle passes is known this well, as a share: its drive and the viscosity are estimates. A default. */
const nozzleSpread = 0.15;
/** What a turbine leaves is known this well, as a share, from its two ends and its hose. A default. */
const turbineSpread = 0.1;
/** A tip’s flow and fan are known this well, as shares. Defaults. */
const tipFlowSpread = 0.2;
const tipFanSpread = 0.25;

/**
 * What of a setting cannot happen: more fluid than the nozzle passes fully open, another flow or fan than the tip has at
 * that pressure and distance, more pressure than the rig bears or its turbine leaves, a nozzle or tip the rig has not.
 *
 * @param density kg/m³ of what is sprayed
 */
export function settingFault(
  setting: Pick<EntryOf<'setting'>, 'pressure' | 'fluid' | 'fan' | 'distance' | 'bore' | 'tip'>,
  rig: Rig,
  fittings: readonly Fitting[],
  density: number,
): SettingFault | undefined {
  const { pressure, fluid, fan, distance, bore, tip: code } = setting;
  if (rig.maxPressure !== undefined && pressure > rig.maxPressure * 1.001)
    return { kind: 'pressure', asked: pressure, can: rig.maxPressure };
  const leaves = turbineLeaves(rig);
  if (leaves !== undefined && !isRefusal(leaves) && pressure > leaves * (1 + turbineSpread))
    return { kind: 'turbine', asked: pressure, can: leaves };
  if (rig.atomising === 'airless') {
    const tip = code === undefined ? undefined : tipFromCode(code);
    if (!tip || isRefusal(tip)) return undefined;
    if (!rig.tips.includes(code as string)) return { kind: 'not-here' };
    const flow = tipFlow(tip.orifice, pressure, density);
    if (!isRefusal(flow) && Math.abs(fluid / flow - 1) > tipFlowSpread)
      return { kind: 'tip-fluid', asked: fluid, can: flow };
    // A worn tip sprays the fan that was measured, not the one of its code.
    const measured = rig.tipsWorn?.[code as string]?.fan;
    const width = measured === undefined ? fanAt(tip, distance) : fanAt({ fan: measured }, distance);
    return Math.abs(fan / width - 1) > tipFanSpread ? { kind: 'tip-fan', asked: fan, can: width } : undefined;
  }
  if (bore === undefined) return undefined;
  const fitting = fittingOf(fittings, { bore });
  if (!fitting) return { kind: 'not-here' };
  return fluid > fitting.full * (1 + nozzleSpread)
    ? { kind: 'fluid', asked: fluid, can: fitting.full }
    : undefined;
}
