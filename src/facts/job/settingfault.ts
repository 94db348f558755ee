import { fanAt, tipFromCode } from '@/core/airless';
import { isRefusal } from '@/core/refusal';
import type { EntryOf, Rig } from '@/records';
import { tipNow } from './fittings';
import type { SprayedLiquid } from './liquid';
import { passesOf } from './point';
import { turbineLeaves } from './turbineleaves';

/** What a setting asks that the hardware cannot do, and the nearest it can. */
export interface SettingFault {
  readonly kind: 'fluid' | 'tip-fluid' | 'tip-fan' | 'pressure' | 'turbine' | 'not-here' | 'misfit';
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
 */
export function settingFault(
  setting: Pick<EntryOf<'setting'>, 'pressure' | 'fluid' | 'fan' | 'distance' | 'bore' | 'tip' | 'trigger'>,
  rig: Rig,
  liquid: Pick<SprayedLiquid, 'viscosity' | 'density' | 'spread'>,
  airLeft: number,
): SettingFault | undefined {
  const { pressure, fluid, fan, distance, bore, tip: code } = setting;
  if (rig.maxPressure !== undefined && pressure > rig.maxPressure * 1.001)
    return { kind: 'pressure', asked: pressure, can: rig.maxPressure };
  const leaves = turbineLeaves(rig, airLeft);
  if (leaves !== undefined && !isRefusal(leaves) && pressure > leaves * (1 + turbineSpread))
    return { kind: 'turbine', asked: pressure, can: leaves };
  const most = passesOf(rig, setting, liquid);
  if (rig.atomising === 'airless') {
    const tip = code === undefined ? undefined : tipFromCode(code);
    if (!tip || isRefusal(tip)) return undefined;
    if (!rig.tips.includes(code as string)) return { kind: 'not-here' };
    if (rig.misfits?.includes(code as string)) return { kind: 'misfit' };
    if (most !== undefined && Math.abs(fluid / most - 1) > tipFlowSpread)
      return { kind: 'tip-fluid', asked: fluid, can: most };
    const width = fanAt(tipNow(tip, rig.tipsWorn), distance);
    return Math.abs(fan / width - 1) > tipFanSpread ? { kind: 'tip-fan', asked: fan, can: width } : undefined;
  }
  if (bore === undefined) return undefined;
  if (!rig.sets.some((set) => Math.abs(set.bore - bore) < 1e-6)) return { kind: 'not-here' };
  const passes = most === undefined ? Infinity : most * (setting.trigger ?? 1);
  return fluid > passes * (1 + nozzleSpread) ? { kind: 'fluid', asked: fluid, can: passes } : undefined;
}
