import fc from 'fast-check';
import type { Closing, Job } from '@/records';
import {
  aJob,
  colour,
  coatsIn,
  end,
  kit,
  lacquer,
  logged,
  mixedLacquer,
  noon,
  reading,
  seen,
  setting,
  sprayedWith,
  start,
  water,
} from '../../../tests/fixtures/job';
import { asRecipe, recipeWith, recipesOf, spreadOf } from './recipes';
import { recipesTouched } from './revisions';
import { sprayedIn } from './uses';

/** Both coats on, 5 % water in, timed, set, measured; so many minutes from noon of the test day. */
function sprayed(id: string, from = 0, says: Partial<Job> = {}): Job {
  const job = { ...aJob(), id, name: `Doors ${id}` };
  const [first, second] = coatsIn(job).map(({ id: coat }) => coat) as [string, string];
  return {
    ...logged(
      job,
      [from - 90, { type: 'climate', air: 294, part: 293, humidity: 0.5 }],
      [from - 80, mixedLacquer],
      [from - 70, water(0.1)],
      [from - 65, reading(24)],
      [from - 60, setting()],
      [from - 50, start(first)],
      [from - 40, end(first)],
      [from - 10, start(second)],
      [from, end(second)],
    ),
    ...says,
  };
}

const measured = (job: Job, ...films: readonly number[]): Job =>
  logged(
    job,
    ...films.map(
      (each, i) =>
        [
          5000 + i,
          { type: 'film' as const, faceId: job.part.faces[0]!.id, spot: Math.floor(i / 3), reading: each },
        ] as const,
    ),
  );

const closed = (came: Closing['came']): Partial<Job> => ({ closing: { came } });
const key = { sheetId: 'lacquer', rigId: 'rig', ground: aJob().part.kind };

describe('what became of a product', () => {
  it('how it was thinned, timed and set, and what it took', () => {
    const [use] = sprayedIn(sprayed('a'), kit);
    expect(use).toMatchObject({
      sheetId: 'lacquer',
      coats: 2,
      at: noon,
      seconds: 20 * 60,
      thinner: { id: 'water' },
      room: { air: 294, humidity: 0.5 },
      faults: [],
    });
    expect(use?.thinner?.share).toBeGreaterThan(0.04);
    expect(use?.setting?.fluid).toBeGreaterThan(0);
    expect(use?.paint).toBeGreaterThan(1e-3);
    // The band is 21 to 25 s, and it was timed at 24 at its own temperature.
    expect(use?.timed).toMatchObject({
      cup: 'Ford cup 4',
      seconds: expect.closeTo(24, 6),
      off: expect.closeTo(1 / 23, 6),
    });
    // Warmer paint runs faster: it is told at the temperature of the band, as Thin tells it.
    const warm = logged(
      aJob(),
      [-80, mixedLacquer],
      [-65, reading(24, 28)],
      [-50, start('lacquer-1')],
      [-40, end('lacquer-1')],
    );
    const atBand = seen(warm, { minutes: -60 }).thin.asItIs?.atBand;
    expect(sprayedIn(warm, kit)[0]?.timed?.seconds).toBeCloseTo(atBand ?? 0, 9);
    expect(atBand).toBeGreaterThan(25);
  });

  it('nothing of a job that was never sprayed, and the film only of what the readings are of', () => {
    expect(sprayedIn(aJob(), kit)).toEqual([]);
    const two = aJob([colour, lacquer]);
    const on = logged(
      two,
      ...coatsIn(two).flatMap(
        ({ id }, i) =>
          [
            [i * 10, start(id)],
            [i * 10 + 5, end(id)],
          ] as const,
      ),
    );
    const uses = sprayedIn(measured(on, 80e-6, 81e-6, 82e-6), kit);
    expect(uses.map(({ sheetId, film }) => [sheetId, film !== undefined])).toEqual([
      ['colour', false],
      ['lacquer', true],
    ]);
  });

  it('thrown paint, faults and what was mended count; what went by itself is no rework', () => {
    const job = logged(
      sprayed('a'),
      [10, { type: 'waste', what: 'mix', volume: 0.2e-3 }],
      [11, { type: 'defect', name: 'Runs', defect: 'runs' }],
      [12, { type: 'rework', defect: 'runs', did: 'gone' }],
      [13, { type: 'rework', defect: 'runs', did: 'flat-recoat' }],
    );
    expect(sprayedIn(job, kit)[0]).toMatchObject({ waste: 0.2e-3, faults: ['runs'], reworks: 1 });
  });
});

