import { keyOf, type AnyRecord } from '@/records';
import type { WrittenDoc } from '@/records/replica';
import { mostParts, partsIn, storedFormat, type SetItem, type StoredSet } from './disk/layout';
import type { Memory } from './memory';
import { eachPaced, givenWay } from './pace';
import type { Step } from './steps';

/** A set that is to be written whole, and what it changes, to be taken back by. */
export interface Prepared {
  readonly items: readonly SetItem[];
  readonly changes: Step['changes'];
}

/**
 * Prepares a set of records put and removed, and of what other devices hold of some. Each is compared with what is held at
 * its turn, so that what is written meanwhile is not taken for known.
 */
export async function prepared(
  memory: Memory,
  stamp: ReturnType<Memory['stamp']>,
  puts: readonly AnyRecord[],
  removes: readonly string[],
  docs: ReadonlyMap<string, WrittenDoc>,
): Promise<Prepared> {
  const items: SetItem[] = [];
  const changes: Step['changes'][number][] = [];
  const ours = (key: string, record?: AnyRecord) => () => {
    const write = memory.writeOf(key, record);
    if (!write) return;
    changes.push(memory.stepOf(write));
    items.push(memory.itemOf(write, stamp));
  };
  const theirs =
    ([key, state]: readonly [string, WrittenDoc]) =>
    () => {
      changes.push(memory.stepOfState({ key, state }));
      items.push({ key, state });
    };
  const steps = [
    ...puts.map((record) => ours(keyOf(record), record)),
    ...removes.map((key) => ours(key)),
    ...[...docs].map(theirs),
  ];
  await eachPaced(steps, (step) => step());
  return { items, changes };
}

/** A set as it is to be written: a large one as texts. */
export async function asWritten(items: readonly SetItem[]): Promise<StoredSet> {
  const parts = items.reduce((sum, item) => sum + partsIn(item), 0);
  if (parts <= mostParts) return { format: storedFormat, items };
  const texts: string[] = [];
  await givenWay();
  await eachPaced(items, (item) => texts.push(JSON.stringify(item)));
  return { format: storedFormat, items: texts };
}
