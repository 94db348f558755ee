import type { CalendarEntry } from './calendar';

/** One coat or piece of work on one piece, as the plan has it. ms since the epoch. */
export interface PlannedTask {
  readonly id: string;
  /** What is done: the same for all pieces of a coat. */
  readonly step: string;
  readonly piece: string;
  readonly start: number;
  readonly end: number;
}

const minute = 60_000;
/** Tasks of one step this near to each other are one thing to somebody who plans a day. */
const together = 15 * minute;
/** Nobody puts less than this in a calendar. */
const shortest = 5 * minute;
/** Called only after a wait: whoever stands at the gun is not called to the next face. */
const waitToCall = 10 * minute;
const callBefore = 5;

/**
 * A plan as a person would put it in a calendar: a coat over all its faces is one entry, never shorter than five minutes,
 * and it calls only where there was a wait before it.
 *
 * @param tasks in any order
 */
export function planEntries(tasks: readonly PlannedTask[], note: string): CalendarEntry[] {
  const groups: PlannedTask[][] = [];
  for (const task of [...tasks].sort((a, b) => a.start - b.start || a.end - b.end)) {
    const open = groups.findLast(([first]) => first?.step === task.step);
    const until = Math.max(...(open ?? []).map(({ end }) => end));
    if (open && task.start - until <= together) open.push(task);
    else groups.push([task]);
  }
  let free = -Infinity;
  return groups.map((group) => {
    const [first] = group as [PlannedTask, ...PlannedTask[]];
    const end = Math.max(...group.map((each) => each.end));
    const pieces = [...new Set(group.map(({ piece }) => piece))];
    const waited = first.start - free >= waitToCall;
    free = Math.max(free, end);
    return {
      id: first.id,
      title: `${first.step}, ${pieces.length === 1 ? (pieces[0] ?? '') : `${pieces.length} pieces`}`,
      note: pieces.length === 1 ? note : `${pieces.join(', ')}. ${note}`,
      start: first.start,
      end: Math.max(end, first.start + shortest),
      ...(waited ? { call: callBefore } : {}),
    };
  });
}
