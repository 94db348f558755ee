import { isRefusal } from '@/core/refusal';
import type { WorkStage } from '@/core/safety';
import type { Lesson } from '@/core/thinning';
import type { Cup, Job, Rig, Shop } from '@/records';
import type { ShelfCan } from '../shop/shelf';
import { batchOf, type BatchState } from './batch';
import { gunsOf } from './guns';
import { checkView, type CheckView } from './check';
import { cleanViews, presses, type CleanView } from './clean';
import { mixView, type MixView } from './mix';
import { coatPoints, type CoatPoint } from './coatpoints';
import { neededOf, planBasis, type PlanView } from './plan';
import { setView, type SetView } from './set';
import { pastCap } from './pastcap';
import { permissionOf, type Permission } from './permission';
import { sprayView, type SprayView } from './spray';
import { supplyView, type SupplyView } from './supply';
import { thinView, type ThinView } from './thin';
import { dwellTimers, timersOf, type Timer } from './timers';
import { jobWorked, type Worked } from './worked';

export type Stage = WorkStage;
export const stages: readonly Stage[] = ['plan', 'mix', 'thin', 'set', 'spray', 'check', 'clean'];

/** What a job needs to be seen whole. */
export interface Bearings {
  /** The rig with an id, where the shop still has it. */
  readonly rigOf: (id: string) => Rig | undefined;
  readonly cups: readonly Cup[];
  readonly shelf: readonly ShelfCan[];
  readonly shop: Shop;
  /** ms since the epoch */
  readonly now: number;
  /** What earlier batches of a sheet with a thinner taught. */
  readonly lessons?: (sheetId: string, thinnerId: string) => readonly Lesson[];
  /** Papers that were read in any job, by whom. */
  readonly papers?: ReadonlySet<string>;
  /** Guns that another job left with mix in them, with its name. */
  readonly gunsLeft?: ReadonlyMap<string, string>;
  /** How long the coats of the hand it is reckoned with take beside the time the trigger is pulled. */
  readonly pace?: { readonly name: string; readonly ratio: number; readonly coats: number };
  /** The layer somebody took in hand: the one with the next coat where nobody did. */
  readonly inHand?: string;
  /** The gun somebody took in hand to clean: that of the layer where nobody did. */
  readonly gun?: string;
}

const none = () => [];
const noPapers: ReadonlySet<string> = new Set();
const noGuns: ReadonlyMap<string, string> = new Map();

/** Everything shown about a job, derived from its plan and its log. Nothing of it is stored. */
export interface JobView {
  readonly job: Job;
  /** The job as it is worked: the layer in hand, its sheet as gun and room ask for it. */
  readonly work: Worked;
  /** The rig of the layer in hand. */
  readonly rig?: Rig;
  readonly shop: Shop;
  /** Papers of its products and machines that were read, by whom. */
  readonly papers: ReadonlySet<string>;
  /** Its guns that another job left with mix in them, with that job’s name. */
  readonly gunsLeft: ReadonlyMap<string, string>;
  /** The pace of the hand it is reckoned with, from that hand’s own coats. */
  readonly pace?: Bearings['pace'];
  readonly now: number;
  readonly plan: PlanView;
  readonly supply: SupplyView;
  readonly mix: MixView;
  readonly thin: ThinView;
  readonly set: SetView;
  /** Every coat of the layer in hand at its own point. */
  readonly points: readonly CoatPoint[];
  readonly spray: SprayView;
  readonly check: CheckView;
  /** The gun of the layer in hand. */
  readonly clean: CleanView;
  /** Every mix in a pot, whichever layer is in hand, until it is discarded or the gun is clean after the last coat. */
  readonly pots: readonly BatchState[];
  /** Whose mix is still in the gun of the layer in hand, where that is another product: it comes out first. */
  readonly otherInGun?: string;
  /** All guns of the job, that one first: each has its own mix in it and its own clocks. */
  readonly guns: readonly CleanView[];
  readonly timers: readonly Timer[];
  /** Whether the next coat of the layer in hand may be started, and what is open. */
  readonly permission: Permission;
  /** Stages whose work is done. */
  readonly done: ReadonlySet<Stage>;
  /** The stage where the next thing is to be done. */
  readonly current: Stage;
}

