import type { Figure } from '@/facts/figure';
import type { JobView, Timer } from '@/facts/job';
import { figure } from './figures';

export const timerWords: Record<Timer['id'], { running: string; over: string }> = {
  flash: { running: 'Next coat in', over: 'Next coat open for' },
  'recoat-closes': { running: 'Recoat window closes in', over: 'Recoat window closed' },
  induction: { running: 'Let it rest', over: 'Rested' },
  'pot-life': { running: 'Pot life left', over: 'Pot life over' },
  stir: { running: 'Stir again in', over: 'Stir now, overdue' },
  retime: { running: 'Time the cup again in', over: 'Time the cup, overdue' },
  idle: { running: 'Wipe the cap in', over: 'Wipe the cap, idle too long' },
  'clean-by': { running: 'Clean the gun within', over: 'Clean the gun, overdue' },
};

/** The moment a clock runs out, as a figure: what a tray counts down to. */
export const timerFigure = (view: Pick<JobView, 'work'>, id: Timer['id'], due: number): Figure =>
  figure(view, `clock.${id}`, due / 1000);
