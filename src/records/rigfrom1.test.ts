import fs from 'node:fs';
import { isRefusal } from '@/core/refusal';
import type { Rig } from '.';
import { readRecord } from './readrecord';

const rigsOf = (bundle: number) =>
  (
    JSON.parse(fs.readFileSync(`tests/fixtures/bundles/demo-${bundle}.fluorite.json`, 'utf8')) as {
      records: { kind: string; version: number }[];
    }
  ).records.filter(({ kind }) => kind === 'rig');

describe('a rig of before', () => {
  it('is lifted and says nothing more than it did', () => {
    const rigs = rigsOf(4);
    expect(rigs.length).toBeGreaterThan(3);
    for (const rig of rigs) {
      expect(rig.version).toBe(1);
      expect(readRecord(rig)).toEqual({ ...rig, version: 2 });
    }
  });

  it('of now may say what stands at its cap, and is refused where that makes no sense', () => {
    const rated = rigsOf(5).find((rig): rig is Rig => (rig as Rig).rated !== undefined);
    expect(readRecord(rated)).toEqual(rated);
    expect(rated?.rated).toMatchObject({ inlet: 2e5, cap: 1.1e5, by: 'maker' });
    for (const wrong of [
      { inlet: 2e5, by: 'maker' },
      { inlet: -1, cap: 1e5, by: 'gauge' },
      { ...rated?.rated, by: 'ear' },
    ])
      expect(isRefusal(readRecord({ ...rated, rated: wrong }))).toBe(true);
  });
});
