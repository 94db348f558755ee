import { classSheet, keyOf, newShop, type Coating, type Cup, type Job } from '@/records';
import { readRecord } from '@/records/readrecord';
import { jobView } from '../job';
import { viewsOf } from '../records';
import { isRefusal } from '@/core/refusal';
import { newRig } from './newrig';
import { knownSystems, systemOf } from './systems';
import { draftSchema, emptyDraft, gunOfRow, jobFromDraft, type JobDraft } from './draft';

const ids = () => {
  let count = 0;
  return () => `id-${(count += 1)}`;
};
const now = '2026-11-23T09:00:00.000Z';
const draft = (says: Partial<JobDraft> = {}): JobDraft => ({
  ...emptyDraft(),
  name: 'Gate',
  coatingName: 'Gate enamel',
  class: 'quick-enamel',
  bore: 1.4e-3,
  ground: 'metal',
  faces: [{ width: 1.2, height: 0.9, count: 2, both: false }],
  ...says,
});
const wrong = (says: Partial<JobDraft>) =>
  draftSchema.safeParse(draft(says)).error?.issues.map(({ path }) => path.join('.')) ?? [];

describe('a new job from nothing', () => {
  it('brings its own sheet, rig and cup, and opens on every stage', () => {
    const { job, more } = jobFromDraft(draft(), { coatings: [], rigs: [], cups: [] }, now, ids());
    expect(more.map(({ kind }) => kind)).toEqual(['coating', 'rig', 'cup']);
    for (const record of [job, ...more]) expect(isRefusal(readRecord(record))).toBe(false);
    const rig = more.find((record) => record.kind === 'rig');
    const view = jobView(job, {
      rigOf: () => rig,
      cups: more.filter((record): record is Cup => record.kind === 'cup'),
      shelf: [],
      shop: newShop,
      now: Date.parse(now),
    });
    expect(view.current).toBe('plan');
    expect(view.plan.area).toBeCloseTo(2.16, 9);
    expect(isRefusal(view.plan.needed)).toBe(false);
    expect(isRefusal(view.mix.ladder)).toBe(false);
    expect(isRefusal(view.set.proposal)).toBe(false);
  });

  it('uses what the shop has', () => {
    const first = jobFromDraft(draft(), { coatings: [], rigs: [], cups: [] }, now, ids());
    const held = {
      coatings: first.more.filter((record) => record.kind === 'coating'),
      rigs: first.more.filter((record) => record.kind === 'rig'),
      cups: first.more.filter((record) => record.kind === 'cup'),
    };
    const again = draft({ coatingId: held.coatings[0]!.id, rigId: held.rigs[0]!.id });
    expect(jobFromDraft(again, held, now, ids()).more).toEqual([]);
  });

  it('says what is missing, field by field', () => {
    expect(wrong({})).toEqual([]);
    expect(wrong({ ground: undefined, class: undefined })).toEqual(['ground', 'class']);
    expect(wrong({ bore: undefined })).toEqual(['bore']);
    expect(wrong({ atomising: 'airless', tip: '17' })).toEqual(['tip']);
    expect(wrong({ faces: [{ width: -1, height: 1, count: 1.5, both: false }], coats: 40 })).toEqual([
      'faces.0.width',
      'faces.0.count',
      'coats',
    ]);
  });
});

describe('a job before, done again', () => {
  const sheet = classSheet('two-part-clear', 'clear', 'Clear', '2026-11-01');
  const first = jobFromDraft(
    draft({
      coatingId: 'clear',
      existing: 'base',
      faces: [{ width: 1.5, height: 1.2, count: 1, both: true }],
    }),
    { coatings: [sheet], rigs: [newRig('gun', 'hvlp')], cups: [] },
    now,
    ids(),
  ).job;
  const before: Job = {
    ...first,
    part: {
      ...first.part,
      faces: first.part.faces.map((face) => ({ ...face, shape: 1.2, keepOff: 'the hinges' })),
    },
    layers: first.layers.map((layer) => ({
      ...layer,
      rigId: 'gun',
      cans: ['can-1'],
      approach: { ...layer.approach, batch: 1e-3, overlap: 0.66 },
    })),
    approach: { acceptance: 'nominal', turning: 'every-coat' },
  };
  const again = (says: Partial<JobDraft> = {}) =>
    jobFromDraft(
      draft({
        like: before.id,
        class: undefined,
        bore: undefined,
        faces: [{ width: 2, height: 1, count: 3, both: true, from: before.part.faces[0]!.id }],
        ...says,
      }),
      {
        coatings: [{ ...sheet, sheetRevision: 'newer' }],
        rigs: [newRig('gun', 'hvlp')],
        cups: [],
        jobs: [before],
      },
      now,
      ids(),
    );

  it('keeps gun, coats and approach, takes the sheet as it is now, and leaves cans and batch behind', () => {
    const { job, more } = again();
    expect(more).toEqual([]);
    const [layer] = job.layers;
    expect(layer).toMatchObject({ rigId: 'gun', sheet: { id: 'clear', sheetRevision: 'newer' } });
    expect(layer!.cans).toBeUndefined();
    expect(layer!.approach).toMatchObject({ overlap: 0.66 });
    expect(layer!.approach.batch).toBeUndefined();
    expect(layer!.coats.map(({ dry }) => dry)).toEqual(before.layers[0]!.coats.map(({ dry }) => dry));
    expect(job.approach).toMatchObject({ acceptance: 'nominal', turning: 'every-coat' });
    expect(job.log).toEqual([]);
    expect(isRefusal(readRecord(JSON.parse(JSON.stringify(job))))).toBe(false);
  });

  it('has the shape of the part before in the size of this one', () => {
    expect(again().job.part.faces).toMatchObject([
      { width: 2, height: 1, count: 3, sides: 2, shape: 1.2, keepOff: 'the hinges' },
    ]);
    const plain = again({ faces: [{ width: 2, height: 1, count: 1, both: false }] }).job.part.faces;
    expect(plain[0]).toMatchObject({ width: 2, name: 'Face' });
    expect(plain[0]!.shape).toBeUndefined();
  });

  it('asks for no gun and no nozzle', () => {
    expect(
      draftSchema.safeParse(draft({ like: before.id, class: 'two-part-clear', bore: undefined, rigId: '' }))
        .success,
    ).toBe(true);
  });

  it('shares no id with it', () => {
    const idsOf = ({ id, part, layers }: Job) => [
      id,
      ...part.faces.map((face) => face.id),
      ...layers.flatMap((layer) => [layer.id, ...layer.coats.map((coat) => coat.id)]),
    ];
    const named = {
      ...before,
      id: 'x',
      part: { ...before.part, faces: [{ ...before.part.faces[0]!, id: 'f' }] },
    };
    expect(idsOf(again().job).filter((id) => idsOf(named).includes(id) && !id.startsWith('id-'))).toEqual([]);
  });
});

