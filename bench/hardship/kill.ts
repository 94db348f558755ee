import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { keyOf, type Job, type LogEntry } from '@/records';
import { memoryDisk } from '@/store/disk/disk';
import { memoryPictures } from '@/store/disk/pictures';
import { ShopStore } from '@/store/shopstore';
import { demoShop } from '../../src/demo';
import { longJob } from '../longjobs';
import { fileDisk } from './filedisk';

/**
 * `npm run kill`: a hundred shops killed at work, at every kind of write: while an older version’s disk is lifted, while
 * entries and sets are written, while they are folded. What was said to be on disk must be there, sets whole, nothing asked.
 */
const kills = Number(process.env.KILLS ?? 100);

async function survivor(folder: string): Promise<ShopStore> {
  const store = new ShopStore({
    disk: () => fileDisk(folder),
    fallback: memoryDisk,
    pictures: memoryPictures,
    exclusively: (task) => task(),
    tabs: () => ({ announce: () => undefined, listen: () => undefined, close: () => undefined }),
    seat: () => Promise.resolve('next-0'),
    clock: () => Date.now(),
  });
  await store.open();
  return store;
}

const model = demoShop(Date.now()).find(
  (each): each is Job => each.kind === 'job' && each.log.length > 10,
) as Job;
const old: Job = { ...longJob(model, 'job', 600), name: 'To be killed over' };
const faults: string[] = [];
const died = { lifting: 0, writing: 0, folding: 0 };
let promised = 0;

async function kill(n: number) {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'fluorite-kill-'));
  // As an earlier version left it: the first writes lift it.
  await fileDisk(folder).set(keyOf(old), { revision: 7, record: old });
  const seen = { entries: new Set(old.log.map(({ id }) => id)), sets: new Set<string>() };
  // Killed a second and a third time over what it left.
  for (const seat of ['one-0', 'two-0']) {
    const after = seat === 'one-0' ? n % 40 : (n * 7) % 60;
    const { stdout, stderr, signal } = spawnSync(
      process.execPath,
      ['--import', 'tsx', 'bench/hardship/victim.ts', folder, seat, String(after)],
      { encoding: 'utf8' },
    );
    const lines = stdout.trim().split('\n');
    if (signal !== 'SIGKILL') faults.push(`${n}: it ended by itself: ${stderr.slice(0, 300)}`);
    const last = lines.at(-1) ?? '';
    if (!lines.includes('opened')) died.lifting += 1;
    else if (/-(4|9|14|19|24|29)$/.test(last)) died.folding += 1;
    else died.writing += 1;
    for (const line of lines) {
      const [what = '', id = ''] = line.split(' ');
      if (what === 'entry') seen.entries.add(id);
      if (what === 'set') seen.sets.add(id);
      if (what === 'entry' || what === 'set') promised += 1;
    }
  }
  const store = await survivor(folder);
  for (const again of [false, true]) {
    if (again) await store.folded();
    const { records, asking, damaged } = again ? (await survivor(folder)).getState() : store.getState();
    const log = new Map(
      ((records.get('job/job') as Job | undefined)?.log ?? []).map((entry: LogEntry) => [entry.id, entry]),
    );
    for (const id of seen.entries)
      if (!log.has(id)) faults.push(`${n}: entry ${id} is lost${again ? ' in folding' : ''}`);
    for (const id of seen.sets)
      for (const half of ['a', 'b'])
        if (!records.has(`coating/${id}-${half}`)) faults.push(`${n}: half of set ${id} is lost`);
    for (const key of records.keys())
      if (key.startsWith('coating/') && key.endsWith('-a') && !records.has(`${key.slice(0, -1)}b`))
        faults.push(`${n}: ${key} stands without its other half`);
    if (asking.length > 0) faults.push(`${n}: it asks about ${asking.map(({ key }) => key).join(', ')}`);
    if (damaged.length > 0) faults.push(`${n}: damaged ${damaged.map(({ key }) => key).join(', ')}`);
  }
  fs.rmSync(folder, { recursive: true, force: true });
}

async function main() {
  for (let n = 0; n < kills; n += 1) await kill(n);
  console.log(
    `${kills * 2} kills over ${kills} disks: ${died.lifting} while an older version was lifted, ${died.writing} while writing, ${died.folding} while folding.`,
  );
  console.log(`${promised} entries and sets had been said to be on disk; ${faults.length} faults.`);
  for (const fault of faults.slice(0, 20)) console.log(fault);
  process.exitCode = faults.length === 0 ? 0 : 1;
}

void main();
