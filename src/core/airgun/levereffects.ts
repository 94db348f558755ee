import { isRefusal } from '../refusal';
import { dropIndex, dropSize } from './droplets';
import type { Liquid } from './nozzle';

export interface LeverSetting {
  /** Pa at the cap, m³/s of fluid, m/s. */
  readonly pressure: number;
  readonly flow: number;
  readonly speed: number;
}

export interface EffectsQuestion {
  readonly now: LeverSetting;
  /** The set-up the sheet or the school begins from: drops are measured against it. */
  readonly usual: Pick<LeverSetting, 'pressure' | 'flow'>;
  /** m³/s of free air at the usual pressure; none for airless. */
  readonly air?: number;
  /** m³/s of free air at the present one, where the line tells it. */
  readonly takes?: number;
  /** m of the nozzle; none for airless. */
  readonly bore?: number;
  readonly liquid: Liquid;
  readonly transfer: number;
  /** m of stroke a coat takes. */
  readonly path: number;
}

export interface EffectsOfLevers {
  /** 100 is the usual set-up; undefined for guns without air. */
  readonly drops?: number;
  /** m³/s that miss or drift off. */
  readonly overspray: number;
  /** m³/s of free air, and m³ of it over a coat. */
  readonly air?: number;
  readonly airOfCoat?: number;
  /** s a coat takes, turning not counted, and m³ of mix it uses. */
  readonly seconds: number;
  readonly mix: number;
}

/**
 * What the levers do beside the film.
 *
 * @returns drops as an index only: the correlation behind it was measured on fuels
 */
export function leverEffects({
  now,
  usual,
  air,
  takes,
  bore,
  liquid,
  transfer,
  path,
}: EffectsQuestion): EffectsOfLevers {
  // A cap passes air in proportion to its pressure near the usual one: an estimate.
  const taken =
    takes ??
    (air === undefined ? undefined : usual.pressure > 0 ? air * (now.pressure / usual.pressure) : air);
  const seconds = path / Math.max(now.speed, 0.01);
  const size = (setting: Pick<LeverSetting, 'pressure' | 'flow'>, through: number) =>
    dropSize({ pressure: setting.pressure, air: through, fluid: setting.flow, bore: bore ?? 0 }, liquid);
  const drops = air === undefined || taken === undefined ? undefined : size(now, taken);
  const reference = air === undefined ? undefined : size(usual, air);
  const known = drops !== undefined && reference !== undefined && !isRefusal(drops) && !isRefusal(reference);
  return {
    ...(known ? { drops: dropIndex(drops, reference) } : {}),
    overspray: now.flow * (1 - transfer),
    ...(taken === undefined ? {} : { air: taken, airOfCoat: taken * seconds }),
    seconds,
    mix: now.flow * seconds,
  };
}
