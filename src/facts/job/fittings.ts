import { defaultDriving, slack } from '@/core/airgun';
import { fanAt, tipFromCode, wearFromFan, type Tip } from '@/core/airless';
import { viscosityFromSeconds } from '@/core/cups';
import {
  grades,
  verdictOf,
  type HandRange,
  type Point,
  type Verdict,
  type VerdictQuestion,
} from '@/core/operating';
import { isRefusal, refuse, type Outcome } from '@/core/refusal';
import type { Cup, GunAdvice, Rig } from '@/records';
import { cupBehind } from './cups';
import { fanFrom, type FanSeen } from './fan';
import type { SprayedLiquid } from './liquid';

/** One nozzle or tip that could be fitted: what it does with this paint and this coat, and how well that fits. */
export interface Fitting {
  readonly label: 'nozzle' | 'tip';
  readonly bore?: number;
  readonly tip?: string;
  /** Which needle, nozzle and cap. */
  readonly setId?: string;
  readonly onSheet?: boolean;
  readonly verdict: Verdict;
  /** How it works here; the nearest it can do where it cannot lay the coat. */
  readonly point: Point;
}

/** A coat, a paint and how the gun is held, for whatever is fitted. */
export interface FittingsQuestion {
  readonly rig: Rig;
  readonly advice: GunAdvice | undefined;
  /** The sheet names guns, and none of this kind: whatever is fitted wants a trial piece first. */
  readonly unnamed: boolean;
  readonly liquid: SprayedLiquid;
  /** Pa·s the sheet lets it be thinned between; none for what takes no thinner. */
  readonly band: VerdictQuestion['band'];
  readonly wetFilm: number;
  readonly transfer: number;
  readonly overlap: number;
  readonly distance: number;
  readonly fan: FanSeen;
  /** Pa at the tip. */
  readonly pressure: number;
  readonly hand: HandRange;
  readonly cups: readonly Cup[];
}

const inside = (range: { readonly min: number; readonly max: number }, value: number): boolean =>
  value >= range.min - 1e-6 && value <= range.max + 1e-6;

/** What the gun’s own maker says it sprays, Pa·s. */
function makerOf({ rig, liquid, cups }: FittingsQuestion): VerdictQuestion['maker'] {
  const cup = rig.viscosity && cupBehind(rig.viscosity.cupId, cups);
  if (!cup || !rig.viscosity) return undefined;
  const [min, max] = [rig.viscosity.min, rig.viscosity.max].map((each) => viscosityFromSeconds(cup, each));
  return min === undefined || max === undefined || isRefusal(min) || isRefusal(max)
    ? undefined
    : { min: min * liquid.density, max: max * liquid.density };
}

/** A tip as it sprays now: a worn one has a wider orifice and a narrower fan than its code. */
export function tipNow(tip: Tip, worn: Rig['tipsWorn']): Tip {
  const measured = worn?.[tip.code]?.fan;
  if (measured === undefined) return tip;
  const wear = wearFromFan(tip, measured);
  return isRefusal(wear) ? tip : { ...tip, orifice: wear.orifice, fan: measured };
}

/** m³/s of the pump for one of its guns. */
const pumpOf = ({ pump }: Rig): number | undefined => pump && pump.flow / (pump.guns ?? 1);

/** Everything the rig has that could be fitted, the best first. */
export function fittingsFor(question: FittingsQuestion): Outcome<Fitting[]> {
  const { rig } = question;
  if (rig.atomising === 'airless') return graded(question, tipsOf(question));
  if (rig.sets.length === 0)
    return refuse('no-nozzles', 'This gun has no fluid nozzles. Add the sets the shop owns.');
  const driving = rig.driving ?? defaultDriving[rig.feed];
  const fan = fanFrom(question.fan, question.distance);
  return graded(
    question,
    rig.sets.map(({ id, bore }) => ({
      is: { label: 'nozzle', bore, setId: id },
      fitted: { kind: 'nozzle', bore, driving },
      fan,
      ...(question.advice?.bore ? { onSheet: inside(question.advice.bore, bore) } : {}),
    })),
  );
}

interface Candidate extends Pick<VerdictQuestion, 'fitted' | 'fan' | 'onSheet' | 'misfit'> {
  readonly is: Pick<Fitting, 'label' | 'bore' | 'tip' | 'setId'>;
}

function tipsOf({ rig, advice, pressure, distance }: FittingsQuestion): Outcome<Candidate[]> {
  if (rig.tips.length === 0)
    return refuse('no-tips', 'This gun has no tips. Add the codes of those the shop owns.');
  const candidates: Candidate[] = [];
  for (const code of rig.tips) {
    const fresh = tipFromCode(code);
    if (isRefusal(fresh)) return fresh;
    const tip = tipNow(fresh, rig.tipsWorn);
    const pump = pumpOf(rig);
    candidates.push({
      is: { label: 'tip', tip: code },
      ...(rig.misfits?.includes(code) ? { misfit: true } : {}),
      fan: fanAt(tip, distance),
      fitted: {
        kind: 'tip',
        orifice: tip.orifice,
        pressure,
        ...(advice
          ? {
              pressures: {
                min: advice.pressure.min,
                max: Math.min(advice.pressure.max, rig.maxPressure ?? Infinity),
              },
            }
          : {}),
        ...(pump === undefined ? {} : { pump }),
      },
      ...(advice?.orifice ? { onSheet: inside(advice.orifice, fresh.orifice) } : {}),
    });
  }
  return candidates;
}

function graded(question: FittingsQuestion, candidates: Outcome<Candidate[]>): Outcome<Fitting[]> {
  if (isRefusal(candidates)) return candidates;
  const { liquid, wetFilm, transfer, overlap, hand, band, unnamed } = question;
  const maker = makerOf(question);
  const fittings: Fitting[] = [];
  for (const { is, fitted, fan, onSheet, misfit } of candidates) {
    const verdict = verdictOf({
      fitted,
      fan,
      liquid,
      wetFilm,
      transfer,
      overlap,
      hand,
      unnamed,
      ...(misfit ? { misfit } : {}),
      ...(onSheet === undefined ? {} : { onSheet }),
      ...(band ? { band } : {}),
      ...(maker ? { maker } : {}),
    });
    if (isRefusal(verdict)) return verdict;
    const { solved } = verdict;
    fittings.push({
      ...is,
      ...(onSheet === undefined ? {} : { onSheet }),
      verdict,
      point: solved.feasible ? solved.point : solved.nearest.point,
    });
  }
  return fittings.sort((a, b) => order(a) - order(b) || finer(a, b, hand.usual));
}

/** First choice, then what the sheet names at the least cost, then what is only thinned to, what is off it, and what cannot. */
const order = ({ verdict, onSheet }: Fitting): number =>
  grades.indexOf(verdict.grade) * 10 +
  (onSheet === false ? 15 : 0) +
  verdict.costs.filter((cost) => cost !== 'off-sheet').length;

/** Of nozzles that serve alike the smaller, of those that are slow the larger; of tips the nearest to the hand. */
function finer(a: Fitting, b: Fitting, usual: number): number {
  if (a.label === 'tip')
    return Math.abs(Math.log(a.point.speed / usual)) - Math.abs(Math.log(b.point.speed / usual));
  // With room to spare at the hand’s own speed.
  const ample = ({ verdict, point }: Fitting) => verdict.grade === 'first' && point.needle <= 1 / slack;
  if (ample(a) !== ample(b)) return ample(a) ? -1 : 1;
  const wider = (a.bore ?? 0) - (b.bore ?? 0);
  return ample(a) ? wider : -wider;
}
