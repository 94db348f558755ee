import { newShop, type Cup } from '@/records';
import { readRecord } from '@/records/readrecord';
import { jobView } from '../job';
import { isRefusal } from '@/core/refusal';
import { draftSchema, emptyDraft, jobFromDraft, type JobDraft } from './draft';

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
  width: 1.2,
  height: 0.9,
  count: 2,
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
    expect(wrong({ name: ' ' })).toEqual(['name']);
    expect(wrong({ coatingName: '' })).toEqual(['coatingName']);
    expect(wrong({ bore: undefined })).toEqual(['bore']);
    expect(wrong({ atomising: 'airless', tip: '17' })).toEqual(['tip']);
    expect(wrong({ width: -1, count: 1.5, coats: 40 })).toEqual(['width', 'count', 'coats']);
  });
});
