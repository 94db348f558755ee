import fs from 'node:fs';
import { demoShop } from '../src/demo';
import type { AnyRecord, Job, LogEntry } from '../src/records';
import { memoryDisk } from '../src/store/disk/disk';
import { opened } from '../tests/fixtures/ground';

/** Put away years ago, with the entries of the demo’s jobs over and over. */
function oldJob(models: readonly Job[], i: number, entries: number): Job {
  const model = models[i % models.length] as Job;
  const back = (i + 1) * 86_400_000;
  const at = (moment: string) => new Date(Date.parse(moment) - back).toISOString();
  const log = Array.from({ length: entries }, (_, n): LogEntry => {
    const like = model.log[n % model.log.length] as LogEntry;
    return { ...like, id: `old-${i}-${n}`, at: at(like.at), counter: n };
  });
  return { ...model, id: `old-${i}`, begun: at(model.begun), closed: log.at(-1)?.at ?? at(model.begun), log };
}

/** The demo shop, and so many entries of jobs long done. */
export function bigShop(now: number, entries = 60_000, each = 250): AnyRecord[] {
  const demo = demoShop(now);
  const models = demo.filter((record): record is Job => record.kind === 'job' && record.log.length > 5);
  return [...demo, ...Array.from({ length: entries / each }, (_, i) => oldJob(models, i, each))];
}

/** What lies on the disk of such a shop. */
async function onDisk(records: readonly AnyRecord[]): Promise<[key: string, value: unknown][]> {
  const disk = memoryDisk();
  const store = await opened(disk);
  await store.commit(records, [], 'import');
  await store.folded();
  const found: [string, unknown][] = [];
  await disk.each((key, value) => found.push([key, value]));
  return found;
}

/** Run by itself it writes that to a file, a key a line. */
const [, self, to] = process.argv;
if (self?.endsWith('bigshop.ts') && to)
  void onDisk(bigShop(Date.now())).then((found) =>
    fs.writeFileSync(to, found.map((each) => JSON.stringify(each)).join('\n')),
  );
