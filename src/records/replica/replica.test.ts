import fs from 'node:fs';
import fc from 'fast-check';
import { classSheet, keyOf, type AnyRecord, type Job, type LogEntry } from '..';
import { canonical } from '../canonical';
import {
  applyChange,
  changeOver,
  composed,
  conflictsIn,
  copyOf,
  changedParts,
  emptyDoc,
  isHere,
  mergeDoc,
  readDoc,
  shapes,
  stampOf,
  writtenDoc,
  type Doc,
} from '.';

const { records: demo } = JSON.parse(
  fs.readFileSync('tests/fixtures/bundles/demo-2.fluorite.json', 'utf8'),
) as { records: AnyRecord[] };
const demoJob = demo.find((record): record is Job => record.kind === 'job' && record.log.length > 5) as Job;

let count = 1000;
/** One device: a doc, and how a hand changes it. */
function device(writer: string, doc: Doc = emptyDoc()) {
  const read = (shape = shapes.job) => (isHere(doc) ? (composed(doc, shape) as unknown as Job) : undefined);
  const put = (after: object | undefined, kind: AnyRecord['kind'] = 'job') => {
    const parts = changedParts(doc, shapes[kind], read(shapes[kind]), after);
    if (parts.size > 0) applyChange(doc, changeOver(doc, parts, stampOf((count += 1), writer)));
  };
  return {
    doc,
    read,
    put,
    change: (change: (job: Job) => Job) => put(change(read() as Job)),
    take: (from: { doc: Doc }) =>
      void mergeDoc(doc, readDoc(JSON.parse(JSON.stringify(writtenDoc(from.doc)))) as Doc),
  };
}

const asks = ({ doc }: { doc: Doc }) => conflictsIn(doc).map(({ path }) => path);

/** Two devices that hold the same job. */
function two(job: Job = demoJob) {
  const a = device('a');
  a.put(job);
  const b = device('b');
  b.take(a);
  return { a, b, meet: () => (a.take(b), b.take(a)) };
}

describe('a record in parts', () => {
  it.each(demo.map((record) => [keyOf(record), record] as const))('%s comes back as it was', (_, record) => {
    const { put, read, doc } = device('a');
    put(record, record.kind);
    expect(canonical(read(shapes[record.kind]))).toBe(canonical(record));
    const again = readDoc(JSON.parse(JSON.stringify(writtenDoc(doc)))) as Doc;
    expect(canonical(composed(again, shapes[record.kind]))).toBe(canonical(record));
    // Nothing new is nothing to write.
    expect(changedParts(doc, shapes[record.kind], record, structuredClone(record)).size).toBe(0);
  });

  it('writes only what is said otherwise', () => {
    const { doc } = two().a;
    const entry = { ...(demoJob.log[0] as LogEntry), id: 'new', counter: 9999 };
    const parts = changedParts(doc, shapes.job, demoJob, {
      ...demoJob,
      name: 'Otherwise',
      log: [...demoJob.log, entry],
    });
    expect([...parts.keys()].sort()).toEqual(['!', 'log/new', 'name']);
  });
});

