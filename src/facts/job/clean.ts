import {
  chemistryCare,
  cleaningSequence,
  heldBack,
  midwaySteps,
  type CleaningApproach,
  type CleaningQuestion,
  type CleaningSequence,
  type CleaningStep,
  type CleaningStepId,
} from '@/core/care';
import { celsius } from '@/core/climate';
import { isRefusal, type Refusal } from '@/core/refusal';
import { potLife } from '@/core/schedule';
import type { Coating, Layer, Rig, Shop } from '@/records';
import { batchesOf } from './batch';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { gunOf, gunsOf, usesOf } from './guns';
import { layerOf } from './layers';
import type { Worked } from './worked';

export interface CleanStep extends CleaningStep {
  readonly done: boolean;
  /** Under which the shop keeps words of its own for it, and whether it does. */
  readonly wordsKey: string;
  readonly reworded: boolean;
  /** Not before that step of the list, counted from 1: it lets out the pressure. */
  readonly after?: number;
}

export interface CleanView {
  /** The gun, and the layer whose mix is or will be in it. */
  readonly rigId: string;
  readonly rig?: Rig;
  readonly layerId: string;
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
  /** It is sooner than stated, for the heat of the room: an estimate. */
  readonly heat?: boolean;
  /** ms; since when it stands with mix in it, and until when it may before its cap is wiped. */
  readonly idle?: { readonly since: number; readonly until: number };
  /** ms; when the mix in it is reckoned to have set. */
  readonly gels?: number;
  readonly gelled: boolean;
  readonly state: 'nothing-in-it' | 'dirty' | 'clean';
  /** It stands between two coats of what is in it: the short way comes first. */
  readonly between: boolean;
}

/** Ready mix is thick at the end of its pot life and set some while after: an estimate. Peroxide gels at its end. */
const gelsAfter = 1.5;

/** K up to which a stated time stands: the standard climate. */
const ordinaryRoom = celsius(23);

/** Steps of the list as it was first kept, by whose last a gun cleaned then is still clean. */
const firstList = { end: 'assemble', waste: 'waste' } as const;

/** A gun that waits for no further coat is pressing so long before it must be clean, ms. */
export const pressingBefore = 15 * 60_000;

/** Must a gun be cleaned before anything else is begun? */
export const presses = (
  { state, between, cleanBy }: Pick<CleanView, 'state' | 'between' | 'cleanBy'>,
  now: number,
): boolean => state === 'dirty' && !between && cleanBy !== undefined && now >= cleanBy - pressingBefore;

/** What the care of a job’s gun is asked with. */
export function cleaningQuestion(
  { approach, sheet }: Pick<Layer, 'approach' | 'sheet'>,
  rig: Rig | undefined,
): CleaningQuestion {
  const cleaner = approach.cleaner ?? sheet.cleaner;
  return {
    chemistry: sheet.chemistry,
    atomising: rig?.atomising ?? 'conventional',
    feed: rig?.feed ?? 'gravity',
    dead: rig?.dead ?? 40e-6,
    approach: approach.cleaning ?? 'strip',
    ...(cleaner ? { cleaner } : {}),
    ...(rig?.seals ? { seals: rig.seals } : {}),
    ...(rig?.wetted?.length ? { wetted: rig.wetted } : {}),
    ...(rig?.bleeder ? { bleeder: true } : {}),
    sets: sheet.times.potLife !== undefined,
    peroxide: sheet.hazards.includes('peroxide'),
    oxidises: sheet.hazards.includes('oxidising-oil'),
  };
}

/**
 * Every gun of a job by itself: what is in it, since when, and what of its cleaning is done. The gun of the layer in hand
 * comes first, or the one that was taken.
 */
export function cleanViews(
  job: Worked,
  rigOf: (id: string) => Rig | undefined,
  shop: Shop,
  now: number,
  taken?: string,
): [CleanView, ...CleanView[]] {
  const inHand = taken ?? job.layer.rigId;
  const others = gunsOf(job).filter((id) => id !== inHand);
  const seen = (id: string) => cleanView(job, id, rigOf(id), shop, now);
  const [own, rest] = [seen(inHand), others.map(seen)];
  // The gun of a layer that is on, and sets soon, comes before one that nothing presses.
  const first = taken === undefined ? rest.find((gun) => presses(gun, now)) : undefined;
  return first ? [first, own, ...rest.filter((gun) => gun !== first)] : [own, ...rest];
}

