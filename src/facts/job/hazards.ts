import type { Hazard } from '@/core/safety';
import type { JobView } from './index';

/** What can hurt someone in this job: the sheet's hazards, and those of the gun. */
export const jobHazards = ({ plan, rig }: Pick<JobView, 'plan' | 'rig'>): Hazard[] => [
  ...plan.sheet.hazards,
  ...(rig?.atomising === 'airless' ? (['injection'] as const) : []),
];