describe('two devices', () => {
  it('keep what each wrote in another part, and ask nothing', () => {
    const { a, b, meet } = two();
    const entry = (id: string) => ({ ...(demoJob.log[0] as LogEntry), id, counter: 9999 });
    a.change((job) => ({ ...job, name: 'Renamed', log: [...job.log, entry('of-a')] }));
    b.change((job) => ({
      ...job,
      part: { ...job.part, substrate: 'oak' },
      layers: job.layers.map((layer) => ({ ...layer, approach: { ...layer.approach, overlap: 0.61 } })),
      log: [...job.log, entry('of-b')],
    }));
    meet();
    for (const each of [a, b]) {
      expect(each.read()).toMatchObject({ name: 'Renamed', part: { substrate: 'oak' } });
      expect(each.read()?.layers[0]?.approach.overlap).toBe(0.61);
      expect(
        each
          .read()
          ?.log.slice(-2)
          .map(({ id }) => id),
      ).toEqual(['of-a', 'of-b']);
      expect(asks(each)).toEqual([]);
    }
  });

  it('both keep both values of what they wrote apart, until one of them writes it again', () => {
    const { a, b, meet } = two();
    a.change((job) => ({ ...job, name: 'By a' }));
    b.change((job) => ({ ...job, name: 'By b' }));
    meet();
    expect(a.read()?.name).toBe('By b');
    expect(canonical(a.read())).toBe(canonical(b.read()));
    expect(asks(a)).toEqual(['name']);
    expect(conflictsIn(b.doc)[0]?.values.map(({ value }) => value)).toEqual(['By b', 'By a']);
    a.change((job) => ({ ...job, name: 'Agreed' }));
    meet();
    for (const each of [a, b]) {
      expect(each.read()?.name).toBe('Agreed');
      expect(asks(each)).toEqual([]);
    }
  });

  it('ask nothing where they wrote the same', () => {
    const { a, b, meet } = two();
    for (const each of [a, b]) each.change((job) => ({ ...job, name: 'The same' }));
    meet();
    expect(asks(a)).toEqual([]);
  });

  it('each put an item in, move one and take one out, and the lists agree', () => {
    const { a, b, meet } = two();
    const [face] = demoJob.part.faces as [Job['part']['faces'][number]];
    const faces = (each: ReturnType<typeof device>) => each.read()?.part.faces.map(({ id }) => id);
    a.change((job) => ({
      ...job,
      part: { ...job.part, faces: [{ ...face, id: 'first' }, ...job.part.faces] },
    }));
    b.change((job) => ({
      ...job,
      part: { ...job.part, faces: [...job.part.faces, { ...face, id: 'last' }] },
    }));
    meet();
    expect(faces(a)?.at(0)).toBe('first');
    expect(faces(a)?.at(-1)).toBe('last');
    expect(faces(b)).toEqual(faces(a));
    a.change((job) => ({ ...job, part: { ...job.part, faces: [...job.part.faces].reverse() } }));
    b.change((job) => ({
      ...job,
      part: { ...job.part, faces: job.part.faces.filter(({ id }) => id !== 'first') },
    }));
    meet();
    expect(faces(a)?.at(0)).toBe('last');
    expect(faces(a)).not.toContain('first');
    expect(faces(b)).toEqual(faces(a));
    expect(asks(a)).toEqual([]);
  });

  it('an item changed here and removed there stays, and asks', () => {
    const { a, b, meet } = two();
    const id = demoJob.layers[0]?.coats[0]?.id as string;
    const coats =
      (change: (list: Job['layers'][number]['coats']) => Job['layers'][number]['coats']) => (job: Job) => ({
        ...job,
        layers: job.layers.map((layer, i) => (i === 0 ? { ...layer, coats: change(layer.coats) } : layer)),
      });
    a.change(coats((list) => list.filter((coat) => coat.id !== id)));
    b.change(coats((list) => list.map((coat) => (coat.id === id ? { ...coat, dry: 33e-6 } : coat))));
    meet();
    expect(a.read()?.layers[0]?.coats.find((coat) => coat.id === id)?.dry).toBe(33e-6);
    expect(asks(a)).toEqual([`layers/${demoJob.layers[0]?.id as string}/coats/${id}/#`]);
    expect(canonical(a.read())).toBe(canonical(b.read()));
  });

  it('never lose the last item of a list that must have one', () => {
    const [layer] = demoJob.layers as [Job['layers'][number]];
    const { a, b, meet } = two({ ...demoJob, layers: [layer, { ...layer, id: 'other' }] });
    a.change((job) => ({ ...job, layers: job.layers.filter(({ id }) => id === 'other') }));
    b.change((job) => ({ ...job, layers: job.layers.filter(({ id }) => id !== 'other') }));
    meet();
    expect(a.read()?.layers).toHaveLength(1);
    expect(canonical(a.read())).toBe(canonical(b.read()));
  });

  it('a removal is remembered; who wrote without knowing of it brings the record back, and asks', () => {
    const { a, b, meet } = two();
    a.put(undefined);
    const old = device('c', copyOf(b.doc));
    meet();
    expect(b.read()).toBeUndefined();
    b.take(old);
    expect(b.read()).toBeUndefined();
    old.change((job) => ({ ...job, name: 'Still worked on' }));
    b.take(old);
    expect(b.read()).toMatchObject({ name: 'Still worked on', log: { length: demoJob.log.length } });
    expect(asks(b)).toEqual(['!']);
  });

  it('an older version erases nothing that it does not know', () => {
    const { a, b, meet } = two();
    // A newer version wrote a field, a field within a value, and a list of its own.
    a.change(
      (job) =>
        ({
          ...job,
          mood: 'calm',
          layers: job.layers.map((layer) => ({ ...layer, sheet: { ...layer.sheet, smell: 'of pears' } })),
        }) as Job,
    );
    meet();
    const known = JSON.parse(canonical(b.read())) as Job & { mood?: string };
    delete known.mood;
    for (const { sheet } of known.layers) delete (sheet as { smell?: string }).smell;
    // The older one reads it without, and writes what it changed.
    const changed = {
      ...known,
      layers: known.layers.map((layer) => ({ ...layer, sheet: { ...layer.sheet, note: 'x' } })),
    };
    applyChange(
      b.doc,
      changeOver(b.doc, changedParts(b.doc, shapes.job, known, changed), stampOf((count += 1), 'b')),
    );
    meet();
    expect(a.read()).toMatchObject({ mood: 'calm', layers: [{ sheet: { note: 'x', smell: 'of pears' } }] });
  });

  it('reads nothing that is no doc', () => {
    for (const bad of [
      null,
      1,
      {},
      { seen: {}, parts: null },
      { seen: { a: -1 }, parts: {} },
      { seen: {}, parts: { name: 'x' } },
      { seen: {}, parts: { name: [['later', 1]] } },
      { seen: { a: 1e17 }, parts: {} },
    ])
      expect(readDoc(bad)).toBeUndefined();
  });
});

