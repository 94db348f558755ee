import type { AnyRecord, Cup, Job } from '@/records';
import { batchesOf } from '../job/batch';
import { planView } from '../job/plan';
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

/** A job is gone through once, and again only when it, its rig or a cup changes. */
const learnt = new WeakMap<Job, Held>();

/** What every batch of every job taught. */
export function lessonsIn(records: ReadonlyMap<string, AnyRecord>): BatchLesson[] {
  const all = [...records.values()];
  const cups = all.filter((record): record is Cup => record.kind === 'cup');
  const jobs = all.filter((record): record is Job => record.kind === 'job');
  return eachThatCan(jobs, (job) => lessonsOfJob(job, cups, records));
}

function lessonsOfJob(
  stored: Job,
  cups: readonly Cup[],
  records: ReadonlyMap<string, AnyRecord>,
): BatchLesson[] {
  const rigs = stored.layers.map(({ rigId }) => records.get(`rig/${rigId}`));
  const known = learnt.get(stored);
  const alike = known?.cups.length === cups.length && known.cups.every((cup, i) => cup === cups[i]);
  if (known && alike && known.rigs.every((rig, i) => rig === rigs[i])) return known.found;
  const rigOf = (id: string) => {
    const held = records.get(`rig/${id}`);
    return held?.kind === 'rig' ? held : undefined;
  };
  const job = jobWorked(stored, rigOf);
  const found = job.layers.flatMap((layer) => {
    const { sheet } = layer;
    const rig = rigOf(layer.rigId);
    const plan = planView(job, rig);
    return batchesOf(job, layer).flatMap((batch) => {
      const taught = replay(job, layer, batch, cups, plan, rig);
      const used = batch.additions.find(({ what }) => what !== 'unthinned')?.what;
      return taught && used
        ? [
            {
              ...taught,
              jobId: job.id,
              job: job.name,
              sheetId: sheet.id,
              thinnerId: used,
              mixedAt: batch.mixedAt,
            },
          ]
        : [];
    });
  });
  learnt.set(stored, { rigs, cups, found });
  return found;
}

/** The lessons of other jobs for one job: its own readings are evidence, not experience. */
export const lessonsFor =
  (lessons: readonly BatchLesson[], jobId: string) =>
  (sheetId: string, thinnerId: string): BatchLesson['lesson'][] =>
    lessons
      .filter((each) => each.jobId !== jobId && each.sheetId === sheetId && each.thinnerId === thinnerId)
      .map(({ lesson }) => lesson);
