import { PDFDocument } from 'pdf-lib';
import type { Job, Photo } from '@/records';
import { customerPage } from '@/words/customer';
import { unitsOf } from '@/words/units';
import { aJob, coatsIn, colour, end, lacquer, logged, noon, seen, start } from '../../tests/fixtures/job';
import { customerPdf } from './customerpdf';

const units = unitsOf('metric');
const sprayed = (job: Job): Job =>
  logged(
    job,
    ...coatsIn(job).flatMap(
      ({ id }, i) =>
        [
          [-200 + i * 60, start(id)],
          [-190 + i * 60, end(id)],
        ] as const,
    ),
  );
const films = (job: Job, ...values: readonly number[]): Job =>
  logged(
    job,
    ...values.map(
      (value, i) =>
        [
          i,
          { type: 'film', faceId: 'front', spot: Math.floor(i / 3), reading: value * 1e-6 } as const,
        ] as const,
    ),
  );
const photo = (id: string, minutes: number, name = ''): Photo => ({
  ...{ kind: 'photo', version: 2, id, jobId: 'job', name, width: 4, height: 3, marks: [] },
  at: new Date(noon + minutes * 60_000).toISOString(),
});
const pageOf = (job: Job, photos: readonly Photo[] = [], view: Partial<ReturnType<typeof seen>> = {}) =>
  customerPage({ ...seen(job, { minutes: 600 }), ...view }, photos, units);
const said = (page: ReturnType<typeof pageOf>) => JSON.stringify(page);
/** PNG and JPEG of one pixel. */
const png =
  'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';
const pixel = Buffer.from(
  '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAAMCAgICAgMCAgIDAwMDBAYEBAQEBAgGBgUGCQgKCgkICQkKDA8MCgsOCwkJDRENDg8QEBEQCgwSExIQEw8QEBD/yQALCAABAAEBAREA/8wABgAQEAX/2gAIAQEAAD8A0s8g/9k=',
  'base64',
);

describe('the page a customer takes home', () => {
  it('says what went on, in order, and what is still to come', () => {
    const page = pageOf(sprayed(aJob([colour, lacquer])));
    const [done] = page.sections;
    expect(done?.lines[1]).toMatch(/^\d coats? of Colour \(/);
    expect(done?.lines[2]).toMatch(/^\d coats? of Lacquer \(/);
    const half = logged(aJob(), [-50, start('lacquer-1')], [-40, end('lacquer-1')]);
    expect(said(pageOf(half))).toContain('Not finished: 1 coat is still to come.');
    expect(said(pageOf(aJob()))).not.toContain('Looking after it');
  });

  it('claims no thickness that was not measured, and none as agreed that is not', () => {
    expect(said(pageOf(sprayed(aJob())))).toContain('was not measured');
    expect(said(pageOf(films(sprayed(aJob()), 20, 20, 20)))).toContain('outside what was agreed');
    expect(said(pageOf(films(sprayed(aJob()), 58, 58, 58)))).toMatch(/58.µm on average, agreed from/);
  });

  it('says what was agreed beside it, what stands open and what was taken as it is', () => {
    const mirror = { ...aJob(), part: { ...aJob().part, judgedBy: 'mirror' as const } };
    expect(said(pageOf(sprayed(mirror)))).toContain('Agreed finish: mirror. It was not looked at yet.');
    const judged = (yes: boolean) =>
      logged(sprayed(mirror), [10, { type: 'judged', coatId: 'lacquer-2', asks: 'mirror', yes }]);
    expect(said(pageOf(judged(true)))).toMatch(/Looked at on 23 Nov 2026: as agreed/);
    expect(said(pageOf(judged(false)))).toMatch(/: not as agreed/);
    const runs = logged(sprayed(aJob()), [10, { type: 'defect', name: 'Runs', defect: 'runs' }]);
    expect(said(pageOf(runs))).toContain('Seen and not put right: runs.');
    const taken = logged(runs, [11, { type: 'rework', defect: 'runs', did: 'accepted' }]);
    expect(said(pageOf(taken))).toMatch(/Agreed as it is: runs/i);
  });

  it('from when it may be handled and when it is hard; a guess is called one', () => {
    const cures = (sheet: typeof lacquer) => said(pageOf(sprayed(aJob([sheet]))));
    expect(cures({ ...lacquer, times: { ...lacquer.times, cure: 14 * 86_400 } })).toMatch(
      /Fully hard on about \d+ Dec 2026\. Until/,
    );
    expect(cures(lacquer)).toMatch(/as is usual for its kind/);
    expect(cures({ ...lacquer, blendable: false })).toContain('renewed over the whole surface');
    expect(cures({ ...lacquer, blendable: true })).toContain('can be mended where it is');
  });

  it('pictures of before and after, its own, as many as are still seen', () => {
    const photos = [
      photo('b1', -400),
      photo('b2', -300),
      photo('during', -150),
      ...[1, 2, 3, 4].map((i) => photo(`a${i}`, i, 'Left side')),
      { ...photo('other', 5), jobId: 'else' },
    ];
    expect(pageOf(sprayed(aJob()), photos).photos.map(({ id, says }) => [id, says])).toEqual([
      ['b1', 'Before'],
      ['a2', 'After: Left side'],
      ['a3', 'After: Left side'],
      ['a4', 'After: Left side'],
    ]);
  });

  it.each([
    ['little', 1],
    ['so much that it has to be written small', 14],
  ])('is one page, with %s to say', async (_, faces) => {
    const [front] = aJob().part.faces;
    const job = sprayed({
      ...aJob(),
      name: 'A job with a name far longer than any page is wide, as some people like to write them down',
      part: {
        ...aJob().part,
        faces: Array.from({ length: faces }, (__, i) => ({
          ...front!,
          id: `f${i}`,
          name: `Panel of the long side ${i}`,
        })),
      },
    });
    const written = await customerPdf(
      pageOf(job, [photo('b', -400), photo('a', 1)]),
      () => Promise.resolve(new Blob([pixel])),
      png,
    );
    expect((await PDFDocument.load(written)).getPageCount()).toBe(1);
  });

  it('a mark or a picture that cannot be read is left out', async () => {
    const written = await customerPdf(
      pageOf(sprayed(aJob()), [photo('a', 1)]),
      () => Promise.resolve(new Blob(['no picture'])),
      'data:image/png;base64,AAAA',
    );
    expect((await PDFDocument.load(written)).getPageCount()).toBe(1);
  });
});
