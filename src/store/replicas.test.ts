import fc from 'fast-check';
import { isRefusal } from '@/core/refusal';
import { previewBundle, writeBundle, type BundleItem } from '@/exchange/bundle';
import type { AnyRecord, Job } from '@/records';
import { canonical } from '@/records/canonical';
import { aJob, lacquer, logged } from '../../tests/fixtures/job';
import { opened } from '../../tests/fixtures/ground';
import { memoryDisk, type Disk } from './disk/disk';
import { correctEntry } from './actions';
import { loadDemo } from './demo';
import type { ShopStore } from './shopstore';

const at = '2026-11-27T12:00:00.000Z';
const noon = Date.parse(at);
const job: Job = logged(
  aJob([lacquer]),
  [0, { type: 'note', text: 'first' }],
  [5, { type: 'note', text: 'second' }],
);
const key = `job/${job.id}`;

const exported = (store: ShopStore): string =>
  writeBundle([...store.getState().records.values()], at, store.docs());

function looked(store: ShopStore, file: string): readonly BundleItem[] {
  const preview = previewBundle(file, {
    records: [...store.getState().records.values()],
    docs: store.docs(),
  });
  if (isRefusal(preview)) throw new Error(preview.says);
  return preview.items;
}

/** Takes a file in as the application does. */
async function takeIn(store: ShopStore, file: string): Promise<void> {
  const items = looked(store, file);
  const plain = items.filter(({ state, doc }) => !doc && (state === 'new' || state === 'changed'));
  await store.commit(
    plain.flatMap(({ record }) => record ?? []),
    [],
    'import',
    { docs: new Map(items.flatMap(({ key: of, doc }) => (doc ? [[of, doc] as const] : []))) },
  );
}

const held = (store: ShopStore) => store.getState().records.get(key) as Job | undefined;
const state = (store: ShopStore): string => {
  const { records, asking } = store.getState();
  return canonical({
    records: [...records].sort(([a], [b]) => (a < b ? -1 : 1)),
    asking: asking.map((each) => each.conflicts),
  });
};

/** Where two texts part, told shortly. */
function difference(a: string, b: string): string {
  const at = [...a].findIndex((letter, i) => letter !== b[i]);
  return `${a.slice(Math.max(at - 200, 0), at + 100)} ≠ ${b.slice(Math.max(at - 200, 0), at + 100)}`;
}

let made = 0;
const deed = fc.record({
  who: fc.nat(2),
  what: fc.constantFrom(
    ...(['name', 'overlap', 'add-face', 'drop-face', 'entry', 'correct', 'undo', 'redo', 'remove'] as const),
    ...(['put-back', 'unknown', 'file', 'file', 'take', 'take', 'reload', 'fold'] as const),
  ),
  n: fc.nat(7),
});
type Deed = typeof deed extends fc.Arbitrary<infer D> ? D : never;

function changed({ what, n }: Deed, was: Job): AnyRecord {
  const { faces } = was.part;
  const [face] = faces as [Job['part']['faces'][number]];
  const [first] = was.log;
  switch (what) {
    case 'name':
      return { ...was, name: `Name ${n}` };
    case 'overlap':
      return {
        ...was,
        layers: was.layers.map((l) => ({ ...l, approach: { ...l.approach, overlap: n / 10 } })),
      };
    case 'add-face':
      return {
        ...was,
        part: {
          ...was.part,
          faces: [...faces.slice(0, n), { ...face, id: `f${(made += 1)}` }, ...faces.slice(n)],
        },
      };
    case 'drop-face':
      return faces.length > 1
        ? { ...was, part: { ...was.part, faces: faces.filter((_, i) => i !== n % faces.length) } }
        : was;
    case 'correct':
      return first?.type === 'note' ? correctEntry(was, { ...first, text: `corrected ${n}` }, noon) : was;
    case 'unknown':
      // What a newer version writes: a field of the record, and one within a value.
      return {
        ...was,
        mood: n,
        layers: was.layers.map((l) => ({ ...l, sheet: { ...l.sheet, smell: n } })),
      } as Job;
    default:
      return {
        ...was,
        log: [...was.log, { type: 'note', id: `e${(made += 1)}`, at, counter: was.log.length, text: `${n}` }],
      };
  }
}