describe('replicas', () => {
  const small: Job = {
    ...demoJob,
    log: demoJob.log.slice(0, 3),
    layers: [
      {
        ...(demoJob.layers[0] as Job['layers'][number]),
        sheet: classSheet('gel-coat', 's', 's', '2026-11-01'),
      },
    ],
  };
  const deed = fc.record({
    who: fc.nat(2),
    what: fc.constantFrom(
      ...([
        'name',
        'overlap',
        'add-face',
        'drop-face',
        'move-face',
        'entry',
        'take-back',
        'remove',
        'put-back',
        'give',
      ] as const),
    ),
    n: fc.nat(5),
  });
  type Deed = typeof deed extends fc.Arbitrary<infer D> ? D : never;

  const done = ({ what, n }: Deed, job: Job | undefined): Job | undefined => {
    if (!job) return what === 'put-back' ? small : undefined;
    const { faces } = job.part;
    const [face] = faces as [Job['part']['faces'][number]];
    const withFaces = (next: readonly (typeof face)[]) => ({
      ...job,
      part: { ...job.part, faces: [...next] },
    });
    switch (what) {
      case 'name':
        return { ...job, name: `name ${n}` };
      case 'overlap':
        return {
          ...job,
          layers: job.layers.map((l) => ({ ...l, approach: { ...l.approach, overlap: n / 10 } })),
        };
      case 'add-face':
        return withFaces([...faces.slice(0, n), { ...face, id: `f${(count += 1)}` }, ...faces.slice(n)]);
      case 'drop-face':
        return faces.length > 1 ? withFaces(faces.filter((_, i) => i !== n % faces.length)) : job;
      case 'move-face':
        return withFaces([...faces.slice(1), face]);
      case 'entry':
        return {
          ...job,
          log: [
            ...job.log,
            { ...(small.log[0] as LogEntry), id: `e${(count += 1)}`, counter: job.log.length },
          ],
        };
      case 'take-back':
        return { ...job, log: job.log.slice(0, -1) };
      case 'remove':
        return undefined;
      default:
        return job;
    }
  };

  it('end in the same state whatever they did, in whatever order they hear of it', () => {
    fc.assert(
      fc.property(
        fc.array(deed, { maxLength: 30 }),
        fc.array(fc.tuple(fc.nat(2), fc.nat(2)), { maxLength: 6 }),
        (deeds, late) => {
          const all = ['a', 'b', 'c'].map((writer) => device(writer));
          all[0]?.put(small);
          for (const step of deeds) {
            const who = all[step.who] as (typeof all)[number];
            if (step.what === 'give') (all[step.n % 3] as typeof who).take(who);
            else who.put(done(step, who.read()));
          }
          // Every one hears of every other, some of them more than once.
          for (const [to, from] of [...late, [0, 1], [1, 2], [2, 0], [0, 2], [1, 0], [2, 1]] as const)
            (all[to] as (typeof all)[number]).take(all[from] as (typeof all)[number]);
          const [first, ...others] = all.map(({ doc }) =>
            canonical({ is: isHere(doc) && composed(doc, shapes.job), asks: conflictsIn(doc) }),
          );
          for (const other of others) expect(other).toBe(first);
          for (const each of all) {
            const before = canonical(each.read());
            each.take(all[1] as (typeof all)[number]);
            expect(canonical(each.read())).toBe(before);
          }
        },
      ),
      { numRuns: 200 },
    );
  });
});
