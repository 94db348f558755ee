import {
  chemistryCare,
  cleaningSequence,
  midwaySteps,
  type CleaningApproach,
  type CleaningQuestion,
  type CleaningSequence,
  type CleaningStep,
  type CleaningStepId,
} from '@/core/care';
import { isRefusal, type Refusal } from '@/core/refusal';
import type { Coating, Rig, Shop } from '@/records';
import { batchOf } from './batch';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { layerOf } from './layers';
import type { Worked } from './worked';

export interface CleanStep extends CleaningStep {
  readonly done: boolean;
  /** Under which the shop keeps words of its own for it, and whether it does. */
  readonly wordsKey: string;
  readonly reworded: boolean;
}

export interface CleanView {
  readonly steps: readonly CleanStep[];
  readonly doneCount: number;
  /** Cap wiped, cup covered: between coats. */
  readonly midway: readonly CleanStep[];
  /** The sequence behind the steps; none when it was refused. */
  readonly sequence?: CleaningSequence;
  /** Why it cannot be as it was asked for; the steps are then those of a full strip, or none. */
  readonly refusal?: Refusal;
  readonly approach: CleaningApproach;
  readonly sheet: Coating;
  readonly liquid: string;
  /** ms; when mix must be out of the gun. Undefined while there is none in it. */
  readonly cleanBy?: number;
  /** Is the clean-by time a class default rather than the sheet's own or its pot life? */
  readonly assumed: boolean;
  /** ms; since when it stands with mix in it, and until when it may before its cap is wiped. */
  readonly idle?: { readonly since: number; readonly until: number };
  /** ms; when the mix in it is reckoned to have set. */
  readonly gels?: number;
  readonly gelled: boolean;
  readonly state: 'nothing-in-it' | 'dirty' | 'clean';
}

/** Ready mix is thick at the end of its pot life and set some while after: an estimate. Peroxide gels at its end. */
const gelsAfter = 1.5;

/** Steps of the list as it was first kept, by whose last a gun cleaned then is still clean. */
const firstList = { end: 'assemble', waste: 'waste' } as const;

/** What the care of a job’s gun is asked with. */
export function cleaningQuestion(job: Worked, rig: Rig | undefined, sheet: Coating): CleaningQuestion {
  const cleaner = job.approach.cleaner ?? sheet.cleaner;
  return {
    chemistry: sheet.chemistry,
    atomising: rig?.atomising ?? 'conventional',
    feed: rig?.feed ?? 'gravity',
    dead: rig?.dead ?? 40e-6,
    approach: job.approach.cleaning ?? 'strip',
    ...(cleaner ? { cleaner } : {}),
    ...(rig?.seals ? { seals: rig.seals } : {}),
    ...(rig?.wetted?.length ? { wetted: rig.wetted } : {}),
    ...(rig?.bleeder ? { bleeder: true } : {}),
    sets: sheet.times.potLife !== undefined,
    peroxide: sheet.hazards.includes('peroxide'),
    oxidises: sheet.hazards.includes('oxidising-oil'),
  };
}

export function cleanView(job: Worked, rig: Rig | undefined, shop: Shop, now: number): CleanView {
  const entries = liveEntries(job);
  const used = entries.filter(({ type }) => type === 'coat-start' || type === 'card').at(-1);
  const coat = lastOf(entries, 'coat-start');
  const layer = layerOf(
    job,
    used?.type === 'card' ? used.layerId : (job.coats.find(({ id }) => id === coat?.coatId)?.layerId ?? ''),
  );
  const { sheet } = layer;
  const since = used ? moment(used) : Infinity;
  const ticks = ofType(entries, 'tick').filter((tick) => moment(tick) >= since);
  const cleaning = ticks.filter(({ list }) => list === 'clean');
  const last = (step: CleaningStepId | 'gelled' | 'assemble') =>
    cleaning.filter((tick) => tick.step === step).at(-1);

  const batch = batchOf(job, layer);
  const gels = used && batch ? gelTime(sheet, batch.mixedAt, batch.useBefore) : undefined;
  const flushed = last('flush');
  const said = last('gelled');
  const gelled = said ? said.done : gels !== undefined && gels < (flushed?.done ? moment(flushed) : now);

  const question = { ...cleaningQuestion(job, rig, sheet), gelled };
  const asked = cleaningSequence(question);
  const found =
    isRefusal(asked) && question.approach === 'store'
      ? cleaningSequence({ ...question, approach: 'strip' })
      : asked;
  const sequence = isRefusal(found) ? undefined : found;
  const view = (step: CleaningStep, done: boolean): CleanStep => {
    const wordsKey = `${sheet.chemistry}/${sequence?.family ?? ''}/${sequence?.approach ?? ''}/${step.id}`;
    const own = shop.careWords?.[wordsKey];
    return { ...step, ...(own ? { says: own } : {}), done, wordsKey, reworded: own !== undefined };
  };
  const onceClean = last(firstList.end)?.done === true && last(firstList.waste)?.done === true;
  const steps = (sequence?.steps ?? []).map((step) => view(step, last(step.id)?.done ?? onceClean));
  const doneCount = steps.filter(({ done }) => done).length;
  const clean = sequence !== undefined && doneCount === steps.length;

  const wiped = ticks
    .filter(({ list, step, done }) => list === 'midway' && step === 'mid-wipe' && done)
    .at(-1);
  const stood = lastOf(entries, 'coat-end');
  const idleSince = Math.max(used ? since : 0, stood ? moment(stood) : 0);
  const restedSince = Math.max(idleSince, wiped ? moment(wiped) : 0);
  const midTicks = ticks.filter((tick) => tick.list === 'midway' && moment(tick) >= idleSince);
  const midway = sequence
    ? midwaySteps({ ...question, liquid: sequence.liquid }).map((step) =>
        view(step, midTicks.filter((tick) => tick.step === step.id).at(-1)?.done ?? false),
      )
    : [];
  const care = chemistryCare[sheet.chemistry];
  const byIdle = restedSince + (sheet.cleanBy ?? care.cleanBy) * 1000;
  const useBefore = batch?.useBefore;
  return {
    steps,
    doneCount,
    midway,
    ...(sequence ? { sequence } : {}),
    ...(isRefusal(asked) ? { refusal: asked } : {}),
    approach: question.approach ?? 'strip',
    sheet,
    liquid: sequence?.liquid ?? 'not known',
    ...(used && !clean
      ? {
          cleanBy: Math.min(byIdle, useBefore ?? Infinity),
          idle: { since: restedSince, until: restedSince + care.idle * 1000 },
        }
      : {}),
    assumed: sheet.cleanBy === undefined && !(useBefore !== undefined && useBefore < byIdle),
    ...(gels === undefined ? {} : { gels }),
    gelled: used !== undefined && !clean && gelled,
    state: !used ? 'nothing-in-it' : clean ? 'clean' : 'dirty',
  };
}

/** When mix has set: peroxide at the end of its pot life, others some while after. */
function gelTime(sheet: Coating, mixedAt: number, useBefore: number | undefined): number | undefined {
  if (useBefore === undefined || sheet.times.potLife === undefined) return undefined;
  return sheet.hazards.includes('peroxide') ? useBefore : mixedAt + (useBefore - mixedAt) * gelsAfter;
}
