import fs from 'node:fs';
import path from 'node:path';
import { isRefusal } from '@/core/refusal';
import { type AnyRecord, type Can, type Coating, type Job } from '.';
import { readRecord } from './readrecord';
import { canonical } from './canonical';

/** The demo shop as version 1 wrote it: kept for good. */
const bundle = JSON.parse(
  fs.readFileSync(path.join(process.cwd(), 'tests/fixtures/bundles/demo-1.fluorite.json'), 'utf8'),
) as { records: Record<string, unknown>[] };

interface Version1 {
  [field: string]: unknown;
  kind: 'job';
  version: 1;
  id: string;
  sheets: { id: string; name: string; additives?: unknown[] }[];
  coats: { id: string; sheetId: string; name: string; dry: number }[];
  approach: Record<string, unknown>;
  log: Record<string, unknown>[];
}
const old = (id: string): Version1 =>
  structuredClone(bundle.records.find((record) => record.id === id)) as unknown as Version1;
const read = (raw: unknown): Job => {
  const record = readRecord(raw);
  if (isRefusal(record)) throw new Error(record.says);
  return record as Job;
};

describe('whole version-1 bundles', () => {
  it('open, every record of them, and stay as they are from then on', () => {
    for (const raw of bundle.records) {
      const record = readRecord(raw);
      if (isRefusal(record)) throw new Error(`${String(raw.id)}: ${record.says}`);
      expect(canonical(readRecord(JSON.parse(JSON.stringify(record))))).toBe(canonical(record));
    }
  });

  it('a job of one sheet becomes one layer, of two sheets two', () => {
    const kinds = bundle.records.filter(({ kind }) => kind === 'job');
    expect(kinds.length).toBe(8);
    for (const raw of kinds) {
      const before = raw as unknown as Version1;
      const { layers } = read(raw);
      expect(layers.map(({ sheet }) => sheet.id)).toEqual(before.sheets.map(({ id }) => id));
      expect(layers.flatMap(({ coats }) => coats.map(({ id }) => id))).toEqual(
        before.coats.map(({ id }) => id),
      );
    }
    const { layers } = read(old('demo-livery-panels'));
    expect(layers.map(({ name, coats }) => [name, coats.length])).toEqual([
      [layers[0]!.sheet.name, 2],
      [layers[1]!.sheet.name, 2],
    ]);
  });

  it('nothing an entry said is lost: its sheet is its layer, and its place in the log its counter', () => {
    const before = old('demo-livery-panels');
    const after = read(before);
    expect(after.log).toEqual(
      before.log.map(({ sheetId, ...entry }, counter) => ({
        ...entry,
        ...(sheetId === undefined ? {} : { layerId: sheetId }),
        counter,
      })),
    );
  });
});

