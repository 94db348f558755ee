import { PDFDocument } from 'pdf-lib';
import { chartPoints } from '@/exchange/report';
import { reportPdf } from '@/exchange/reportpdf';
import type { Job, NewEntry, Photo } from '@/records';
import { unitsOf } from '@/words/units';
import {
  aJob,
  card,
  end,
  fitRoom,
  logged,
  mixedLacquer,
  reading,
  seen,
  setting,
  start,
} from '../../tests/fixtures/job';
import { jobReport } from './jobreport';

const units = unitsOf('metric');
const film = (spot: number, value: number): NewEntry => ({
  type: 'film',
  faceId: 'front',
  spot,
  reading: value,
  simulated: true,
});
const whole = logged(
  aJob(),
  [-100, fitRoom],
  [-90, mixedLacquer],
  [-80, reading(24)],
  [-70, setting()],
  [-60, card()],
  [-55, { type: 'skip', item: 'masking', why: 'nothing near' }],
  [-50, start('lacquer-1')],
  [-40, end('lacquer-1')],
  ...[20, 21, 22, 30, 31, 19].map((value, i): readonly [number, NewEntry] => [
    -20 + i,
    film(Math.floor(i / 3), value * 1e-6),
  ]),
  [-5, { type: 'defect', name: 'Runs', defect: 'runs' }],
);
/** A JPEG of one grey pixel. */
const pixel = Buffer.from(
  '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAAMCAgICAgMCAgIDAwMDBAYEBAQEBAgGBgUGCQgKCgkICQkKDA8MCgsOCwkJDRENDg8QEBEQCgwSExIQEw8QEBD/yQALCAABAAEBAREA/8wABgAQEAX/2gAIAQEAAD8A0s8g/9k=',
  'base64',
);
const photo: Photo = {
  kind: 'photo',
  version: 2,
  id: 'p',
  jobId: 'job',
  at: '2026-11-23T12:00:00.000Z',
  name: 'Lower edge',
  width: 1,
  height: 1,
  marks: [{ x: 0.5, y: 0.5, text: 'a run' }],
};
const say = (job = whole, photos: readonly Photo[] = []) => jobReport(seen(job), [], photos, units);
const text = (report = say()) => JSON.stringify(report).replace(/\u00a0/g, ' ');

describe('the report of a job', () => {
  it('tells what was done about a defect on the piece, what a later look found, and how the change went', () => {
    const job = logged(
      whole,
      [-4, { type: 'action', text: 'Quicker', cause: 'too-slow', defects: ['runs'] }],
      [-3, { type: 'outcome', actionId: 'e16', helped: 'partly' }],
      [-2, { type: 'rework', defect: 'runs', did: 'nib-polish' }],
      [2880, { type: 'look', text: 'For cloudiness', found: 'worse' }],
    );
    const change = job.log.find(({ type }) => type === 'action')!;
    const said = text(
      say({
        ...job,
        log: job.log.map((entry) => (entry.type === 'outcome' ? { ...entry, actionId: change.id } : entry)),
      }),
    );
    for (const words of [
      'Runs: nibbed and polished (on this piece)',
      'Looked again,',
      'For cloudiness: something showed',
      'Quicker (change)',
      'It helped in part.',
    ])
      expect(said).toContain(words);
  });

  it('puts plan against done, readings with their rule, deviations and what was left out', () => {
    const said = text();
    for (const words of [
      'Film: FAILS by rule: spot means',
      'Lacquer 1',
      'not sprayed',
      'nothing near',
      'Runs (defect)',
      '6 entries were written by simulated devices',
      'No wet comb was read.',
      'zero and shim: not recorded',
    ])
      expect(said).toContain(words);
    expect(said).not.toContain('No cup was timed');
  });

  it('tells what was done between the coats, and what was planned and not recorded', () => {
    const bare = aJob();
    const job: Job = {
      ...bare,
      layers: bare.layers.map((layer) => ({
        ...layer,
        coats: layer.coats.map((coat, i) => (i === 0 ? { ...coat, sandBack: 4e-6 } : coat)),
      })),
    };
    const on = [
      [-90, { type: 'coat-start', coatId: 'lacquer-1' }],
      [-80, { type: 'coat-end', coatId: 'lacquer-1' }],
    ] as const;
    const next = [-10, { type: 'coat-start', coatId: 'lacquer-2' }] as const;
    expect(text(say(logged(job, ...on, next)))).toMatch(/Sand with P\d+, 4 µm off: planned, not recorded/);
    const sanded = [
      -20,
      { type: 'worked', layerId: 'lacquer', workId: 'sand-lacquer-1', what: 'sand', grit: 320, takes: 5e-6 },
    ] as const;
    const told = text(say(logged(job, ...on, sanded, next)));
    expect(told).toContain('Worked, Sand with P320, 5 µm off, on Lacquer');
    expect(told).not.toContain('planned, not recorded');
    expect(text(say())).not.toContain('Between the coats');
  });

  it('of an empty job is honest that nothing was recorded', () => {
    const report = say(aJob());
    expect(report.sections.at(-1)!.lines!.length).toBeGreaterThan(4);
    expect(text(report)).toContain('Readings: not recorded.');
  });

  it('holds this job’s photos with their marks, and no other’s', () => {
    const said = text(say(whole, [photo, { ...photo, id: 'q', jobId: 'other', name: 'Elsewhere' }]));
    expect(said).toContain('Lower edge');
    expect(said).toContain('1 a run');
    expect(said).not.toContain('Elsewhere');
  });

  it('becomes a PDF of A4 pages that goes on to a second one', async () => {
    const report = say(whole, [photo]);
    const asked: string[] = [];
    const pictureOf = (id: string) => {
      asked.push(id);
      return Promise.resolve(id === 'p' ? new Blob([pixel]) : undefined);
    };
    const pages = async (sections = report.sections) =>
      (await PDFDocument.load(await reportPdf({ ...report, sections }, pictureOf))).getPages();
    const first = await pages();
    expect(asked).toEqual(['p']);
    expect(first[0]!.getSize()).toEqual({ width: 595.28, height: 841.89 });
    const long = {
      title: 'Long',
      lines: Array.from(
        { length: 200 },
        (_, i) => `Line ${i} with “letters” of ζ and ż that a plain font lacks`,
      ),
    };
    expect((await pages([...report.sections, long])).length).toBeGreaterThan(first.length + 2);
  });

  it('draws a chart inside its box, its limits among the points', () => {
    const { points, limits, marks } = chartPoints(
      {
        ...{ values: [1, 5, 3], min: 0, max: 4, mean: 3, low: 1, high: 5 },
        says: { min: 'least', max: 'most', mean: 'mean', low: 'low', high: 'high' },
      },
      100,
      50,
    );
    for (const [x, y] of points) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(100);
      expect(y).toBeLessThanOrEqual(50);
    }
    expect(limits).toEqual([0, 40]);
    // Every line is named, and no name lies on another.
    expect(marks.map(({ says }) => says)).toEqual(['least', 'low', 'mean', 'most', 'high']);
    for (const [i, { at }] of marks.entries())
      if (i > 0) expect(at - marks[i - 1]!.at).toBeGreaterThanOrEqual(10);
  });
});
