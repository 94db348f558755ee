import { chemistries } from '@/core/care';
import { classSheet, coatingClasses, type Coating, type Thinner } from '@/records';
import { aJob, lacquer, logged, mixedLacquer, readyToSpray, seen } from '../../../tests/fixtures/job';
import { binderOf, refusedThinners, thinnersOf } from './diluents';

const sheet = (of: Coating['class'], says: Partial<Coating> = {}): Coating => ({
  ...classSheet(of, 's', 'S', '2026-01-01'),
  ...says,
});
const tin = (name: string): Thinner => ({
  id: name,
  name,
  density: 870,
  viscosity: 0.9e-6,
  voc: 870,
  water: 0,
  exempt: 0,
});
const withTins = (of: Coating, ...names: readonly string[]): Coating => ({
  ...of,
  thinning: { ...of.thinning, thinners: names.map(tin) },
});

describe('what may thin a paint of the shop', () => {
  it('every class may be thinned with what its own defaults name', () => {
    for (const of of coatingClasses) expect([of, refusedThinners(sheet(of))]).toEqual([of, []]);
  });

  it('goes by the sheet’s chemistry where it is not that of the class', () => {
    expect(binderOf(sheet('two-part-colour'))).toBe('isocyanate');
    expect(binderOf(sheet('two-part-colour', { chemistry: 'water-borne' }))).toBe('water-borne');
    expect(binderOf(sheet('filler-primer', { chemistry: 'polyester' }))).toBe('polyester-filler');
    expect(binderOf(sheet('gel-coat'))).toBe('gel-coat');
    for (const of of coatingClasses)
      for (const chemistry of chemistries) expect(binderOf(sheet(of, { chemistry }))).toBeTruthy();
  });

  it('leaves out what may not go in, and says why', () => {
    const gel = withTins(sheet('gel-coat'), 'Styrene', 'Acetone', 'Thinner 7');
    expect(thinnersOf(gel).map(({ name }) => name)).toEqual(['Styrene']);
    expect(refusedThinners(gel).map(({ name, never }) => [name, never])).toEqual([
      ['Acetone', true],
      ['Thinner 7', true],
    ]);
    const wall = withTins(sheet('wall-paint'), 'White spirit');
    expect(thinnersOf(wall)).toEqual([]);
    // Somebody read it on its paper.
    expect(thinnersOf({ ...wall, assumed: [] })).toHaveLength(1);
  });

  it('a pot of a paint that nothing may thin is timed, and no thinner is ever asked for', () => {
    const spirit = { ...withTins(lacquer, 'White spirit'), assumed: ['thinning'] };
    const job = logged(aJob([spirit]), [-30, mixedLacquer]);
    const { thin } = seen(job);
    expect(thin.thinner).toBeUndefined();
    expect(thin.refused.map(({ name }) => name)).toEqual(['White spirit']);
    expect(thin.step).toEqual({ kind: 'time', timings: 0 });
    expect(thin.question?.maximum).toBe(0);
  });

  it('a pot that took it says so', () => {
    const job = readyToSpray();
    expect(seen(job).mix.batch?.refused).toEqual([]);
    const spoiled = {
      ...job,
      layers: job.layers.map((layer) => ({
        ...layer,
        sheet: {
          ...lacquer,
          assumed: ['thinning'],
          thinning: {
            ...lacquer.thinning,
            thinners: lacquer.thinning.thinners.map((each) => ({ ...each, name: 'Acetone', water: 0 })),
          },
        },
      })),
    };
    expect(seen(spoiled).mix.batch?.refused).toMatchObject([{ name: 'Acetone', why: 'curdles' }]);
  });
});
