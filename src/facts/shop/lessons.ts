import type { AnyRecord, Cup, Job } from '@/records';
import { batchesOf } from '../job/batch';
import { planBasis, type PlanBasis } from '../job/plan';
import { replay, type Taught } from '../job/replay';
import { jobWorked } from '../job/worked';
import { eachThatCan } from './eachthatcan';

/** What one batch of a coating taught, and where. */
export interface BatchLesson extends Taught {
  readonly jobId: string;
  readonly job: string;
  readonly sheetId: string;
  readonly thinnerId: string;
  /** ms since the epoch */
  readonly mixedAt: number;
}

interface Held {
  readonly rigs: readonly (AnyRecord | undefined)[];
  readonly cups: readonly Cup[];
  readonly found: BatchLesson[];
}

/** By job and sheet: gone through once, and again only when the job, its rig or a cup changes. */
const learnt = new WeakMap<Job, Map<string, Held>>();

/**
 * So many batches of a coating are learnt from, the youngest: makers change what is in the can, and a shop of ten years need
 * not be gone through for one job. A default.
 */
export const learntFrom = 20;

/** What the last batches of a coating taught, the youngest job first; without those of one job, where it is to learn from others. */
export function lessonsOf(
  records: ReadonlyMap<string, AnyRecord>,
  sheetId: string,
  without?: string,
): BatchLesson[] {
  const all = [...records.values()];
  const cups = all.filter((record): record is Cup => record.kind === 'cup');
  const others = all.filter((record): record is Job => record.kind === 'job' && record.id !== without);
  const jobs = eachThatCan(others, (job) =>
    job.layers.some(({ sheet }) => sheet.id === sheetId) ? [job] : [],
  );
  jobs.sort((a, b) => (a.begun === b.begun ? (a.id < b.id ? -1 : 1) : a.begun > b.begun ? -1 : 1));
  const found: BatchLesson[] = [];
  for (const job of jobs.slice(0, learntFrom)) {
    if (found.length >= learntFrom) break;
    found.push(...eachThatCan([job], (one) => lessonsOfJob(one, sheetId, cups, records)));
  }
  return found.slice(0, learntFrom);
}

/** What the batches of one coating taught in a job. */
function lessonsOfJob(
  stored: Job,
  sheetId: string,
  cups: readonly Cup[],
  records: ReadonlyMap<string, AnyRecord>,
): BatchLesson[] {
  const rigs = stored.layers.map(({ rigId }) => records.get(`rig/${rigId}`));
  const sheets = learnt.get(stored) ?? new Map<string, Held>();
  learnt.set(stored, sheets);
  const known = sheets.get(sheetId);
  const alike = known?.cups.length === cups.length && known.cups.every((cup, i) => cup === cups[i]);
  if (known && alike && known.rigs.every((rig, i) => rig === rigs[i])) return known.found;
  const rigOf = (id: string) => {
    const held = records.get(`rig/${id}`);
    return held?.kind === 'rig' ? held : undefined;
  };
  const job = jobWorked(stored, rigOf);
  const found = job.layers.flatMap((layer) => {
    if (layer.sheet.id !== sheetId) return [];
    const rig = rigOf(layer.rigId);
    let plan: PlanBasis | undefined;
    return batchesOf(job, layer).flatMap((batch): BatchLesson[] => {
      const thinnerId = batch.additions.find(({ what }) => what !== 'unthinned')?.what;
      if (!thinnerId) return [];
      plan ??= planBasis(job, rig);
      const taught = replay(job, layer, batch, cups, plan, rig);
      return taught
        ? [{ ...taught, jobId: job.id, job: job.name, sheetId, thinnerId, mixedAt: batch.mixedAt }]
        : [];
    });
  });
  sheets.set(sheetId, { rigs, cups, found });
  return found;
}

/** What was taught of a coating with one thinner. */
export const lessonsFor =
  (lessons: readonly BatchLesson[]) =>
  (sheetId: string, thinnerId: string): BatchLesson['lesson'][] =>
    lessons
      .filter((each) => each.sheetId === sheetId && each.thinnerId === thinnerId)
      .map(({ lesson }) => lesson);
