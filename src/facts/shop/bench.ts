import { spraying, type JobView, type Timer } from '../job';

/** A stretch of one job on the axis of the shop. */
export interface BenchSpan {
  readonly kind: 'coat' | 'open' | 'shut' | 'pot' | 'gun';
  /** Whose it is: the coat, the layer or the gun, by its name. */
  readonly of: string;
  /** ms; without an end it stays as it is. */
  readonly from: number;
  readonly to?: number;
  /** What ends must not be missed: after it the work is lost, not only late. */
  readonly lost?: boolean;
  /** Whoever began it is bound until it ends. */
  readonly who?: string;
}

/** One job as the bench shows it. */
export interface BenchRow {
  readonly view: JobView;
  readonly spans: readonly BenchSpan[];
  /** ms; when something of it has to be done or may go on; Infinity where nothing runs. */
  readonly due: number;
  /** It is late, runs now, wants somebody within the hour, only waits, or nothing runs of it. */
  readonly presses: 'late' | 'runs' | 'soon' | 'waits' | 'still';
}

const hour = 3_600_000;

/** What has to be done in time: a window that may be used for good presses nobody. */
const bindsBy = ({ then, due }: Timer, now: number): boolean => then !== 'go' || due > now;

/** A job’s place among the others: what it waits for, and how soon. */
export function benchRow(view: JobView): BenchRow {
  const { timers, now, spray } = view;
  const next = timers.find((timer) => bindsBy(timer, now));
  const running = spray.running && spray.running.pausedAt === undefined;
  const due = running ? now : (next?.due ?? Infinity);
  return {
    view,
    spans: spansOf(view),
    due: Math.min(due, next?.due ?? Infinity),
    presses:
      next && next.due <= now
        ? 'late'
        : running
          ? 'runs'
          : due <= now + hour
            ? 'soon'
            : due < Infinity
              ? 'waits'
              : 'still',
  };
}

/** Windows first, then pots, then guns. */
function spansOf(view: JobView): BenchSpan[] {
  const { spray, pots, guns, work, now } = view;
  const { running, recoat, next } = spray;
  const spans: BenchSpan[] = [];
  if (running) {
    const { from } = spraying(running, now);
    const begun = view.job.log.findLast(
      (entry) => entry.type === 'coat-start' && entry.coatId === running.coat.id,
    );
    spans.push({
      kind: 'coat',
      of: running.coat.name,
      from,
      to: Math.max(from + spray.coatTime * 1000, now),
      ...(begun?.by ? { who: begun.by } : {}),
    });
  } else if (recoat && next && recoat.state !== 'closed' && recoat.state !== 'never') {
    const ends = recoat.closes;
    spans.push({
      kind: 'open',
      of: next.coat.name,
      from: recoat.opens,
      ...(ends === undefined ? {} : { to: ends, lost: true }),
    });
  } else if (recoat && next && (recoat.state === 'closed' || recoat.state === 'never')) {
    spans.push({ kind: 'shut', of: next.coat.name, from: now, to: Math.max(recoat.hard, now) });
  }
  for (const { layerId, mixedAt, useBefore } of pots)
    if (useBefore !== undefined)
      spans.push({
        kind: 'pot',
        of: work.layers.find(({ id }) => id === layerId)?.name ?? '',
        from: mixedAt,
        to: useBefore,
        lost: true,
      });
  for (const { cleanBy, rig } of guns)
    if (cleanBy !== undefined && Number.isFinite(cleanBy))
      spans.push({ kind: 'gun', of: rig?.name ?? '', from: Math.min(now, cleanBy), to: cleanBy, lost: true });
  return spans;
}

/** All jobs, what is due first; of those where nothing runs, the one begun last. */
export const benchRows = (views: readonly JobView[]): BenchRow[] =>
  views
    .map(benchRow)
    .sort((a, b) => (a.due === b.due ? b.view.job.begun.localeCompare(a.view.job.begun) : a.due - b.due));

/** Which jobs are shown: those with all these words in name, product, gun or person. */
export function wanted({ view: { job, guns, rig } }: BenchRow, words: string): boolean {
  const said = [
    job.name,
    job.part.substrate,
    ...job.layers.flatMap(({ name, sheet }) => [name, sheet.name]),
    rig?.name ?? '',
    ...guns.map((gun) => gun.rig?.name ?? ''),
    ...new Set(job.log.map(({ by }) => by ?? '')),
  ]
    .join(' ')
    .toLowerCase();
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => said.includes(word));
}