describe('a known system from nothing', () => {
  it.each(knownSystems.map(({ id }) => id))(
    '%s brings its sheets and its gun, and opens on every stage',
    (id) => {
      const system = systemOf(id)!;
      const rows = system.layers.map(() => ({ coatingId: '', rigId: '', bore: 1.6e-3 }));
      const filled = draft({ system: id, rows, coatingName: '' });
      expect(draftSchema.safeParse(filled).success).toBe(true);
      const { job, more } = jobFromDraft(filled, { coatings: [], rigs: [], cups: [] }, now, ids());
      for (const record of [job, ...more]) expect(isRefusal(readRecord(record))).toBe(false);
      // One sheet a product, a gun for every layer that wants a new one, each with a name of its own.
      expect(new Set(job.layers.map(({ sheet }) => sheet.class)).size).toBe(
        more.filter(({ kind }) => kind === 'coating').length,
      );
      const guns = more.filter((record) => record.kind === 'rig');
      expect(new Set(guns.map(({ name }) => name)).size).toBe(system.layers.length);
      expect(job.layers.map(({ rigId }) => rigId)).toEqual(guns.map(({ id: own }) => own));
      expect(job.layers.map(({ work = [] }) => work.map(({ what }) => what))).toEqual(
        system.layers.map(({ work = [] }) => work.map(({ what }) => what)),
      );
      expect(job.layers.map(({ name, coats }) => [name, coats.length])).toEqual(
        system.layers.map(({ name, coats }) => [name, coats.length]),
      );
      const all = [...more, job];
      const { views, inconclusive } = viewsOf(
        new Map(all.map((record) => [keyOf(record), record])),
        [job],
        Date.parse(now),
      );
      expect(inconclusive).toEqual([]);
      expect(views).toHaveLength(1);
      expect(isRefusal(views[0]!.mix.ladder)).toBe(false);
      // What stays is what the sheets allow, coat by coat and in all.
      const { stays, min, max } = views[0]!.plan.film;
      expect([stays >= min * (1 - 1e-9), stays <= max * (1 + 1e-9)]).toEqual([true, true]);
      // No coat asks for more than its sheet allows.
      for (const { coat, dry } of views[0]!.plan.coats)
        expect([coat.name, dry.outside]).toEqual([coat.name, false]);
    },
  );

  it('takes the sheets and guns the shop has, layer by layer', () => {
    const lone = (of: Coating['class'], id: string) => classSheet(of, id, id, '2026-11-01');
    const coatings = [lone('solvent-base', 'base'), lone('two-part-clear', 'clear')];
    const rigs = [newRig('a', 'hvlp', { bore: 1.3e-3 }), newRig('b', 'compliant', { bore: 1.4e-3 })];
    const filled = draft({
      system: 'base-clear',
      rows: [
        { coatingId: 'base', rigId: 'a' },
        { coatingId: 'clear', rigId: 'b' },
      ],
      bore: undefined,
    });
    expect(draftSchema.safeParse(filled).success).toBe(true);
    const { job, more } = jobFromDraft(filled, { coatings, rigs, cups: [] }, now, ids());
    expect(more.every(({ kind }) => kind === 'cup')).toBe(true);
    expect(job.layers.map(({ sheet, rigId }) => [sheet.id, rigId])).toEqual([
      ['base', 'a'],
      ['clear', 'b'],
    ]);
    const two = (first: number | undefined) => ({
      ...filled,
      rows: [
        { coatingId: 'base', rigId: '', bore: first },
        { coatingId: 'clear', rigId: gunOfRow(0) },
      ],
    });
    expect(wrong(two(undefined))).toEqual(['rows.0.bore']);
    expect(wrong(two(1.3e-3))).toEqual([]);
    // The clear goes on with the new gun of the base.
    const shared = jobFromDraft(two(1.3e-3), { coatings, rigs, cups: [] }, now, ids());
    expect(shared.more.filter(({ kind }) => kind === 'rig')).toHaveLength(1);
    expect(new Set(shared.job.layers.map(({ rigId }) => rigId)).size).toBe(1);
  });
});
