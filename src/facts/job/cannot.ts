import type { CauseId } from '@/core/diagnosis';
import type { JobView } from './view';

/**
 * Causes that cannot be behind a defect of this job, by what it is sprayed with, what it is made of and what lies below:
 * nobody is told to thin to a band there is none of, or to raise air that is not there.
 */
export function cannotBe({ rig, thin, mix, spray, job }: JobView): CauseId[] {
  const airless = rig?.atomising === 'airless';
  const { sheet } = mix;
  const on = spray.coats.filter(({ state }) => state !== 'todo').length;
  const bare = job.part.existing === undefined || job.part.existing === 'bare';
  const out: [CauseId, boolean][] = [
    ['too-thick', thin.choice === undefined],
    ['over-thinned', thin.choice === undefined],
    ['big-drops', thin.choice === undefined],
    ['air-low', airless],
    ['air-high', airless],
    ['cap-blocked', airless],
    ['horn-blocked', airless],
    // A turbine’s air is warm and dry, and an airless gun takes none.
    ['line-water', rig !== undefined && rig.air !== 'compressor'],
    ['pump-low', rig !== undefined && !airless],
    ['mix-off', sheet.components.length < 2],
    ['pot-old', sheet.times.potLife === undefined],
    ['thinner-fast', sheet.thinning.thinners.length === 0],
    ['thinner-slow', sheet.thinning.thinners.length === 0],
    ['recoat-late', on < 2 && bare],
    ['flash-short', on < 2 && bare],
    ['attack-below', on < 2 && bare],
  ];
  return out.filter(([, cannot]) => cannot).map(([id]) => id);
}
