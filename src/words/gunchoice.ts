import { handRange } from '@/core/operating';
import { isRefusal } from '@/core/refusal';
import type { GunChoice } from '@/facts/job/gunchoice';
import { fittingName } from './set';
import type { Units } from './units';
import { verdictSays } from './verdict';

/** What a gun would lay the layer with, and what would have to change for it. */
export function gunChoiceSays({ found, refused, rig }: GunChoice, units: Units): string {
  if (!found) return refused ? units.says(refused) : 'Nothing can be said of it.';
  const { fitting, named, point } = found;
  const told = named || fitting.verdict.costs.includes('off-sheet');
  const verdict = verdictSays(
    fitting,
    { hand: handRange(rig.handSpeed), handMeasured: rig.handSpeed !== undefined },
    units,
  );
  const passes = !point.feasible && point.passes > 1 ? ` In ${point.passes} passes, wet on wet.` : '';
  return `${fittingName(fitting, units)}: ${verdict}.${passes}${told ? '' : ' The sheet does not name this kind of gun: a trial piece first.'}`;
}

/** m³ to mix in all, as it can be written. */
export const mixOf = ({ found }: GunChoice): number | undefined =>
  found && !isRefusal(found.mix) ? found.mix : undefined;
