import { cleaningSteps, defaultCleanBy, flushLiquid, type CleaningStep } from '@/core/care';
import type { Job, Rig } from '@/records';
import { batchOf } from './batch';
import { lastOf, liveEntries, moment, ofType } from './entries';
import { sheetOf } from './sheets';

export interface CleanView {
  readonly steps: readonly (CleaningStep & { readonly done: boolean })[];
  readonly doneCount: number;
  readonly liquid: string;
  /** ms; when mix must be out of the gun. Undefined while there is none in it. */
  readonly cleanBy?: number;
  /** Is the clean-by time a class default rather than the sheet's own or its pot life? */
  readonly assumed: boolean;
  readonly state: 'nothing-in-it' | 'dirty' | 'clean';
}

export function cleanView(job: Job, rig: Rig | undefined): CleanView {
  const entries = liveEntries(job);
  const used = entries.filter(({ type }) => type === 'coat-start' || type === 'card').at(-1);
  const coat = lastOf(entries, 'coat-start');
  const sheetId =
    used?.type === 'card' ? used.sheetId : (job.coats.find(({ id }) => id === coat?.coatId)?.sheetId ?? '');
  const sheet = sheetOf(job, sheetId);
  const question = {
    chemistry: sheet.chemistry,
    atomising: rig?.atomising ?? 'conventional',
    feed: rig?.feed ?? 'gravity',
    ...(sheet.cleaner ? { cleaner: sheet.cleaner } : {}),
  } as const;
  const ticks = ofType(entries, 'tick').filter(
    (tick) => tick.list === 'clean' && used !== undefined && moment(tick) >= moment(used),
  );
  const steps = cleaningSteps(question).map((step) => ({
    ...step,
    done: ticks.filter((tick) => tick.step === step.id).at(-1)?.done ?? false,
  }));
  const doneCount = steps.filter(({ done }) => done).length;
  const stopped = lastOf(entries, 'coat-end');
  const idleSince = Math.max(used ? moment(used) : 0, stopped ? moment(stopped) : 0);
  const byIdle = idleSince + (sheet.cleanBy ?? defaultCleanBy[sheet.chemistry]) * 1000;
  const useBefore = batchOf(job, sheet)?.useBefore;
  return {
    steps,
    doneCount,
    liquid: flushLiquid(question),
    ...(used && doneCount < steps.length ? { cleanBy: Math.min(byIdle, useBefore ?? Infinity) } : {}),
    assumed: sheet.cleanBy === undefined && !(useBefore !== undefined && useBefore < byIdle),
    state: !used ? 'nothing-in-it' : doneCount === steps.length ? 'clean' : 'dirty',
  };
}
