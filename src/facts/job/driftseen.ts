import { drift, reaches, type Dries, type Drift, type Reached } from '@/core/drift';
import { isRefusal } from '@/core/refusal';
import type { Outdoors, Rig } from '@/records';
import { lastOf, liveEntries } from './entries';
import { gustsOf } from './gusts';
import type { JobView } from './view';
import { sprayedFaces } from './byhand';

type Thing = NonNullable<Outdoors['around']>[number];

/** What misses the part outdoors, where it goes, and what would change it. */
export interface DriftSeen {
  readonly drift: Drift;
  readonly dries: Dries;
  /** m/s it is reckoned with, from a reading or the forecast. */
  readonly wind: number;
  readonly reached: readonly { readonly thing: Thing; readonly how: Reached; readonly reach: number }[];
  /** The same with one thing changed. */
  readonly instead: readonly { readonly what: DriftChange; readonly drift: Drift }[];
}

export type DriftChange = 'lower-pressure' | 'shield' | 'half-wind';

/** m, of the drops by volume, of guns as they are usually set. Defaults: nobody measures them in a shop. */
const usualDrops: Record<Rig['atomising'], number> = {
  hvlp: 55e-6,
  compliant: 50e-6,
  'low-volume': 55e-6,
  conventional: 40e-6,
  airless: 120e-6,
};
/** Drops grow so as pressure falls; a shield keeps so much of what falls and drifts. Estimates. */
const [growsBy, lowerBy, shielded] = [0.4, 0.8, 0.7] as const;

/** @returns nothing indoors, and where no gun sprays */
export function driftSeen({
  job,
  work,
  plan,
  set,
  rig,
}: Pick<JobView, 'job' | 'work' | 'plan' | 'set' | 'rig'>): DriftSeen | undefined {
  const { outdoors } = job;
  const { point } = set;
  if (!outdoors || !rig || point.fluid === undefined) return undefined;
  const sprayed = sprayedFaces(job.part);
  if (sprayed.length === 0) return undefined;
  const { sheet } = plan;
  const read = lastOf(liveEntries(work), 'climate', ({ gusts }) => gusts !== undefined)?.gusts;
  const wind = read ?? gustsOf(outdoors);
  // A film that reacts, or oil, is still paint when it lands; water leaves fine drops on their way.
  const dries: Dries =
    sheet.chemistry === 'water-borne' && sheet.times.potLife === undefined ? 'quick' : 'sticky';
  const asked = {
    median: usualDrops[rig.atomising] * ((point.drops ?? 100) / 100),
    density: point.liquid.density,
    wind,
    height: Math.max(1, ...sprayed.map(({ height, lies }) => (lies === 'upright' ? height : 1))),
    lost: point.fluid * (1 - point.transfer),
    dries,
    humidity: plan.climate?.humidity ?? 0.6,
  };
  const here = drift(asked);
  if (isRefusal(here)) return undefined;
  const changed = (what: DriftChange, more: Partial<typeof asked>) => {
    const found = drift({ ...asked, ...more });
    return isRefusal(found) ? [] : [{ what, drift: found }];
  };
  const { windFrom, around = [] } = outdoors;
  return {
    drift: here,
    dries,
    wind,
    reached:
      windFrom === undefined
        ? []
        : around
            .filter(({ covered }) => !covered)
            .map((thing) => {
              const how = reaches(here, thing, windFrom, dries);
              return { thing, how, reach: how === 'wet' ? here.wetReach : here.stickyReach };
            })
            .sort((a, b) => a.thing.distance - b.thing.distance),
    instead: [
      ...changed('lower-pressure', { median: asked.median * lowerBy ** -growsBy }),
      ...changed('shield', { lost: asked.lost * (1 - shielded) }),
      ...changed('half-wind', { wind: wind / 2 }),
    ],
  };
}
