import type { Figure } from '@/facts/figure';
import type { JobView, Timer } from '@/facts/job';

export const timerWords: Record<Timer['id'], { running: string; over: string }> = {
  flash: { running: 'Next coat in', over: 'Next coat open for' },
  work: { running: 'May be worked on in', over: 'May be worked on for' },
  'recoat-closes': { running: 'Recoat window closes in', over: 'Recoat window closed' },
  induction: { running: 'Let it rest', over: 'Rested' },
  'pot-life': { running: 'Pot life left', over: 'Pot life over' },
  'stir-on': { running: 'Stir on, past the last streak', over: 'Stirred long enough' },
  dwell: { running: 'Acts for', over: 'Has acted' },
  extraction: { running: 'Extraction stays on', over: 'Extraction may go off' },
  stir: { running: 'Stir again in', over: 'Stir now, overdue' },
  retime: { running: 'Time the cup again in', over: 'Time the cup, overdue' },
  idle: { running: 'Wipe the cap in', over: 'Wipe the cap, idle too long' },
  'warm-up': { running: 'Turbine warm in', over: 'Turbine warm' },
  'clean-by': { running: 'Clean the gun within', over: 'Clean the gun, overdue' },
};

/** A pump’s gun has no cap: its tip dries in the slot. */
const tipIdle = { running: 'Tip into its jar in', over: 'Tip into its jar, idle too long' };

/** What runs, and of what where a job has several pots or guns: `Clear: pot life left`. */
export const timerSays = (
  { id, of, airless }: Pick<Timer, 'id' | 'of' | 'airless'>,
  over: boolean,
): string => {
  const words = airless ? tipIdle : timerWords[id];
  const says = over ? words.over : words.running;
  return of ? `${of}: ${says.charAt(0).toLowerCase()}${says.slice(1)}` : says;
};

/** `Pot life over: Saloon doors` */
export const alarmSays = ({ timer, job }: { readonly timer: Timer; readonly job: string }): string =>
  `${timerSays(timer, true)}: ${job}`;

/** The moment a clock runs out, as a figure: what a tray counts down to. */
export const timerFigure = (
  { work }: Pick<JobView, 'work'>,
  { id, layerId, due }: Pick<Timer, 'id' | 'layerId' | 'due'>,
): Figure => ({
  fact: `clock.${id}`,
  of: { job: work.id, layer: layerId },
  value: due / 1000,
  state: 'open',
});
