import { viscosityFromSeconds } from '@/core/cups';
import { handRange, type HandRange } from '@/core/operating';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import { usualCardLasts, type Coating, type Cup, type GunAdvice, type Rig, type Shop } from '@/records';
import { adviceFor } from './advice';
import { airLeft } from './altitude';
import { appliedNow } from './batch';
import { coatAsks } from './coatasks';
import { fanSeen } from './fan';
import { fittingsFor, type Fitting } from './fittings';
import { coatsInHand, nextCoat } from './layers';
import { sprayedLiquid, type SprayedLiquid } from './liquid';
import type { PlanBasis } from './plan';
import {
  pointProposed,
  pointSet,
  pointUsual,
  transferOfPoint,
  type OperatingPoint,
  type PointBearings,
} from './point';
import { heldAt, proposalOf, type Proposal } from './proposal';
import { recorded, type Recorded } from './recorded';
import { settingFault, type SettingFault } from './settingfault';
import type { ThinView } from './thin';
import type { LaidCoat, Worked } from './worked';

export interface SetView extends Recorded {
  readonly sheet: Coating;
  readonly advice?: GunAdvice;
  readonly fittings: Outcome<readonly Fitting[]>;
  /** What to set, best first choice: from the sheet, then from physics. */
  readonly proposal: Outcome<Proposal>;
  /** How the gun works for the coat in hand, as set or as proposed. */
  readonly point: OperatingPoint;
  /** What of the recorded setting the hardware cannot do. */
  readonly fault?: SettingFault;
  /** The coat it is for: the next one, or the last when all are on. */
  readonly coat?: LaidCoat;
  /** m wet of that coat. */
  readonly wet: number;
  readonly transfer: number;
  readonly liquid: SprayedLiquid;
  /** Dynamic viscosity at the nozzle, Pa·s. */
  readonly viscosity: number;
  /** kg/m³ of what is sprayed. */
  readonly density: number;
  readonly drivingAssumed: boolean;
  readonly hand: HandRange;
  /** Somebody timed the hand; else it is what hands usually do. */
  readonly handMeasured: boolean;
  /** What its points rest on: whatever else is tried rests on the same. */
  readonly bearings: PointBearings;
}

export interface SetBearings {
  readonly rig: Rig | undefined;
  readonly plan: PlanBasis;
  readonly thin: ThinView;
  readonly shop: Shop;
  readonly cups: readonly Cup[];
  readonly now: number;
}

/** Speeds of whoever holds this gun: as measured, else as hands are, about the speed the job prefers. */
export const handOf = (rig: Pick<Rig, 'handSpeed'> | undefined, preferred: number): HandRange => {
  const hand = handRange(rig?.handSpeed);
  return rig?.handSpeed === undefined
    ? { ...hand, usual: Math.min(Math.max(preferred, hand.slow), hand.fast) }
    : hand;
};

/** What a band stands for, Pa·s; none where no cup applies: then nobody is told to thin. */
function bandIn(
  band: ThinView['band'],
  density: number,
): { readonly min: number; readonly max: number } | undefined {
  if (!band) return undefined;
  const [min, max] = [viscosityFromSeconds(band.cup, band.min), viscosityFromSeconds(band.cup, band.max)];
  return isRefusal(min) || isRefusal(max) ? undefined : { min: min * density, max: max * density };
}

/** The gun for one coat of the layer in hand: for the next, or for any that is asked after. */
export function setView(
  job: Worked,
  { rig, plan, thin, shop, cups, now }: SetBearings,
  coat = nextCoat(job) ?? coatsInHand(job).at(-1),
): SetView {
  const { sheet } = plan;
  const applied = appliedNow(job, job.layer);
  const density = isRefusal(applied) ? 1000 : applied.density;
  const wet = plan.coats.find((each) => each.coat.id === coat?.id)?.wet ?? 0;
  const advice = adviceFor(sheet, rig);
  const liquid = sprayedLiquid(thin, density, plan.climate);
  const hand = handOf(rig, job.approach.speed);
  const held = recorded(job, (shop.cardLasts ?? usualCardLasts) * 1000, now, coat);
  const asks = coatAsks(coat);
  const fan = rig && fanSeen(rig, sheet.id, held.card, held.setting?.distance, held.setting?.knobs?.fan);
  const air = airLeft(job, shop);
  const band = bandIn(thin.band, density);

  /** What could be fitted and what is proposed of it, held as asked. */
  const propose = (
    own: ReturnType<typeof coatAsks>,
    usual?: Proposal,
  ): { fittings: Outcome<Fitting[]>; proposal: Outcome<Proposal> } => {
    if (!rig || !fan) {
      const none = refuse('no-rig', 'Choose a gun for this job first.');
      return { fittings: none, proposal: none };
    }
    const at = heldAt(rig, advice, own, { sheetId: sheet.id, airLeft: air });
    const pressure = isRefusal(at.pressure) ? undefined : at.pressure;
    const overlap = own.overlap ?? job.approach.overlap;
    const transfer = transferOfPoint(plan.transfer, usual, { pressure, distance: at.distance });
    const fittings = fittingsFor({
      rig,
      advice,
      unnamed: !advice && sheet.guns.length > 0,
      liquid,
      band,
      wetFilm: wet,
      transfer,
      overlap,
      distance: at.distance,
      fan,
      pressure: pressure ?? 0,
      hand,
      cups,
    });
    return {
      fittings,
      proposal: isRefusal(fittings) ? fittings : proposalOf(fittings, advice, at, overlap, transfer),
    };
  };
  const plain = propose(coatAsks(undefined));
  const usual = isRefusal(plain.proposal) ? undefined : plain.proposal;
  const { fittings, proposal } = asks.key === coatAsks(undefined).key ? plain : propose(asks, usual);

  const fault = held.setting && rig ? settingFault(held.setting, rig, liquid, air) : undefined;
  const bearings = {
    rig,
    liquid,
    wet,
    transfer: plan.transfer,
    fan,
    hand,
    fault,
    usual,
    airLeft: air,
  };
  return {
    ...held,
    sheet,
    fittings,
    proposal,
    point: held.setting
      ? pointSet(held.setting, bearings, held.card?.pattern !== undefined)
      : isRefusal(proposal)
        ? pointUsual(job.approach, bearings)
        : pointProposed(proposal, bearings),
    ...(advice ? { advice } : {}),
    ...(fault ? { fault } : {}),
    ...(coat ? { coat } : {}),
    wet,
    transfer: plan.transfer,
    liquid,
    viscosity: liquid.viscosity,
    density,
    drivingAssumed: rig?.driving === undefined,
    hand,
    handMeasured: rig?.handSpeed !== undefined,
    bearings,
  };
}
