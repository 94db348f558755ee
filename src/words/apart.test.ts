import { aJob, lacquer, logged } from '../../tests/fixtures/job';
import { newShop } from '@/records';
import { partNamed, partValue } from './apart';
import { unitsOf } from './units';

const job = logged(aJob([lacquer]), [0, { type: 'note', text: 'as it was' }]);
const [layer] = job.layers as [(typeof job.layers)[number]];
const [coat] = layer.coats as [(typeof layer.coats)[number]];
const coatPath = `layers/${layer.id}/coats/${coat.id}`;
const plain = (said: string) => said.replaceAll('\u00a0', ' ');

describe('a part that was written in two places', () => {
  it.each([
    ['name', 'Name'],
    ['!', 'The record itself'],
    ['part/faces/front/width', 'Part, faces “Fronts”, width'],
    [`${coatPath}/dry`, `Layers “${layer.name}”, coats “${coat.name}”, dry`],
    [`${coatPath}/#`, `Layers “${layer.name}”, coats “${coat.name}”`],
    [`log/${job.log[0]?.id as string}`, 'Entry “Note”'],
    ['log/none', 'An entry'],
  ])('%s is called %s', (path, says) => expect(partNamed(job, path)).toBe(says));

  it.each([
    [`${coatPath}/dry`, 33e-6, 'metric', '33 µm'],
    [`${coatPath}/dry`, 33e-6, 'us', '1.3 mil'],
    ['part/faces/front/width', 0.9, 'metric', '0.9 m'],
    [`layers/${layer.id}/approach/overlap`, 0.5, 'metric', '50.0 %'],
    ['part/faces/front/count', 4, 'metric', '4'],
    ['part/metal', true, 'metric', 'yes'],
    ['closed', undefined, 'metric', 'nothing'],
    ['!', undefined, 'metric', 'removed'],
    ['!', true, 'metric', 'kept'],
    ['name', 'Doors', 'metric', 'Doors'],
    ['name', '', 'metric', 'empty'],
    ['asked', [1, 2], 'metric', '2 of them'],
    ['odd', 7, 'metric', '7'],
  ] as const)('%s with %s in %s units says %s', (path, value, system, says) =>
    expect(plain(partValue(job, path, value, unitsOf(system)))).toBe(says),
  );

  it('tells an entry by what it says and when it was', () => {
    expect(partValue(job, `log/${job.log[0]?.id as string}`, job.log[0], unitsOf('metric'))).toMatch(
      /as it was, 23 Nov 2026, \d\d:\d\d:00/,
    );
    expect(partValue(job, 'log/x', { type: 'sung' }, unitsOf('metric'))).toBe('as a newer version wrote it');
  });

  it('names the fields of a value that belongs together, in its units', () => {
    const said = partValue(newShop, 'workday', { begins: 25_200, ends: 59_400 }, unitsOf('metric'));
    expect(plain(said)).toBe('begins 7 h, ends 16 h 30 min');
  });
});