export function jobView(
  job: Job,
  {
    rigOf,
    cups,
    shelf,
    shop,
    now,
    lessons = none,
    papers = noPapers,
    gunsLeft = noGuns,
    pace,
    inHand,
    gun,
  }: Bearings,
): JobView {
  const work = jobWorked(job, rigOf, inHand);
  const rig = rigOf(work.layer.rigId);
  const basis = planBasis(work, rig);
  const thin = thinView(work, { rig, cups, shop, plan: basis, now, lessons });
  const bearings = { rig, plan: basis, thin, shop, cups, now };
  const set = setView(work, bearings);
  const points = coatPoints(work, bearings, set);
  const plan: PlanView = { ...basis, needed: neededOf(work, rig, basis, points) };
  const spray = sprayView(work, set, points, now);
  const supply = supplyView(work, rig, plan, spray, points);
  const guns = cleanViews(
    work,
    rigOf,
    shop,
    now,
    gun !== undefined && gunsOf(job).includes(gun) ? gun : undefined,
  );
  const pots = potsOf(work, spray, guns);
  const views = {
    plan,
    supply,
    mix: mixView(work, supply, shop, shelf, spray.layerOn),
    thin,
    set,
    points,
    spray,
    check: checkView(work),
    clean: guns[0],
    guns,
  };
  const other = otherInGun(work, guns);
  const done = doneStages(views, pastCap({ thin, work, shop }, spray.next?.coat.id) !== undefined);
  if (other) done.delete('set');
  const view = {
    job,
    work,
    rig,
    shop,
    papers,
    gunsLeft,
    ...(pace ? { pace } : {}),
    now,
    ...views,
    ...(other ? { otherInGun: other } : {}),
    pots,
    timers: timersOf(work, guns, pots, shop, spray, supply, now),
    done,
    current: currentStage(views, done, work, now),
  };
  const permission = permissionOf(view);
  const timers = [...view.timers, ...dwellTimers(permission, work.layer.id)];
  return { ...view, permission, timers: timers.sort((a, b) => a.due - b.due) };
}

/** The pots that are live: mixed, and with coats to come of their layer, or still in a gun that is to be cleaned. */
const potsOf = (work: Worked, { coats }: SprayView, guns: readonly CleanView[]): BatchState[] =>
  work.layers
    .filter(
      ({ id }) =>
        coats.some(({ coat, state }) => coat.layerId === id && state !== 'done') ||
        guns.some(({ layerId, state }) => layerId === id && state === 'dirty'),
    )
    .map((layer) => batchOf(work, layer))
    .filter((batch) => batch !== undefined);

/** A gun that was flushed since may be filled with another product. */
function otherInGun({ layer, layers }: Worked, guns: readonly CleanView[]): string | undefined {
  const gun = guns.find(({ rigId }) => rigId === layer.rigId);
  const inIt = layers.find(({ id }) => id === gun?.layerId);
  if (gun?.state !== 'dirty' || !inIt || inIt.sheet.id === layer.sheet.id) return undefined;
  return gun.steps.some(({ id, done }) => id === 'flush' && done) ? undefined : inIt.name;
}

type Views = Pick<JobView, 'plan' | 'mix' | 'thin' | 'set' | 'spray' | 'check' | 'clean' | 'guns'>;

function doneStages({ plan, mix, thin, set, spray, check, clean, guns }: Views, past: boolean): Set<Stage> {
  const done = new Set<Stage>();
  if (plan.climate && plan.fitness.every(({ state }) => state === 'good')) done.add('plan');
  if (mix.batch && thin.step.kind !== 'expired' && thin.step.kind !== 'doubled') done.add('mix');
  const step = thin.step;
  if ((step.kind === 'no-cup' && mix.batch) || step.kind === 'neat') done.add('thin');
  if (step.kind === 'by-stick' && !past && step.advice.kind === 'ready') done.add('thin');
  if (
    step.kind === 'advice' &&
    !past &&
    (step.advice.kind === 'ready' || step.advice.kind === 'near') &&
    thin.inBand === 'inside'
  )
    done.add('thin');
  if (set.setting && !set.fault && set.card?.verdict === 'good') done.add('set');
  if (!spray.next && !spray.running && !spray.look) done.add('spray');
  const { open, waiting } = check.defects;
  const measured = !isRefusal(check.verdict) && check.verdict.passes && check.unproven.length === 0;
  if (measured && open.length === 0 && !waiting) done.add('check');
  if (clean.state === 'clean' && !guns.some(({ state }) => state === 'dirty')) done.add('clean');
  return done;
}

/** A gun with mix in it sets; a film does not run away. So cleaning comes before measuring. */
function currentStage(
  { spray, check, guns }: Views,
  done: ReadonlySet<Stage>,
  { layer }: Worked,
  now: number,
): Stage {
  // What is to be judged or done to the film comes before the next mix.
  if (spray.running) return 'spray';
  // Mix that sets in the gun of another layer ruins it: that comes before the next coat.
  if (guns.some((gun) => gun.rigId !== layer.rigId && presses(gun, now))) return 'clean';
  if (spray.look || spray.due) return 'spray';
  if (done.has('spray')) {
    if (guns.some(({ state }) => state === 'dirty')) return 'clean';
    return done.has('check') ? 'clean' : 'check';
  }
  const failed = check.coatsOn > 0 && check.taken > 0 && !isRefusal(check.verdict) && !check.verdict.passes;
  const open = (['plan', 'mix', 'thin', 'set'] as const).find((stage) => !done.has(stage));
  return failed && check.taken >= check.wanted ? 'check' : (open ?? 'spray');
}
