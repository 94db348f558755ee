import type { Cup, Job, Rig, Shop } from '@/records';
import { coatStates } from '../job/spray';
import { gunChoices, savesOver } from '../job/gunchoice';
import { paintPrice } from '../job/thinnershare';
import { jobView } from '../job/view';
import { eachThatCan } from './eachthatcan';

/** What a gun would save over the open jobs, were it used wherever it saves and may be used. */
export interface GunOver {
  readonly rigId: string;
  /** Currency, and in how many layers of how many jobs. */
  readonly saves: number;
  readonly layers: number;
  readonly jobs: number;
}

/**
 * Goes over every layer that is still to be sprayed in the open jobs with every other gun of the shop. A gun that cannot
 * lay a layer, or only at a cost to it, saves nothing there.
 *
 * @param now ms since the epoch
 * @param told how many jobs are gone through, of how many
 * @returns the gun that saves most first; none where nothing is priced
 */
export function gunsOver(
  jobs: readonly Job[],
  rigs: readonly Rig[],
  cups: readonly Cup[],
  shop: Shop,
  now: number,
  told: (done: number, of: number) => void = () => undefined,
): GunOver[] {
  const open = jobs.filter(({ closed }) => !closed);
  const sums = new Map<string, { saves: number; layers: number; jobs: Set<string> }>();
  const byId = new Map(rigs.map((rig) => [rig.id, rig]));
  const labour = shop.rates?.labour;
  open.forEach((job, i) => {
    told(i, open.length);
    for (const { rigId, saves } of eachThatCan([job], savingsIn)) {
      const sum = sums.get(rigId) ?? { saves: 0, layers: 0, jobs: new Set<string>() };
      sum.jobs.add(job.id);
      sums.set(rigId, { saves: sum.saves + saves, layers: sum.layers + 1, jobs: sum.jobs });
    }
  });
  told(open.length, open.length);
  return [...sums]
    .map(([rigId, { saves, layers, jobs: own }]) => ({ rigId, saves, layers, jobs: own.size }))
    .sort((a, b) => b.saves - a.saves);

  function savingsIn(job: Job): { readonly rigId: string; readonly saves: number }[] {
    return job.layers.flatMap((layer) => {
      const bearings = { rigOf: (id: string) => byId.get(id), cups, shelf: [], shop, now, inHand: layer.id };
      const { work } = jobView(job, bearings);
      const left = coatStates(work).filter(
        ({ coat, state }) => state === 'todo' && coat.layerId === layer.id,
      ).length;
      if (left === 0) return [];
      const choices = gunChoices({ job, work, shop, now }, rigs, cups);
      const own = choices.find(({ current }) => current);
      return choices.flatMap((choice) => {
        const grade = choice.found?.fitting.verdict.grade;
        if (choice.current || (grade !== 'first' && grade !== 'usable')) return [];
        const saves = savesOver(own, choice, left, { paint: paintPrice(work, work.layer), labour });
        return saves !== undefined && saves > 0 ? [{ rigId: choice.rig.id, saves }] : [];
      });
    });
  }
}
