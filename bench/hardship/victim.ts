import { classSheet, type Job } from '@/records';
import { memoryDisk } from '@/store/disk/disk';
import { memoryPictures } from '@/store/disk/pictures';
import { ShopStore } from '@/store/shopstore';
import { fileDisk } from './filedisk';

/**
 * A shop at work, to be killed: it writes entries and whole sets, folds now and then, and says each thing on standard output
 * once it holds it to be on disk. After so many writes it kills itself, as hard as a process can.
 */
const [, , folder = '', seat = '', afterWrites = '0'] = process.argv;
let left = Number(afterWrites);
const dies = () => {
  left -= 1;
  if (left < 0) process.kill(process.pid, 'SIGKILL');
};
const store = new ShopStore({
  disk: () => fileDisk(folder, dies),
  fallback: memoryDisk,
  pictures: memoryPictures,
  exclusively: (task) => task(),
  tabs: () => ({ announce: () => undefined, listen: () => undefined, close: () => undefined }),
  seat: () => Promise.resolve(seat),
  clock: () => Date.now(),
});
const say = (line: string) => process.stdout.write(`${line}\n`);

async function work() {
  await store.open();
  say('opened');
  for (let n = 0; ; n += 1) {
    const job = store.getState().records.get('job/job') as Job;
    const id = `${seat}-${n}`;
    if (n % 4 === 3) {
      const pair = ['a', 'b'].map((half) => classSheet('gel-coat', `${id}-${half}`, id, '2026-11-01'));
      if (await store.commit(pair, [], 'two sheets')) say(`set ${id}`);
    } else {
      const entry = {
        type: 'note' as const,
        id,
        at: new Date().toISOString(),
        counter: job.log.length,
        text: id,
      };
      store.put({ ...job, log: [...job.log, entry] }, 'note');
      await store.settled();
      if (!store.unwritten()) say(`entry ${id}`);
    }
    if (n % 5 === 4) {
      await store.folded();
      say('folded');
    }
  }
}

void work();
