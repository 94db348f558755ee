import fs from 'node:fs';
import { demoShop } from '../src/demo';
import { writeBundle } from '../src/exchange/bundle';
import { keyOf, type AnyRecord, type Job, type LogEntry } from '../src/records';

/** A demo job with a log of so many entries: notes and stirring as a shift writes them. */
export function longJob(model: Job, id: string, entries: number): Job {
  const from = Date.parse(model.log.at(-1)?.at ?? model.begun);
  const more = Array.from(
    { length: entries - model.log.length },
    (_, i): LogEntry =>
      ({
        type: i % 3 ? 'stir' : 'note',
        id: `${id}-${i}`,
        at: new Date(from + i).toISOString(),
        counter: model.log.length + i,
        ...(i % 3 ? {} : { text: 'as before' }),
      }) as LogEntry,
  );
  return { ...model, id, log: [...model.log, ...more] };
}

/** Open jobs of 200 entries, by their keys. */
export function longJobs(records: readonly AnyRecord[], count = 40): Map<string, Job> {
  const model = records.find(
    (each): each is Job => each.kind === 'job' && !each.closed && each.log.length > 10,
  );
  if (!model) throw new Error('No job of the demo has a log to lengthen.');
  return new Map(
    Array.from({ length: count }, (_, i) => {
      const job = { ...longJob(model, `long-${i}`, 200), name: `${model.name} ${i + 1}` };
      return [keyOf(job), job];
    }),
  );
}

/** Run by itself it writes them to a file that the application takes in. */
const [, self, to] = process.argv;
if (self?.endsWith('longjobs.ts') && to) {
  const now = Date.now();
  fs.writeFileSync(to, writeBundle([...longJobs(demoShop(now)).values()], new Date(now).toISOString()));
}
