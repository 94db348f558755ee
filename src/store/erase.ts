import { partOf, type Doc } from '@/records/replica';
import type { Disk } from './disk/disk';
import { countIn, foldsKey, isFolds, isSetKey, type Folds } from './disk/layout';
import type { Step } from './steps';

/**
 * Takes everything off a disk. It is decided with one write; where the tab dies after it, whoever opens the disk next goes
 * on. To be called while no other tab writes.
 *
 * @param count what was written up to it is to go
 * @returns what is left: that it was done
 */
export async function eraseDisk(disk: Disk, count: number): Promise<Folds> {
  const before = await disk.get(foldsKey);
  const number = (isFolds(before) ? before.number : 0) + 1;
  const decided: Folds = { number, erased: count, erasing: true, recent: [] };
  await disk.set(foldsKey, decided);
  return (await finishErasing(disk)) ?? decided;
}

/** Goes on with an erasing that was cut short; undefined where there is none. To be called while no other tab writes. */
export async function finishErasing(disk: Disk): Promise<Folds | undefined> {
  const found = await disk.get(foldsKey);
  if (!isFolds(found) || !found.erasing) return undefined;
  const { number, recent, erased = 0 } = found;
  const done: Folds = { number, recent, erased };
  const stays = (key: string) => key === foldsKey || (isSetKey(key) && countIn(key) > erased);
  for (const key of await disk.keys()) if (!stays(key)) await disk.remove(key);
  await disk.set(foldsKey, done);
  return done;
}

/** What writing one doc in the place of another changes, of which nothing else knows any more. */
export const replacedStep = (key: string, before: Doc, after: Doc): Step['changes'][number] => ({
  key,
  parts: [...new Set([...before.parts.keys(), ...after.parts.keys()])].map(
    (path) => [path, partOf(before, path), partOf(after, path)] as const,
  ),
});
