import fc from 'fast-check';
import { canonical } from '@/records/canonical';
import { classSheet, type Coating } from '@/records';
import { memoryDisk } from './disk/disk';
import { opened } from '../../tests/fixtures/ground';

const sheet = (id: string, note: string): Coating => ({
  ...classSheet('gel-coat', id, id, '2026-11-01'),
  note,
});

/** What the store should hold, as plainly as it can be said: a list of shops, and where in it we stand. */
class Model {
  past: Map<string, string>[] = [new Map()];
  future: Map<string, string>[] = [];

  get now() {
    return this.past.at(-1)!;
  }

  change(next: Map<string, string>) {
    this.past.push(next);
    this.future = [];
  }
}

type Deed =
  | { do: 'put'; id: string; note: string }
  | { do: 'remove'; id: string }
  | { do: 'undo' | 'redo' }
  | { do: 'reload'; fold: boolean };

const deeds = fc.array(
  fc.oneof(
    {
      weight: 4,
      arbitrary: fc.record({
        do: fc.constant('put' as const),
        id: fc.constantFrom('a', 'b', 'c'),
        note: fc.string({ maxLength: 4 }),
      }),
    },
    {
      weight: 1,
      arbitrary: fc.record({ do: fc.constant('remove' as const), id: fc.constantFrom('a', 'b', 'c') }),
    },
    { weight: 2, arbitrary: fc.constant({ do: 'undo' as const }) },
    { weight: 1, arbitrary: fc.constant({ do: 'redo' as const }) },
    { weight: 1, arbitrary: fc.record({ do: fc.constant('reload' as const), fold: fc.boolean() }) },
  ) as fc.Arbitrary<Deed>,
  { maxLength: 25 },
);

it('whatever is done, undone, redone and reloaded, the store holds what it should', async () => {
  await fc.assert(
    fc.asyncProperty(deeds, async (list) => {
      const disk = memoryDisk();
      const open = () => opened(disk);
      let store = await open();
      const model = new Model();
      for (const deed of list) {
        if (deed.do === 'put') {
          store.put(sheet(deed.id, deed.note), 'put');
          // What says the same again makes no step.
          if (model.now.get(deed.id) !== deed.note) model.change(new Map(model.now).set(deed.id, deed.note));
        } else if (deed.do === 'remove') {
          store.remove(`coating/${deed.id}`, 'remove');
          const next = new Map(model.now);
          // What is not there is not removed, and makes no step.
          if (next.delete(deed.id)) model.change(next);
        } else if (deed.do === 'reload') {
          await store.settled();
          const steps = store.saveSteps();
          if (deed.fold) await store.folded();
          store = await open();
          store.loadSteps(steps);
          // The last ten steps come along; older ones do not.
          model.past = model.past.slice(-11);
        } else if (deed.do === 'undo' && model.past.length > 1) {
          store.undo();
          model.future.push(model.past.pop()!);
        } else if (deed.do === 'redo' && model.future.length > 0) {
          store.redo();
          model.past.push(model.future.pop()!);
        }
        const held = [...store.getState().records.values()].map((record) => [
          record.id,
          (record as Coating).note,
        ]);
        expect(canonical(held.sort())).toBe(canonical([...model.now].sort()));
      }
      await store.settled();
      const last = await open();
      expect([...last.getState().records.keys()].sort()).toEqual(
        [...model.now.keys()].map((id) => `coating/${id}`).sort(),
      );
    }),
    {
      numRuns: 60,
      examples: [
        [
          // One of the same name, made after the first was removed, and both taken back.
          [
            { do: 'put', id: 'a', note: '' },
            { do: 'remove', id: 'a' },
            { do: 'put', id: 'a', note: ' ' },
            { do: 'undo' },
            { do: 'undo' },
          ],
        ],
      ],
    },
  );
});