describe('three devices and their files', () => {
  it('end in the same state: in any order, with repeats and losses, undo, removal, skewed clocks and an older version', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(deed, { maxLength: 25 }),
        fc.array(fc.nat(5), { maxLength: 4 }),
        async (deeds, again) => {
          const devices: { store: ShopStore; disk: Disk; open: () => Promise<ShopStore> }[] = [];
          for (const skew of [0, -3_600_000, 86_400_000]) {
            const disk = memoryDisk();
            const writer = `dev${devices.length}-0`;
            const open = () =>
              opened(disk, { seat: () => Promise.resolve(writer), clock: () => noon + skew + (made += 1) });
            devices.push({ store: await open(), disk, open });
          }
          devices[0]?.store.put(job, 'new');
          const files = [exported((devices[0] as (typeof devices)[number]).store)];
          for (const step of deeds) {
            const device = devices[step.who] as (typeof devices)[number];
            const { store } = device;
            const was = held(store);
            if (step.what === 'file') files.push(exported(store));
            else if (step.what === 'take') await takeIn(store, files[step.n % files.length] as string);
            else if (step.what === 'fold') await store.folded();
            else if (step.what === 'undo') store.undo();
            else if (step.what === 'redo') store.redo();
            else if (step.what === 'reload') {
              await store.settled();
              device.store = await device.open();
              expect(state(device.store)).toBe(state(store));
            } else if (step.what === 'remove') store.remove(key, 'removed');
            else if (step.what === 'put-back') {
              if (!was) store.put(job, 'put back');
            } else if (was) store.put(changed(step, was), step.what);
            await store.settled();
          }
          const last = devices.map(({ store }) => exported(store));
          for (const [i, { store }] of devices.entries()) {
            const order = [...again.map((n) => n % 3), 0, 1, 2];
            for (const from of i === 1 ? order.reverse() : order) await takeIn(store, last[from] as string);
            for (const file of i === 2 ? files : []) await takeIn(store, file);
          }
          const [first, ...others] = devices.map(({ store }) => state(store));
          for (const other of others)
            expect(other === first ? '' : difference(first as string, other)).toBe('');
          // Nothing is left to take in.
          for (const { store } of devices)
            expect(
              looked(store, exported((devices[0] as (typeof devices)[number]).store)).every(
                (item) => item.state === 'same',
              ),
            ).toBe(true);
        },
      ),
      { numRuns: 80 },
    );
  }, 120_000);

  it('a file says what it would do, and how much it would ask', async () => {
    const [a, b] = [await opened(memoryDisk()), await opened(memoryDisk())];
    a.put(job, 'new');
    expect(looked(b, exported(a)).map((item) => item.state)).toEqual(['new']);
    await takeIn(b, exported(a));
    expect(looked(b, exported(a)).map((item) => item.state)).toEqual(['same']);
    a.put({ ...(held(a) as Job), name: 'By a' }, 'renamed');
    b.put({ ...(held(b) as Job), name: 'By b' }, 'renamed');
    expect(looked(b, exported(a))).toMatchObject([{ state: 'changed', asks: 1 }]);
    await takeIn(b, exported(a));
    expect(b.getState().asking.map((each) => each.key)).toEqual([key]);
    expect(b.undo()).toBe('import');
    expect(held(b)?.name).toBe('By b');
    expect(b.getState().asking).toEqual([]);
    a.remove(key, 'removed');
    const c = await opened(memoryDisk());
    await takeIn(c, exported(b));
    expect(looked(c, exported(a))[0]).toMatchObject({ state: 'changed', asks: 1 });
  });

  it('a record removed here comes back out of a file only when that is wanted', async () => {
    const store = await opened(memoryDisk());
    store.put(job, 'new');
    const backup = exported(store);
    store.remove(key, 'removed');
    const [item] = looked(store, backup);
    expect(item).toMatchObject({ state: 'gone', record: { id: job.id } });
    await takeIn(store, backup);
    expect(held(store)).toBeUndefined();
    await store.commit([item?.record as AnyRecord], [], 'brought back');
    expect(canonical(held(store))).toBe(canonical(job));
  });

  it('two demo shops meet without a question', async () => {
    const [a, b] = [await opened(memoryDisk()), await opened(memoryDisk())];
    await loadDemo(a, noon);
    await loadDemo(b, noon + 60_000);
    await takeIn(b, exported(a));
    await takeIn(a, exported(b));
    for (const { getState } of [a, b]) expect(getState().asking).toEqual([]);
    expect(state(a)).toBe(state(b));
  });

  it('a record changed in the file by hand is taken as it reads, and loses no entry of the shop', async () => {
    const [a, b] = [await opened(memoryDisk()), await opened(memoryDisk())];
    a.put(job, 'new');
    await takeIn(b, exported(a));
    const file = exported(a).replace('"name": "', '"name": "By hand: ');
    b.put(changed({ who: 0, what: 'entry', n: 1 }, held(b) as Job), 'note');
    expect(looked(b, file)).toMatchObject([{ state: 'changed' }]);
    await takeIn(b, file);
    expect(canonical(held(b))).toContain('By hand: ');
    expect(held(b)?.log).toHaveLength(3);
  });

  it('stamps out of a far future, or none at all, stop nobody from writing', async () => {
    const store = await opened(memoryDisk());
    store.put(job, 'new');
    const file = exported(store).replaceAll(/"\d{13}\.dev/g, '"99999999999999.dev');
    const other = await opened(memoryDisk());
    await takeIn(other, file);
    expect(held(other)?.name).toBe(job.name);
    other.put({ ...job, name: 'Written after' }, 'renamed');
    await other.folded();
    expect(held(other)?.name).toBe('Written after');
  });
});
