import { isRefusal } from '@/core/refusal';
import type { GunState } from '@/standins/cardcamera';
import type { JobView } from '@/facts/job';

const ratio = (value: number | undefined, right: number | undefined): number =>
  value && right && value > 0 && right > 0 ? value / right : 1;

/** The gun of a job as the simulated camera sprays it: its setting and mix beside what the sheet would have. */
export function sprayedBy({ set, thin, rig }: Pick<JobView, 'set' | 'thin' | 'rig'>): {
  readonly fan: number;
  readonly gun: GunState;
} {
  const proposal = isRefusal(set.proposal) ? undefined : set.proposal;
  const { setting } = set;
  const wanted = proposal?.distance ?? rig?.distance;
  const distance = ratio(setting?.distance, wanted);
  return {
    // A setting’s fan is the one at its own distance.
    fan: (setting?.fan ?? rig?.fan ?? 0.25) / distance,
    gun: {
      pressure: ratio(setting?.pressure, proposal?.pressure),
      viscosity: ratio(thin.viscosity, thin.choice?.middle),
      distance,
    },
  };
}
