import { recipesOf } from '@/facts/shop/recipes';
import { sprayedIn } from '@/facts/shop/uses';
import {
  aJob,
  coatsIn,
  end,
  kit,
  logged,
  mixedLacquer,
  reading,
  setting,
  start,
  turbine,
  water,
} from '../../tests/fixtures/job';
import { recipeName, recipeSays, spreadWords, startWords, usesSide, variedWords } from './recipes';
import { unitsOf } from './units';

const units = unitsOf('metric');
const sprayed = logged(
  { ...aJob(), id: 'a', name: 'Doors' },
  [-80, mixedLacquer],
  [-70, water(0.1)],
  [-65, reading(24)],
  [-60, setting()],
  ...coatsIn(aJob()).flatMap(
    ({ id }, i) =>
      [
        [-50 + i * 20, start(id)],
        [-40 + i * 20, end(id)],
      ] as const,
  ),
);

describe('recipes in words', () => {
  const [recipe] = recipesOf([{ ...sprayed, closing: { came: 'as-wanted', change: 'Less air' } }], kit);
  if (!recipe) throw new Error('no recipe');

  it('its name, what came of it, and what a new job starts from', () => {
    expect(recipeName(recipe, 'Turbine')).toMatch(/^Lacquer with Turbine( on \w+)?$/);
    expect(recipeSays(recipe)).toBe('1 job, the last on 23 Nov 2026; 1 as wanted');
    expect(startWords(recipe)).toBe('A new job starts as Doors, 23 Nov 2026: as wanted.');
    expect(startWords({ ...recipe, start: undefined })).toMatch(/starts from the sheet/);
  });

  it('uses side by side; what none of them says has no row, what one does not say a dash', () => {
    const bare = logged(aJob(), ...coatsIn(aJob()).map(({ id }, i) => [i, start(id)] as const), [
      9,
      end('lacquer-1'),
    ]);
    const rows = usesSide([...recipe.uses, ...sprayedIn(bare, kit)], turbine, units);
    const said = new Map(rows.map(({ label, values }) => [label, values]));
    expect(said.get('Thinned')?.[0]).toMatch(/% water$/);
    expect(said.get('Timed')?.[0]).toMatch(/^24.0\s/);
    expect(said.get('Pressure')).toEqual(['0.42\u00a0bar at the cap', '–']);
    expect(said.get('It came out')).toEqual(['As wanted', '–']);
    expect(said.get('Do otherwise')).toEqual(['Less air', '–']);
    expect(said.has('Transfer found')).toBe(false);
    expect(JSON.stringify(rows)).not.toMatch(/NaN|undefined/);
  });

  it('one observation says that it is one', () => {
    expect(spreadWords({ count: 1, mean: 0.97 }, 'of the film aimed at', units)).toMatch(
      /^97\s% of the film aimed at, one job alone: how far it varies is not known$/,
    );
    expect(spreadWords({ count: 3, mean: 0.97, sd: 0.04 }, 'of the film aimed at', units)).toMatch(
      /over 3 jobs, ± 4\s%$/,
    );
  });

  it('an experiment of one variable tells something, one of several nothing', () => {
    expect(variedWords([])).toMatch(/^Nothing on record differs/);
    expect(variedWords(['pressure'])).toMatch(/^One thing differs, the pressure:/);
    expect(variedWords(['pressure', 'speed', 'air'])).toMatch(
      /^3 things differ, the pressure, the speed of the hand and the room’s temperature: .* Change one at a time.$/,
    );
  });
});
