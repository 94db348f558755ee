import { dropIndex } from '@/core/airgun';
import { isRefusal, type Outcome, type Refusal } from '@/core/refusal';
import type { Cup, Job, Rig } from '@/records';
import type { CoatPoint } from './coatpoints';
import type { Fitting } from './fittings';
import { jobView, type JobView } from './view';

/** One gun of the shop on the layer in hand, as it would be set from nothing. */
export interface GunChoice {
  readonly rig: Rig;
  readonly current: boolean;
  /** Why nothing can be said of it. */
  readonly refused?: Refusal;
  readonly found?: {
    /** Does the sheet name this kind of gun? */
    readonly named: boolean;
    readonly fitting: Fitting;
    readonly point: CoatPoint['point'];
    /** s of a coat with the trigger pulled, and m³ to mix for the layer. */
    readonly time: number;
    readonly mix: Outcome<number>;
    /** Index of its drops beside those of this layer’s gun, which are 100. */
    readonly drops?: number;
    /** Steps of its cleaning list. */
    readonly cleaning: number;
  };
}

/** The job as if its layer had another gun that nobody set yet. */
const withGun = (job: Job, layerId: string, rigId: string): Job => ({
  ...job,
  layers: job.layers.map((layer) => (layer.id === layerId ? { ...layer, rigId } : layer)),
  log: job.log.filter(
    (entry) => !((entry.type === 'setting' || entry.type === 'card') && entry.layerId === layerId),
  ),
});

const order = { first: 0, usable: 1, thin: 2, no: 3 } as const;

/** Every gun of the shop on this layer, the best first: each is concluded as a job with that gun would be. */
export function gunChoices(
  { job, work, shop, now }: Pick<JobView, 'job' | 'work' | 'shop' | 'now'>,
  rigs: readonly Rig[],
  cups: readonly Cup[],
): GunChoice[] {
  const byId = new Map(rigs.map((rig) => [rig.id, rig]));
  const choices = rigs.map((rig): GunChoice => {
    const view = jobView(withGun(job, work.layer.id, rig.id), {
      rigOf: (id) => byId.get(id),
      cups,
      shelf: [],
      shop,
      now,
      inHand: work.layer.id,
    });
    const { set, points, plan, clean } = view;
    const current = rig.id === work.layer.rigId;
    if (isRefusal(set.proposal)) return { rig, current, refused: set.proposal };
    const own = points.find(({ coat }) => coat.id === set.coat?.id);
    return {
      rig,
      current,
      found: {
        named: set.advice !== undefined,
        fitting: set.proposal.fitting,
        point: set.point,
        time: own?.time ?? 0,
        mix: isRefusal(plan.needed) ? plan.needed : plan.needed.total,
        cleaning: clean.steps.length,
      },
    };
  });
  const beside = choices.find(({ current }) => current)?.found?.point.dropSize;
  const compared = choices.map((choice): GunChoice => {
    const own = choice.found?.point.dropSize;
    return choice.found && own !== undefined && beside !== undefined
      ? { ...choice, found: { ...choice.found, drops: dropIndex(own, beside) } }
      : choice;
  });
  const rank = ({ found }: GunChoice) =>
    found
      ? order[found.fitting.verdict.grade] * 10 + found.fitting.verdict.costs.length + (found.named ? 0 : 15)
      : 99;
  return compared.sort(
    (a, b) => rank(a) - rank(b) || (a.found?.time ?? Infinity) - (b.found?.time ?? Infinity),
  );
}

/**
 * What a job like this would cost less with a gun than with its own one, in paint and in hands, currency; nothing where
 * either is not known, or nothing is priced.
 */
export function savesOver(
  own: GunChoice | undefined,
  other: GunChoice,
  coats: number,
  { paint, labour }: { readonly paint: number | undefined; readonly labour: number | undefined },
): number | undefined {
  const [now, then] = [own?.found, other.found];
  if (!now || !then || isRefusal(now.mix) || isRefusal(then.mix)) return undefined;
  if (paint === undefined && labour === undefined) return undefined;
  return (now.mix - then.mix) * (paint ?? 0) + (now.time - then.time) * coats * (labour ?? 0);
}
