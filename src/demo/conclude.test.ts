import { spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { demoShop } from '.';
import { newShop, type Job } from '@/records';
import { canonical } from '@/records/canonical';
import { writeBundle } from '@/exchange/bundle';
import { concludeFile } from '@/exchange/conclude';
import { conclusions, conclusionsJsonSchema, type Conclusions } from '@/exchange/conclusions';

const at = '2026-11-23T09:00:00.000Z';
const now = Date.parse(at);
const oldFile = path.join('tests', 'fixtures', 'bundles', 'demo-1.fluorite.json');
const demo = writeBundle([...demoShop(now), newShop], at);
const concluded = (text: string, job?: string): Conclusions => {
  const outcome = concludeFile(text, { at: now, units: 'metric', ...(job ? { job } : {}) });
  if ('unread' in outcome) throw new Error(outcome.unread.says);
  return outcome.found;
};

describe('what is concluded from a file', () => {
  it('is every job of the demo, as the published schema says', () => {
    const found = concluded(demo);
    expect(conclusions.parse(JSON.parse(JSON.stringify(found)))).toEqual(found);
    expect(found.refused).toEqual([]);
    const next = Object.fromEntries(found.jobs.map((job) => [job.id, job.next.stage]));
    expect(next).toMatchObject({
      'demo-saloon-doors': 'thin',
      'demo-livery-panels': 'spray',
      'demo-truck-frames': 'mix',
      'demo-seat-brackets': 'check',
      'demo-seat-shells': 'plan',
      'demo-depot-walls': 'clean',
    });
    const panels = found.jobs.find(({ id }) => id === 'demo-livery-panels')!;
    expect(panels.layers.map(({ coats }) => coats.map(({ window }) => window.state))).toEqual([
      ['none', 'waiting'],
      ['none', 'none'],
    ]);
    expect(panels.clocks.map(({ what }) => what)).toContain('flash');
    const frames = found.jobs.find(({ id }) => id === 'demo-truck-frames')!;
    expect(frames.layers[0]!.coats[1]!.window.state).toBe('missed');
    expect(frames.stages.spray.state).toBe('stop');
  });

  it('is the same of a version-1 file as of the same shop today', () => {
    const old = concluded(fs.readFileSync(oldFile, 'utf8'));
    // A file of then names no ground, and no grade of a can.
    const unsaid = demoShop(now).map((record) => {
      if (record.kind === 'can') {
        const can = { ...record };
        delete can.grade;
        return can;
      }
      if (record.kind !== 'job') return record;
      const part = { ...record.part };
      delete part.kind;
      delete part.existing;
      return { ...record, part };
    });
    const today = concluded(writeBundle([...unsaid, newShop], at));
    expect(old.jobs.length).toBeGreaterThan(7);
    for (const job of old.jobs) expect(job).toEqual(today.jobs.find(({ id }) => id === job.id));
  });

  it('is of one job where one is asked for, and of none where it is not there', () => {
    expect(concluded(demo, 'demo-seat-shells').jobs.map(({ id }) => id)).toEqual(['demo-seat-shells']);
    expect(concluded(demo, 'nobody').jobs).toEqual([]);
  });

  it('names what could not be read, and concludes the rest', () => {
    const file = JSON.parse(demo) as { records: { kind: string; id: string; layers?: unknown }[] };
    const broken = file.records.find(({ id }) => id === 'demo-seat-shells')!;
    delete broken.layers;
    const found = concluded(JSON.stringify(file));
    expect(found.refused).toEqual([
      { id: expect.any(String), name: 'Seat-shell moulds, 3 off', why: expect.stringContaining('layers') },
    ]);
    expect(found.jobs).toHaveLength(9);
  });

  it('says that a gun is gone, and stops Set for it', () => {
    const records = demoShop(now).filter(({ kind }) => kind !== 'rig');
    const found = concluded(writeBundle(records, at));
    for (const job of found.jobs) {
      expect(job.layers.every(({ rig }) => rig === null)).toBe(true);
      expect(job.stages.set.state === 'good').toBe(false);
    }
  });

  it('says at once that a window closes before it opens', () => {
    const cold = demoShop(now).map((record) => {
      if (record.id !== 'demo-livery-panels') return record;
      const job = record as Job;
      const [colour, clear] = job.layers;
      const times = { ...colour!.sheet.times, recoatFirst: 4000, recoatLast: 3600 };
      return { ...job, layers: [{ ...colour!, sheet: { ...colour!.sheet, times } }, clear!] };
    });
    const [job] = concluded(writeBundle(cold, at), 'demo-livery-panels').jobs;
    expect(job!.layers[0]!.coats[1]!.window).toMatchObject({ state: 'never', lawful: [] });
    expect([job!.stages.spray.state, job!.next.state]).toEqual(['stop', 'stop']);
  });

  it('is described by the schema in docs/formats', () => {
    const published = fs.readFileSync(path.join('docs', 'formats', 'conclusions-1.schema.json'), 'utf8');
    expect(canonical(JSON.parse(published))).toBe(canonical(conclusionsJsonSchema()));
  });
});

describe('npm run conclude', () => {
  const run = (...args: string[]) => {
    const { status, stdout, stderr } = spawnSync('npm', ['run', 'conclude', '--', ...args], {
      encoding: 'utf8',
    });
    return { status, stdout, stderr };
  };

  it('writes JSON and nothing else, the same bytes for the same file and moment', () => {
    const once = run(oldFile, '--at', at, '--tz', 'Europe/Berlin', '--units', 'us');
    expect(once.status).toBe(0);
    expect(conclusions.parse(JSON.parse(once.stdout)).jobs).toHaveLength(8);
    expect(once.stdout).toContain('mil');
    expect(run(oldFile, '--at', at, '--tz', 'Europe/Berlin', '--units', 'us').stdout).toBe(once.stdout);
    // The clock on the wall is the one that was asked for.
    expect(once.stdout).not.toBe(run(oldFile, '--at', at, '--tz', 'Asia/Tokyo', '--units', 'us').stdout);
  });

  it.each([
    ['a file that is not there', ['nowhere.json'], /cannot be read/],
    ['a file of another kind', ['package.json'], /not a Fluorite file/],
    ['a moment that is none', [oldFile, '--at', 'teatime'], /--at is a moment/],
    ['a zone that is none', [oldFile, '--tz', 'Atlantis/Main'], /--tz is a time zone/],
    ['units nobody knows', [oldFile, '--units', 'ells'], /--units is metric or us/],
    ['an option nobody knows', [oldFile, '--colour'], /colour/],
    ['no file', [], /npm run conclude -- FILE/],
  ])('says what is wrong with %s, on standard error', (_, args, says) => {
    const { status, stdout, stderr } = run(...args);
    expect([status === 0, stdout]).toEqual([false, '']);
    expect(stderr).toMatch(says);
  });
});
