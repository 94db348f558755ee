import fc from 'fast-check';
import { drillIds } from '@/core/practice';
import { isRefusal } from '@/core/refusal';
import { keyOf, type AnyRecord, type Photo, type PracticeTry } from '@/records';
import { pictureFrom1 } from '@/records/photofrom1';
import { readRecord } from '@/records/readrecord';
import { aJob } from '../../tests/fixtures/job';
import { previewBundle, recordsOfJob, writeBundle } from './bundle';

const at = '2026-11-23T12:00:00.000Z';
const share = fc.double({ min: 0, max: 1, noNaN: true });
const small = fc.double({ min: 0, max: 2, noNaN: true });
const name = fc
  .string({ minLength: 1, maxLength: 40 })
  .map((text) => text.trim())
  .filter(Boolean);

const anyTry: fc.Arbitrary<PracticeTry> = fc
  .record({
    id: fc.uuid(),
    name,
    drill: fc.constantFrom(...drillIds),
    inside: share,
    cv: small,
    spread: small,
    lead: fc.double({ min: -1, max: 1, noNaN: true }),
    strokes: fc.integer({ min: 1, max: 60 }),
  })
  .map(({ id, name: who, drill, inside, cv, spread, lead, strokes }) => ({
    kind: 'practice',
    version: 1,
    id,
    name: who,
    at,
    drill,
    film: { inside, under: 1 - inside, over: 0, mean: 45e-6, cv, runs: 0, sprayed: 1e-4, seconds: 20 },
    hand: {
      strokes,
      speed: 0.4,
      speedSpread: spread,
      varied: spread,
      spacing: 0.12,
      spacingSpread: spread,
      lead,
      leadSpread: 0.02,
      bow: 0,
    },
  }));

const anyPhoto: fc.Arbitrary<Photo> = fc
  .record({
    id: fc.uuid(),
    says: fc.string({ maxLength: 60 }),
    marks: fc.array(fc.record({ x: share, y: share, text: fc.string({ maxLength: 30 }) }), { maxLength: 5 }),
  })
  .map(({ id, says, marks }) => ({
    kind: 'photo',
    version: 2,
    id,
    jobId: 'job',
    at,
    name: says,
    width: 40,
    height: 30,
    marks,
  }));

describe('photos and practice in the file of everything', () => {
  it('leave and come back identical', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.oneof(anyTry, anyPhoto), { selector: ({ id }) => id, maxLength: 6 }),
        (records) => {
          const text = writeBundle(records, at);
          const preview = previewBundle(text);
          if (isRefusal(preview)) throw new Error(preview.says);
          expect(preview.items.every(({ state }) => state === 'new')).toBe(true);
          expect(
            writeBundle(
              preview.items.map(({ record }) => record as AnyRecord),
              at,
            ),
          ).toBe(text);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('a job takes its own photos along and nobody’s practice', () => {
    const job = aJob();
    const photo = (id: string, jobId: string): Photo => ({
      kind: 'photo',
      version: 2,
      id,
      jobId,
      at,
      name: '',
      width: 1,
      height: 1,
      marks: [],
    });
    const all = [job, photo('mine', 'job'), photo('other', 'elsewhere')] as AnyRecord[];
    const taken = recordsOfJob(job, new Map(all.map((record) => [keyOf(record), record])));
    expect(taken.map(keyOf).sort()).toEqual(['job/job', 'photo/mine']);
  });

  it.each([
    ['a picture that is a page', { picture: 'data:text/html;base64,PHNjcmlwdD4=' }],
    ['a drawing that could hold script', { picture: 'data:image/svg+xml;base64,AAAA' }],
    ['an address instead of a picture', { picture: 'https://example.org/x.jpg' }],
    ['something after the picture', { picture: 'data:image/jpeg;base64,AAAA" onload="x' }],
    ['a picture too large to keep', { picture: `data:image/jpeg;base64,${'A'.repeat(1_500_000)}` }],
    ['a mark off the picture', { marks: [{ x: 1.4, y: 0, text: '' }] }],
    ['no size', { width: 0 }],
  ])('a photo with %s is refused', (_, part) => {
    const good = {
      kind: 'photo',
      version: 1,
      id: 'p',
      jobId: 'job',
      at,
      name: '',
      picture: 'data:image/jpeg;base64,AAAA',
      width: 1,
      height: 1,
      marks: [],
    };
    // Read for good, though the picture has stood beside its photo since.
    expect(readRecord(good)).toEqual({ ...good, version: 2, picture: undefined });
    expect(pictureFrom1(good)).toEqual(new Uint8Array([0, 0, 0]));
    expect(readRecord({ ...good, ...part })).toMatchObject({ refused: 'invalid' });
  });
});