describe('a recipe', () => {
  it('is of one product, gun and ground, the youngest use first', () => {
    const jobs = [sprayed('a'), sprayed('b', 1000), sprayedWith(sprayed('c'), 'other')];
    const recipes = recipesOf(jobs, kit);
    // A revised sheet touches those of its own product and no other’s.
    expect(recipesTouched(jobs, kit, 'lacquer')).toBe(
      recipes.filter(({ sheetId }) => sheetId === 'lacquer').length,
    );
    expect(recipesTouched(jobs, kit, 'none')).toBe(0);
    expect(recipes).toHaveLength(2);
    const [first] = recipes;
    expect(first?.uses.map(({ jobId }) => jobId)).toEqual(['b', 'a']);
    expect(first?.came).toEqual({ 'as-wanted': 0, 'good-enough': 0, failed: 0, unsaid: 2 });
    const elsewhere = { ...sprayed('d'), part: { ...aJob().part, kind: 'plastic' as const } };
    expect(recipesOf([...jobs, elsewhere], kit)).toHaveLength(3);
  });

  it.each([
    ['the youngest that came as wanted', closed('as-wanted'), {}, 'a'],
    ['not what failed', closed('good-enough'), closed('failed'), 'a'],
    ['what nobody judged, where nothing better is known', {}, closed('failed'), 'a'],
    ['of two alike the younger', closed('as-wanted'), closed('as-wanted'), 'b'],
    ['nothing where all failed', closed('failed'), closed('failed'), undefined],
  ])('a job starts from %s', (_, older, younger, from) => {
    expect(recipeWith([sprayed('a', 0, older), sprayed('b', 2000, younger)], kit, key)?.start?.jobId).toBe(
      from,
    );
  });

  it('what showed later outranks what was said on the day', () => {
    const worse = logged(sprayed('b', 2000, closed('as-wanted')), [
      9000,
      { type: 'look', text: 'cracks', found: 'worse' },
    ]);
    expect(recipeWith([sprayed('a', 0, closed('good-enough')), worse], kit, key)?.start?.jobId).toBe('a');
  });

  it('an unjudged job with a fault is no start', () => {
    const faulty = logged(sprayed('a'), [10, { type: 'defect', name: 'Runs', defect: 'runs' }]);
    expect(recipeWith([faulty], kit, key)).toMatchObject({ faults: [{ defect: 'runs', jobs: 1 }] });
    expect(recipeWith([faulty], kit, key)?.start).toBeUndefined();
  });

  it('predicted against got, with its spread; one alone has none', () => {
    const one = measured(sprayed('a'), 58e-6, 58e-6, 58e-6);
    const two = measured(sprayed('b', 2000), 52e-6, 52e-6, 52e-6);
    const recipe = recipeWith([one], kit, key);
    expect(recipe?.film?.count).toBe(1);
    expect(recipe?.film?.sd).toBeUndefined();
    const both = recipeWith([one, two], kit, key)?.film;
    expect(both).toMatchObject({ count: 2 });
    expect(both?.sd).toBeCloseTo((6 / 58 / Math.SQRT2) * ((both?.mean ?? 0) / ((58 + 52) / 2 / 58)), 6);
  });

  it('of another ground where this one was never sprayed, of another gun never; and not of the job itself', () => {
    expect(recipeWith([sprayed('a')], kit, { ...key, ground: 'plastic' })?.start?.jobId).toBe('a');
    expect(recipeWith([sprayed('a')], kit, { ...key, rigId: 'other' })).toBeUndefined();
    expect(recipeWith([sprayed('a')], kit, key, 'a')).toBeUndefined();
  });

  it('a layer begins with what worked, and says from which job', () => {
    const before = sprayed('a', 0, closed('as-wanted'));
    const [layer] = before.layers;
    const jobs = [
      {
        ...before,
        layers: [
          { ...layer!, thinnerId: 'water', approach: { ...layer!.approach, speed: 0.31, batch: 2e-3 } },
        ],
      },
    ];
    const fresh = aJob().layers[0]!;
    const begun = asRecipe(fresh, recipeWith(jobs, kit, key), jobs);
    expect(begun).toMatchObject({ thinnerId: 'water', begunAs: { jobId: 'a', job: 'Doors a' } });
    expect(begun.approach).toMatchObject({ speed: 0.31 });
    expect(begun.approach.batch).toBeUndefined();
    expect(begun.coats).toBe(fresh.coats);
    expect(asRecipe(fresh, undefined, jobs)).toBe(fresh);
    const dry = { ...fresh, sheet: { ...lacquer, thinning: { ...lacquer.thinning, thinners: [] } } };
    expect(
      asRecipe({ ...dry, thinnerId: undefined }, recipeWith(jobs, kit, key), jobs).thinnerId,
    ).toBeUndefined();
  });

  it('spread: of nothing nothing, and never below zero', () => {
    expect(spreadOf([undefined])).toBeUndefined();
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 10, noNaN: true }), { minLength: 2 }), (values) => {
        const found = spreadOf(values);
        expect(found?.count).toBe(values.length);
        expect(found?.sd).toBeGreaterThanOrEqual(0);
        expect(found?.mean).toBeGreaterThanOrEqual(Math.min(...values) - 1e-9);
        expect(found?.mean).toBeLessThanOrEqual(Math.max(...values) + 1e-9);
      }),
    );
  });
});
