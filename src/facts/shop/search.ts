import {
  gunFamily,
  partsToCheck,
  symptomOfCard,
  type RankedCheck,
  type Symptom,
  type WearingPart,
} from '@/core/care';
import { isRefusal } from '@/core/refusal';
import type { Job, Rig } from '@/records';
import { lastOf, liveEntries, moment, ofType } from '../job/entries';
import { wearOf } from './wear';

/** A search older than this was another one. */
const searchLasts = 12 * 3_600_000;

export interface Search {
  readonly rows: readonly RankedCheck[];
  /** The part that was it, once found. */
  readonly solved?: string;
}

/** What the last card of a job says is wrong with the gun, as a symptom. */
export function symptomOnCard(job: Job): Symptom | undefined {
  const card = lastOf(liveEntries(job), 'card');
  return card && card.verdict !== 'coarse' && card.verdict !== 'dry'
    ? symptomOfCard(card.verdict)
    : undefined;
}

/** Parts to look at for a symptom of this job's gun: what was looked at already, what was guilty before, what is worn. */
export function searchOf(job: Job, jobs: readonly Job[], rig: Rig, symptom: Symptom, now: number): Search {
  const family = gunFamily(rig);
  const own = ofType(liveEntries(job), 'symptom').filter(
    (entry) => entry.symptom === symptom && now - moment(entry) < searchLasts,
  );
  const ended = own.filter(({ found }) => found).at(-1);
  const solved = ended && ended === own.at(-1) ? ended.part : undefined;
  // A solved search is over when something else is looked at for it.
  const since = solved === undefined && ended ? own.slice(own.indexOf(ended) + 1) : own;
  const last = new Map(since.map((entry) => [entry.part, entry.found]));
  const found: Record<string, number> = {};
  for (const each of jobs)
    for (const entry of ofType(liveEntries(each), 'symptom'))
      if (entry.symptom === symptom && entry.found && entry.id !== ended?.id)
        found[entry.part] = (found[entry.part] ?? 0) + 1;
  const worn: Partial<Record<WearingPart, number>> = {};
  for (const { part, forecast } of wearOf([rig], jobs, now))
    if (!isRefusal(forecast)) worn[part] = Math.max(worn[part] ?? 0, forecast.used);
  const rows = partsToCheck({
    symptom,
    family,
    found,
    worn,
    ruledOut: [...last].filter(([, was]) => !was).map(([part]) => part),
    ...(solved ? { it: solved } : {}),
  });
  return { rows, ...(solved ? { solved } : {}) };
}