function cleanView(job: Worked, rigId: string, rig: Rig | undefined, shop: Shop, now: number): CleanView {
  const entries = liveEntries(job);
  const ended = new Set(ofType(entries, 'coat-end').map(({ coatId }) => coatId));
  const left = new Set(job.coats.filter(({ id }) => !ended.has(id)).map(({ layerId }) => layerId));
  const uses = usesOf(job).filter((use) => use.rigId === rigId);
  const use = uses.filter(({ entry: { type } }) => type !== 'coat-end').at(-1);
  const used = use?.entry;
  const ahead = job.layer.rigId === rigId ? job.layer : job.layers.find((each) => each.rigId === rigId);
  const layer = use ? layerOf(job, use.layerId) : (ahead ?? job.layer);
  const { sheet } = layer;
  const since = used ? moment(used) : Infinity;
  // Ticks of before guns were told apart name none: they are of the gun at work.
  const ticks = ofType(entries, 'tick').filter(
    (tick) => moment(tick) >= since && (tick.rigId ?? rigId) === rigId,
  );
  const cleaning = ticks.filter(({ list }) => list === 'clean');
  const last = (step: CleaningStepId | 'gelled' | 'assemble') =>
    cleaning.filter((tick) => tick.step === step).at(-1);

  // The pot a gun was filled from: one that was mixed since has not been in it, and an empty pot leaves what is in the gun.
  const batch =
    used && gunOf(job, layer.id) === rigId
      ? batchesOf(job, layer).findLast(({ mixedAt }) => mixedAt <= since)
      : undefined;
  const gels = used && batch ? gelTime(sheet, batch.mixedAt, batch.useBefore) : undefined;
  const flushed = last('flush');
  const said = last('gelled');
  const gelled = said ? said.done : gels !== undefined && gels < (flushed?.done ? moment(flushed) : now);

  const question = { ...cleaningQuestion(layer, rig), gelled };
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
  const listed = (sequence?.steps ?? []).map((step) => view(step, last(step.id)?.done ?? onceClean));
  const locks = heldBack(listed);
  const steps = listed.map((step, i) =>
    locks.has(i) ? { ...step, after: (locks.get(i) as number) + 1 } : step,
  );
  const doneCount = steps.filter(({ done }) => done).length;
  const clean = sequence !== undefined && doneCount === steps.length;

  const wiped = ticks
    .filter(({ list, step, done }) => list === 'midway' && step === 'mid-wipe' && done)
    .at(-1);
  const stood = uses.filter(({ entry: { type } }) => type === 'coat-end').at(-1)?.entry;
  const idleSince = Math.max(used ? since : 0, stood ? moment(stood) : 0);
  const restedSince = Math.max(idleSince, wiped ? moment(wiped) : 0);
  const midTicks = ticks.filter((tick) => tick.list === 'midway' && moment(tick) >= idleSince);
  const midway = sequence
    ? midwaySteps({ ...question, liquid: sequence.liquid }).map((step) =>
        view(step, midTicks.filter((tick) => tick.step === step.id).at(-1)?.done ?? false),
      )
    : [];
  const care = chemistryCare[sheet.chemistry];
  const goesOn = left.has(layer.id);
  // What sets or skins does so sooner in the heat, whatever the sheet says of a cool room.
  const stated = sheet.cleanBy ?? care.cleanBy;
  const air = lastOf(entries, 'climate')?.air ?? sheet.times.temperature;
  const cool = Math.max(sheet.times.temperature, ordinaryRoom);
  const stays = potLife(stated, cool, air);
  const byIdle = restedSince + stays * 1000;
  const useBefore = batch?.useBefore;
  return {
    rigId,
    ...(rig ? { rig } : {}),
    layerId: layer.id,
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
          idle: {
            since: restedSince,
            until: restedSince + potLife(care.idle, cool, air) * 1000,
          },
        }
      : {}),
    assumed: sheet.cleanBy === undefined && !(useBefore !== undefined && useBefore < byIdle),
    ...(stays < stated && !(useBefore !== undefined && useBefore < byIdle) ? { heat: true } : {}),
    ...(gels === undefined ? {} : { gels }),
    gelled: used !== undefined && !clean && gelled,
    between: used !== undefined && !clean && !gelled && goesOn,
    state: !used ? 'nothing-in-it' : clean ? 'clean' : 'dirty',
  };
}

/** When mix has set: peroxide at the end of its pot life, others some while after. */
function gelTime(sheet: Coating, mixedAt: number, useBefore: number | undefined): number | undefined {
  if (useBefore === undefined || sheet.times.potLife === undefined) return undefined;
  return sheet.hazards.includes('peroxide') ? useBefore : mixedAt + (useBefore - mixedAt) * gelsAfter;
}