describe('a version-1 job of any kind', () => {
  const job = (change: (job: Version1) => void): Job => {
    const raw = old('demo-livery-panels');
    change(raw);
    return read(raw);
  };

  it('whose sheet comes back above another has that sheet in two layers, and its entries where they were made', () => {
    const back = job((raw) => {
      const [first, second, third] = raw.coats;
      raw.coats = [first!, third!, second!];
      raw.log = [
        {
          id: 'm',
          at: '2026-11-23T08:00:00.000Z',
          type: 'mixed',
          batchId: 'a',
          sheetId: raw.sheets[0]!.id,
          poured: [{ partId: 'base', mass: 1 }],
        },
        { id: 'e', at: '2026-11-23T08:10:00.000Z', type: 'coat-end', coatId: first!.id },
        {
          id: 'n',
          at: '2026-11-23T08:20:00.000Z',
          type: 'mixed',
          batchId: 'b',
          sheetId: raw.sheets[0]!.id,
          poured: [{ partId: 'base', mass: 1 }],
        },
      ];
    });
    const [low, clear, high] = back.layers;
    expect(back.layers).toHaveLength(3);
    expect(high).toMatchObject({ sheet: { id: low!.sheet.id }, rigId: low!.rigId });
    expect(new Set([low!.id, clear!.id, high!.id]).size).toBe(3);
    expect(back.log.map((entry) => entry.type === 'mixed' && entry.layerId)).toEqual([
      low!.id,
      false,
      high!.id,
    ]);
  });

  it('keeps doses, cans and thinner with their layer, and what is the whole job’s apart', () => {
    const kept = job((raw) => {
      raw.sheets[1]!.additives = [
        {
          id: 'slow',
          name: 'Retarder',
          density: 900,
          volumeSolids: 0,
          voc: 900,
          water: 0,
          exempt: 0,
          doseBy: 'mass',
          doseOf: 'mix',
          dose: 0,
          maximum: 0.1,
          thins: true,
        },
      ];
      raw.doses = { slow: 0.05, stray: 0.01 };
      raw.cans = ['c'];
      raw.thinners = { [raw.sheets[0]!.id]: 'medium' };
      raw.approach = { ...raw.approach, racks: 6, pot: 5e-3 };
    });
    const [colour, clear] = kept.layers;
    expect([colour!.doses, clear!.doses]).toEqual([{ stray: 0.01 }, { slow: 0.05 }]);
    expect([colour!.cans, clear!.cans]).toEqual([['c'], ['c']]);
    expect([colour!.thinnerId, clear!.thinnerId]).toEqual(['medium', undefined]);
    expect(kept.approach).toEqual({ acceptance: 'spot-mean', racks: 6 });
    expect(colour!.approach).toMatchObject({ overlap: 0.5, pot: 5e-3 });
    expect(colour!.approach).not.toHaveProperty('racks');
  });

  it('with a coat of a sheet that is not there, or a sheet without a coat, is read whole', () => {
    const dangling = job((raw) => {
      raw.coats[3]!.sheetId = 'gone';
    });
    expect(dangling.layers.flatMap(({ coats }) => coats)).toHaveLength(4);
    const bare = job((raw) => {
      raw.coats = raw.coats.slice(0, 2);
    });
    expect(bare.layers.map(({ coats }) => coats.length)).toEqual([2, 0]);
  });

  it('keeps the order of a log whose clock was set back', () => {
    const set = job((raw) => {
      raw.log = [
        { id: 'a', at: '2026-11-23T10:00:00.000Z', type: 'note', text: 'first' },
        { id: 'b', at: '2026-11-23T09:00:00.000Z', type: 'note', text: 'second' },
      ];
    });
    expect(set.log.map(({ id, counter }) => [id, counter])).toEqual([
      ['a', 0],
      ['b', 1],
    ]);
  });

  it('keeps what a corrected entry said before, in the words of today', () => {
    const corrected = job((raw) => {
      const entry = raw.log.find(({ type }) => type === 'setting')!;
      const said = { ...entry };
      Object.assign(entry, {
        fluid: 1e-6,
        was: [
          { until: '2026-11-23T09:00:00.000Z', said },
          { until: '2026-11-23T09:01:00.000Z', said: { type: 'riddle', text: 'what?' } },
        ],
      });
    });
    const setting = corrected.log.find(({ type }) => type === 'setting')!;
    expect(setting.was![0]!.said).toMatchObject({ type: 'setting', layerId: corrected.layers[0]!.id });
    expect(setting.was![1]!.said).toMatchObject({ type: 'note', text: '{"type":"riddle","text":"what?"}' });
  });

  it.each([
    ['no sheets', (raw: Version1) => (raw.sheets = [])],
    ['no coats', (raw: Version1) => (raw.coats = [])],
    ['a log that is none', (raw: Version1) => (raw.log = 'lost' as never)],
    ['a sheet that is none', (raw: Version1) => (raw.sheets = [7 as never])],
  ])('with %s is refused, with the field', (_, change) => {
    const raw = old('demo-livery-panels');
    change(raw);
    const record = readRecord(raw);
    expect(isRefusal(record) && record.refused).toBe('invalid');
  });
});

describe('values beyond every bound', () => {
  it('of a job are kept and asked about, the rest of it unharmed', () => {
    const raw = old('demo-livery-panels');
    Object.assign((raw.part as { faces: object[] }).faces[0]!, { count: 1e9 });
    Object.assign(raw.log[0]!, { at: '9999-01-01T00:00:00.000Z' });
    const record = read(raw);
    expect(record.part.faces[0]!.count).toBe(100_000);
    expect(record.log[0]!.at).toBe('2100-12-31T00:00:00.000Z');
    expect(record.asked).toEqual([
      { path: 'part.faces.0.count', said: 1e9, taken: 100_000 },
      { path: 'log.0.at', said: '9999-01-01T00:00:00.000Z', taken: '2100-12-31T00:00:00.000Z' },
    ]);
    // And once asked, they are not asked again.
    expect(read(JSON.parse(JSON.stringify(record))).asked).toEqual(record.asked);
  });

  const sheet = bundle.records.find(({ kind }) => kind === 'coating') as unknown as Coating;
  const can = bundle.records.find(({ kind }) => kind === 'can') as unknown as Can;
  it.each<[string, AnyRecord, unknown, unknown]>([
    ['a can open for a milliard days', { ...sheet, shelf: { opened: 1e9 } }, 1e9, 36_500],
    ['a shelf life one day too long', { ...sheet, shelf: { opened: 36_501 } }, 36_501, 36_500],
    ['a can from before there were any', { ...can, opened: '0001-01-01' }, '0001-01-01', '1990-01-01'],
    ['a film of a furlong', { ...sheet, film: { min: 0, aim: 1e-5, max: 201 } }, 201, 0.1],
  ])('%s', (_, raw, said, taken) => {
    const record = readRecord(raw);
    expect(isRefusal(record) || record.asked?.[0]).toMatchObject({ said, taken });
  });

  it('at their bound are nothing to ask about', () => {
    const record = readRecord({ ...sheet, shelf: { opened: 36_500 } });
    expect(isRefusal(record) || record.asked).toBeUndefined();
  });

  it('do not save a record that is wrong besides', () => {
    expect(readRecord({ ...sheet, shelf: { opened: 1e9 }, name: '' })).toMatchObject({ refused: 'invalid' });
  });
});
